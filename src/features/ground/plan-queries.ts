import { dayOf } from '../../core/garden-day'
import type { Training } from '../../core/crop'
import type { GardenCultivar, Manner } from '../../core/facts'
import type { IsoDate } from '../../core/calendar'
import { mannerOf } from '../../data/gardens'
import type { GardenState } from '../../data/garden-state'
import type { PotsView } from './pots-screen'
import { holdsOn } from '../../core/facts'

export interface HowManyView {
  manner: Manner
  query: string
  cultivars: GardenCultivar[]
  /** The season's plantings: cultivar, plants and how they are led. */
  plan: { cultivarId: string; plants: number; training: Training }[]
}

/** What a household's wishes are held against. */
export function howManyView(state: GardenState, on: IsoDate): HowManyView {
  return {
    manner: mannerOf(state.garden),
    query: dayOf(state, on).query,
    cultivars: [...state.record.cultivars],
    plan: dayOf(state, on).outlook.plantings.map(({ planting }) => ({
      cultivarId: planting.cultivarId,
      plants: planting.count,
      training: planting.training,
    })),
  }
}

export function potsView(state: GardenState, on: IsoDate): PotsView {
  const { plantings } = dayOf(state, on).outlook
  return {
    manner: mannerOf(state.garden),
    query: dayOf(state, on).query,
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
