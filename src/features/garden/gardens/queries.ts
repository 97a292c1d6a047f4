import { sayNumber } from '../../../wording/say'
import { allGardens, currentGarden } from '../../../data/gardens'
import { mannerOf } from '../../../data/garden-row'
import { formatMeasure } from '../../../core/quantity'
import { entryRecord } from '../../../data/records/entry'
import type { GardenRow } from '../../../data/records/garden'
import { placeRecord } from '../../../data/records/place'
import { plantingRecord } from '../../../data/records/planting'

/** A garden of this database. */
export interface GardenLine {
  id: string
  name: string
  where: string
  holds: string
  atWork: boolean
}

export async function gardenLines(): Promise<GardenLine[]> {
  const atWork = await currentGarden()
  return Promise.all(
    (await allGardens()).map(async (garden) => {
      const [places, plantings, entries] = await Promise.all(
        [placeRecord, plantingRecord, entryRecord].map((record) => record.count(garden.id)),
      )
      return {
        id: garden.id,
        name: garden.name,
        where: whereOf(garden),
        holds: `${places} ${places === 1 ? 'place' : 'places'}, ${plantings} ${plantings === 1 ? 'planting' : 'plantings'}, ${entries} ${entries === 1 ? 'entry' : 'entries'}`,
        atWork: garden.id === atWork?.id,
      }
    }),
  )
}

const whereOf = (garden: GardenRow) => {
  const manner = mannerOf(garden)
  const { latitude, longitude, elevation } = garden
  const degrees = (value: number, [above, below]: [string, string]) =>
    `${sayNumber(Math.abs(value), manner)}° ${value < 0 ? below : above}`
  return `${degrees(latitude, ['N', 'S'])} ${degrees(longitude, ['E', 'W'])}, ${formatMeasure({ kind: 'length', value: elevation }, manner)}`
}
