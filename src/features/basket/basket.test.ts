import { cropForecast, dayOf } from '../../core/garden-day'
import { describe, expect, it } from 'vitest'
import { isoDate } from '../../core/calendar'
import type { LogEntry } from '../../core/log'
import { demoState, potEntry } from '../../data/demo/demo-state'
import { basketView } from './queries'
import { nextView } from './next-queries'
import { reviewView } from './review-queries'
import { weighables, weighingEntries } from './weighable'

const today = isoDate('2026-06-18')
const find = (view: ReturnType<typeof basketView>, place: string) =>
  view.plantings.find((one) => one.place === place)!
const picked = (on: string, mass: number, more: object = {}) =>
  potEntry(`p${on}`, 'picked', on, {
    subject: { type: 'planting', id: 'demo-2026-pot-7-1' },
    data: { mass, count: null, ...more },
  } as Partial<LogEntry>)

describe('the basket', () => {
  const view = basketView(dayOf(demoState(), today))
  it('says what ripened since it was picked last, and puts that first', () => {
    expect(view.plantings[0]!.place).toBe('Pot 7')
    expect(find(view, 'Pot 7').picked).toBeCloseTo(0.31, 9)
    expect(find(view, 'Pot 7').ripe).toBeGreaterThan(0.03)
    const after = basketView(dayOf(demoState({ entries: [picked('2026-06-18', 0.4)] }), today))
    expect(find(after, 'Pot 7').ripe).toBe(0)
    expect(after.lately).toBeCloseTo(0.71, 9)
  })
  it('expects of a cultivar what it gave here before', () => {
    // Copperlace gave 2.4 kg a plant on two stems last year.
    const { expected, low, high, plants } = find(view, 'Bed 1')
    const own = dayOf(demoState(), today).outlook.plantings.find(({ place }) => place.name === 'Bed 1')!
    expect(expected / plants).toBe(cropForecast(dayOf(demoState(), today), own).kg)
    expect(expected / plants).toBeGreaterThan(2)
    expect(expected / plants).toBeLessThan(2.4)
    expect(low).toBeLessThan(expected)
    expect(high).toBeGreaterThan(expected)
  })
  it('draws each planting’s weeks, which add up to all', () => {
    const total = (weeks: { forecast: number }[]) => weeks.reduce((sum, { forecast }) => sum + forecast, 0)
    const single = view.plantings.reduce((sum, { id }) => sum + total(view.weeks[id]!), 0)
    expect(single).toBeCloseTo(total(view.weeks['']!), 0)
  })
  it('is empty before anything stands', () => {
    expect(basketView(dayOf(demoState({ empty: true }), today)).plantings).toEqual([])
  })
})

describe('the seasons', () => {
  it('opens on the last one that bore, beside the one before, and counts what it says', () => {
    const view = reviewView(dayOf(demoState(), today), undefined)
    expect(view.season).toBe(2025)
    expect(view.before).toBeNull()
    const running = reviewView(dayOf(demoState(), today), '2026')
    expect(running.season).toBe(2026)
    expect(running.before!.mass).toBeCloseTo(view.all.mass, 9)
    expect(view.lines.reduce((sum, line) => sum + line.sum.mass, 0)).toBeCloseTo(view.all.mass, 9)
  })
  it('sets only the same crop side by side, and says how few there are', () => {
    const { decisions } = reviewView(dayOf(demoState(), today), undefined)
    expect(decisions.length).toBeGreaterThan(0)
    for (const { ways, enough } of decisions) {
      expect(enough).toBe(false)
      expect(ways.map(({ way }) => way)).not.toContain('pepper')
    }
  })
  it('knows sound fruit by those counted with a fault, and what is meant for next year', () => {
    const judged = potEntry('j', 'judged', '2026-06-18', {
      subject: { type: 'planting', id: 'demo-2026-pot-7-1' },
      data: { verdict: 'drop' },
    } as Partial<LogEntry>)
    const entries = [picked('2026-06-18', 0.5, { count: 5, faults: { cracked: 2 } }), judged]
    const line = reviewView(dayOf(demoState({ entries }), today), '2026').lines.find(
      ({ place }) => place === 'Pot 7',
    )!
    // Three were counted before, all sound.
    expect(line.sum.sound).toBeCloseTo(6 / 8, 9)
    expect(line.verdict).toBe('drop')
  })
})

