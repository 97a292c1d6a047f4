import type { ReactNode } from 'react'

/** Words in the plan, as large on screen at every scale. */
export function Words({
  x,
  y,
  anchor,
  strong,
  children,
}: {
  x: number
  y: number
  anchor?: 'middle' | 'start'
  strong?: boolean
  children: ReactNode
}) {
  return (
    <text
      x={x}
      y={y}
      textAnchor={anchor ?? 'start'}
      fill="currentColor"
      fontWeight={strong ? 600 : 400}
      style={{
        fontSize: 'calc(var(--px) * 13px)',
        paintOrder: 'stroke',
        stroke: 'var(--color-base-100)',
        strokeWidth: 'calc(var(--px) * 3px)',
        strokeLinejoin: 'round',
      }}
    >
      {children}
    </text>
  )
}
