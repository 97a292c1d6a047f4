'use client'

/** Where one more would fit. */
export function FreeSpot({
  x,
  y,
  picked,
  words,
  onPick,
}: {
  x: number
  y: number
  picked: boolean
  words: string
  onPick?: () => void
}) {
  return (
    <g
      data-piece="spot"
      transform={`translate(${x} ${-y})`}
      role={onPick && 'checkbox'}
      aria-checked={onPick && picked}
      aria-label={words}
      tabIndex={onPick && 0}
      className={onPick && 'cursor-pointer'}
      onClick={(event) => {
        event.stopPropagation()
        onPick?.()
      }}
      onKeyDown={(event) => {
        if (event.key !== ' ' && event.key !== 'Enter') return
        event.preventDefault()
        event.stopPropagation()
        onPick?.()
      }}
    >
      <circle style={{ r: 'calc(var(--px) * 20px)' }} fill="transparent" />
      <circle
        style={{ r: 'calc(var(--px) * 8px)' }}
        fill={picked ? 'var(--color-primary)' : 'var(--color-base-100)'}
        stroke="var(--color-primary)"
        strokeWidth="2"
        strokeDasharray={picked ? undefined : '3 2'}
        vectorEffect="non-scaling-stroke"
      />
      <path
        d="M-0.4 0H0.4M0 -0.4V0.4"
        transform="scale(0.09)"
        stroke={picked ? 'var(--color-base-100)' : 'var(--color-primary)'}
        strokeWidth="1.5"
        vectorEffect="non-scaling-stroke"
      />
    </g>
  )
}
