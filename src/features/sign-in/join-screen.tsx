import { Link } from '../../components/link'
import { INVITE_DAYS, type Role } from '../../core/facts'
import { ROLE_WORDS, sayWait } from '../../wording/access'
import { DeviceName } from './device-name'
import { EntryPage } from './entry-page'

/** The way in for someone who was asked to join. */
export function JoinScreen({
  code,
  invited,
  wait,
  device,
}: {
  code: string
  invited: { name: string; role: Role } | null
  /** Until a code is looked at again, s. */
  wait: number
  device: string
}) {
  if (!invited)
    return (
      <EntryPage
        title="This link does not work"
        about={
          wait > 0
            ? `There were too many wrong tries. Open the link again in ${sayWait(wait)}.`
            : `It was used already, or it is older than ${INVITE_DAYS} days. Ask for a new one. Nothing was changed.`
        }
      >
        <p className="mt-6">
          <Link className="btn min-h-14 w-full bg-base-100 text-lg" href="/sign-in">
            Sign in with the passphrase
          </Link>
        </p>
      </EntryPage>
    )
  const { does } = ROLE_WORDS[invited.role]
  return (
    <EntryPage
      title={`Welcome, ${invited.name}`}
      about={`You can ${does} here. What you enter bears your name. This device stays signed in for 30 days.`}
    >
      <form method="post" action="/join/enter" className="mt-6 space-y-4" aria-label="Join">
        <input type="hidden" name="code" value={code} />
        <DeviceName device={device} />
        <button className="btn min-h-14 w-full text-lg btn-primary">Join</button>
      </form>
    </EntryPage>
  )
}
