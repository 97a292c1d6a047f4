import type { Crop, Plant, Truss } from '../../../core/crop'
import { PepperMark } from './pepper-mark'
import { HANGS, type DrawnNode } from './shape'

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

const FRUIT = { swelling: '#a8b860', ripe: '#c7402d' } as const
/** Of a truss's stalk, m. */
const STALK = 0.08
/** How far out flowers and fruit hang along the stalk, to which side of it. */
const HUNG = Array.from({ length: 8 }, (_, index) => ({
  along: 0.42 + index * 0.083,
  side: index % 2 === 0 ? 1 : -1,
}))

/** A truss on the side opposite to its leaf: flowers, then as many fruit as set under their calyx; or bare, where it failed. */
export function TrussMark({ at, truss, plant }: { at: DrawnNode; truss: Truss; plant: Plant }) {
  if (truss.state === 'removed') return null
  if (truss.state === 'picked') return <PickedStalk at={at} crop={plant.crop} />
  if (plant.crop === 'pepper') return <PepperMark at={at} truss={truss} fruitMass={plant.fruitMass} />
  const bears = truss.state === 'swelling' || truss.state === 'ripe'
  const shown = truss.state === 'failed' ? 0 : Math.min(8, bears ? Math.max(1, truss.set) : truss.flowers)
  return (
    <g transform={`translate(${at.x} ${-Math.max(at.y, HANGS)}) scale(${-at.side} 1)`}>
      <path
        d={`M0 0Q${STALK * 0.8} 0 ${STALK} ${STALK * 0.9}`}
        fill="none"
        stroke={truss.state === 'failed' ? '#a08a5a' : STEM}
        strokeWidth="0.006"
        strokeDasharray={truss.state === 'failed' ? '0.012 0.008' : undefined}
      />
      {HUNG.slice(0, shown).map(({ along, side }) => {
        const x = STALK * (1.6 * along * (1 - along) + along * along)
        const y = STALK * 0.9 * along * along
        return (
          <g key={along} transform={`translate(${x} ${y}) rotate(${side * (bears ? 34 : 50)})`}>
            <path d="M0 0V0.013" stroke={STEM} strokeWidth="0.003" />
            {bears ? (
              <g transform="translate(0 0.028)">
                <circle
                  r="0.017"
                  fill={FRUIT[truss.state as keyof typeof FRUIT]}
                  stroke="#20261f"
                  strokeWidth="0.002"
                />
                <path
                  d="M-0.013-0.018L0-0.014L0.013-0.018L0.004-0.011L0.006-0.004L0-0.01L-0.006-0.004L-0.004-0.011Z"
                  fill={STEM}
                />
              </g>
            ) : (
              <path
                d={
                  truss.state === 'open'
                    ? 'M0 0.012L-0.011 0.01L-0.004 0.018L-0.008 0.029L0 0.022L0.008 0.029L0.004 0.018L0.011 0.01Z'
                    : 'M0 0.011C-0.006 0.013-0.005 0.021 0 0.025C0.005 0.021 0.006 0.013 0 0.011Z'
                }
                fill={truss.state === 'open' ? '#e8c93a' : '#b7c58a'}
                stroke="#20261f"
                strokeWidth="0.0015"
              />
            )}
          </g>
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

/** A number or sign in its ring, with a line to the very part that is meant. */
export function Mark({
  place,
  to,
  text,
  tone,
  isChosen,
  scale,
}: {
  place: { x: number; y: number }
  /** Where on the plant its line ends. */
  to: { x: number; y: number }
  text: string
  tone: MarkTone
  isChosen: boolean
  scale: number
}) {
  const { ring, dash } = TONES[tone]
  return (
    <g>
      <path
        d={`M${place.x} ${-place.y}L${to.x} ${-to.y}`}
        stroke={ring}
        strokeWidth={(isChosen ? 0.006 : 0.0035) * scale}
      />
      <circle cx={to.x} cy={-to.y} r={0.008 * scale} fill={ring} />
      <g
        transform={`translate(${place.x} ${-place.y}) scale(${scale})`}
        data-testid="cut-mark"
        data-tone={tone}
      >
        <circle
          r={isChosen ? 0.036 : 0.03}
          fill={isChosen ? ring : 'var(--color-base-100)'}
          stroke={ring}
          strokeWidth="0.008"
          strokeDasharray={dash}
        />
        <text
          y="0.012"
          fontSize="0.036"
          textAnchor="middle"
          fontWeight="600"
          fill={isChosen ? 'var(--color-base-100)' : ring}
        >
          {text}
        </text>
      </g>
    </g>
  )
}
