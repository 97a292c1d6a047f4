import { dayOf } from '../../core/garden-day'
import { describe, expect, it } from 'vitest'
import { isoDate } from '../../core/calendar'
import { gapAhead, glutIn, nutrientLedger } from '../../core/feeding'
import type { LogEntry } from '../../core/log'
import { demoState } from '../../data/demo/demo-state'
import { feedView } from './feed/queries'
import { waterView } from './water/queries'
import { timerCalendar, timerJson } from './water/timer-files'
import { sayCans, sayLasts, sayWay } from '../../wording/watering'

const today = isoDate('2026-06-18')
const entry = (kind: LogEntry['kind'], place: string, on: string, data: object): LogEntry =>
  ({
    ...{
      id: `test-${kind}-${place}-${on}`,
      kind,
      on,
      at: `${on}T20:00:00.000Z`,
      data,
      note: '',
      voids: null,
    },
    subject: { type: 'place', id: place },
  }) as LogEntry
const placeOf = (view: ReturnType<typeof waterView>, name: string) =>
  view.places.find((place) => place.name === name)!

describe('water', () => {
  it('lists the places by how soon they slow, the forgotten pots before the beds', () => {
    const { places } = waterView(dayOf(demoState(), today))
    const lasts = places.map(({ untilSlow }) => untilSlow)
    expect(lasts).toEqual([...lasts].sort((a, b) => a - b))
    const at = (name: string) => places.findIndex((place) => place.name === name)
    expect(at('Pot 3')).toBeLessThan(at('Pot 1'))
    expect(at('Pot 7')).toBeLessThan(at('Bed 2'))
    expect(places.map(({ name }) => name)).not.toContain('Old bed')
  })
  it('is less wanted after a watering, by as much as was given', () => {
    const before = placeOf(waterView(dayOf(demoState(), today)), 'Bed 1')
    const given = entry('watered', 'demo-bed-1', '2026-06-18', { litres: 60 })
    const after = placeOf(waterView(dayOf(demoState({ entries: [given] }), today)), 'Bed 1')
    // The place’s water is over 5.76 m²; less stress takes a little more.
    expect(before.depletion - after.depletion).toBeGreaterThan(60 / 5.76 - 1.5)
    expect(before.depletion - after.depletion).toBeLessThan(60 / 5.76 + 0.01)
    expect(after.lastWatered).toBe('2026-06-18')
  })
  it('follows what a spade finds', () => {
    const found = (feel: string) =>
      placeOf(
        waterView(
          dayOf(
            demoState({
              entries: [entry('moisture-read', 'demo-bed-2', '2026-06-18', { method: 'spade', feel })],
            }),
            today,
          ),
        ),
        'Bed 2',
      )
    expect(found('dust').depletion / found('dust').taw).toBeCloseTo(0.875, 6)
    expect(found('wet').depletion).toBeLessThan(2)
    expect(found('dry').untilSlow).toBe(0)
    expect(found('dust').lastLooked).toBe('2026-06-18')
  })
  it('goes on from what was found, wetter by what was given after it, whatever was given before', () => {
    const at = (hour: string) => `2026-06-18T${hour}:00:00.000Z`
    const told = (first: 'look' | 'water') => {
      const look = entry('moisture-read', 'demo-bed-2', '2026-06-18', { method: 'spade', feel: 'dust' })
      const water = entry('watered', 'demo-bed-2', '2026-06-18', { litres: 40 })
      const entries =
        first === 'look'
          ? [
              { ...look, at: at('07') },
              { ...water, id: `${water.id}b`, at: at('09') },
            ]
          : [
              { ...water, at: at('07') },
              { ...look, id: `${look.id}b`, at: at('09') },
            ]
      return placeOf(waterView(dayOf(demoState({ entries }), today)), 'Bed 2')
    }
    const [after, before] = [told('look'), told('water')]
    expect(before.depletion / before.taw).toBeCloseTo(0.875, 6)
    expect(before.depletion - after.depletion).toBeCloseTo(40 / after.area, 6)
  })
  it('is watered by one school or another, which differ or say that they do not', () => {
    const bed = placeOf(waterView(dayOf(demoState(), today)), 'Bed 2')
    const { manner } = waterView(dayOf(demoState(), today))
    const words = bed.ways.map((one) => sayWay(one, manner))
    expect(new Set(words).size).toBeGreaterThan(2)
    const [even] = bed.ways
    expect([even!.inDays, even!.litres]).toEqual([bed.inDays, bed.litres])
    for (const [at, one] of bed.ways.entries())
      expect(words[at]!.includes('the same as even'), one.way).toBe(one.isSame)
  })
  it('warns of rot where a prone pot with young fruit dried out', () => {
    const { places } = waterView(dayOf(demoState(), today))
    const pot = places.find(({ name }) => name === 'Pot 7')!
    expect(pot.evenness.dryDays).toBeGreaterThan(3)
    expect(pot.evenness.rot).toBeGreaterThan(placeOf({ places } as never, 'Tunnel').evenness.rot)
  })
  it('shows the days before and ahead, and runs drip by its emitters', () => {
    const bed = placeOf(waterView(dayOf(demoState(), today)), 'Bed 2')
    expect(bed.days.filter(({ ahead }) => ahead)).toHaveLength(14)
    expect(bed.days.some(({ watering }) => watering > 0)).toBe(true)
    // One line of 16 emitters at 2 L/h.
    expect(bed.dripMinutes).toBeCloseTo((bed.litres / 32) * 60, 6)
    expect(placeOf(waterView(dayOf(demoState(), today)), 'Pot 1').dripMinutes).toBeNull()
  })
  it('is not asked of an empty garden', () => {
    expect(waterView(dayOf(demoState({ empty: true }), today)).places).toEqual([])
  })
})

