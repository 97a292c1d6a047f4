'use client'

import { useRef, type RefObject } from 'react'
import type { Manner } from '../../../core/facts'
import { sayLength } from '../../../wording/say'
import { tidy, type Lying } from '../../../core/ground'
import { Grip, type Hand } from './grip'

/** No side is stretched below this, m; sides snap to this, m, and turns to this, °. */
const LEAST = 0.1
const STEP = 0.1
const TURN_STEP = 5
/** How far beyond the east side the turning handle stands, m. */
const ARM = 0.5

const CORNERS = [
  [-1, -1],
  [1, -1],
  [1, 1],
  [-1, 1],
] as const

/** Four corners to stretch what is chosen by, the opposite one held, and a knob to turn it by. */
export function Handles({
  lying,
  inner,
  say,
  manner,
  onChange,
}: {
  lying: Lying
  inner: RefObject<SVGGElement | null>
  say: (text: string) => void
  manner: Manner
  onChange: (lying: Lying) => void
}) {
  const ghost = useRef<SVGRectElement>(null)
  const { length, width, turn } = lying
  const middle = { x: lying.x + length / 2, y: lying.y + width / 2 }
  const show = (next: Lying) => {
    const rect = ghost.current!
    rect.setAttribute('width', String(next.length))
    rect.setAttribute('height', String(next.width))
    rect.setAttribute('x', String(-next.length / 2))
    rect.setAttribute('y', String(-next.width / 2))
    rect.setAttribute(
      'transform',
      `translate(${next.x + next.length / 2} ${-next.y - next.width / 2}) rotate(${-next.turn})`,
    )
    rect.style.visibility = 'visible'
    say(`${sayLength(next.length, manner)} by ${sayLength(next.width, manner)}, turned ${next.turn}°`)
  }
  const end = (next: Lying) => {
    ghost.current!.style.visibility = 'hidden'
    say('')
    onChange(next)
  }
  return (
    <g data-piece="handles">
      <rect
        ref={ghost}
        fill="none"
        stroke="var(--color-primary)"
        strokeWidth="2"
        strokeDasharray="6 4"
        vectorEffect="non-scaling-stroke"
        style={{ visibility: 'hidden' }}
      />
      <g transform={`translate(${middle.x} ${-middle.y}) rotate(${-turn})`}>
        {CORNERS.map(([u, v]) => {
          const to = ({ x, y, free }: { x: number; y: number; free: boolean }) =>
            stretched(lying, [u, v], { x, y }, free)
          return (
            <Knob
              key={`${u}${v}`}
              x={(u * length) / 2}
              y={(-v * width) / 2}
              cursor={u === v ? 'nesw-resize' : 'nwse-resize'}
              inner={inner}
              onHand={(at) => show(to(at))}
              onLand={(at) => end(to(at))}
            />
          )
        })}
        <line
          x1={length / 2}
          x2={length / 2 + ARM}
          y1="0"
          y2="0"
          stroke="var(--color-base-content)"
          strokeWidth="1"
          vectorEffect="non-scaling-stroke"
        />
        <Knob
          x={length / 2 + ARM}
          y={0}
          cursor="grab"
          round
          inner={inner}
          onHand={(at) => show(turnedTo(lying, at))}
          onLand={(at) => end(turnedTo(lying, at))}
        />
      </g>
    </g>
  )
}

/** A small mark with room for a finger around it. */
function Knob({
  x,
  y,
  cursor,
  round = false,
  inner,
  onHand,
  onLand,
}: {
  x: number
  y: number
  cursor: string
  round?: boolean
  inner: RefObject<SVGGElement | null>
  onHand: (hand: Hand) => void
  onLand: (hand: Hand) => void
}) {
  return (
    <Grip
      inner={inner}
      onHand={onHand}
      onLand={onLand}
      transform={`translate(${x} ${y})`}
      style={{ cursor, touchAction: 'none' }}
      onClick={(event) => event.stopPropagation()}
    >
      <circle style={{ r: 'calc(var(--px) * 22px)' }} fill="transparent" />
      <circle
        style={{ r: `calc(var(--px) * ${round ? 7 : 6}px)` }}
        fill={round ? 'var(--color-base-content)' : 'var(--color-base-100)'}
        stroke="var(--color-base-content)"
        strokeWidth="2"
        vectorEffect="non-scaling-stroke"
      />
    </Grip>
  )
}

/** A corner brought to a spot, the opposite corner held where it is. */
export function stretched(
  lying: Lying,
  [u, v]: readonly [number, number],
  spot: { x: number; y: number },
  free: boolean,
): Lying {
  const angle = (lying.turn * Math.PI) / 180
  const [cos, sin] = [Math.cos(angle), Math.sin(angle)]
  const middle = { x: lying.x + lying.length / 2, y: lying.y + lying.width / 2 }
  const held = {
    x: middle.x - (u * lying.length * cos) / 2 + (v * lying.width * sin) / 2,
    y: middle.y - (u * lying.length * sin) / 2 - (v * lying.width * cos) / 2,
  }
  const [east, north] = [spot.x - held.x, spot.y - held.y]
  const side = (metres: number) =>
    Math.max(LEAST, free ? tidy(metres) : tidy(Math.round(metres / STEP) * STEP))
  const length = side(u * (east * cos + north * sin))
  const width = side(v * (north * cos - east * sin))
  const next = {
    x: held.x + (u * length * cos) / 2 - (v * width * sin) / 2,
    y: held.y + (u * length * sin) / 2 + (v * width * cos) / 2,
  }
  return { x: tidy(next.x - length / 2), y: tidy(next.y - width / 2), length, width, turn: lying.turn }
}

function turnedTo(lying: Lying, { x, y, free }: { x: number; y: number; free: boolean }): Lying {
  const angle = (Math.atan2(y - lying.y - lying.width / 2, x - lying.x - lying.length / 2) * 180) / Math.PI
  const step = free ? 1 : TURN_STEP
  return { ...only(lying), turn: Math.round(angle / step) * step }
}

const only = ({ x, y, length, width, turn }: Lying): Lying => ({ x, y, length, width, turn })
