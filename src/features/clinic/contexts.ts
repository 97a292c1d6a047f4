import type { IsoDate } from '../../core/calendar'
import { healthContext } from '../../core/garden-health'
import type { HealthContext } from '../../core/health'
import type { PlantingOutlook } from '../../core/season'
import { waterOn } from '../../data/garden-water'
import { outlookOn, solanaceaeYearsIn, type GardenState } from '../../data/garden-state'

/** What is known of a planting's health on a day. */
export function contextOf(state: GardenState, on: IsoDate, own: PlantingOutlook): HealthContext {
  const { latitude, soil } = state.garden
  return healthContext(outlookOn(state, on), own, {
    latitude,
    soil,
    watered: waterOn(state, on).find(({ place }) => place.id === own.place.id),
    years: solanaceaeYearsIn(state, own.place.id).filter((year) => year < own.planting.season),
  })
}

/** The plantings that are up or out on a day, those in the ground first, by place. */
export const growingOn = (state: GardenState, on: IsoDate): PlantingOutlook[] =>
  outlookOn(state, on)
    .plantings.filter(({ phase }) => phase === 'raising' || phase === 'standing')
    .sort(
      (a, b) =>
        Number(a.stands === null) - Number(b.stands === null) ||
        a.place.name.localeCompare(b.place.name, 'en', { numeric: true }),
    )
