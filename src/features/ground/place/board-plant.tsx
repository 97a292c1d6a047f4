'use client'

import { useRef, type KeyboardEvent, type RefObject } from 'react'
import { PlantMark } from '../../../components/drawing/from-above'
import { emittersAlong, type Manner, type Place, type Support } from '../../../core/facts'
import type { StandingCanopy } from '../../../core/season'
import type { Position } from '../../../core/spacing'
import { sayLength } from '../../../wording/say'
import { tidy } from '../../../core/ground'
import { Grip } from '../plan/grip'
import { SupportMark } from '../plan/support-mark'
import { Words } from '../words'

/** A plant by hand snaps to this, m, or to an emitter within `NEAR`. */
const STEP = 0.05
const NEAR = 0.1

export interface BoardPlant extends StandingCanopy {
  name: string
  support: Support
  alarm: boolean
}

/** A plant that is dragged by hand, or moved by arrow keys once it is chosen; only itself is drawn anew. */
export function BoardPlantShape({
  plant,
  place,
  inner,
  live,
  isChosen,
  manner,
  room,
  say,
  onChoose,
  onMove,
}: {
  plant: BoardPlant
  place: Place
  inner: RefObject<SVGGElement | null>
  live: boolean
  isChosen: boolean
  manner: Manner
  /** m that the letters of its label may be high. */
  room: number
  say: (text: string) => void
  onChoose: (id: string | null) => void
  onMove: (id: string, to: Position) => void
}) {
  const group = useRef<SVGGElement>(null)
  const { id, label, x, y, name } = plant
  const at = (to: Position) =>
    `${sayLength(to.x, manner)} from the west end, ${sayLength(to.y, manner)} from the south side`
  const landing = (dx: number, dy: number, isFree: boolean) =>
    landingIn(place, { x: x + dx, y: y + dy }, isFree)
  const back = () => group.current?.setAttribute('transform', `translate(${x} ${-y})`)
  const onKeyDown = (event: KeyboardEvent) => {
    const step = event.shiftKey ? 5 * STEP : STEP
    const by = { ArrowLeft: [-step, 0], ArrowRight: [step, 0], ArrowUp: [0, step], ArrowDown: [0, -step] }[
      event.key
    ]
    if (event.key === 'Enter' || event.key === ' ') onChoose(id)
    else if (by && isChosen) onMove(id, { x: tidy(x + by[0]!), y: tidy(y + by[1]!) })
    else return
    event.preventDefault()
    event.stopPropagation()
  }
  return (
    <Grip
      ref={group}
      inner={inner}
      live={live}
      data-piece={id}
      transform={`translate(${x} ${-y})`}
      tabIndex={live ? 0 : undefined}
      role={live ? 'button' : 'img'}
      aria-pressed={live ? isChosen : undefined}
      aria-label={`Plant ${label}, ${name}: ${at(plant)}`}
      className={live ? 'cursor-grab outline-none focus-visible:[&_.ring]:opacity-100' : undefined}
      style={isChosen ? { touchAction: 'none' } : undefined}
      onClick={(event) => event.stopPropagation()}
      onKeyDown={live ? onKeyDown : undefined}
      onPress={() => onChoose(id)}
      onHand={({ dx, dy, free }) => {
        const to = landing(dx, dy, free)
        group.current?.setAttribute('transform', `translate(${to.x} ${-to.y})`)
        say(`Plant ${label}: ${at(to)}`)
      }}
      onLand={({ dx, dy, free }) => {
        say('')
        back()
        onMove(id, landing(dx, dy, free))
      }}
      onDrop={back}
    >
      <circle style={{ r: 'calc(var(--px) * 20px)' }} fill="transparent" />
      <PlantMark canopy={plant} alarm={plant.alarm} />
      <SupportMark support={plant.support} />
      <circle
        className={`ring ${isChosen ? '' : 'opacity-0'}`}
        style={{ r: 'calc(var(--px) * 14px)' }}
        fill="none"
        stroke="var(--color-base-content)"
        strokeWidth="2"
        vectorEffect="non-scaling-stroke"
      />
      <Words x={0.06} y={-0.05} strong most={room}>
        {label}
      </Words>
    </Grip>
  )
}

/** Where a plant that is let go comes to stand: on the emitter it is near, else on the grid, always inside. */
export function landingIn(place: Place, { x, y }: Position, isFree: boolean): Position {
  const inside = (value: number, most: number) => tidy(Math.min(most, Math.max(0, value)))
  if (isFree) return { x: inside(x, place.length), y: inside(y, place.width) }
  const near = (stops: readonly number[], value: number) => {
    const nearest = stops.reduce(
      (best, stop) => (Math.abs(stop - value) < Math.abs(best - value) ? stop : best),
      Infinity,
    )
    return Math.abs(nearest - value) <= NEAR ? nearest : Math.round(value / STEP) * STEP
  }
  const line = near(place.dripLines, y)
  return {
    x: inside(
      place.dripLines.includes(line) ? near(emittersAlong(place), x) : Math.round(x / STEP) * STEP,
      place.length,
    ),
    y: inside(line, place.width),
  }
}
