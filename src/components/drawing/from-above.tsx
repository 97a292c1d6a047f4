import { memo } from 'react'
import { emittersAlong, type Obstacle, type Place } from '../../core/facts'
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

/** A plant from above: its canopy today, dashed to its grown width, and its stem. */
export const PlantMark = memo(function PlantMark({
  canopy: { width, grown, own, stands },
  alarm = false,
}: {
  canopy: Pick<Canopy, 'width' | 'grown' | 'own' | 'stands'>
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
      {stands && <circle r={width / 2} fill={leaf} fillOpacity="0.85" />}
      <circle
        r="0.035"
        fill="var(--color-primary)"
        stroke={stands ? 'none' : 'var(--color-base-100)'}
        strokeWidth="1"
        vectorEffect="non-scaling-stroke"
      />
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
