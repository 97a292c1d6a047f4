import { describe, expect, it } from 'vitest'
import { addDays, isoDate, type IsoDate } from '../calendar'
import { emptySeries, type DailySeries } from '../climate'
import type { GardenCultivar, Planting } from '../facts'
import type { EntryKind, LogEntry } from '../log'
import { seasonOutlook } from '../season'
import { entryOf, sampleGarden, sixSlicers, slicer, withoutCare } from '../../test/sample-garden'
import { callsOf } from '.'

const planting: Planting = { ...sixSlicers, plannedSetOut: '2026-06-01' as IsoDate }
let ids = 0
const entry = (kind: EntryKind, on: string, data: object = {}, more: Partial<LogEntry> = {}) =>
  entryOf(`e${++ids}`, kind, on, data, more)
const raised = [
  entry('sown', '2026-04-13', { seeds: 11 }),
  entry('emerged', '2026-04-20', { count: 9 }),
  entry('potted-up', '2026-05-10', { count: 6, potVolume: 0.5 }),
]
const hardened = Array.from({ length: 8 }, (_, day) =>
  entry('hardened', addDays(isoDate('2026-05-24'), day), { day: day + 1, hours: 3 }),
)
const setOut = entry('set-out', '2026-06-01', {
  count: 6,
  method: 'upright',
  school: 'deep',
  stemBuried: 0.1,
  holeDepth: 0.2,
  leavesStripped: 2,
})

function callsOn(
  on: string,
  entries: LogEntry[],
  options: { forecast?: DailySeries; plantings?: Planting[]; cultivars?: GardenCultivar[] } = {},
) {
  const { forecast = null, plantings = [planting], cultivars = [slicer] } = options
  const outlook = seasonOutlook(sampleGarden(entries, { cultivars, plantings }), isoDate(on), forecast)
  return callsOf(outlook, withoutCare)
}
const kinds = (...args: Parameters<typeof callsOn>) =>
  callsOn(...args).map(({ kind, urgency }) => `${kind} ${urgency}`)
function forecast(on: string, lows: number[], wind = 2): DailySeries {
  const series = emptySeries((Date.parse(on) / 86_400_000) | 0, lows.length)
  lows.forEach((low, day) => {
    series.tmin[day] = low
    series.tmax[day] = low + 10
    series.wind[day] = wind
  })
  return series
}

