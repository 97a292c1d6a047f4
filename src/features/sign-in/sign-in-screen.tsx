import { TextField } from '../../components/forms/fields'
import { sayWait } from '../../wording/access'

/** The way in: a form that needs nothing but the browser. */
export function SignInScreen({
  next,
  wasWrong,
  wait,
  device,
}: {
  next: string
  wasWrong: boolean
  /** Until a passphrase is looked at again, s. */
  wait: number
  device: string
}) {
  const problem =
    wait > 0
      ? `There were too many wrong passphrases. Try again in ${sayWait(wait)}.`
      : wasWrong
        ? 'That passphrase is wrong. Check capitals and spaces, then try again.'
        : undefined
  return (
    <main className="mx-auto flex min-h-dvh max-w-md flex-col justify-center px-6 py-10 max-sm:justify-start">
      {/* eslint-disable-next-line @next/next/no-img-element -- a drawing of a few hundred bytes */}
      <img src="/icon.svg" alt="" width={56} height={56} />
      <h1 className="mt-4 text-3xl font-semibold">Sign in to Prairie</h1>
      <p className="mt-1 text-lg text-quiet">
        Whoever set up this Prairie chose its passphrase. This device then stays signed in for 30 days.
      </p>
      <form method="post" action="/sign-in/enter" className="mt-6 space-y-4" aria-label="Sign in">
        <input type="hidden" name="next" value={next} />
        <TextField
          label="Passphrase"
          name="passphrase"
          type="password"
          autoComplete="current-password"
          required
          autoFocus
          error={problem}
        />
        <TextField
          label="Name of this device"
          name="name"
          defaultValue={device}
          maxLength={40}
          required
          hint="So that you can tell your devices apart and sign one out."
        />
        <button className="btn min-h-14 w-full text-lg btn-primary">Sign in</button>
      </form>
    </main>
  )
}
