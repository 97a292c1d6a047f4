import type { Manner } from '../../core/facts'

/** A ruler up and down from the ground, in centimetres or inches. */
export function Ruler({
  x,
  ground,
  height,
  scale,
  manner,
}: {
  x: number
  ground: number
  height: number
  scale: number
  manner: Manner
}) {
  const isUs = manner.units === 'us'
  const tick = isUs ? 0.0254 * 2 : 0.05
  const label = isUs ? 2 : 5
  const up = Math.floor(ground / scale / tick)
  const down = Math.floor((height - ground) / scale / tick)
  return (
    <g fontSize="13">
      {Array.from({ length: up + down + 1 }, (_, index) => {
        const step = index - up
        const y = ground + step * tick * scale
        const isLong = step % 2 === 0
        const ink = step <= 0 ? 'var(--quiet)' : '#fbfaf5'
        return (
          <g key={step}>
            <line x1={x + (isLong ? 20 : 28)} x2={x + 38} y1={y} y2={y} stroke={ink} />
            {isLong && y > 14 && y < height - 6 && (
              <text
                x={x + 16}
                y={y + 4.5}
                textAnchor="end"
                fill={ink}
                className={step > 0 ? 'halo-dark' : undefined}
              >
                {Math.abs(step * label)}
              </text>
            )}
          </g>
        )
      })}
      <text x={x + 38} y="13" textAnchor="end" fill="var(--quiet)" fontWeight="600">
        {isUs ? 'in' : 'cm'}
      </text>
    </g>
  )
}
