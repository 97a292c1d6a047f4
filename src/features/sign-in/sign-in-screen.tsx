import { TextField } from '../../components/forms/fields'
import { sayWait } from '../../wording/access'
import { DeviceName } from './device-name'
import { ForgetGarden } from './forget-garden'
import { EntryPage } from './entry-page'

/** The way in with the passphrase. */
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
    <EntryPage
      title="Sign in to Prairie"
      about="Whoever set up this Prairie chose its passphrase. This device then stays signed in for 30 days."
    >
      <ForgetGarden />
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
        <DeviceName device={device} />
        <button className="btn min-h-14 w-full text-lg btn-primary">Sign in</button>
      </form>
    </EntryPage>
  )
}
