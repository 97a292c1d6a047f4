import type { LogEntry } from '../core/log'
import type { Reader } from './database'
import { plantRecord } from './records/plant'
import { placeRecord } from './records/place'
import { plantingRecord } from './records/planting'

/** The ids of what can be entered about; plants only where one of the subjects is a plant. */
export async function knownSubjects(
  tx: Reader,
  gardenId: string,
  about: readonly LogEntry['subject'][],
): Promise<Record<LogEntry['subject']['type'], Set<string>>> {
  const plantings = (await plantingRecord.of(gardenId, tx)).map(({ id }) => id)
  return {
    garden: new Set([gardenId]),
    place: new Set((await placeRecord.of(gardenId, tx)).map(({ id }) => id)),
    planting: new Set(plantings),
    plant: new Set(
      about.some(({ type }) => type === 'plant')
        ? (await plantRecord.of(gardenId, tx)).map(({ id }) => id)
        : [],
    ),
  }
}
