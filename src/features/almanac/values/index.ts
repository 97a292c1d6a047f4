import { allPlantings } from '../../../core/season'
import type { Day } from '../../../data/garden-state'
import type { WorkingId } from '../../../wording/workings/names'
import type { Asked, Worked } from './asked'
import { CARE_VALUES } from './care-values'
import { PLANT_VALUES } from './plant-values'
import { SEASON_VALUES } from './season-values'

export type { Worked } from './asked'

const VALUES: Record<WorkingId, (asked: Asked) => Worked | null> = {
  ...SEASON_VALUES,
  ...PLANT_VALUES,
  ...CARE_VALUES,
}

/** Every working with the garden's own numbers on a day; what nothing can be said of is left out. */
export function workedValues(day: Day): Partial<Record<WorkingId, Worked>> {
  const { state, on, outlook } = day
  const standing = outlook.plantings.filter(({ stands }) => stands)
  const own =
    standing.find(({ cultivar, place }) => cultivar.crop === 'tomato' && place.pot === null) ??
    standing[0] ??
    allPlantings(outlook)[0]
  const asked: Asked = {
    day,
    state,
    on,
    manner: day.manner,
    outlook,
    own,
    watered: day.water.find(({ place }) => place.id === own?.place.id),
  }
  return Object.fromEntries(
    Object.entries(VALUES).flatMap(([id, of]) => {
      const worked = of(asked)
      return worked ? [[id, worked]] : []
    }),
  )
}