describe('feed', () => {
  it('finds the bed that was fed twice, and opens on it', () => {
    const { places, chosen } = feedView(dayOf(demoState(), today), undefined)
    // The tunnel’s single stems want little.
    expect(places.filter(({ verdict }) => verdict === 'glut').map(({ name }) => name)).toEqual([
      'Bed 5',
      'Tunnel',
    ])
    expect(chosen!.name).toBe('Bed 5')
    expect(chosen!.mix).toBeNull()
  })
  it('asks for what is missing, and for nothing more once that is given', () => {
    const pot = feedView(dayOf(demoState(), today), 'demo-pot-3').chosen!
    expect(pot.gap.n).toBeGreaterThan(0.3)
    const tried = {
      ...{ day: pot.ledger.today, name: 'feed', n: 10, p2o5: 10, k2o: 10, release: 'soluble' as const },
      grams: pot.mix!.grams * 1.6,
    }
    expect(gapAhead(nutrientLedger(pot.ledger, 'n', [tried]), pot.ledger.today)).toBeLessThan(pot.gap.n / 2)
    const fed = entry('fed', 'demo-pot-3', '2026-06-18', { ...tried, day: undefined })
    const { day: _, ...data } = tried
    const after = feedView(
      dayOf(demoState({ entries: [{ ...fed, data } as LogEntry] }), today),
      'demo-pot-3',
    ).chosen!
    expect(after.gap.n).toBeLessThan(pot.gap.n / 2)
    expect(after.given[0]).toContain('feed 10–10–10')
  })
  it('gives a pot’s mix nothing of its own, and a bed’s soil more the warmer it is', () => {
    const pot = feedView(dayOf(demoState(), today), 'demo-pot-1').chosen!
    expect(pot.ledger.soil.n.every((grams) => grams === 0)).toBe(true)
    const bed = feedView(dayOf(demoState(), today), 'demo-bed-2').chosen!
    // 3 % organic matter at 15 kg N/ha each, on 5.76 m².
    expect(bed.ledger.soil.n.reduce((sum, grams) => sum + grams, 0)).toBeCloseTo(3 * 15 * 0.1 * 5.76, 1)
    const warmest = bed.ledger.temperature.indexOf(Math.max(...bed.ledger.temperature))
    expect(bed.ledger.soil.n[warmest]).toBeCloseTo(Math.max(...bed.ledger.soil.n), 6)
  })
  it('makes each school a season: what it leaves missing, and a fruiting feed from the first flowers', () => {
    const { programmes } = feedView(dayOf(demoState(), today), 'demo-pot-2').chosen!
    const of = (school: string) => programmes.find((one) => one.school === school)!
    expect(programmes).toHaveLength(4)
    // Two and a half cans a week leave no more missing than one.
    expect(of('nutrient-solution').missing).toBeLessThanOrEqual(of('steady-liquid').missing)
    expect(of('nutrient-solution').left).toBeGreaterThan(of('slow-organic').left)
    for (const { missing, left } of programmes) expect(Math.min(missing, left)).toBeGreaterThanOrEqual(0)
    const feeds = of('steady-liquid').feeds
    expect(feeds[0]).toContain('in the hole')
    expect(feeds[1]).toContain('Growth feed')
    expect(feeds.at(-1)).toContain('Fruiting feed')
    // None in the last three weeks before the frost of early October.
    expect(feeds.at(-1)!).toMatch(/(Aug|Sep)/)
  })
  it('speaks against feeding dry roots and cold soil', () => {
    const warnings = (place: string, on = today) => feedView(dayOf(demoState(), on), place).chosen!.warnings
    expect(warnings('demo-pot-7')).toEqual(['dry-roots'])
    expect(warnings('demo-bed-2')).toEqual([])
    expect(
      feedView(dayOf(demoState(), isoDate('2026-04-30')), 'demo-tunnel').chosen!.ledger.temperature[0],
    ).toBeGreaterThan(5)
  })
  it('reads a soil test, and lets the soil give by it', () => {
    const test = { ph: 5.6, organicMatter: 6, p: 180, k: 90, ca: 400, mg: 80, ec: 0.6 }
    const state = demoState({ entries: [entry('soil-tested', 'demo-bed-2', '2026-06-01', test)] })
    const [before, after] = [demoState(), state].map(
      (one) => feedView(dayOf(one, today), 'demo-bed-2').chosen!,
    )
    const given = (detail: typeof before) => detail!.ledger.soil.n.reduce((sum, grams) => sum + grams, 0)
    expect(given(after)).toBeCloseTo(2 * given(before), 1)
    expect(after!.soilReasons.map(({ text }) => text).join(' ')).toMatch(
      /pH 5\.6 is under.*Phosphorus is high.*Potassium is low/,
    )
    expect(before!.soilReasons).toEqual([])
  })
  it('never gives out more than was put in', () => {
    for (const place of ['demo-bed-5', 'demo-row-a', 'demo-pot-8']) {
      const { ledger } = feedView(dayOf(demoState(), today), place).chosen!
      const supplied = nutrientLedger(ledger, 'n').reduce((sum, { supply }) => sum + supply, 0)
      expect(supplied).toBeLessThanOrEqual(
        ledger.fed.reduce((sum, { grams, n }) => sum + (grams * n) / 100, 0) + 1e-9,
      )
    }
    expect(glutIn([])).toBeNull()
  })
})

