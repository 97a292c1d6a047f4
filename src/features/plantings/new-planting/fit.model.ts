import type { Cultivar, Training } from '../../../core/crop'
import { plainPlace, type PlaceKind, type SpacingSchool, type Support } from '../../../core/facts'
import { parseQuantity } from '../../../core/quantity'
import { layPlanting } from '../../../core/spacing'
import { sayLength } from '../../../wording/say'
import { longUnit } from '../../../wording/written'
import type { Choices } from '../queries'
import type { PlantingValues } from './values'

/** How many fit beside what stands, and how far apart, for what is chosen so far; null: the place has no size yet. */
export function fitOf(
  values: PlantingValues,
  plant: Pick<Cultivar, 'crop' | 'habit' | 'fruit'>,
  trainings: readonly Training[],
  { manner, places, wetness }: Pick<Choices, 'manner' | 'places' | 'wetness'>,
): { answer: string; how: string; isTooFew: boolean } | null {
  const place = places.find(({ id }) => id === values.place)
  const typed = (text: string) => {
    const read = parseQuantity(text, 'length', manner.units, longUnit(manner))
    return 'error' in read || read.value < 0.1 || read.value > 500 ? null : read.value
  }
  const [length, width] = place
    ? [place.length, place.width]
    : [typed(values.placeLength), typed(values.placeWidth)]
  if (length === null || width === null) return null
  const bed = place ?? plainPlace({ id: '', name: '', kind: values.placeKind as PlaceKind, length, width })
  const { spacing, fits } = layPlanting(
    bed,
    {
      cultivar: plant,
      count: 0,
      training: trainings.find((other) => other === values.training) ?? trainings[0]!,
      support: values.support as Support,
      spacingSchool: values.spacingSchool as SpacingSchool,
    },
    place?.standing ?? [],
    wetness,
  )
  const beside = place?.planned ? ` beside the ${place.planned} here` : ''
  return {
    answer: `${fits} fit`,
    how: `${beside}, ${sayLength(spacing.inRow, manner)} apart in the row.`,
    isTooFew: Number(values.count) > fits,
  }
}
