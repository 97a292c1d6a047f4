import { aPlantBears, typicallyBears } from '../../../core/garden-day'
import { onPlan, seasonInView } from '../../../core/season'
import type { Day } from '../../../data/garden-state'
import { trainingsFor, type Crop } from '../../../core/crop'
import { TYPICAL_CULTIVARS, type GardenCultivar, type Manner } from '../../../core/facts'
import type { PotsView } from '../pots/screen'
import { holdsOn } from '../../../core/facts'

export interface HowManyView {
  manner: Manner
  query: string
  /** The season that is lived in. */
  season: number
  /** Its own; one typical of each type of a crop that it has none of. */
  cultivars: (GardenCultivar & { bears: number })[]
  /** The season's plantings: cultivar, plants, and kg that all of them are expected to bear. */
  plan: { cultivarId: string; name: string; crop: Crop; plants: number; kg: number }[]
}

/** What a household's wishes are held against. */
export function howManyView(day: Day): HowManyView {
  const own = day.state.record.cultivars
  const typical = TYPICAL_CULTIVARS.filter(({ crop }) => own.every((one) => one.crop !== crop))
  const cultivars = [...own, ...typical.map(({ key, ...traits }) => ({ id: key, ...traits }))]
  return {
    manner: day.manner,
    query: day.query,
    season: seasonInView(day.outlook).season,
    cultivars: cultivars.map((cultivar) => ({
      ...cultivar,
      bears: typicallyBears(day, cultivar, trainingsFor(cultivar)[0]!),
    })),
    plan: onPlan(day.outlook).map((one) => ({
      cultivarId: one.cultivar.id,
      name: one.cultivar.name,
      crop: one.cultivar.crop,
      plants: one.planting.count,
      kg: one.planting.count * aPlantBears(day, one),
    })),
  }
}

export function potsView(day: Day): PotsView {
  const { state, on } = day
  const { plantings } = day.outlook
  return {
    manner: day.manner,
    query: day.query,
    places: state.record.places
      .filter((place) => holdsOn(place, on))
      .map((place) => ({
        place,
        plants: plantings
          .filter((own) => own.place.id === place.id && own.phase !== 'over')
          .flatMap(({ planting, cultivar }) =>
            Array.from({ length: planting.count }, () => ({ crop: cultivar.crop, habit: cultivar.habit })),
          ),
      })),
  }
}
