import { PartHeading } from '../../components/advice/why'
import type { Manner } from '../../core/facts'
import type { PairedResult, TrialMeasure } from '../../core/trial'
import { sayNumber } from '../../wording/say'
import { CAUSE_NAMES } from '../../wording/trials'
import { massUnit } from './chart-values'

/** Causes that are shown: the rest are summed. */
const MOST = 6
/** Of the largest, under which a cause is not worth a line. */
const LEAST = 0.03

/** Half of the last digit. */
const SHOWN = 0.005

/** What made the mean difference, each cause as a bar to the side that it helps. */
export function CausesPart({
  one,
  measure,
  manner,
  name,
}: {
  one: PairedResult
  measure: TrialMeasure
  manner: Manner
  name: string
}) {
  const { name: unit, scale } = massUnit(manner, measure)
  const largest = Math.max(...one.causes.map(({ kg }) => Math.abs(kg)))
  if (largest * scale < SHOWN) return null
  const shown = one.causes
    .filter(({ kg }) => Math.abs(kg) >= LEAST * largest && Math.abs(kg * scale) >= SHOWN)
    .slice(0, MOST)
  const rest = one.causes.filter((cause) => !shown.includes(cause)).reduce((sum, { kg }) => sum + kg, 0)
  const all = one.causes.reduce((sum, { kg }) => sum + kg, 0)
  const said = (kg: number) => {
    const text = sayNumber(Math.abs(kg * scale), manner, 2)
    return `${kg < 0 ? '−' : '+'}${text}`
  }
  return (
    <section className="mt-4">
      <PartHeading>What made the difference</PartHeading>
      <ul className="text-sm">
        {shown.map(({ cause, kg }) => (
          <li key={cause} className="grid grid-cols-[minmax(0,1fr)_6.5rem_3.5rem] items-center gap-2 py-0.5">
            <span>{CAUSE_NAMES[cause]}</span>
            <span aria-hidden className="relative h-3.5">
              <span className="absolute inset-y-0 left-1/2 w-px bg-base-300" />
              <span
                className={`absolute inset-y-0 ${kg < 0 ? 'right-1/2 bg-cut' : 'left-1/2 bg-primary'}`}
                style={{ width: `${(50 * Math.abs(kg)) / largest}%` }}
              />
            </span>
            <span className="text-right tabular-nums">{said(kg)}</span>
          </li>
        ))}
        {Math.abs(rest) * scale >= SHOWN && (
          <li className="grid grid-cols-[minmax(0,1fr)_3.5rem] gap-2 py-0.5 text-quiet">
            <span>all else</span>
            <span className="text-right tabular-nums">{said(rest)}</span>
          </li>
        )}
      </ul>
      <p className="mt-1 text-sm text-quiet">
        Averaged over the seasons, {unit}: together {said(all)} for {name}.
      </p>
    </section>
  )
}
