import type { Crop, Plant, Truss } from '../../../core/crop'
import { PepperMark } from './pepper-mark'
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

/** m over the soil: what would hang lower lies on it. */
const HANGS = 0.11

/** A truss on the side opposite to its leaf: flowers, then as many fruit as set; or bare, where it failed. */
export function TrussMark({ at, truss, plant }: { at: DrawnNode; truss: Truss; plant: Plant }) {
  if (truss.state === 'removed') return null
  if (truss.state === 'picked') return <PickedStalk at={at} crop={plant.crop} />
  if (plant.crop === 'pepper') return <PepperMark at={at} truss={truss} fruitMass={plant.fruitMass} />
  const side = -at.side
  const shown =
    truss.state === 'failed'
      ? 0
      : Math.min(
          8,
          truss.state === 'swelling' || truss.state === 'ripe' ? Math.max(1, truss.set) : truss.flowers,
        )
  const size = truss.state === 'open' ? 0.009 : truss.state === 'buds' ? 0.006 : 0.018
  const stalk = 0.08
  return (
    <g transform={`translate(${at.x} ${-Math.max(at.y, HANGS)}) scale(${side} 1)`}>
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

/** What is left of a truss that was picked. */
function PickedStalk({ at, crop }: { at: DrawnNode; crop: Crop }) {
  const reach = (crop === 'pepper' ? 0.012 : 0.04) * -at.side
  return (
    <path
      d={`M${at.x} ${-at.y}q${reach * 0.6} 0 ${reach} ${Math.abs(reach) * 0.6}`}
      fill="none"
      stroke={STEM}
      strokeWidth="0.005"
    />
  )
}

/** How a mark stands to the plant: to be cut, later, asked about, or how a judgement went. */
export type MarkTone = 'cut' | 'later' | 'keep' | 'asked' | 'right' | 'missed' | 'harmful' | 'needless'

const TONES: Record<MarkTone, { ring: string; dash?: string }> = {
  cut: { ring: 'var(--color-error)' },
  later: { ring: 'var(--color-error)', dash: '0.014 0.01' },
  keep: { ring: 'var(--color-primary)' },
  asked: { ring: 'var(--color-info)' },
  right: { ring: 'var(--color-primary)' },
  missed: { ring: 'var(--color-info)', dash: '0.014 0.01' },
  harmful: { ring: 'var(--color-error)' },
  needless: { ring: 'var(--quiet)', dash: '0.006 0.008' },
}

/** A ring with its number or sign beside the part that is meant. */
export function Mark({
  spot,
  text,
  tone,
  isChosen,
  scale,
}: {
  spot: { x: number; y: number }
  text: string
  tone: MarkTone
  isChosen: boolean
  scale: number
}) {
  const { ring, dash } = TONES[tone]
  return (
    <g transform={`translate(${spot.x} ${-spot.y}) scale(${scale})`} data-testid="cut-mark" data-tone={tone}>
      <circle
        r={isChosen ? 0.036 : 0.027}
        fill={isChosen ? ring : 'var(--color-base-100)'}
        stroke={ring}
        strokeWidth="0.008"
        strokeDasharray={dash}
      />
      <text
        y="0.012"
        fontSize="0.034"
        textAnchor="middle"
        fontWeight="600"
        fill={isChosen ? 'var(--color-base-100)' : ring}
      >
        {text}
      </text>
    </g>
  )
}
