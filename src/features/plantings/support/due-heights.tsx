import { PartHeading } from '../../../components/advice/why'
import type { IsoDate } from '../../../core/calendar'
import type { Manner } from '../../../core/facts'
import { formatDate } from '../../../wording/dates'
import { sayLength } from '../../../wording/say'

/** Heights with the day on which the stem is there. */
export function DueHeights({
  heading,
  heights,
  stem,
  isPlanted,
  manner,
}: {
  heading: string
  heights: readonly { height: number; on: IsoDate | null }[]
  /** On the day shown, m. */
  stem: number
  isPlanted: boolean
  manner: Manner
}) {
  if (heights.length === 0) return null
  return (
    <section aria-label={heading}>
      <PartHeading>{heading}</PartHeading>
      <ol>
        {heights.map(({ height, on }) => (
          <li key={height} className="flex gap-3 border-t border-base-300 py-1">
            <span className="w-20 font-semibold">{sayLength(height, manner)}</span>
            <span>
              {height <= stem
                ? 'due: the stem is that tall'
                : on
                  ? `about ${formatDate(on, manner)}`
                  : isPlanted
                    ? 'not reached this season'
                    : 'after planting out'}
            </span>
          </li>
        ))}
      </ol>
    </section>
  )
}
