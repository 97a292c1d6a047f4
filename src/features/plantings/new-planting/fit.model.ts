import type { Cultivar, Training } from '../../../core/crop'
import { plainPlace, type PlaceKind, type SpacingSchool, type Support } from '../../../core/facts'
import { parseQuantity } from '../../../core/quantity'
import { layAnyway, layPlanting, type Laying } from '../../../core/spacing'
import { sayCrowded } from '../../../wording/crowded'
import { sayLength } from '../../../wording/say'
import { longUnit } from '../../../wording/written'
import type { Choices } from '../queries'
import type { PlantingValues } from './values'

/** How many fit beside what stands, and how far apart. */
export interface Fit {
  answer: string
  how: string
  isTooFew: boolean
  /** What planting them anyway comes to; null: they fit. */
  anyway: { apart: string; costs: string[] } | null
  /** What rotation says against the place; empty: nothing. */
  rotation: string
}

/** What is chosen so far, in a place; null: the place has no size yet. */
export function fitOf(
  values: PlantingValues,
  plant: Pick<Cultivar, 'crop' | 'habit' | 'fruit'>,
  trainings: readonly Training[],
  { manner, places, wetness }: Pick<Choices, 'manner' | 'places' | 'wetness'>,
): Fit | null {
  const place = places.find(({ id }) => id === values.place)
  const typed = (text: string, bareUnit?: string) => {
    const read = parseQuantity(text ?? '', 'length', manner.units, bareUnit)
    return 'error' in read || read.value < 0.05 || read.value > 500 ? null : read.value
  }
  const [length, width] = place
    ? [place.length, place.width]
    : [typed(values.placeLength, longUnit(manner)), typed(values.placeWidth, longUnit(manner))]
  if (length === null || width === null) return null
  const bed = place ?? plainPlace({ id: '', name: '', kind: values.placeKind as PlaceKind, length, width })
  const inSeason = place?.seasons.find(({ season }) => season === Number(values.season))
  const standing = inSeason?.standing ?? []
  const count = /^\d{1,4}$/.test(values.count.trim()) ? Number(values.count) : 0
  const wanted = {
    cultivar: plant,
    count,
    training: trainings.find((other) => other === values.training) ?? trainings[0]!,
    support: values.support as Support,
    spacingSchool: values.spacingSchool as SpacingSchool,
    ownInRow: typed(values.ownInRow),
    ownLines: typed(values.ownLines),
  }
  const { spacing, fits } = layPlanting(bed, { ...wanted, count: 0 }, standing, wetness)
  const beside = inSeason?.planned ? ` beside ${inSeason.planned}` : ''
  const isTooFew = count > fits
  return {
    answer: `${fits} fit`,
    how: `${beside}, ${sayLength(spacing.inRow, manner)} apart in the row.`,
    isTooFew,
    anyway: isTooFew ? anywayOf() : null,
    rotation: inSeason?.rotation ?? '',
  }

  function anywayOf(): Fit['anyway'] {
    const { inRow, share, costs } = layAnyway(bed, wanted, standing, wetness, values.laying as Laying)
    return { apart: sayLength(inRow, manner), costs: sayCrowded(costs, share) }
  }
}
