import { memo } from 'react'
import { emittersAlong, type Obstacle, type Place } from '../../core/facts'
import type { Crop } from '../../core/crop'
import type { Canopy } from '../../core/season'

/*
 * Marks of a garden from above, in a place's own frame drawn in metres: x to the right, and y turned over, so that
 * north is up. Lines keep their width at every scale.
 */

type Shape = Pick<Place, 'kind' | 'length' | 'width' | 'raised' | 'pot'>
const thin = { vectorEffect: 'non-scaling-stroke' as const, fill: 'none' }
const PATH = 0.32

/** Paths as pale strips where a gardener stands. */
export function Paths({ place }: { place: Pick<Place, 'kind' | 'length' | 'width' | 'openSides'> }) {
  const { length, width, openSides, kind } = place
  if (kind === 'container') return null
  const strip = {
    north: { x: -PATH, y: -PATH, width: length + 2 * PATH, height: PATH },
    south: { x: -PATH, y: width, width: length + 2 * PATH, height: PATH },
    west: { x: -PATH, y: -PATH, width: PATH, height: width + 2 * PATH },
    east: { x: length, y: -PATH, width: PATH, height: width + 2 * PATH },
  }
  return openSides.map((side) => <rect key={side} {...strip[side]} fill="var(--color-base-200)" />)
}

/** The soil of a place in what holds it: a pot's wall, a bed's frame, a plot's edge. */
export function GroundMark({ place: { kind, length, width, raised, pot } }: { place: Shape }) {
  if (kind === 'container')
    return pot?.shape === 'square' || pot?.shape === 'trough' ? (
      <g>
        <rect width={length} height={width} fill="var(--color-secondary)" />
        <rect x="0.02" y="0.02" width={length - 0.04} height={width - 0.04} fill="var(--soil)" />
      </g>
    ) : (
      <g>
        <ellipse
          cx={length / 2}
          cy={width / 2}
          rx={length / 2}
          ry={width / 2}
          fill="var(--color-secondary)"
        />
        <ellipse
          cx={length / 2}
          cy={width / 2}
          rx={length / 2 - 0.02}
          ry={width / 2 - 0.02}
          fill="var(--soil)"
        />
      </g>
    )
  return (
    <g>
      <rect
        width={length}
        height={width}
        fill="var(--soil-pale)"
        stroke={raised ? 'var(--color-secondary)' : 'var(--straw)'}
        strokeWidth={raised ? 3 : 2}
        strokeDasharray={raised ? undefined : '8 5'}
        vectorEffect="non-scaling-stroke"
      />
      {kind === 'tunnel' && <Hoops length={length} width={width} />}
    </g>
  )
}

function Hoops({ length, width }: { length: number; width: number }) {
  const bays = Math.max(1, Math.round(length / 1.5))
  return Array.from({ length: bays + 1 }, (_, at) => (at * length) / bays).map((x) => (
    <line
      key={x}
      x1={x}
      x2={x}
      y1="0"
      y2={width}
      stroke="var(--quiet)"
      strokeDasharray="3 5"
      strokeWidth="1.5"
      {...thin}
    />
  ))
}

/** Drip lines with their emitters. */
export function WaterLines({ place }: { place: Place }) {
  const emitters = emittersAlong(place)
  return place.dripLines.map((y) => (
    <g key={y}>
      <line
        x1="0"
        x2={place.length}
        y1={place.width - y}
        y2={place.width - y}
        stroke="var(--color-info)"
        strokeWidth="1.5"
        {...thin}
      />
      {emitters.map((x) => (
        <circle key={x} cx={x} cy={place.width - y} r="0.022" fill="var(--color-info)" />
      ))}
    </g>
  ))
}

