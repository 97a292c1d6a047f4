import { describe, expect, it } from 'vitest'
import { addDays, daysBetween, isoDate, type IsoDate } from '../calendar'
import { seededRandom } from '../random'
import { dayOf } from '../garden-day'
import { movedReason, plantingAsOf, type DateBias } from '../season'
import { gardenOf, SET_OUT, type TestGarden } from '../../test/garden'
import type { GardenState } from '../../data/garden-state'
import { biasesOf, hindcasting, scoreOf, type Hindcast } from '.'

/** Forecasts of first flowers three weeks ahead, late by so many days with a deviation, and a range of so much either way. */
function history(count: number, late: number, deviation: number, range: number, seed = 7): Hindcast[] {
  const random = seededRandom(seed)
  return Array.from({ length: count }, (_, at): Hindcast => {
    const error = late + deviation * random.normal()
    return {
      kind: 'first-flower',
      crop: 'tomato',
      subject: { type: 'planting', id: `p${at}` },
      on: isoDate('2026-06-10'),
      lead: 21,
      error,
      inside: Math.abs(error) <= range,
    }
  })
}
/** Of a normal distribution, eight of ten lie within so many deviations. */
const EIGHT_OF_TEN = 1.2816
const saysOf = (hindcasts: readonly Hindcast[]) => scoreOf(hindcasts)[0]!.cells[0]!.says

describe('a score of made-up forecasts', () => {
  it('finds calibrated ones right', () => {
    for (const seed of [1, 2, 3, 4])
      expect(saysOf(history(60, 0, 3, 3 * EIGHT_OF_TEN, seed))).toMatchObject({
        isBiased: false,
        spans: 'right',
      })
  })
  it('finds biased ones, and by how much', () => {
    const says = saysOf(history(60, 5, 3, 3 * EIGHT_OF_TEN))!
    expect(says.isBiased).toBe(true)
    expect(Math.abs(says.bias - 5)).toBeLessThan(1.2)
    expect(says.meanError).toBeGreaterThan(says.bias - 0.01)
    expect(saysOf(history(60, -5, 3, 3 * EIGHT_OF_TEN))!.bias).toBeLessThan(-3.8)
  })
  it('finds ranges that are too narrow, and too wide', () => {
    expect(saysOf(history(60, 0, 3, 1))).toMatchObject({ isBiased: false, spans: 'narrow' })
    expect(saysOf(history(60, 0, 3, 12))).toMatchObject({ isBiased: false, spans: 'wide' })
  })
  it('says nothing of fewer than five, and of what was foretold never to come only that', () => {
    expect(saysOf(history(4, 9, 1, 1))).toBeNull()
    expect(saysOf(history(5, 9, 1, 1))).toMatchObject({ isBiased: true, inside: { within: 0, of: 5 } })
    const never = history(6, 0, 1, 2).map((one, at) =>
      at === 0 ? { ...one, error: null, inside: false } : one,
    )
    expect(saysOf(never)).toMatchObject({ never: 1 })
    expect(saysOf(never)!.bias).toBeCloseTo(saysOf(never.slice(1))!.bias, 10)
  })
  it('takes no small or chance error for a bias', () => {
    expect(saysOf(history(400, 0.5, 1, 2))!.isBiased).toBe(false)
    expect(saysOf(history(6, 2, 8, 12))!.isBiased).toBe(false)
  })
})

describe('what the garden’s own record moves', () => {
  const moved = (hindcasts: readonly Hindcast[]) => biasesOf(scoreOf(hindcasts))
  it('is the mean error, drawn back by counts', () => {
    expect(moved(history(6, 8, 0.1, 9))).toMatchObject([
      { of: 'first-flower', crop: 'tomato', days: 4, count: 6, lead: 21 },
    ])
    expect(moved(history(60, 8, 0.1, 9))[0]!.days).toBe(7)
    expect(moved(history(60, -8, 0.1, 9))[0]!.days).toBe(-7)
    expect(moved(history(60, 90, 1, 9))[0]!.days).toBe(21)
  })
  it('is nothing where it may be chance, where there are too few, and of what no date follows', () => {
    expect(moved(history(60, 0, 3, 4))).toEqual([])
    expect(moved(history(4, 8, 0.1, 9))).toEqual([])
    expect(moved(history(9, 8, 0.1, 9).map((one) => ({ ...one, lead: 7 as const })))).toEqual([])
    expect(moved(history(9, 8, 0.1, 9).map((one) => ({ ...one, kind: 'soil', crop: null })))).toEqual([])
  })
})

