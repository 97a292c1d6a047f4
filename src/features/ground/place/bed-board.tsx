'use client'

import { useMemo, useRef, useState } from 'react'
import { GroundMark, Paths, WaterLines } from '../../../components/drawing/from-above'
import { North } from '../../../components/drawing/scale'
import type { Manner, Place } from '../../../core/facts'
import type { Position } from '../../../core/spacing'
import { sayLength } from '../../../wording/say'
import { BoardPlantShape, type BoardPlant } from './board-plant'
import { FreeSpot } from '../plan/free-spot'
import { LengthBar, roundLength } from '../plan/length-bar'
import { OutOfReach } from '../plan/out-of-reach'
import { useZoom } from '../plan/use-zoom'
import { ZoomButtons } from '../plan/zoom-buttons'

/** A place from above, in its own frame: its plants to move, and where more would fit. */
export function BedBoard({
  place,
  plants,
  free,
  picked,
  live,
  manner,
  chosen,
  onChoose,
  onMove,
  onPick,
}: {
  place: Place
  plants: readonly BoardPlant[]
  /** Where more would fit, and which of those were picked one by one. */
  free: readonly Position[]
  picked: ReadonlySet<number>
  live: boolean
  manner: Manner
  chosen: string | null
  onChoose: (id: string | null) => void
  onMove: (id: string, to: Position) => void
  onPick: (index: number) => void
}) {
  const svg = useRef<SVGSVGElement>(null)
  const inner = useRef<SVGGElement>(null)
  const readout = useRef<HTMLParagraphElement>(null)
  const zoom = useZoom(svg, inner)
  const { length, width } = place
  const [margin] = useState(() => Math.max(0.5, ...plants.map(({ grown }) => grown / 2)))
  const box = { x: -margin, y: -width - margin, width: length + 2 * margin, height: width + 2 * margin }
  const room = useMemo(() => Math.min(MOST_LETTER, nearestTwo(plants) / WIDE), [plants])
  const bar = roundLength(box.width / 4, manner)
  const say = (text: string) => {
    if (readout.current) readout.current.textContent = text
  }
  return (
    <figure>
      <div className="relative border border-base-300">
        <svg
          ref={svg}
          viewBox={`${box.x} ${box.y} ${box.width} ${box.height}`}
          className="h-[clamp(13rem,38vh,24rem)] w-full touch-pan-y"
          role="group"
          aria-label={`${place.name} from above, ${sayLength(length, manner)} by ${sayLength(width, manner)}`}
          style={{ '--px': box.width / 760 } as React.CSSProperties}
          onClick={() => onChoose(null)}
        >
          <g ref={inner}>
            <g transform={`translate(0 ${-width})`}>
              <Paths place={place} />
              <GroundMark place={place} />
              <OutOfReach place={place} />
              <WaterLines place={place} />
            </g>
            {free.map(({ x, y }, index) => (
              <FreeSpot
                key={index}
                x={x}
                y={y}
                picked={picked.has(index)}
                words={`Free spot ${index + 1}: ${sayLength(x, manner)} from the west end, ${sayLength(y, manner)} from the south side`}
                onPick={live ? () => onPick(index) : undefined}
              />
            ))}
            {plants.map((plant) => (
              <BoardPlantShape
                key={plant.id}
                plant={plant}
                place={place}
                inner={inner}
                live={live}
                isChosen={plant.id === chosen}
                manner={manner}
                room={room}
                say={say}
                onChoose={onChoose}
                onMove={onMove}
              />
            ))}
            <LengthBar
              metres={bar}
              x={box.x + margin * 0.2}
              y={-width - margin + margin * 0.35}
              tick={0.04}
              manner={manner}
            />
          </g>
        </svg>
        <div className="absolute right-2 bottom-2 flex gap-1 print:hidden">
          <ZoomButtons {...zoom} wholeOf="place" />
        </div>
        <span className="absolute top-2 right-3">
          {place.turn === 0 ? <North /> : <span className="text-sm text-quiet">turned {place.turn}°</span>}
        </span>
      </div>
      <p ref={readout} role="status" className="min-h-6 text-sm text-quiet" />
    </figure>
  )
}

/** A label's width, of its letters' height; and the highest letters, m. */
const WIDE = 1.4
const MOST_LETTER = 1

/** m between the two plants that are nearest to each other along a row. */
const nearestTwo = (plants: readonly { x: number; y: number }[]) =>
  plants.reduce(
    (least, one, at) =>
      plants
        .slice(at + 1)
        .reduce(
          (near, other) =>
            Math.abs(one.y - other.y) < 0.15 ? Math.min(near, Math.abs(one.x - other.x)) : near,
          least,
        ),
    Infinity,
  )
