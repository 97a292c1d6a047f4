import type { ReactNode } from 'react'
import { INK } from './colours'

/** Many places spread evenly over a box, always the same ones. */
export const scatter = (count: number, x: number, y: number, width: number, height: number) =>
  Array.from({ length: count }, (_, at): [number, number] => [
    x + width * ((at * 0.7549 + 0.21) % 1),
    y + height * ((at * 0.5698 + 0.37) % 1),
  ])

/** Round marks at places. */
export function Dots({
  at,
  r,
  ...paint
}: {
  at: readonly (readonly [number, number])[]
  r: number
  fill: string
  stroke?: string
  strokeWidth?: number
  opacity?: number
}) {
  return at.map(([x, y]) => <circle key={`${x} ${y}`} cx={x} cy={y} r={r} {...paint} />)
}

/** A lens over what is too small to see plainly. */
export function Lens({ x, y, r, children }: { x: number; y: number; r: number; children: ReactNode }) {
  return (
    <g>
      <circle cx={x} cy={y} r={r} fill={INK.white} />
      {children}
      <circle cx={x} cy={y} r={r} fill="none" stroke={INK.black} strokeWidth="2.5" />
      <path
        d={`M${x + r * 0.72} ${y + r * 0.72}l9 9`}
        stroke={INK.black}
        strokeWidth="4"
        strokeLinecap="round"
      />
    </g>
  )
}