describe('an amount of water', () => {
  const manner = { units: 'metric', decimals: 'point', dates: 'day-first' } as const
  it('is said in cans and days', () => {
    expect(sayCans(24, manner)).toBe('2½ cans of 10\u00a0L')
    expect(sayCans(3, manner)).toBe('½ can of 10\u00a0L')
    expect(sayCans(10, manner)).toBe('1 can of 10\u00a0L')
    expect([0, 1, 5, 30].map(sayLasts)).toEqual(['less than a day', '1 day', '5 days', 'over two weeks'])
  })
})

describe('a sensor', () => {
  it('corrects the balance of its place, a day’s last reading for the day, and a hand goes before it', () => {
    const read = (at: string, content: number) => ({ placeId: 'demo-bed-2', at, on: today, content })
    const dry = [read('2026-06-18T06:00:00.000Z', 0.3), read('2026-06-18T14:00:00.000Z', 0.16)]
    const bed = placeOf(waterView(dayOf(demoState({ readings: dry }), today)), 'Bed 2')
    // Silt loam: 0.17 m³/m³ from field capacity at 0.31 to wilting; 0.16 is 0.15 of it gone dry.
    expect(bed.depletion / bed.taw).toBeCloseTo((0.15 + 0.17 - 0.16) / 0.17, 6)
    const byHand = entry('moisture-read', 'demo-bed-2', '2026-06-18', { method: 'spade', feel: 'wet' })
    const wet = placeOf(waterView(dayOf(demoState({ readings: dry, entries: [byHand] }), today)), 'Bed 2')
    expect(wet.depletion).toBeLessThan(2)
  })
})

describe('a tap timer', () => {
  const { runs } = JSON.parse(timerJson(demoState())) as {
    runs: { place: string; date: string; start: string; minutes: number; litres: number }[]
  }
  it('runs the places with drip lines in the coming two weeks, by their emitters', () => {
    expect(new Set(runs.map(({ place }) => place))).toContain('Bed 2')
    expect(runs.every(({ place }) => !place.startsWith('Pot'))).toBe(true)
    for (const { date, minutes, litres, place } of runs) {
      expect(date > '2026-06-18' && date <= '2026-07-03').toBe(true)
      expect(litres).toBeGreaterThan(0)
      if (place === 'Bed 2') expect(Math.abs(minutes - (litres / 32) * 60)).toBeLessThan(1)
    }
  })
  it('is a calendar on the garden’s own clock', () => {
    const text = timerCalendar(demoState(), new Date('2026-06-18T12:00:00Z'))
    const first = runs[0]!
    expect(text).toContain(`DTSTART:${first.date.replaceAll('-', '')}T060000\r\n`)
    expect(text.match(/BEGIN:VEVENT/g)).toHaveLength(runs.length)
  })
})
