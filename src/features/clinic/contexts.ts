import { dayOf } from '../../core/garden-day'
import type { IsoDate } from '../../core/calendar'
import type { PlantingOutlook } from '../../core/season'
import type { GardenState } from '../../data/garden-state'

/** The plantings that are up or out on a day, those in the ground first, by place. */
export const growingOn = (state: GardenState, on: IsoDate): PlantingOutlook[] =>
  dayOf(state, on)
    .outlook.plantings.filter(({ phase }) => phase === 'raising' || phase === 'standing')
    .sort(
      (a, b) =>
        Number(a.stands === null) - Number(b.stands === null) ||
        a.place.name.localeCompare(b.place.name, 'en', { numeric: true }),
    )