describe('what went into a season', () => {
  it('is worked out by the log: hours, and what supports and feeds cost', () => {
    const view = reviewView(dayOf(demoState(), today), '2026')
    const bed = view.lines.find(({ place, cultivar }) => place === 'Bed 1' && cultivar === 'Copperlace')!
    // Setting out six alone takes 40 minutes.
    expect(bed.hours).toBeGreaterThan(1)
    expect(bed.hours).toBeLessThan(8)
    expect(bed.cost.cost).toBeGreaterThan(0)
    expect(view.hours).toBeCloseTo(
      view.lines.reduce((sum, { hours }) => sum + hours, 0),
      9,
    )
  })
  it('is told plant by plant where pickings name one', () => {
    const one = picked('2026-06-17', 0.2, { plant: 'demo-2026-pot-7-1-1' })
    const view = reviewView(dayOf(demoState({ entries: [one] }), today), '2026')
    expect(view.lines.find(({ place }) => place === 'Pot 7')!.plants).toEqual([{ label: '1', mass: 0.2 }])
  })
})

describe('weighing', () => {
  const { plantings } = basketView(dayOf(demoState(), today))
  it('is of a planting, or of a cultivar or place that has several', () => {
    const titles = weighables(plantings).map(({ title }) => title)
    expect(titles).toContain('Pot 7, Ditch Wren')
    expect(titles).toContain('Dusk Plum, in every place')
    expect(titles).toContain('Bed 1, all of it')
    expect(titles).not.toContain('Bed 2, all of it')
  })
  it('enters for each planting its share', () => {
    const bed = weighables(plantings).find(({ title }) => title === 'Bed 1, all of it')!
    const entries = weighingEntries(bed, { mass: 3, count: null })
    expect(entries.map(({ data }) => data)).toEqual([
      { mass: 1.5, count: null },
      { mass: 1.5, count: null },
    ])
  })
})

describe('the next season', () => {
  it('offers what stands now with what it gave, each in a place of its kind', () => {
    const view = nextView(dayOf(demoState(), today))
    expect(view).toMatchObject({ season: 2026, planned: 0, seasonHref: '/season?season=2027' })
    const copper = view.lines.find(({ cultivar }) => cultivar === 'Copperlace')!
    expect(copper.gave.replaceAll('\u00a0', ' ')).toMatch(/^\d\.\d+ kg per plant in 2025, 9 plants$/)
    const kindOf = (id: string) => demoState().record.places.find((place) => place.id === id)!.kind
    const own = demoState().record.plantings
    for (const { id, placeId } of view.lines)
      expect(kindOf(placeId)).toBe(kindOf(own.find((planting) => planting.id === id)!.placeId))
  })
  it('knows what was dropped, and the seed that is left', () => {
    const state = demoState({
      entries: [potEntry('j', 'judged', today, { data: { verdict: 'drop' } } as never)],
    })
    const pot = nextView(dayOf(state, today)).lines.find(({ place }) => place === 'Pot 1')!
    expect(pot.verdict).toBe('drop')
    const seed = {
      kind: 'seed',
      name: 'ditch wren',
      quantity: 40,
      id: 's',
      length: null,
      pack: 1,
      price: null,
    }
    const withSeed = { ...state, supplies: [...state.supplies, seed as (typeof state.supplies)[number]] }
    expect(nextView(dayOf(withSeed, today)).seeds).toEqual({ 'demo-ditch-wren': 40 })
  })
})
