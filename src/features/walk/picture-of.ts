import type { CallAnswer } from '../../core/calls'
import type { GardenDay } from '../../core/garden-day'
import { casesOf } from '../../core/health'
import { HARDENING_DAYS, type PlantingOutlook } from '../../core/season'
import { waterLevel } from '../../core/watering'
import { SIGN_NAMES } from '../../wording/health/signs'
import type { Picture } from './types'

/** Signs of a case that are drawn side by side. */
const MOST_SIGNS = 3

/** What is drawn of what a call asks. */
export function pictureOf(answer: CallAnswer, own: PlantingOutlook, day: GardenDay): Picture {
  switch (answer.kind) {
    case 'sow':
      return {
        type: 'tray',
        cells: answer.seeds,
        stage: 'seed',
        label: `A tray with ${answer.seeds} seeds, one to a cell`,
      }
    case 'get':
    case 'look-for-loops':
      return {
        type: 'tray',
        cells: answer.plants,
        stage: 'loop',
        label: 'Seedlings just showing, still bent',
      }
    case 'pot-up':
      return {
        type: 'tray',
        cells: answer.plants,
        stage: 'seedling',
        label: `${answer.plants} seedlings with their first true leaves`,
      }
    case 'harden': {
      const step = answer.hours / answer.day
      return {
        type: 'hardening',
        day: answer.day,
        hours: Array.from({ length: HARDENING_DAYS }, (_, index) => Math.min(12, step * (index + 1))),
        rest: answer.rest,
      }
    }
    case 'read-soil':
      return { type: 'probe', depth: answer.depth, expected: answer.expected }
    case 'look-for-flowers':
      return { type: 'look', of: 'flower', crop: own.cultivar.crop }
    case 'pick':
      return answer.first ? { type: 'look', of: 'fruit', crop: own.cultivar.crop } : planOf(own, day)
    case 'follow': {
      const signs = casesOf(day.outlook.counted).find(({ id }) => id === answer.case)?.signs ?? []
      return {
        type: 'look',
        of: 'signs',
        crop: own.cultivar.crop,
        signs: signs.slice(0, MOST_SIGNS).map((id) => ({ id, name: SIGN_NAMES[id].toLowerCase() })),
      }
    }
    case 'water':
      return waterPicture(own, day) ?? planOf(own, day)
    default:
      return planOf(own, day)
  }
}

const planOf = (own: PlantingOutlook, day: GardenDay): Picture => ({
  type: 'plan',
  place: own.place,
  plants: day.canopiesAround(own),
})

function waterPicture({ place, cultivar }: PlantingOutlook, day: GardenDay): Picture | null {
  const watered = day.water.find((one) => one.place.id === place.id)
  const level = watered && waterLevel(watered)
  return level ? { type: 'water', isPot: place.pot !== null, crop: cultivar.crop, ...level } : null
}
