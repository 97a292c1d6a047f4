import type { Crop, Truss } from '../../../core/crop'
import type { DrawnNode } from './shape'

const STEM = '#4f7a45'

/** A sucker in the angle over its leaf, before it is a stem. */
export function SuckerBud({ at, length }: { at: DrawnNode; length: number }) {
  const size = Math.max(0.012, length)
  return (
    <path
      d={`M${at.x} ${-at.y}q${at.side * size * 0.5} ${-size * 0.3} ${at.side * size * 0.6} ${-size}m0 0l${-at.side * 0.008} 0.012m${at.side * 0.008} -0.012l${at.side * 0.012} 0.006`}
      fill="none"
      stroke="#6ea34d"
      strokeWidth="0.007"
      strokeLinecap="round"
    />
  )
}

const FRUIT = { open: '#e8c93a', swelling: '#a8b860', ripe: '#c7402d', buds: '#b7c58a' } as const

/** A truss on the side opposite to its leaf: flowers, then as many fruit as set; or bare, where it failed. */
export function TrussMark({ at, truss, crop }: { at: DrawnNode; truss: Truss; crop: Crop }) {
  if (truss.state === 'removed') return null
  const side = -at.side
  const shown =
    truss.state === 'failed'
      ? 0
      : Math.min(
          8,
          truss.state === 'swelling' || truss.state === 'ripe' ? Math.max(1, truss.set) : truss.flowers,
        )
  const size = truss.state === 'open' ? 0.009 : truss.state === 'buds' ? 0.006 : 0.018
  const stalk = crop === 'pepper' ? 0.03 : 0.08
  return (
    <g transform={`translate(${at.x} ${-at.y}) scale(${side} 1)`}>
      <path
        d={`M0 0Q${stalk * 0.8} 0 ${stalk} ${stalk * 0.9}`}
        fill="none"
        stroke={truss.state === 'failed' ? '#a08a5a' : STEM}
        strokeWidth="0.006"
        strokeDasharray={truss.state === 'failed' ? '0.012 0.008' : undefined}
      />
      {truss.state !== 'failed' &&
        Array.from({ length: shown }, (_, index) => {
          const along = (index + 1) / shown
          return (
            <circle
              key={index}
              cx={stalk * (0.55 + 0.5 * along) + (index % 2 === 0 ? size : -size) * 0.8}
              cy={stalk * 0.95 * along + size * 0.5}
              r={size}
              fill={FRUIT[truss.state as keyof typeof FRUIT]}
              stroke="#20261f"
              strokeWidth="0.0025"
            />
          )
        })}
    </g>
  )
}

/** Where a cut goes: a ring with its number; dashed where it has another day. */
export function CutMark({
  spot,
  number,
  isChosen,
  isLater,
  onChoose,
}: {
  spot: { x: number; y: number }
  number: number
  isChosen: boolean
  isLater: boolean
  onChoose: () => void
}) {
  return (
    <g
      transform={`translate(${spot.x} ${-spot.y})`}
      onClick={onChoose}
      className="cursor-pointer"
      data-testid="cut-mark"
    >
      <circle r="0.06" fill="transparent" />
      <circle
        r={isChosen ? 0.036 : 0.027}
        fill={isChosen ? 'var(--color-error)' : 'var(--color-base-100)'}
        stroke="var(--color-error)"
        strokeWidth="0.008"
        strokeDasharray={isLater ? '0.014 0.01' : undefined}
      />
      <text
        y="0.012"
        fontSize="0.034"
        textAnchor="middle"
        fontWeight="600"
        fill={isChosen ? 'var(--color-error-content)' : 'var(--color-error)'}
      >
        {number}
      </text>
    </g>
  )
}
