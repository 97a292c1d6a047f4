'use client'

import { useMemo, useRef, type KeyboardEvent, type PointerEvent } from 'react'
import type { Plant, PlantPart } from '../../../core/crop'
import type { Manner } from '../../../core/facts'
import { sayLength } from '../../../wording/say'
import { Mark, type MarkTone } from './organs'
import { drawnStems } from './shape'
import { nearestSpot, partSpots, samePart, spotOf, STEP_KEYS, stepFrom } from './spots'
import { StemDrawing } from './stem-drawing'
import { useDrawnScale } from './use-drawn-scale'

const MARGIN = 0.3
const HEAD = 0.22
const SOIL = 0.16
/** Of the plant's height, up to which its support is shown. */
const SUPPORT_SHOWN = 1.5
/** Marks on the height scale, m: closer for a low plant. */
const TICKS = { metric: { low: 0.1, high: 0.25 }, us: { low: 0.1524, high: 0.3048 } } as const
const LOW = 0.9
/** A tap this near to a part means it, m. */
const REACH = 0.12

/** A mark on a part: a number or a sign, and what it means. */
export interface PlantMark {
  part: PlantPart
  text: string
  tone: MarkTone
}

/**
 * A plant from the side, to scale, from its model: stems, leaves, suckers, trusses, and the marks on them. A tap or
 * the arrow keys choose a part.
 */
export function PlantSide({
  plant,
  marks,
  chosen,
  supportTop,
  manner,
  label,
  onPart,
  onEnter,
}: {
  plant: Plant
  marks: readonly PlantMark[]
  chosen: PlantPart | null
  /** m; null: nothing stands beside it. */
  supportTop: number | null
  manner: Manner
  label: string
  onPart: (part: PlantPart) => void
  onEnter?: () => void
}) {
  const svg = useRef<SVGSVGElement>(null)
  const scale = useDrawnScale(svg)
  const stems = useMemo(() => drawnStems(plant), [plant])
  const spots = useMemo(() => partSpots(plant, stems), [plant, stems])
  const drawing = useMemo(
    () =>
      [...stems.keys()]
        .reverse()
        .map((number) => <StemDrawing key={number} plant={plant} stems={stems} number={number} />),
    [plant, stems],
  )
  const nodes = stems.flat()
  const reach = Math.max(0.35, ...nodes.map(({ x }) => Math.abs(x) + 0.18))
  // Beside a young plant its support goes on over the picture's edge, so that the plant's parts are to be seen.
  const top = Math.max(0.4, plant.height, Math.min(supportTop ?? 0, plant.height * SUPPORT_SHOWN)) + HEAD
  const tick = TICKS[manner.units][top < LOW ? 'low' : 'high']
  const placeOf = (part: PlantPart) => {
    const at = stems[part.stem]?.[Math.min(part.node, (stems[part.stem]?.length ?? 0) - 1)]
    return at ? spotOf(at, part.organ) : null
  }
  const tapped = ({ clientX, clientY }: PointerEvent) => {
    const matrix = svg.current?.getScreenCTM()
    if (!matrix) return
    const at = new DOMPoint(clientX, clientY).matrixTransform(matrix.inverse())
    // What is marked is meant first.
    const marked = marks.flatMap(({ part }) => {
      const spot = placeOf(part)
      return spot ? [{ ...part, ...spot }] : []
    })
    const found = nearestSpot(marked, at.x, -at.y, 0.04 * scale) ?? nearestSpot(spots, at.x, -at.y, REACH)
    if (found) onPart({ stem: found.stem, node: found.node, organ: found.organ })
  }
  const pressed = (event: KeyboardEvent) => {
    if (event.key === 'Enter' && onEnter) {
      event.preventDefault()
      return onEnter()
    }
    if (!STEP_KEYS.includes(event.key)) return
    event.preventDefault()
    const next = stepFrom(spots, chosen, event.key)
    if (next && !(chosen && samePart(next, chosen)))
      onPart({ stem: next.stem, node: next.node, organ: next.organ })
  }
  const cursor = chosen && placeOf(chosen)
  return (
    <svg
      ref={svg}
      viewBox={`${-reach - MARGIN} ${-top} ${2 * (reach + MARGIN)} ${top + SOIL}`}
      className="h-full max-h-[78dvh] w-full touch-manipulation"
      role="application"
      tabIndex={0}
      aria-label={label}
      aria-roledescription="drawing of a plant"
      onPointerUp={tapped}
      onKeyDown={pressed}
    >
      <rect x={-reach - MARGIN} y="0" width={2 * (reach + MARGIN)} height={SOIL} fill="#8a7b6c" />
      <path d={`M${-reach - MARGIN} 0H${reach + MARGIN}`} stroke="#4c3b2c" strokeWidth="0.01" />
      {Array.from({ length: Math.floor((top - 0.08) / tick) }, (_, index) => (index + 1) * tick).map(
        (height) => (
          <g key={height}>
            <path
              d={`M${-reach - MARGIN + 0.02} ${-height}h0.04`}
              stroke="currentColor"
              strokeWidth="0.004"
            />
            <text
              x={-reach - MARGIN + 0.075}
              y={-height + 0.018}
              fontSize={0.045 * scale}
              fill="currentColor"
            >
              {sayLength(height, manner)}
            </text>
          </g>
        ),
      )}
      {supportTop !== null && (
        <path d={`M0.09 ${SOIL}V${-supportTop}`} stroke="var(--color-secondary)" strokeWidth="0.022" />
      )}
      {drawing}
      {marks.map(({ part, text, tone }) => {
        const spot = placeOf(part)
        return spot ? (
          <Mark
            key={`${part.stem} ${part.node} ${part.organ}`}
            spot={spot}
            text={text}
            tone={tone}
            scale={scale}
            isChosen={chosen !== null && samePart(part, chosen)}
          />
        ) : null
      })}
      {cursor && (
        <circle
          cx={cursor.x}
          cy={-cursor.y}
          r={0.05 * scale}
          fill="none"
          stroke="var(--color-base-content)"
          strokeWidth="0.007"
          data-testid="part-cursor"
        />
      )}
    </svg>
  )
}
