import { sayCount } from '../../wording/say'

/** Hours outside on each day of hardening off, today's marked. */
export function HardeningPicture({
  day,
  hours,
  rest,
}: {
  day: number
  hours: readonly number[]
  rest: boolean
}) {
  const [width, height, most] = [62, 120, 14]
  return (
    <svg
      viewBox={`0 -4 ${hours.length * width} ${height + 44}`}
      className="max-h-56 w-full max-w-xl"
      role="img"
      aria-label={`Hours outside by day: ${hours.join(', ')}; today is day ${day}`}
    >
      {hours.map((time, index) => {
        const tall = (time / most) * height
        const state = index + 1 < day ? 'done' : index + 1 === day ? 'now' : 'ahead'
        return (
          <g key={index} transform={`translate(${index * width} 0)`}>
            <rect
              x="6"
              y={height - tall}
              width={width - 12}
              height={tall}
              fill={state === 'ahead' || (state === 'now' && rest) ? 'none' : 'var(--leaf-mark)'}
              opacity={state === 'done' ? 0.5 : 1}
              stroke={state === 'ahead' ? 'var(--quiet)' : 'var(--color-primary)'}
              strokeDasharray={state === 'ahead' ? '4 4' : undefined}
              strokeWidth={state === 'now' ? 2.5 : 1}
            />
            <text
              x={width / 2}
              y={height - tall - 5}
              textAnchor="middle"
              fontSize="13"
              fill="var(--color-base-content)"
            >
              {time} h
            </text>
            <text
              x={width / 2}
              y={height + 18}
              textAnchor="middle"
              fontSize="13"
              fontWeight={state === 'now' ? 700 : 400}
              fill="var(--color-base-content)"
            >
              day {index + 1}
            </text>
          </g>
        )
      })}
      <text x="6" y={height + 38} fontSize="12" fill="var(--quiet)">
        {sayCount(hours.length, 'day')}: shade first, sun from day 3, wind from day 5, nights out from day 7
      </text>
    </svg>
  )
}
