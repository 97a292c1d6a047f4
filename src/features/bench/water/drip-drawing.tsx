interface Spot {
  x: number
  y: number
}

/** m: an emitter within reach, how far it wets, and the frame about the bed. */
const REACH = 0.08
const WETS = 0.15
const EDGE = 0.06

/** A bed from above with its lines, wetted spots and stems, to scale; a stem with no emitter in reach is a ring. */
export function DripDrawing({
  length,
  width,
  lines,
  plants,
}: {
  length: number
  width: number
  lines: readonly (readonly Spot[])[]
  plants: readonly Spot[]
}) {
  const spots = lines.flat()
  const thin = Math.max(length, width * 3) / 400
  return (
    <svg
      viewBox={`${-EDGE} ${-EDGE} ${length + 2 * EDGE} ${width + 2 * EDGE}`}
      className="mt-3 max-h-56 w-full"
      role="img"
      aria-label={`${lines.length} lines with ${spots.length} emitters along ${plants.length} plants`}
    >
      <rect width={length} height={width} className="fill-base-200 stroke-ink/40" strokeWidth={thin} />
      {lines.map((line, row) => (
        <line
          key={row}
          x1={0}
          x2={length}
          y1={line[0]?.y ?? 0}
          y2={line[0]?.y ?? 0}
          className="stroke-water"
          strokeWidth={thin * 1.5}
        />
      ))}
      {spots.map(({ x, y }, index) => (
        <g key={index} className="fill-water">
          <circle cx={x} cy={y} r={WETS} opacity={0.18} />
          <circle cx={x} cy={y} r={thin * 2.2} />
        </g>
      ))}
      {plants.map(({ x, y }, index) => {
        const isDry = !spots.some((spot) => Math.hypot(spot.x - x, spot.y - y) <= REACH + 1e-9)
        return (
          <circle
            key={index}
            cx={x}
            cy={y}
            r={thin * 3.4}
            className={isDry ? 'fill-none stroke-cut' : 'fill-leaf'}
            strokeWidth={isDry ? thin * 1.6 : 0}
          />
        )
      })}
    </svg>
  )
}
