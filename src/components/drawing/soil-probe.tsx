import type { Manner } from '../../core/facts'
import { sayLength, sayTemperature } from '../../wording/say'

/** A thermometer in the soil at the depth to read. */
export function SoilProbe({ depth, expected, manner }: { depth: number; expected: number; manner: Manner }) {
  const floor = 30 + depth * 500
  return (
    <svg
      viewBox="0 0 420 150"
      className="max-h-56 w-full max-w-xl"
      role="img"
      aria-label={`Thermometer ${sayLength(depth, manner)} deep; about ${sayTemperature(expected, manner)} is expected`}
    >
      <rect y="30" width="420" height="120" fill="var(--soil)" />
      <rect y="30" width="420" height="12" fill="var(--straw)" />
      <g transform="translate(150 0)">
        <line x1="0" x2="0" y1="14" y2={floor} stroke="#ddd6c4" strokeWidth="5" strokeLinecap="round" />
        <circle
          cy="12"
          r="11"
          fill="var(--color-base-100)"
          stroke="var(--color-base-content)"
          strokeWidth="2"
        />
        <line x1="0" x2="5" y1="12" y2="7" stroke="var(--color-error)" strokeWidth="2" />
        <circle cy={floor} r="4" fill="var(--color-error)" />
      </g>
      <line x1="110" x2="110" y1="30" y2={floor} stroke="#fbfaf5" />
      <path d={`M106 30h8M106 ${floor}h8`} stroke="#fbfaf5" />
      <text x="100" y={(30 + floor) / 2 + 5} textAnchor="end" fontSize="14" fill="#fbfaf5">
        {sayLength(depth, manner)}
      </text>
      <text x="170" y={floor + 5} fontSize="14" fill="#fbfaf5">
        worked out: {sayTemperature(expected, manner)}
      </text>
    </svg>
  )
}
