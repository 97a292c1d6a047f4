import type { IsoDate } from '../calendar'
import type { Crop } from '../crop'
import { effectiveEntries, entriesAbout } from '../entry'
import type { Planting } from '../facts'
import type { CropResult, Verdict } from '../harvest'
import { ofKind, type LogEntry } from '../log'
import { remembered } from '../memo'
import { AS_FOUND, standsOf } from '../season'
import type { GardenDay } from './garden-day'

/** A planting's harvest as it was entered. */
export interface PlantingResult extends CropResult {
  planting: Planting
  cultivar: string
  crop: Crop
  place: string
  firstPicked: IsoDate | null
  lastPicked: IsoDate | null
  verdict: Verdict | null
}

/** The entries that count on a day; the same list until something is written. */
export const entriesOn = (day: GardenDay): LogEntry[] =>
  remembered(day.state, `entries ${day.on}`, () => effectiveEntries(day.state.record.entries, day.on))

/** What every planting of every season has given up to a day. */
export const resultsOf = (day: GardenDay): PlantingResult[] =>
  remembered(day.state, `results ${day.on}`, () => resultsOn(day))

function resultsOn(day: GardenDay): PlantingResult[] {
  const { state } = day
  const { record } = state
  const entries = entriesOn(day)
  const places = new Map(record.places.map((place) => [place.id, place]))
  const cultivars = new Map(record.cultivars.map((cultivar) => [cultivar.id, cultivar]))
  const sharing = new Map<string, number>()
  for (const { season, placeId, count } of record.plantings)
    sharing.set(`${season} ${placeId}`, (sharing.get(`${season} ${placeId}`) ?? 0) + count)
  return record.plantings.flatMap((planting): PlantingResult[] => {
    const place = places.get(planting.placeId)
    const cultivar = cultivars.get(planting.cultivarId)
    if (!place || !cultivar) return []
    const own = entriesAbout(entries, { type: 'planting', id: planting.id })
    const setOut = ofKind(own, 'set-out').at(-1)
    if (!standsOf(planting, own) && ofKind(own, 'picked').length === 0) return []
    const picked = ofKind(own, 'picked')
    const share = planting.count / sharing.get(`${planting.season} ${planting.placeId}`)!
    const faulty = picked.reduce(
      (sum, { data }) => sum + Object.values(data.faults ?? {}).reduce((all, one) => all + (one ?? 0), 0),
      0,
    )
    const fruit = picked.reduce((sum, { data }) => sum + (data.count ?? 0), 0)
    return [
      {
        planting,
        cultivar: cultivar.name,
        crop: cultivar.crop,
        place: place.name,
        season: planting.season,
        plants: planting.count,
        area: place.length * place.width * share,
        mass: picked.reduce((sum, { data }) => sum + data.mass, 0),
        counted: fruit,
        faulty: Math.min(fruit, faulty),
        decisions: {
          training: planting.training,
          support: planting.support,
          spacing: planting.spacingSchool,
          ...(setOut && setOut.data.school !== AS_FOUND.school
            ? { depth: setOut.data.school, method: setOut.data.method }
            : {}),
        },
        firstPicked: picked[0]?.on ?? null,
        lastPicked: picked.at(-1)?.on ?? null,
        verdict: ofKind(own, 'judged').at(-1)?.data.verdict ?? null,
      },
    ]
  })
}
