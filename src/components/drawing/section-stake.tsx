import type { Manner } from '../../core/facts'
import { sayLength } from '../../wording/say'
import { HEIGHT, STEM_X } from './section-frame'

const STAKE_WIDTH = 0.018

/** A stake driven before the plant goes in. */
export function Stake({ x, ground, px }: { x: number; ground: number; px: (metres: number) => number }) {
  const width = Math.max(7, px(STAKE_WIDTH))
  return (
    <g>
      <rect
        x={x - width / 2}
        y="0"
        width={width}
        height={Math.min(ground + px(0.45), HEIGHT)}
        fill="var(--color-secondary)"
      />
      <path d={`M${x} 0V${HEIGHT}`} stroke="#00000022" strokeWidth="1" />
    </g>
  )
}

/** How far from the stem it stands. */
export function StakeDistance({
  stake,
  isTrench,
  ground,
  px,
  manner,
}: {
  stake: number
  isTrench: boolean
  ground: number
  px: (metres: number) => number
  manner: Manner
}) {
  const to = STEM_X + (isTrench ? -px(stake) : px(stake))
  return (
    <g>
      <line
        x1={STEM_X}
        x2={to}
        y1={ground - 10}
        y2={ground - 10}
        stroke="var(--color-secondary)"
        strokeDasharray="3 3"
        strokeWidth="1.5"
      />
      <text
        x={to + (isTrench ? -10 : 10)}
        y={ground - 6}
        fontSize="15"
        fill="var(--color-secondary)"
        textAnchor={isTrench ? 'end' : 'start'}
        className="halo"
      >
        stake {sayLength(stake, manner)}
      </text>
    </g>
  )
}
