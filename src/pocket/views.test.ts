import { gzipSync } from 'node:zlib'
import { describe, expect, it } from 'vitest'
import { addDays } from '../core/calendar'
import { dayOf } from '../core/garden-day'
import { addPerson } from '../data/access/people'
import { write } from '../data/database'
import { demoGarden } from '../data/demo'
import { largeGarden } from '../data/demo/large'
import { insertGardenFile } from '../data/garden-file'
import { loadGarden, type GardenState } from '../data/garden-state'
import { enterEntries } from '../data/log-writing'
import { gardenOfLists, type PocketLists } from '../data/pocket/lists'
import { pocketOffer, type PocketOffer } from '../data/pocket/offer'
import type { GardenFile } from '../data/records'
import { sharePlace } from '../data/shares'
import { scratchDatabase } from '../test/scratch'
import { southGarden } from '../test/south-garden'
import type { ScreenHere } from './addresses'
import { VIEWS, viewOf } from './views'

scratchDatabase()

const NOW = new Date('2026-06-18T12:00:00Z')

async function laid(file: GardenFile): Promise<GardenState> {
  await write((tx) => insertGardenFile(tx, file))
  return (await loadGarden())!
}

/** What a phone has that was sent this, after what it had before. */
function received({ lists, pieces }: PocketOffer, before: Record<string, string> = {}): PocketLists {
  const all = { ...before, ...pieces }
  return Object.fromEntries(
    Object.entries(lists).map(([name, marks]) => [
      name,
      marks.flatMap((mark) => JSON.parse(all[mark]!) as unknown[]),
    ]),
  ) as unknown as PocketLists
}

const onPhone = (offer: PocketOffer, state: GardenState) =>
  gardenOfLists(received(offer), { changes: offer.changes, now: state.now })

/** Screens that tell of the whole log: the phone has this season's. */
const OF_THE_WHOLE_LOG: ScreenHere[] = ['logbook']
const SCREENS = Object.keys(VIEWS) as ScreenHere[]

describe.each([
  ['the demo garden', demoGarden, [0, 9]],
  ['the southern garden', () => southGarden().garden.file, [0, 9]],
  ['the large garden', largeGarden, [0]],
])('a phone’s copy of %s', (_, file, days) => {
  it('shows on every screen what the server shows', async () => {
    const state = await laid(file())
    const here = await onPhone(await pocketOffer(state, new Set(), NOW), state)
    const { plantings } = dayOf(state, state.now).outlook
    const ids: Partial<Record<ScreenHere, string[]>> = {
      plant: state.plants.slice(-3).map(({ id }) => id),
      planting: plantings.slice(0, 4).map(({ planting }) => planting.id),
      'set-out': plantings.slice(0, 4).map(({ planting }) => planting.id),
    }
    for (const screen of SCREENS.filter((one) => !OF_THE_WHOLE_LOG.includes(one)))
      for (const id of ids[screen] ?? [''])
        for (const on of days.map((day) => addDays(state.now, day)))
          expect(viewOf(here, screen, { id, on }), `${screen} ${id} ${on}`).toEqual(
            viewOf(state, screen, { id, on }),
          )
  }, 60_000)
})

describe('what is sent to a phone', () => {
  it('is at most a megabyte for the large garden, and a little after ten entries', async () => {
    const state = await laid(largeGarden())
    const whole = await pocketOffer(state, new Set(), NOW)
    expect(gzipSync(JSON.stringify(whole)).byteLength).toBeLessThan(1024 * 1024)

    const { plantings } = dayOf(state, state.now).outlook
    for (let turn = 0; turn < 10; turn++)
      await enterEntries([
        {
          id: `new-${turn}`,
          subject: { type: 'place', id: plantings[turn]!.place.id },
          kind: 'watered',
          on: state.now,
          data: { litres: 5 },
          note: '',
        },
      ])
    const after = (await loadGarden())!
    const has = new Set(Object.keys(whole.pieces))
    const difference = await pocketOffer(after, has, NOW)
    expect(gzipSync(JSON.stringify(difference)).byteLength).toBeLessThan(20 * 1024)
    expect(received(difference, whole.pieces).entries.filter(({ id }) => id.startsWith('new-'))).toHaveLength(
      10,
    )
  }, 60_000)
  it('has the weather record where the seasons are taken from it', async () => {
    const file = southGarden().garden.file
    const days = Array.from({ length: 4400 }, (_, at) => ({
      date: addDays(file.garden.clockDate!, at - 4400),
      tmin: 8 + 6 * Math.cos((at / 365) * 2 * Math.PI) + (at % 7) / 3,
      tmax: 17 + 7 * Math.cos((at / 365) * 2 * Math.PI) + (at % 5) / 2,
      rain: at % 4,
      dewPoint: null,
      wind: null,
      solar: null,
      source: 'measured' as const,
    }))
    const { record } = await laid({ ...file, weather: days as unknown as GardenFile['weather'] })
    await addPerson('Wren', 'helper', NOW)
    await sharePlace(record.places[0]!.id, 'Wren')
    const state = (await loadGarden())!
    expect(state.record.ensemble.recorded).toBe(true)
    const here = await onPhone(await pocketOffer(state, new Set(), NOW), state)
    expect(here.record.ensemble.recorded).toBe(true)
    expect(viewOf(here, 'walk', {})).toEqual(viewOf(state, 'walk', {}))
    expect(viewOf(here, 'walk', {})).toHaveProperty('parts.0.name', 'Wren')
  })
})
