import { expose } from 'comlink'
import { allPlantings, outlookAlong, type PlantingDates } from '../core/season'
import type { Ensemble } from '../core/climate'
import { gathering, lineOf, type SeasonKit } from './season-kit'

/** Share of the work that gathering the seasons is, the rest being the plantings. */
const GATHERING = 0.4

let held: { of: string; ensemble: Ensemble } | undefined

/** Dates every planting of a kit over all its seasons; the seasons are kept for the next time. */
function date(kit: SeasonKit, onProgress: (share: number) => void): Record<string, PlantingDates> {
  const of = JSON.stringify([kit.normals, kit.latitude, kit.recorded])
  if (held?.of !== of) {
    const steps = gathering(kit)
    let step = steps.next()
    for (let count = 0; !step.done; step = steps.next(), count++)
      if (count % 20 === 0) onProgress(step.value * GATHERING)
    held = { of, ensemble: step.value }
  }
  const { ensemble } = held
  const line = lineOf(kit)
  const { plantings } = kit.facts
  const dates: Record<string, PlantingDates> = {}
  plantings.forEach((planting, index) => {
    const outlook = outlookAlong({ ...kit.facts, plantings: [planting], ensemble }, line, kit.today)
    for (const own of allPlantings(outlook)) dates[own.planting.id] = own.dates
    onProgress(GATHERING + ((index + 1) / plantings.length) * (1 - GATHERING))
  })
  return dates
}

const seasonWorker = { date }
export type SeasonWorker = typeof seasonWorker
expose(seasonWorker)
