import { v7 } from 'uuid'
import type { IsoDate } from '../../src/core/calendar'
import { write } from '../../src/data/database'
import { keepReadings } from '../../src/data/devices'
import { currentGarden } from '../../src/data/gardens'
import type { EntryDraft } from '../../src/core/log'
import { enterEntries } from '../../src/data/log-writing'
import { addPhoto } from '../../src/data/photos'
import { putWeather } from '../../src/data/records/weather-day'

/** Writes of four kinds as fast as they are confirmed, each told on a line of its own when it is; until it is killed. */
const tell = (kind: string, id: string) => process.stdout.write(`${kind} ${id}\n`)
const garden = (await currentGarden())!
const dot = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
  'base64',
)
const noteOf = async (id: string) => {
  const draft = {
    id,
    subject: { type: 'place', id: 'demo-bed-1' },
    kind: 'note',
    on: garden.clockDate!,
    data: {},
    note: id,
  }
  const answer = await enterEntries([draft as unknown as EntryDraft])
  if (answer.ok) tell('entry', id)
}
const start = Date.now()
let number = 0
const writers: (() => Promise<void>)[] = [
  () => noteOf(v7()),
  async () => {
    const at = new Date(Date.UTC(2020, 0, 1) + (start % 1e9) + ++number * 1000).toISOString()
    await keepReadings({ placeId: 'demo-bed-1', gardenId: garden.id }, [{ at, content: 0.2 }])
    tell('reading', at)
  },
  async () => {
    const [id, entryId] = [v7(), v7()]
    await noteOf(entryId)
    const kept = await addPhoto(
      { id, entryId, type: 'image/png', bytes: dot.byteLength, width: 1, height: 1 },
      dot,
    )
    if (kept === 'kept') tell('photo', id)
  },
  async () => {
    const date = new Date(Date.UTC(1950, 0, 1) + (start % 20_000) * 86_400_000 + ++number * 86_400_000)
      .toISOString()
      .slice(0, 10) as IsoDate
    const day = {
      date,
      source: 'entered',
      tmin: 1,
      tmax: 9,
      rain: 0,
      dewPoint: null,
      wind: null,
      solar: null,
    } as const
    await write((tx) => putWeather(tx, garden.id, [day], 'all'))
    tell('weather', date)
  },
]
await Promise.all(
  writers.map(async (work) => {
    // What fails was not confirmed: the next is tried.
    for (;;) await work().catch(() => new Promise((wait) => setTimeout(wait, 20)))
  }),
)
