import { onPlan, seasonInView } from '../../../core/season'
import type { Day } from '../../../data/garden-state'
import type { Training } from '../../../core/crop'
import type { GardenCultivar, Manner } from '../../../core/facts'
import type { PotsView } from '../pots/screen'
import { holdsOn } from '../../../core/facts'

export interface HowManyView {
  manner: Manner
  query: string
  /** The season that is lived in. */
  season: number
  cultivars: GardenCultivar[]
  /** The season's plantings: cultivar, plants and how they are led. */
  plan: { cultivarId: string; plants: number; training: Training }[]
}

/** What a household's wishes are held against. */
export function howManyView(day: Day): HowManyView {
  const { state } = day
  return {
    manner: day.manner,
    query: day.query,
    season: seasonInView(day.outlook).season,
    cultivars: [...state.record.cultivars],
    plan: onPlan(day.outlook).map(({ planting }) => ({
      cultivarId: planting.cultivarId,
      plants: planting.count,
      training: planting.training,
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
