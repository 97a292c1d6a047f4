import type { LogEntry } from '../core/log'
import type { Reader } from './database'
import { placesOf, plantingsOf, plantsOf } from './plantings'

/** The ids of what can be entered about; plants only where one of the subjects is a plant. */
export async function knownSubjects(
  tx: Reader,
  gardenId: string,
  about: readonly LogEntry['subject'][],
): Promise<Record<LogEntry['subject']['type'], Set<string>>> {
  const plantings = (await plantingsOf(gardenId, undefined, tx)).map(({ id }) => id)
  return {
    garden: new Set([gardenId]),
    place: new Set((await placesOf(gardenId, tx)).map(({ id }) => id)),
    planting: new Set(plantings),
    plant: new Set(
      about.some(({ type }) => type === 'plant') ? (await plantsOf(plantings, tx)).map(({ id }) => id) : [],
    ),
  }
}
