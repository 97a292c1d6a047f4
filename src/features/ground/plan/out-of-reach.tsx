import type { Place } from '../../../core/facts'
import { ARM_REACH } from '../../../core/spacing'

/** The middle that no arm reaches, hatched. */
export function OutOfReach({ place: { length, width, openSides } }: { place: Place }) {
  const west = openSides.includes('west') ? ARM_REACH : 0
  const east = length - (openSides.includes('east') ? ARM_REACH : 0)
  const south = openSides.includes('south') ? ARM_REACH : 0
  const north = width - (openSides.includes('north') ? ARM_REACH : 0)
  if (west >= east || south >= north) return null
  return (
    <g>
      <defs>
        <pattern
          id="unreached"
          width="0.12"
          height="0.12"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <line x1="0" x2="0" y1="0" y2="0.12" stroke="var(--quiet)" strokeWidth="0.012" />
        </pattern>
      </defs>
      <rect
        x={west}
        y={width - north}
        width={east - west}
        height={north - south}
        fill="url(#unreached)"
        opacity="0.6"
      >
        <title>out of reach</title>
      </rect>
    </g>
  )
}