describe('callsOf', () => {
  it('asks to sow from a week before to whenever it is done, with seeds by the odds', () => {
    expect(kinds('2026-03-25', [])).toEqual([])
    expect(kinds('2026-04-02', [])).toEqual(['sow coming'])
    expect(kinds('2026-04-10', [])).toEqual(['sow today'])
    expect(kinds('2026-05-10', [])).toEqual(['sow late'])
    expect(callsOn('2026-04-10', [])[0]!.advice.answer).toEqual({
      kind: 'sow',
      seeds: 11,
      plants: 6,
      depth: 0.006,
    })
    expect(kinds('2026-04-14', raised.slice(0, 1))).toEqual(['look-for-loops coming'])
  })
  it('leads through raising, one step after the other', () => {
    expect(kinds('2026-04-20', raised.slice(0, 1))).toEqual(['look-for-loops today'])
    expect(kinds('2026-05-10', raised.slice(0, 2))).toEqual(['pot-up today'])
    expect(kinds('2026-05-26', raised)).toContain('harden today')
    expect(kinds('2026-05-31', [...raised, ...hardened])).not.toContain('harden today')
  })
  it('asks nothing of seed in place but to sow it, to look for it, and what comes of it', () => {
    const direct: Planting = {
      ...planting,
      raising: 'direct',
      plannedSetOut: null,
      ownInRow: null,
      ownLines: null,
      ownCage: null,
      unionHeight: null,
      plannedSow: '2026-06-05' as IsoDate,
    }
    const call = (on: string, entries: LogEntry[]) => callsOn(on, entries, { plantings: [direct] })[0]
    const sow = call('2026-06-05', [])!
    // Of three seeds a spot, one lives in 19 cases of 20: 1 − (1 − 0.765)³.
    expect(sow.advice.answer).toMatchObject({ kind: 'sow', seeds: 18 })
    expect(sow.advice.reasons[0]!.rule).toBe('call.sow-in-place')
    const sown = entry('sown', '2026-06-05', { seeds: 18 })
    expect(call('2026-06-12', [sown])).toMatchObject({ kind: 'look-for-loops', advice: { cautions: [] } })
    const up = entry('emerged', '2026-06-12', { count: 6 })
    expect(call('2026-06-20', [sown, up])).toBeUndefined()
    expect(call('2026-08-10', [sown, up])).toMatchObject({ kind: 'look-for-flowers' })
  })
  it('hardens a step a day, and rests in cold or wind', () => {
    const done = [...raised, ...hardened.slice(0, 3)]
    const step = (weather: DailySeries, on = '2026-05-27') =>
      callsOn(on, done, { forecast: weather }).find(({ kind }) => kind === 'harden')!
    expect(step(forecast('2026-05-27', [12, 12, 12])).advice.answer).toEqual({
      kind: 'harden',
      day: 4,
      hours: 6,
      sun: true,
      wind: false,
      nightOut: false,
      rest: false,
    })
    expect(step(forecast('2026-05-27', [-4, -4, -4])).advice.answer).toMatchObject({ rest: true })
    expect(step(forecast('2026-05-27', [12, 12, 12], 6)).advice.reasons[0]!.rule).toBe(
      'call.harden-rest-wind',
    )
    expect(step(forecast('2026-05-26', [12, 12, 12]), '2026-05-26').urgency).toBe('coming')
  })
  it('asks for the soil before setting out, and not again when it was read', () => {
    expect(kinds('2026-05-26', [...raised, ...hardened.slice(0, 2)])).toContain('read-soil today')
    const read = entry(
      'soil-read',
      '2026-05-25',
      { depth: 0.15, temperature: 19 },
      { subject: { type: 'place', id: 'p' } },
    )
    expect(kinds('2026-05-26', [...raised, ...hardened.slice(0, 2), read])).not.toContain('read-soil today')
  })
  it('sets out on a warm day, and waits on a cold one', () => {
    const ready = [...raised, ...hardened]
    const warm = callsOn('2026-06-01', ready, { forecast: forecast('2026-06-01', Array(10).fill(14)) }).find(
      ({ kind }) => kind === 'set-out',
    )!
    expect(warm.advice.answer).toMatchObject({ go: true, suits: '2026-06-01' })
    const cold = callsOn('2026-06-01', ready, {
      forecast: forecast('2026-06-01', [14, 14, 4, 14, 14, 14, 14, 14, 14, 14]),
    }).find(({ kind }) => kind === 'set-out')!
    expect(cold.advice.answer).toMatchObject({ go: false, suits: '2026-06-04' })
    expect(kinds('2026-06-02', [...ready, setOut])).not.toContain('set-out today')
  })
  it('covers before a frost night, ahead of everything else', () => {
    const flowering = callsOn('2026-07-01', [...raised, ...hardened, setOut], {
      forecast: forecast('2026-07-01', [8, 1, 8, 8]),
    })
    expect(flowering[0]).toMatchObject({
      kind: 'cover',
      urgency: 'tonight',
      advice: { answer: { nightLow: 1 } },
    })
    expect(
      kinds('2026-07-01', [...raised, ...hardened, setOut], {
        forecast: forecast('2026-07-01', [8, 8, 8, 1]),
      }),
    ).toContain('cover coming')
    expect(kinds('2026-07-01', [...raised, ...hardened, setOut])).not.toContain('cover tonight')
  })
  it('asks for flowers, first fruit and picking in their time', () => {
    const standing = [...raised, ...hardened, setOut]
    expect(kinds('2026-07-02', standing)).toContain('look-for-flowers today')
    const picked = [
      ...standing,
      entry('flowered', '2026-07-01'),
      entry('picked', '2026-08-20', { mass: 1, count: 8 }),
    ]
    expect(kinds('2026-08-22', picked)).toContain('pick coming')
    expect(kinds('2026-08-23', picked)).toContain('pick today')
  })
  it('tops a vine, never a bush', () => {
    const standing = [...raised, ...hardened, setOut, entry('flowered', '2026-07-01')]
    const on = '2026-08-20'
    expect(kinds(on, standing).some((call) => call.startsWith('top '))).toBe(true)
    expect(
      kinds(on, standing, { cultivars: [{ ...slicer, habit: 'determinate' }] }).some((call) =>
        call.startsWith('top '),
      ),
    ).toBe(false)
    expect(
      kinds(on, [...standing, entry('topped', '2026-08-15')]).some((call) => call.startsWith('top ')),
    ).toBe(false)
  })
  it('leaves out what was put off until its day, and what was declined', () => {
    const [call] = callsOn('2026-04-10', [])
    const put = entry('put-off', '2026-04-10', { call: call!.id, until: '2026-04-13' })
    expect(kinds('2026-04-12', [put])).toEqual([])
    expect(kinds('2026-04-13', [put])).toEqual(['sow today'])
    const declined = entry('declined', '2026-04-10', { call: call!.id, why: '' })
    expect(kinds('2026-04-20', [declined])).toEqual([])
    expect(kinds('2026-04-20', [declined, entry('void', '2026-04-11', {}, { voids: declined.id })])).toEqual([
      'sow today',
    ])
  })
  it('says the same whatever the order of the log', () => {
    const log = [...raised, ...hardened, setOut]
    expect(callsOn('2026-07-02', [...log].reverse())).toEqual(callsOn('2026-07-02', log))
  })
  it('gives every call a reason that decides, and its own name', () => {
    for (const on of ['2026-04-10', '2026-05-26', '2026-06-01', '2026-07-02', '2026-08-20', '2026-10-10']) {
      const calls = callsOn(
        on,
        [...raised, ...hardened, setOut].filter((entry) => entry.on < on),
      )
      for (const { advice } of calls)
        expect(advice.reasons.some(({ weight }) => weight === 'decides')).toBe(true)
      expect(new Set(calls.map(({ id }) => id)).size).toBe(calls.length)
    }
  })
})
