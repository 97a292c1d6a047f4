'use client'

/** A fault on a screen: what was entered before it is kept, and the screen can be tried again. */
export default function ErrorScreen({
  error,
  reset,
}: {
  error: Error & { digest?: string }
  reset: () => void
}) {
  return (
    <main className="mx-auto max-w-xl px-6 py-20" role="alert">
      <h1 className="text-2xl font-semibold">This screen stumbled.</h1>
      <p className="mt-3 text-lg">
        Everything you entered and saw confirmed is safe. Try the screen again, or go on elsewhere.
      </p>
      {error.digest && (
        <p className="mt-2 text-quiet">Mark of this fault in the server’s log: {error.digest}</p>
      )}
      <div className="mt-6 flex gap-3">
        <button className="btn btn-primary min-h-11" onClick={reset}>
          Try again
        </button>
        <button className="btn min-h-11" onClick={() => window.location.assign('/')}>
          Back to the garden
        </button>
      </div>
    </main>
  )
}
