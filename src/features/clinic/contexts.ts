import type { Day } from '../../data/garden-state'
import type { PlantingOutlook } from '../../core/season'

/** The plantings that are up or out on a day, those in the ground first, by place. */
export const growingOn = (day: Day): PlantingOutlook[] =>
  day.outlook.plantings
    .filter(({ phase }) => phase === 'raising' || phase === 'standing')
    .sort(
      (a, b) =>
        Number(a.stands === null) - Number(b.stands === null) ||
        a.place.name.localeCompare(b.place.name, 'en', { numeric: true }),
    )
