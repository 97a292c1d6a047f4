'use client'

import { useDrag } from '@use-gesture/react'
import type { KeyboardEvent } from 'react'
import type { Manner } from '../../core/facts'
import { sayLength } from '../../wording/say'
import { STEM_X, type Part } from './section-frame'

/** Where the hand took hold, px down the screen, and what was buried then, m; m to a pixel. */
interface Held {
  y: number
  buried: number
  perPixel: number
}

/** The planting depth as a thing to take hold of: by pointer, or with arrow keys. */
export function DepthHandle({
  plant,
  answer,
  ground,
  scale,
  manner,
  onBury,
}: Omit<Part, 'px'> & { scale: number; manner: Manner; onBury: (metres: number) => void }) {
  const most = Math.max(0, (plant.leafHeights.at(-1) ?? plant.stemHeight) - 0.01)
  const bury = (metres: number) => onBury(Math.round(Math.max(0, Math.min(most, metres)) * 200) / 200)
  const drag = useDrag(
    ({ first, xy: [, y], currentTarget, memo }) => {
      const svg = (currentTarget as SVGGElement).ownerSVGElement!
      const held: Held = first
        ? { y, buried: answer.stemBuried, perPixel: 1 / (scale * (svg.getScreenCTM()?.d ?? 1)) }
        : (memo as Held)
      bury(held.buried + (y - held.y) * held.perPixel)
      return held
    },
    { pointer: { keys: false } },
  )
  const onKey = (event: KeyboardEvent) => {
    const step = { ArrowDown: 0.01, ArrowUp: -0.01, PageDown: 0.05, PageUp: -0.05 }[event.key]
    if (step === undefined) return
    event.preventDefault()
    bury(answer.stemBuried + step)
  }
  const y = ground + answer.stemBuried * scale
  // Beside the line of the soil its words stand above it.
  const atGround = answer.stemBuried * scale < 26
  return (
    <g
      role="slider"
      tabIndex={0}
      aria-label="Stem buried"
      aria-valuemin={0}
      aria-valuemax={Math.round(most * 100)}
      aria-valuenow={Math.round(answer.stemBuried * 100)}
      aria-valuetext={sayLength(answer.stemBuried, manner)}
      aria-orientation="vertical"
      className="cursor-ns-resize touch-none outline-offset-4"
      {...drag()}
      onKeyDown={onKey}
    >
      <line x1="150" x2={STEM_X - 5} y1={y} y2={y} stroke="#fbfaf5" strokeWidth="1.5" />
      <circle cx="136" cy={y} r="26" fill="transparent" />
      <circle cx="136" cy={y} r="15" fill="#fbfaf5" stroke="var(--stem)" strokeWidth="3" />
      <path
        d={`M136 ${y - 9}v18M132 ${y - 5}l4-4 4 4M132 ${y + 5}l4 4 4-4`}
        fill="none"
        stroke="#2f6140"
        strokeWidth="2"
      />
      <text
        x="112"
        y={atGround ? y - 12 : y + 5}
        textAnchor="end"
        fontSize="16"
        fontWeight="700"
        fill={atGround ? 'var(--color-base-content)' : '#fbfaf5'}
        className={atGround ? 'halo' : 'halo-dark'}
      >
        {sayLength(answer.stemBuried, manner)} buried
      </text>
    </g>
  )
}
