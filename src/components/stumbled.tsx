'use client'

/** A fault on a screen: what was entered before it is kept, the screen can be tried again, and there is a way back. */
export function Stumbled({
  error,
  reset,
  where,
}: {
  error: Error & { digest?: string }
  reset: () => void
  /** What stumbled, to begin a sentence with. */
  where: string
}) {
  return (
    <div className="mx-auto max-w-xl px-6 py-16" role="alert">
      <h1 className="text-2xl font-semibold">{where} stumbled.</h1>
      <p className="mt-3 text-lg">
        Everything you saved is safe. If this began with your last entry, undo it in the Logbook. Otherwise
        try again, or open Rescue, which shows your last entries and the copies of your garden.
      </p>
      {error.digest && (
        <p className="mt-2 text-quiet">Find this error in the server’s log as: {error.digest}</p>
      )}
      <div className="mt-6 flex flex-wrap gap-3">
        <button className="btn btn-primary min-h-11" onClick={reset}>
          Try again
        </button>
        <a className="btn min-h-11" href="/rescue">
          Rescue
        </a>
        <a className="btn min-h-11" href="/logbook">
          Logbook
        </a>
      </div>
    </div>
  )
}
