import type { Manner } from '../../core/facts'
import { sayLength } from '../../wording/say'
import { Words } from './words'

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
