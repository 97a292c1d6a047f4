import type { Manner, Place } from '../../core/facts'
import type { Canopy } from '../../core/season'
import { sayCount, sayLength } from '../../wording/say'
import { GroundMark, Paths, PlantMark, WaterLines } from './from-above'
import { North, ScaleBar } from './scale'

/** A place from above, to scale: its frame, water lines and plants, with paths on the sides one can reach in from. */
export function PlacePlan({
  place,
  plants,
  manner,
}: {
  place: Place
  plants: readonly Canopy[]
  manner: Manner
}) {
  const { length, width } = place
  const overhang = Math.max(
    0.1,
    ...plants.map(({ x, y, grown }) =>
      Math.max(grown / 2 - x, grown / 2 - y, x + grown / 2 - length, y + grown / 2 - width),
    ),
  )
  const margin = Math.max(overhang, 0.32)
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
        <GroundMark place={place} />
        <WaterLines place={place} />
        {plants.map((plant) => (
          <g key={plant.id} transform={`translate(${plant.x} ${yOf(plant.y)})`}>
            <PlantMark canopy={plant} />
            <text
              y={-unit * 1.2}
              textAnchor="middle"
              fontSize={unit * 2.6}
              fontWeight="600"
              opacity={plant.own ? 1 : 0.45}
              fill={
                plant.stands && plant.own && plant.width > unit * 5
                  ? 'var(--color-base-100)'
                  : 'var(--color-base-content)'
              }
            >
              {plant.label}
            </text>
          </g>
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
