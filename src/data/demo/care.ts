import { addDays, type IsoDate } from '../../core/calendar'
import type { Work } from '../../core/calls'
import type { EntryData, LogEntry } from '../../core/log'
import type { MoistureReading } from '../devices'

type Draft = Omit<LogEntry, 'id' | 'at'>

/** A place watered each so many days with L, from a day to another. */
const WATERED: [place: string, from: string, to: string, every: number, litres: number][] = [
  ...[1, 2, 3, 5].map((bed): [string, string, string, number, number] => [
    `bed-${bed}`,
    '2026-05-20',
    '2026-06-15',
    5,
    110,
  ]),
  ['row-a', '2026-05-22', '2026-06-13', 6, 260],
  ['row-b', '2026-06-01', '2026-06-16', 5, 240],
  ['tunnel', '2026-04-29', '2026-06-17', 3, 160],
  ...[1, 2, 4, 5].map((pot): [string, string, string, number, number] => [
    `pot-${pot}`,
    '2026-05-14',
    '2026-06-17',
    3,
    3,
  ]),
  // Pot 3 was forgotten; pot 7 goes dry and is drenched in turns.
  ['pot-3', '2026-05-14', '2026-06-09', 3, 3],
  ['pot-7', '2026-04-24', '2026-06-13', 7, 8],
  ['pot-8', '2026-04-24', '2026-06-17', 2, 5],
]

const SEED_MEAL = { name: 'Seed meal', n: 6, p2o5: 2, k2o: 1, release: 'meal' } as const
const GREEN_SALTS = {
  name: 'Green salts',
  n: 20,
  p2o5: 8,
  k2o: 8,
  release: 'soluble',
  nitrogen: 'urea',
} as const
const POT_FEED = {
  name: 'Balcony feed',
  n: 6,
  p2o5: 4,
  k2o: 8,
  release: 'soluble',
  nitrogen: 'mixed',
} as const

/** A place fed on a day with g of a product; bed 5 was fed twice by two people. */
const FED: [place: string, on: string, grams: number, product: Omit<EntryData['fed'], 'grams'>][] = [
  ...[1, 2, 3, 5].map((bed): (typeof FED)[number] => [`bed-${bed}`, '2026-05-18', 420, SEED_MEAL]),
  ['bed-5', '2026-06-08', 350, GREEN_SALTS],
  ['bed-5', '2026-06-10', 350, GREEN_SALTS],
  ['row-a', '2026-05-19', 900, SEED_MEAL],
  ['tunnel', '2026-04-28', 500, SEED_MEAL],
  ...[1, 2, 4, 5, 7, 8].flatMap((pot): typeof FED =>
    ['2026-05-28', '2026-06-11'].map((on) => [`pot-${pot}`, on, 8, POT_FEED]),
  ),
]

/** Routine works on a planting or place, with the day on which they were done last. */
const TENDED: [type: 'place' | 'planting' | 'garden', id: string, on: string, works: Work[]][] = [
  ['planting', 'demo-2026-bed-1-1', '2026-06-17', ['tie']],
  ['planting', 'demo-2026-bed-1-2', '2026-06-17', ['tie']],
  ['planting', 'demo-2026-tunnel-1', '2026-06-17', ['tie']],
  ['planting', 'demo-2026-row-a-1', '2026-06-16', ['tier']],
  ['place', 'demo-tunnel', '2026-06-17', ['open-tunnel', 'shut-tunnel', 'shake']],
  ['garden', 'demo-windrow-lane', '2026-06-13', ['scout']],
]

/** What the places of the demo garden were given this year. */
export function careEntries(): Draft[] {
  const entry = (kind: 'watered' | 'fed', place: string, on: string, data: object) =>
    ({
      subject: { type: 'place', id: `demo-${place}` },
      kind,
      on: on as IsoDate,
      data,
      note: '',
      voids: null,
    }) as Draft
  const waterings = WATERED.flatMap(([place, from, to, every, litres]) => {
    const entries: Draft[] = []
    for (let on = from as IsoDate; on <= to; on = addDays(on, every))
      entries.push(entry('watered', place, on, { litres }))
    return entries
  })
  const tended = TENDED.map(
    ([type, id, on, works]) =>
      ({
        subject: { type, id },
        kind: 'tended',
        on,
        data: { works },
        note: '',
        voids: null,
      }) as unknown as Draft,
  )
  return [
    ...waterings,
    ...tended,
    ...FED.map(([place, on, grams, product]) => entry('fed', place, on, { ...product, grams })),
    entryOfSpade(),
  ]
}

const entryOfSpade = (): Draft =>
  ({
    subject: { type: 'place', id: 'demo-bed-1' },
    kind: 'moisture-read',
    on: '2026-06-14' as IsoDate,
    data: { method: 'spade', feel: 'moist' },
    note: '',
    voids: null,
  }) as Draft

const SENSOR_FROM = '2026-06-08' as IsoDate
const SENSOR_DAYS = 10
/** m³/m³ on a watering's morning, and lost in a day. */
const WET = 0.3
const DRIES = 0.011
const WATERED_EACH = 3

/** The tunnel's sensor, four times a day: it follows the waterings. */
export function sensorReadings(): MoistureReading[] {
  return Array.from({ length: SENSOR_DAYS }, (_, day) => addDays(SENSOR_FROM, day)).flatMap((on, day) =>
    [0, 6, 12, 18].map((hour) => ({
      placeId: 'demo-tunnel',
      at: `${on}T${String(hour).padStart(2, '0')}:30:00.000Z`,
      on,
      content: Math.round((WET - DRIES * ((day % WATERED_EACH) + hour / 24)) * 1000) / 1000,
    })),
  )
}
