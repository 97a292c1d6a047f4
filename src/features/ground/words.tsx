import type { ReactNode } from 'react'

const LETTER = 'calc(var(--px) * 13px)'

/** Words in the plan, as large on screen at every scale. */
export function Words({
  x,
  y,
  anchor,
  strong,
  most,
  children,
}: {
  x: number
  y: number
  anchor?: 'middle' | 'start'
  strong?: boolean
  /** m that their letters may be high, where more would run into their neighbors. */
  most?: number
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
        fontSize: most === undefined ? LETTER : `min(${LETTER}, ${most}px)`,
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
