/** A cell tray from above: seeds in their cells, or seedlings with two seed leaves and the first true ones. */
export function TrayPicture({
  cells,
  stage,
  label,
}: {
  cells: number
  stage: 'seed' | 'loop' | 'seedling'
  label: string
}) {
  const across = Math.min(cells, cells > 24 ? 12 : Math.max(4, Math.ceil(cells / 2)))
  const down = Math.ceil(cells / across)
  const size = 40
  return (
    <svg
      viewBox={`-4 -4 ${across * size + 8} ${down * size + 8}`}
      className="max-h-56 w-full"
      role="img"
      aria-label={label}
      preserveAspectRatio="xMinYMid"
    >
      <rect
        x="-3"
        y="-3"
        width={across * size + 6}
        height={down * size + 6}
        rx="3"
        fill="var(--color-neutral)"
      />
      {Array.from({ length: across * down }, (_, cell) => {
        const [x, y] = [(cell % across) * size, Math.floor(cell / across) * size]
        return (
          <g key={cell} transform={`translate(${x} ${y})`}>
            <rect x="3" y="3" width={size - 6} height={size - 6} rx="5" fill="var(--soil)" />
            {cell < cells && <Sprout stage={stage} turn={(cell * 67) % 180} />}
          </g>
        )
      })}
    </svg>
  )
}

function Sprout({ stage, turn }: { stage: 'seed' | 'loop' | 'seedling'; turn: number }) {
  if (stage === 'seed')
    return (
      <ellipse cx="20" cy="20" rx="3.4" ry="2.5" fill="var(--straw)" transform={`rotate(${turn} 20 20)`} />
    )
  if (stage === 'loop')
    return (
      <path
        d="M16 24c0-7 8-7 8 0"
        fill="none"
        stroke="var(--leaf-young)"
        strokeWidth="2.4"
        strokeLinecap="round"
        transform={`rotate(${turn / 4} 20 20)`}
      />
    )
  return (
    <g transform={`rotate(${turn} 20 20)`} fill="var(--leaf-young)">
      <path d="M20 20c-3-3-9-4-13-1 4 3 10 4 13 1Zm0 0c3-3 9-4 13-1-4 3-10 4-13 1Z" />
      <path d="M20 20c-3-3-3-8 0-11 3 3 3 8 0 11Zm0 0c-2 3-2 6 0 9 2-3 2-6 0-9Z" fill="var(--leaf-mark)" />
    </g>
  )
}
