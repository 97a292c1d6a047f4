import type { SignId } from '../../core/health'
import { SIGN_NAMES } from '../../wording/health/signs'

/** What was seen and what is not there; a press takes it back. */
export function SeenList({
  signs,
  absent,
  onForget,
}: {
  signs: readonly SignId[]
  absent: readonly SignId[]
  onForget: (sign: SignId) => void
}) {
  return (
    <ul className="flex flex-wrap gap-1.5" aria-label="What you told so far">
      {[...signs, ...absent].map((sign) => (
        <li key={sign}>
          <button
            type="button"
            className="btn min-h-11 px-2.5 text-left text-sm font-normal"
            aria-label={`Forget: ${SIGN_NAMES[sign]}`}
            onClick={() => onForget(sign)}
          >
            {absent.includes(sign) && <span className="font-semibold text-cut">not there:</span>}
            {SIGN_NAMES[sign]} <span aria-hidden>×</span>
          </button>
        </li>
      ))}
    </ul>
  )
}
