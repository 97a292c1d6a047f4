import type { Manner } from '../../../core/facts'
import { convertToSi } from '../../../core/quantity'
import { sayLength } from '../../../wording/say'
import { Words } from '../words'

const ROUND = {
  metric: { of: 1, steps: [0.1, 0.25, 0.5, 1, 2, 5, 10, 20, 50, 100, 200] },
  us: { of: convertToSi(1, 'length', 'ft'), steps: [0.25, 0.5, 1, 2, 5, 10, 25, 50, 100, 200, 500] },
}

/** The longest round length, in what the garden measures in, that is at most so long; m. */
export function roundLength(most: number, { units }: Manner): number {
  const { of, steps } = ROUND[units]
  return (steps.findLast((step) => step * of <= most) ?? steps[0]!) * of
}

/** So many metres of a drawing, as a bar in it; the words stand at its end. */
export function LengthBar({
  metres,
  x,
  y,
  tick,
  manner,
}: {
  metres: number
  x: number
  y: number
  /** Height of its ends, m. */
  tick: number
  manner: Manner
}) {
  return (
    <g transform={`translate(${x} ${y})`} aria-hidden>
      <path
        d={`M0 ${-tick}V0H${metres}V${-tick}`}
        fill="none"
        stroke="currentColor"
        strokeWidth="1.5"
        vectorEffect="non-scaling-stroke"
      />
      <Words x={metres + tick} y={0}>
        {sayLength(metres, manner)}
      </Words>
    </g>
  )
}
