'use client'

import { memo, useRef, type KeyboardEvent, type RefObject } from 'react'
import {
  GroundMark,
  ObstacleMark,
  Paths,
  PlantMark,
  WaterLines,
} from '../../../components/drawing/from-above'
import type { Manner } from '../../../core/facts'
import type { StandingCanopy } from '../../../core/season'
import { sayLength } from '../../../wording/say'
import { outlineOf, snapped, tidy, type Lying } from '../../../core/ground'
import { Grip } from './grip'
import type { Piece } from './piece'
import { Words } from '../words'

/** How far an arrow key moves what is chosen, and with Shift, m. */
const KEY_STEP = 0.1
const KEY_STRIDE = 1
/** What is smaller, m, has room for its number only. */
const SMALL = 1

interface ShapeProps {
  piece: Piece
  others: readonly Lying[]
  canopies: readonly StandingCanopy[]
  words: string | undefined
  tint: string | undefined
  alarmed: ReadonlySet<string>
  isChosen: boolean
  inner: RefObject<SVGGElement | null>
  manner: Manner
  say: (text: string) => void
  onChoose: (id: string) => void
  onOpen: (piece: Piece) => void
  onMove: (piece: Piece, lying: Lying) => void
}

/** A piece with its name: pressed to choose, dragged to move, by arrow keys too. */
export function PieceShape(props: ShapeProps) {
  const { piece, others, words, isChosen, inner, manner, say, onChoose, onOpen, onMove } = props
  const { row } = piece
  const group = useRef<SVGGElement>(null)
  const landing = (dx: number, dy: number, free: boolean): Lying => {
    const moved = {
      x: tidy(row.x + dx),
      y: tidy(row.y + dy),
      length: row.length,
      width: row.width,
      turn: row.turn,
    }
    return free
      ? moved
      : {
          ...moved,
          ...snapped(
            moved,
            others.filter((other) => other !== row),
          ),
        }
  }
  const show = (to: Lying | null) =>
    group.current?.setAttribute('transform', to ? `translate(${to.x - row.x} ${row.y - to.y})` : '')
  const moveBy = (dx: number, dy: number) =>
    onMove(piece, { ...row, x: tidy(row.x + dx), y: tidy(row.y + dy) })
  const onKeyDown = (event: KeyboardEvent) => {
    const step = event.shiftKey ? KEY_STRIDE : KEY_STEP
    const by = { ArrowLeft: [-step, 0], ArrowRight: [step, 0], ArrowUp: [0, step], ArrowDown: [0, -step] }[
      event.key
    ]
    if (event.key === 'Enter' && isChosen && piece.of === 'place') onOpen(piece)
    else if (event.key === 'Enter' || event.key === ' ') onChoose(row.id)
    else if (by && isChosen) moveBy(by[0]!, by[1]!)
    else return
    event.preventDefault()
    event.stopPropagation()
  }
  const [left, top] = outlineOf(row).reduce(
    ([x, y], [px, py]) => [Math.min(x, px), Math.max(y, py)],
    [Infinity, -Infinity],
  )
  return (
    <Grip
      ref={group}
      inner={inner}
      data-piece={row.id}
      tabIndex={0}
      role="button"
      aria-pressed={isChosen}
      aria-label={`${row.name}: ${sayLength(row.length, manner)} by ${sayLength(row.width, manner)}, ${sayLength(row.x, manner)} east and ${sayLength(row.y, manner)} north${words ? `; ${words}` : ''}`}
      className="cursor-grab outline-none focus-visible:[&_.ring]:opacity-100"
      style={isChosen ? { touchAction: 'none' } : undefined}
      onKeyDown={onKeyDown}
      onClick={(event) => event.stopPropagation()}
      onDoubleClick={() => piece.of === 'place' && onOpen(piece)}
      onPress={() => onChoose(row.id)}
      onHand={({ dx, dy, free }) => {
        const to = landing(dx, dy, free)
        show(to)
        say(`${row.name}: ${sayLength(to.x, manner)} east, ${sayLength(to.y, manner)} north`)
      }}
      onLand={({ dx, dy, free }) => {
        show(null)
        say('')
        onMove(piece, landing(dx, dy, free))
      }}
      onDrop={() => show(null)}
    >
      <PieceDrawing {...props} />
      {row.length < SMALL && row.width < SMALL ? (
        <Words x={row.x + row.length / 2} y={-top! - 0.08} anchor="middle" strong={isChosen}>
          {isChosen ? row.name : row.name.split(' ').at(-1)}
        </Words>
      ) : (
        <Words x={left!} y={-top! - 0.08} strong>
          {row.name}
          {words && <tspan fontWeight="400"> {words}</tspan>}
        </Words>
      )}
    </Grip>
  )
}

/** Drawn anew only when the piece itself, its plants or the layer change. */
const PieceDrawing = memo(
  function PieceDrawing({ piece, canopies, tint, alarmed, isChosen }: ShapeProps) {
    const { x, y, length, width, turn } = piece.row
    const middle = `translate(${x + length / 2} ${-y - width / 2}) rotate(${-turn})`
    const ring = (
      <rect
        className={`ring ${isChosen ? '' : 'opacity-0'}`}
        x={-length / 2}
        y={-width / 2}
        width={length}
        height={width}
        fill="none"
        stroke="var(--color-base-content)"
        strokeWidth="2.5"
        vectorEffect="non-scaling-stroke"
      />
    )
    if (piece.of === 'obstacle')
      return (
        <g transform={middle}>
          <ObstacleMark obstacle={piece.row} />
          {ring}
        </g>
      )
    const place = piece.row
    return (
      <g transform={middle}>
        <g transform={`translate(${-length / 2} ${-width / 2})`}>
          <Paths place={place} />
          <GroundMark place={place} />
          {tint && <rect width={length} height={width} fill={tint} fillOpacity="0.45" />}
          <WaterLines place={place} />
          {canopies
            .filter(({ placeId }) => placeId === place.id)
            .map((canopy) => (
              <g key={canopy.id} transform={`translate(${canopy.x} ${width - canopy.y})`}>
                <PlantMark canopy={canopy} alarm={alarmed.has(canopy.id)} />
              </g>
            ))}
        </g>
        {ring}
      </g>
    )
  },
  (before, after) =>
    before.piece.row === after.piece.row &&
    before.canopies === after.canopies &&
    before.tint === after.tint &&
    before.alarmed === after.alarmed &&
    before.isChosen === after.isChosen,
)
