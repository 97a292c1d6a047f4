/** m shown around a cut. */
const AROUND = 0.075

/** The place of a cut from close by, in a round: where the blade goes. */
export function CloseUp({
  of,
  cut: { x, y, across },
  text,
}: {
  /** The drawing of the plant that is shown. */
  of: string
  cut: { x: number; y: number; across: { x: number; y: number } }
  text: string
}) {
  return (
    <svg
      viewBox={`${x - AROUND} ${-y - AROUND} ${2 * AROUND} ${2 * AROUND}`}
      className="pointer-events-none absolute top-1 right-1 w-28 rounded-full border-2 border-cut bg-base-100 lg:w-40"
      role="img"
      aria-label={`Cut ${text} close up`}
    >
      <use href={`#${of}`} />
      <path
        d={`M${x - across.x} ${-(y - across.y)}L${x + across.x} ${-(y + across.y)}`}
        stroke="var(--color-base-100)"
        strokeWidth="0.006"
      />
      <path
        d={`M${x - across.x} ${-(y - across.y)}L${x + across.x} ${-(y + across.y)}`}
        stroke="var(--color-error)"
        strokeWidth="0.0035"
        strokeDasharray="0.006 0.003"
      />
      <text
        x={x}
        y={-y + AROUND * 0.9}
        fontSize={AROUND * 0.22}
        textAnchor="middle"
        fontWeight="700"
        fill="var(--color-error)"
        className="halo"
        style={{ strokeWidth: 0.01 }}
      >
        {text}
      </text>
    </svg>
  )
}
