import type { HouseDecision } from '../core/garden-day'
import { write } from './database'
import { currentGarden, updateGarden } from './gardens'

/** Makes a way the house's own; false: there is no garden. */
export const chooseSchool = (decision: HouseDecision, school: string): Promise<boolean> =>
  write(async (tx) => {
    const own = await currentGarden(tx)
    if (!own) return false
    await updateGarden(tx, own.id, { houseSchools: { ...own.houseSchools, [decision]: school } })
    return true
  })
