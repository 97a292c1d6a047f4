import type { Manner, Place } from '../../core/facts'
import type { Canopy } from '../../core/season'
import { sayCount, sayLength } from '../../wording/say'
import { North, ScaleBar } from './scale'

export type PlanPlace = Pick<
  Place,
  'name' | 'kind' | 'length' | 'width' | 'raised' | 'openSides' | 'dripLines' | 'emitterSpacing'
>

const PATH = 0.32

/** A place from above, to scale: its frame, water lines and plants, with paths on the sides one can reach in from. */
export function PlacePlan({
  place,
  plants,
  manner,
}: {
  place: PlanPlace
  plants: readonly Canopy[]
  manner: Manner
}) {
  const { length, width, kind } = place
  const overhang = Math.max(
    0.1,
    ...plants.map(({ x, y, grown }) =>
      Math.max(grown / 2 - x, grown / 2 - y, x + grown / 2 - length, y + grown / 2 - width),
    ),
  )
  const margin = Math.max(overhang, PATH)
  const [w, h] = [length + 2 * margin, width + 2 * margin]
  // A hundredth of the width, or a fortieth of the height where a pot is drawn: marks and words keep their size.
  const unit = Math.max(w / 100, h / 40)
  const yOf = (y: number) => width - y
  return (
    <figure>
      <svg
        viewBox={`${-margin} ${-margin} ${w} ${h}`}
        className="max-h-72 w-full"
        role="img"
        aria-label={`${place.name} from above, ${sayLength(length, manner)} by ${sayLength(width, manner)}, ${sayCount(plants.length, 'plant')}`}
      >
        <Paths place={place} />
        <Ground place={place} unit={unit} />
        {place.dripLines.map((y) => (
          <DripLine key={y} y={yOf(y)} length={length} spacing={place.emitterSpacing} unit={unit} />
        ))}
        {kind === 'tunnel' && <Hoops length={length} width={width} unit={unit} />}
        {plants.map((plant) => (
          <PlantFromAbove key={plant.id} plant={{ ...plant, y: yOf(plant.y) }} unit={unit} />
        ))}
      </svg>
      <figcaption className="mt-1 flex items-center justify-between gap-4 text-sm text-quiet">
        <ScaleBar metres={niceLength(length)} share={niceLength(length) / w} manner={manner} />
        <span className="max-sm:hidden">filled: canopy today · dashed: grown</span>
        <North />
      </figcaption>
    </figure>
  )
}

const niceLength = (length: number) => (length >= 6 ? 2 : length >= 2 ? 1 : 0.25)

/** Paths as pale strips where a gardener stands. */
function Paths({ place: { length, width, openSides, kind } }: { place: PlanPlace }) {
  if (kind === 'container') return null
  const strip = {
    north: { x: -PATH, y: -PATH, width: length + 2 * PATH, height: PATH },
    south: { x: -PATH, y: width, width: length + 2 * PATH, height: PATH },
    west: { x: -PATH, y: -PATH, width: PATH, height: width + 2 * PATH },
    east: { x: length, y: -PATH, width: PATH, height: width + 2 * PATH },
  }
  return openSides.map((side) => <rect key={side} {...strip[side]} fill="var(--color-base-200)" />)
}

function Ground({ place: { kind, length, width, raised }, unit }: { place: PlanPlace; unit: number }) {
  if (kind === 'container')
    return (
      <g>
        <circle
          cx={length / 2}
          cy={width / 2}
          r={Math.min(length, width) / 2}
          fill="var(--color-secondary)"
        />
        <circle
          cx={length / 2}
          cy={width / 2}
          r={Math.min(length, width) / 2 - unit * 2}
          fill="var(--soil)"
        />
      </g>
    )
  return (
    <rect
      width={length}
      height={width}
      fill="var(--soil-pale)"
      stroke={raised ? 'var(--color-secondary)' : 'var(--straw)'}
      strokeWidth={unit * (raised ? 0.5 : 0.3)}
      strokeDasharray={raised ? undefined : `${unit * 1.5} ${unit}`}
    />
  )
}

function DripLine({
  y,
  length,
  spacing,
  unit,
}: {
  y: number
  length: number
  spacing: number | null
  unit: number
}) {
  const emitters =
    spacing === null
      ? []
      : Array.from({ length: Math.floor(length / spacing) }, (_, at) => (at + 0.5) * spacing)
  return (
    <g>
      <line x1="0" x2={length} y1={y} y2={y} stroke="var(--color-info)" strokeWidth={unit * 0.22} />
      {emitters.map((x) => (
        <circle key={x} cx={x} cy={y} r={unit * 0.32} fill="var(--color-info)" />
      ))}
    </g>
  )
}

function Hoops({ length, width, unit }: { length: number; width: number; unit: number }) {
  const hoops = Array.from(
    { length: Math.round(length / 1.5) + 1 },
    (_, at) => (at * length) / Math.round(length / 1.5),
  )
  return hoops.map((x) => (
    <line
      key={x}
      x1={x}
      x2={x}
      y1="0"
      y2={width}
      stroke="var(--quiet)"
      strokeWidth={unit * 0.25}
      strokeDasharray={`${unit * 0.4} ${unit * 0.8}`}
    />
  ))
}

function PlantFromAbove({
  plant: { x, y, width, grown, label, own, stands },
  unit,
}: {
  plant: Canopy
  unit: number
}) {
  const leaf = own ? 'var(--leaf-mark)' : 'var(--quiet)'
  return (
    <g opacity={own ? 1 : 0.45}>
      <circle
        cx={x}
        cy={y}
        r={grown / 2}
        fill="none"
        stroke={leaf}
        strokeWidth={unit * 0.16}
        strokeDasharray={`${unit * 0.7} ${unit * 0.7}`}
      />
      {stands && <circle cx={x} cy={y} r={width / 2} fill={leaf} fillOpacity="0.85" />}
      <circle
        cx={x}
        cy={y}
        r={unit * 0.55}
        fill="var(--color-primary)"
        stroke={stands ? 'none' : 'var(--color-base-100)'}
        strokeWidth={unit * 0.2}
      />
      <text
        x={x}
        y={y - unit * 1.2}
        textAnchor="middle"
        fontSize={unit * 2.6}
        fontWeight="600"
        fill={stands && own && width > unit * 5 ? 'var(--color-base-100)' : 'var(--color-base-content)'}
      >
        {label}
      </text>
    </g>
  )
}
