import { CAUSES, severityOf, type CauseId } from '../../core/health'
import { LEFT_ALONE, ONE_OF_KIND } from '../../wording/health'

/** What kind of thing a cause is, what it takes, whether it spreads, and whether others must hear of it. */
export function CauseMarks({ cause }: { cause: CauseId }) {
  const { kind, contagious, report } = CAUSES[cause]
  const severity = severityOf(cause)
  return (
    <p className="flex flex-wrap gap-2 text-sm">
      <span className="border border-base-300 px-2 py-0.5">{ONE_OF_KIND[kind]}</span>
      <span
        className={`border px-2 py-0.5 ${contagious ? 'border-cut font-semibold text-cut' : 'border-base-300'}`}
      >
        {contagious ? 'spreads to other plants' : 'does not spread'}
      </span>
      {kind !== 'harmless' && (
        <span
          className={`border px-2 py-0.5 ${severity === 'plant' ? 'border-cut font-semibold text-cut' : 'border-base-300'}`}
        >
          {LEFT_ALONE[severity]}
        </span>
      )}
      {report && (
        <span className="border border-cut px-2 py-0.5 font-semibold text-cut">
          have it confirmed, and ask whether you must report it
        </span>
      )}
    </p>
  )
}