const finished = <Value>(steps: Generator<number, Value>): { shares: number[]; value: Value } => {
  const shares: number[] = []
  for (let step = steps.next(); ; step = steps.next()) {
    if (step.done) return { shares, value: step.value }
    shares.push(step.value)
  }
}

const PLANTED = isoDate('2025-05-20')
/** Plantings of a past season whose flowers opened so many days later than they were foretold on a day. */
function lateGarden(late: number, count = 6): { garden: TestGarden; state: GardenState } {
  const garden = gardenOf()
  const made = Array.from({ length: count }, (_, at) => {
    const bed = garden.place(`Bed ${at}`, 'bed', [3, 1.2])
    // Each of them by another packet, so that they flower on different days.
    const cultivar = garden.cultivar(`Plain ${at}`, { daysToMaturity: 76 + 3 * at })
    const planting = garden.planting(cultivar, bed, 2, { season: 2025 })
    garden.enter(planting, 'sown', '2025-04-01', { seeds: 6 })
    garden.enter(planting, 'set-out', addDays(PLANTED, at), { count: 2, ...SET_OUT })
    return planting
  })
  const state = garden.state()
  for (const planting of made) {
    const flower = foretold(state, planting.id, addDays(PLANTED, 8))
    garden.enter(planting, 'flowered', addDays(flower, late), {})
  }
  return { garden, state: garden.state(state.record.ensemble) }
}
function foretold(state: GardenState, id: string, on: IsoDate): IsoDate {
  const planting = state.record.plantings.find((one) => one.id === id)!
  const { line } = dayOf(state, on).outlook
  return plantingAsOf(state.record, planting, line, on)!.dates['first-flower'].date!
}

describe('forecasts that are made again', () => {
  const { garden, state } = lateGarden(6)
  const { shares, value } = finished(hindcasting(state))
  const flowers = value.filter(({ kind }) => kind === 'first-flower')

  it('are of what was known on their day: what came later than foretold is found so', () => {
    expect(flowers.filter(({ lead }) => lead === 21)).toHaveLength(6)
    expect(flowers.some(({ lead }) => lead === 7)).toBe(true)
    for (const { error } of flowers) expect(error).toBeGreaterThanOrEqual(4)
    for (const { error, lead } of flowers)
      if (lead === 21) expect(Math.abs(error! - 6)).toBeLessThanOrEqual(1)
    expect(biasesOf(scoreOf(value))).toMatchObject([
      { of: 'first-flower', crop: 'tomato', days: 3, count: 6 },
    ])
  })
  it('tell how far they are, from the first to the last', () => {
    expect(shares).toEqual([...shares].sort((a, b) => a - b))
    expect(shares.at(-1)).toBe(1)
    expect(new Set(shares).size).toBe(value.length)
  })
  it('take nothing of what was entered later', () => {
    const { plantings } = garden.file
    garden.enter(plantings[0]!, 'picked', '2025-08-20', { mass: 2, count: 10 })
    const after = finished(hindcasting(garden.state(state.record.ensemble))).value
    expect(after.filter(({ kind }) => kind === 'first-flower')).toEqual(flowers)
    expect(after.filter(({ kind }) => kind === 'first-ripe')).toHaveLength(3)
    garden.file.log.pop()
  })
  it('are not of what was still to be done: a date counts once its plants stood', () => {
    for (const { on, lead, subject } of flowers) {
      const setOut = state.record.entries.find(
        (one) => one.kind === 'set-out' && one.subject.id === subject.id,
      )!
      expect(addDays(on, -lead!) >= setOut.on).toBe(true)
    }
    expect(flowers.filter(({ lead }) => lead === 42).length).toBeLessThan(6)
  })
  it('are made without what was learnt from them', () => {
    const biases: DateBias[] = [{ of: 'first-flower', crop: 'tomato', days: 3, late: 6, count: 6, lead: 21 }]
    const following = { ...state, record: { ...state.record, biases } }
    expect(finished(hindcasting(following)).value).toEqual(value)
  })
  it('come of an empty garden as none', () => {
    const empty = gardenOf().state()
    expect(finished(hindcasting(empty))).toEqual({ shares: [], value: [] })
  })
  it('hold soil and water against what was read in between', () => {
    const own = gardenOf()
    const bed = own.place('Bed', 'bed', [3, 1.2])
    const planting = own.planting(own.cultivar('Plain'), bed, 2)
    own.enter(planting, 'set-out', '2026-05-10', { count: 2, ...SET_OUT })
    own.enter(bed, 'soil-read', '2026-05-12', { depth: 0.15, temperature: 11 })
    own.enter(bed, 'moisture-read', '2026-06-10', { method: 'spade', feel: 'dust' })
    const all = finished(hindcasting(own.state())).value
    const soil = all.filter(({ kind }) => kind === 'soil')
    expect(soil.map(({ lead }) => lead).sort()).toEqual([21, 42, 7])
    for (const { error } of soil) expect(error).toBeLessThan(-1)
    const water = all.filter(({ kind }) => kind === 'water')
    expect(water.map(({ lead }) => lead).sort()).toEqual([21, 7])
    for (const { error, inside } of water) {
      expect(error).toBeGreaterThan(0)
      expect(error).toBeLessThanOrEqual(1)
      expect(inside).toBeNull()
    }
  })
})

