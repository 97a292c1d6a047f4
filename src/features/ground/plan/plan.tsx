'use client'

import { useCallback, useRef, useState } from 'react'
import { North } from '../../../components/drawing/scale'
import type { Manner } from '../../../core/facts'
import type { StandingCanopy } from '../../../core/season'
import { boundsOf, type Lying } from '../../../core/ground'
import { Handles } from './handles'
import { LightLayer } from '../light/layer'
import type { LightMap } from '../../../core/light'
import { LengthBar, roundLength } from './length-bar'
import type { Piece } from './piece'
import { PieceShape } from './piece-shape'
import { useZoom } from './use-zoom'
import { ZoomButtons } from './zoom-buttons'

/** Open ground around what lies there, m. */
const MARGIN = 1.2

export interface PlanProps {
  pieces: readonly Piece[]
  canopies: readonly StandingCanopy[]
  /** What a layer says of each piece, under its name. */
  words: Record<string, string>
  tints: Record<string, string>
  alarmed: ReadonlySet<string>
  light: LightMap | null
  chosen: string | null
  manner: Manner
  onChoose: (id: string | null) => void
  onOpen: (piece: Piece) => void
  onMove: (piece: Piece, lying: Lying) => void
}

/** The garden from above, to scale; its pieces are moved, turned and stretched by hand or by keys. */
export function GroundPlan(props: PlanProps) {
  const { pieces, canopies, words, tints, alarmed, light, chosen, manner, onChoose, onOpen, onMove } = props
  const svg = useRef<SVGSVGElement>(null)
  const inner = useRef<SVGGElement>(null)
  const readout = useRef<HTMLParagraphElement>(null)
  const zoom = useZoom(svg, inner)
  const lying = pieces.map(({ row }) => row)
  // The frame stays while things are moved in it, so that nothing jumps under the hand.
  const [box, setBox] = useState(() => frameOf(lying))
  const say = useCallback((text: string) => {
    if (readout.current) readout.current.textContent = text
  }, [])
  const fit = () => {
    setBox(frameOf(lying))
    zoom.whole()
  }
  const chosenPiece = pieces.find(({ row }) => row.id === chosen)
  const length = roundLength(box.width / 4, manner)
  return (
    <figure>
      <div className="relative border border-base-300">
        <svg
          ref={svg}
          viewBox={`${box.x} ${box.y} ${box.width} ${box.height}`}
          className="h-[min(36rem,66vh)] w-full touch-pan-y bg-base-100 max-sm:h-[24rem]"
          role="group"
          aria-label="Plan of the garden, north up"
          style={{ '--px': box.width / 800 } as React.CSSProperties}
          onClick={() => onChoose(null)}
        >
          <g ref={inner}>
            {light && <LightLayer map={light} />}
            {pieces.map((piece) => (
              <PieceShape
                key={piece.row.id}
                piece={piece}
                others={lying}
                canopies={canopies}
                words={words[piece.row.id]}
                tint={tints[piece.row.id]}
                alarmed={alarmed}
                isChosen={piece.row.id === chosen}
                inner={inner}
                manner={manner}
                say={say}
                onChoose={onChoose}
                onOpen={onOpen}
                onMove={onMove}
              />
            ))}
            {chosenPiece && (
              <Handles
                key={JSON.stringify(chosenPiece.row)}
                lying={chosenPiece.row}
                inner={inner}
                say={say}
                manner={manner}
                onChange={(next) => onMove(chosenPiece, next)}
              />
            )}
            <LengthBar
              metres={length}
              x={box.x + MARGIN / 3}
              y={box.y + box.height - MARGIN / 3}
              tick={0.15}
              manner={manner}
            />
          </g>
        </svg>
        <div className="absolute top-2 right-2 flex flex-col gap-1 print:hidden">
          <ZoomButtons by={zoom.by} whole={fit} wholeOf="garden" />
        </div>
        <span className="absolute top-2 left-2">
          <North />
        </span>
      </div>
      <p ref={readout} role="status" className="min-h-6 text-sm text-quiet" />
    </figure>
  )
}

function frameOf(lying: readonly Lying[]) {
  const { west, south, east, north } = boundsOf(lying)
  return {
    x: west - MARGIN,
    y: -north - MARGIN,
    width: east - west + 2 * MARGIN,
    height: north - south + 2 * MARGIN,
  }
}