/** Points of a star about the middle, joined by curves: `round` 1 bulges out to a cloud, 0 leaves points. */
const star = (points: number, inner: number, round: boolean) => {
  const at = (turn: number, r: number) =>
    `${(r * Math.sin(turn)).toFixed(3)} ${(-r * Math.cos(turn)).toFixed(3)}`
  const step = (2 * Math.PI) / points
  const arms = Array.from({ length: points }, (_, index) => {
    const turn = index * step
    return round
      ? `Q${at(turn + step / 2, 1.22)} ${at(turn + step, inner)}`
      : `Q${at(turn + step * 0.32, inner * 1.25)} ${at(turn + step / 2, inner)}Q${at(turn + step * 0.68, inner * 1.25)} ${at(turn + step, 1)}`
  })
  return `M${at(0, round ? inner : 1)}${arms.join('')}Z`
}
/** A tomato's leaves close to a cloud over it; a pepper's stand out as single points. Of a radius of one. */
const CANOPIES: Record<Crop, string> = { tomato: star(9, 0.86, true), pepper: star(7, 0.62, false) }

/** What tells the crops apart where leaves are small: a round fruit, or a pod. */
function FruitMark({ crop, isPlanned }: { crop: Crop; isPlanned: boolean }) {
  const look = isPlanned
    ? { fill: 'var(--color-base-100)', stroke: crop === 'tomato' ? 'var(--ripe)' : 'var(--color-accent)' }
    : { fill: crop === 'tomato' ? 'var(--ripe)' : 'var(--color-accent)', stroke: 'var(--color-base-100)' }
  return crop === 'tomato' ? (
    <circle r="0.075" {...look} strokeWidth="1" vectorEffect="non-scaling-stroke" />
  ) : (
    <path
      d="M-.05-.08H.05C.085.01.05.09 0 .14-.05.09-.085.01-.05-.08Z"
      {...look}
      strokeWidth="1"
      vectorEffect="non-scaling-stroke"
    />
  )
}

/** A plant from above: its canopy today in its crop's own outline, dashed to its grown width, and its fruit at the stem. */
export const PlantMark = memo(function PlantMark({
  canopy: { crop, width, grown, own, stands },
  alarm = false,
}: {
  canopy: Pick<Canopy, 'crop' | 'width' | 'grown' | 'own' | 'stands'>
  alarm?: boolean
}) {
  const leaf = own ? 'var(--leaf-mark)' : 'var(--quiet)'
  return (
    <g opacity={own ? 1 : 0.45}>
      <circle
        r={grown / 2}
        stroke={alarm ? 'var(--color-error)' : leaf}
        strokeWidth={alarm ? 2 : 1}
        strokeDasharray="4 4"
        {...thin}
      />
      {stands && <path d={CANOPIES[crop]} transform={`scale(${width / 2})`} fill={leaf} fillOpacity="0.85" />}
      <FruitMark crop={crop} isPlanned={!stands} />
    </g>
  )
})

/** A wall, fence, shed, hedge or tree from above, about its middle. */
export function ObstacleMark({ obstacle: { kind, length, width } }: { obstacle: Obstacle }) {
  const box = { x: -length / 2, y: -width / 2, width: length, height: width }
  switch (kind) {
    case 'tree':
      return (
        <g>
          <circle
            r={length / 2}
            fill="var(--leaf-young)"
            fillOpacity="0.35"
            stroke="var(--stem)"
            strokeWidth="1.5"
            strokeDasharray="2 3"
            vectorEffect="non-scaling-stroke"
          />
          <circle r={Math.min(0.2, length / 8)} fill="var(--color-secondary)" />
        </g>
      )
    case 'hedge':
      return <rect {...box} rx={Math.min(length, width) / 2} fill="var(--leaf-mark)" fillOpacity="0.7" />
    case 'shed':
      return (
        <g stroke="var(--color-base-content)" strokeWidth="1.5">
          <rect {...box} fill="var(--color-base-300)" vectorEffect="non-scaling-stroke" />
          <line x1={-length / 2} x2={length / 2} y1="0" y2="0" {...thin} />
        </g>
      )
    case 'fence':
      return (
        <rect
          {...box}
          fill="var(--straw)"
          stroke="var(--color-secondary)"
          strokeWidth="1.5"
          strokeDasharray="5 3"
          vectorEffect="non-scaling-stroke"
        />
      )
    case 'wall':
      return <rect {...box} fill="var(--quiet)" />
  }
}