describe('dates that follow the garden’s own record', () => {
  const { garden, state } = lateGarden(0, 1)
  const [planting] = garden.file.plantings
  const biases: DateBias[] = [{ of: 'first-ripe', crop: 'tomato', days: 8, late: 14, count: 9, lead: 21 }]
  const following = { ...state, record: { ...state.record, biases } }
  const seen = (of: GardenState, on: IsoDate) =>
    plantingAsOf(of.record, planting!, dayOf(state, on).outlook.line, on)!
  const ripe = seen(state, PLANTED).dates['first-ripe'].date!

  it('move by all of it so long before, by less as they come near, and not at all once they are there', () => {
    const movedOn = (ahead: number) => {
      const on = addDays(ripe, -ahead)
      return daysBetween(
        seen(state, on).dates['first-ripe'].date!,
        seen(following, on).dates['first-ripe'].date!,
      )
    }
    expect([60, 30, 21].map(movedOn)).toEqual([8, 8, 8])
    const near = [14, 7, 3, 0].map(movedOn)
    expect(near).toEqual([...near].sort((a, b) => b - a))
    expect([near[0]! < 8, near.at(-1)]).toEqual([true, 0])
  })
  it('move in every course alike, and the peak with the first fruit, and nothing else', () => {
    const [before, after] = [seen(state, PLANTED).dates, seen(following, PLANTED).dates]
    const by = (stage: keyof typeof before) => daysBetween(before[stage].date!, after[stage].date!)
    expect([by('first-ripe'), by('peak'), by('first-flower'), by('end')]).toEqual([8, 8, 0, 0])
    const spread = (dates: typeof before) => dates['first-ripe'].spread!.p10!
    expect(daysBetween(spread(before), spread(after))).toBe(8)
  })
  it('say so in their reasons', () => {
    expect(movedReason(seen(following, PLANTED), 'first-ripe')).toMatchObject({
      rule: 'date.own-later',
      values: { days: { value: 8 }, late: { value: 14 }, count: { value: 9 } },
    })
    expect(movedReason(seen(state, PLANTED), 'first-ripe')).toBeNull()
    expect(movedReason(seen(following, PLANTED), 'first-flower')).toBeNull()
  })
  it('leave what was entered where it is, and come to nothing beyond the frost', () => {
    const flowered = seen(following, addDays(ripe, 1)).dates['first-flower']
    expect(flowered.how).toBe('logged')
    const late: DateBias[] = [{ ...biases[0]!, days: 21 }]
    const frost = seen(state, PLANTED).dates.end.date!
    const own = gardenOf()
    const bed = own.place('Bed', 'bed', [3, 1.2])
    const slow = own.planting(own.cultivar('Slow', { daysToMaturity: 110 }), bed, 2, { season: 2025 })
    const setOut = addDays(frost, -118)
    own.enter(slow, 'set-out', setOut, { count: 2, ...SET_OUT })
    const bare = own.state(state.record.ensemble)
    const [before, after] = [bare, { ...bare, record: { ...bare.record, biases: late } }].map(
      (of) =>
        plantingAsOf(of.record, slow, dayOf(bare, setOut).outlook.line, setOut)!.dates['first-ripe'].date,
    )
    expect(before! > addDays(frost, -21)).toBe(true)
    expect(after).toBeNull()
  })
})
