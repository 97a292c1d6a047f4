'use client'

import { useId, useMemo, useRef, type KeyboardEvent, type PointerEvent } from 'react'
import type { Plant, PlantPart } from '../../../core/crop'
import type { Manner } from '../../../core/facts'
import { sayLength } from '../../../wording/say'
import { CloseUp } from './close-up'
import { Mark, type MarkTone } from './organs'
import { drawnStems, type DrawnNode } from './shape'
import { markPlaces } from './mark-places'
import { cutOf, nearestSpot, partSpots, samePart, spotOf, STEP_KEYS, stepFrom } from './spots'
import { StemDrawing } from './stem-drawing'
import { useDrawnScale } from './use-drawn-scale'

const MARGIN = 0.3
const HEAD = 0.22
const SOIL = 0.16
/** How far beside the stem its support stands, m. */
const SUPPORT_AT = 0.09
/** Of the plant's height, up to which its support is shown. */
const SUPPORT_SHOWN = 1.5
/** Marks on the height scale, m: closer for a low plant. */
const TICKS = { metric: { low: 0.1, high: 0.25 }, us: { low: 0.1524, high: 0.3048 } } as const
const LOW = 0.9
/** Where the words of the height scale begin, m from the picture's edge, and how wide they and a mark are. */
const SCALE_AT = 0.075
const SCALE_WIDE = 0.19
/** From the outermost leaf's middle to the numbers of the marks, m. */
const COLUMN = 0.06
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
  ties = [],
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
  /** Heights at which it is tied to its support, m. */
  ties?: readonly number[]
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
  const id = useId()
  const nodeOf = ({ stem, node }: PlantPart) =>
    stems[stem]?.[Math.min(node, (stems[stem]?.length ?? 0) - 1)] ?? null
  const placeOf = (part: PlantPart) => {
    const at = nodeOf(part)
    return at && spotOf(at, part.organ)
  }
  const shownMarks = marks.flatMap((mark) => {
    const at = nodeOf(mark.part)
    const isCut = mark.tone !== 'asked'
    return at
      ? [{ ...mark, at, isCut, to: isCut ? cutOf(at, mark.part.organ) : spotOf(at, mark.part.organ) }]
      : []
  })
  const places = markPlaces(
    shownMarks.map(({ to }) => to),
    {
      column: reach + Math.min(COLUMN, MARGIN - SCALE_AT - SCALE_WIDE * scale),
      top: top - 0.06 * scale,
      gap: 0.072 * scale,
    },
  )
  const isChosen = ({ part }: PlantMark) => chosen !== null && samePart(part, chosen)
  // What is chosen is shown close by, else what is cut first.
  const near = shownMarks.find(isChosen) ?? shownMarks.find(({ tone }) => tone === 'cut')
  const tapped = ({ clientX, clientY }: PointerEvent) => {
    const matrix = svg.current?.getScreenCTM()
    if (!matrix) return
    const at = new DOMPoint(clientX, clientY).matrixTransform(matrix.inverse())
    // What is marked is meant first.
    const marked = shownMarks.map(({ part }, index) => ({ ...part, ...places[index]! }))
    const found = nearestSpot(marked, at.x, -at.y, 0.05 * scale) ?? nearestSpot(spots, at.x, -at.y, REACH)
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
    <div className="relative h-full">
      <svg
        ref={svg}
        viewBox={`${-reach - MARGIN} ${-top} ${2 * (reach + MARGIN)} ${top + SOIL}`}
        className="h-full max-h-[max(78dvh,20rem)] w-full touch-manipulation"
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
                x={-reach - MARGIN + SCALE_AT}
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
          <path
            d={`M${SUPPORT_AT} ${SOIL}V${-supportTop}`}
            stroke="var(--color-secondary)"
            strokeWidth="0.022"
          />
        )}
        {supportTop !== null &&
          ties.map((height) => <Tie key={height} stem={stemAt(stems[0] ?? [], height)} height={height} />)}
        <g id={id}>{drawing}</g>
        {shownMarks.map((mark, index) => (
          <Mark
            key={`${mark.part.stem} ${mark.part.node} ${mark.part.organ}`}
            place={places[index]!}
            to={mark.to}
            text={mark.text}
            tone={mark.tone}
            scale={scale}
            isChosen={isChosen(mark)}
          />
        ))}
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
      {near?.isCut && <CloseUp of={id} cut={cutOf(near.at, near.part.organ)} text={near.text} />}
    </div>
  )
}

/** Where the main stem is at a height, m from its foot. */
const stemAt = (stem: readonly DrawnNode[], height: number) =>
  stem.reduce((near, node) => (Math.abs(node.y - height) < Math.abs(near.y - height) ? node : near), {
    x: 0,
    y: 0,
  }).x

/** A soft tie in a figure of eight: round the stem loosely, crossed, and fast round the support. */
function Tie({ stem, height }: { stem: number; height: number }) {
  const middle = (stem + SUPPORT_AT) / 2
  return (
    <path
      data-testid="tie"
      d={`M${middle} ${-height}C${stem} ${-height - 0.03} ${stem - 0.03} ${-height - 0.012} ${stem - 0.016} ${-height}C${stem - 0.01} ${-height + 0.016} ${stem + 0.01} ${-height + 0.014} ${middle} ${-height}C${SUPPORT_AT - 0.005} ${-height - 0.016} ${SUPPORT_AT + 0.022} ${-height - 0.014} ${SUPPORT_AT + 0.018} ${-height}C${SUPPORT_AT + 0.014} ${-height + 0.012} ${SUPPORT_AT} ${-height + 0.012} ${middle} ${-height}`}
      fill="none"
      stroke="var(--straw)"
      strokeWidth="0.006"
    />
  )
}
