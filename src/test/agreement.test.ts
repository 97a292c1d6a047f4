import { describe, expect, it } from 'vitest'
import { addDays, daysBetween, isoDate, type IsoDate } from '../core/calendar'
import {
  CLIMATE_TEMPLATE_IDS,
  indexOf,
  normalsFor,
  seasonStart,
  type ClimateTemplateId,
} from '../core/climate'
import { dayOf } from '../core/garden-day'
import { firstPick, judgeSetOut, safeFromOf } from '../core/season'
import type { Day, GardenState } from '../data/garden-state'
import { basketView } from '../features/basket/queries'
import { feedView } from '../features/bench/feed/queries'
import { waterView } from '../features/bench/water/queries'
import { plantViewOf } from '../features/plant/queries'
import { plantingView } from '../features/plantings/queries'
import { plantingDayOf } from '../features/plantings/planting-day/queries'
import { seasonView } from '../features/season/queries'
import { roundOf } from '../features/walk/queries'
import { formatDate } from '../wording/dates'
import { gardenOf, SET_OUT } from './garden'

/** Where each kind of climate lies, and the day that its growers plant out. */
const SITES: Record<ClimateTemplateId, { latitude: number; elevation: number; setOut: string }> = {
  'short-summer-plain': { latitude: 50, elevation: 300, setOut: '06-10' },
  'humid-warm-summer': { latitude: 41, elevation: 300, setOut: '05-15' },
  'cool-maritime': { latitude: 52, elevation: 50, setOut: '06-02' },
  'dry-summer-warm': { latitude: 38, elevation: 50, setOut: '04-20' },
  'hot-semi-arid': { latitude: 32, elevation: 300, setOut: '03-08' },
  'two-season-hot': { latitude: 26, elevation: 20, setOut: '02-20' },
  'high-valley': { latitude: 38, elevation: 2000, setOut: '06-12' },
  monsoon: { latitude: 19, elevation: 500, setOut: '07-01' },
  'mild-coastal': { latitude: 38, elevation: 50, setOut: '05-10' },
  'southern-temperate': { latitude: -37, elevation: 50, setOut: '10-28' },
}

/** Vines on strings and peppers in a bed; bushes and a pot, by the gallon; seed in place and plants that were bought. */
const PLANS = {
  'vines and peppers': (template: ClimateTemplateId) => {
    const { setOut, ...site } = SITES[template]
    const garden = gardenOf({ template, ...site })
    const bed = garden.place('Bed', 'bed', [5, 1.2], { soilDepth: 0.4 })
    const vine = garden.planting(garden.cultivar('Vine'), bed, 4, {
      support: 'string',
      training: 'single-stem',
    })
    const bell = garden.cultivar('Bell', { crop: 'pepper', habit: null, fruit: 'bell', daysToMaturity: 72 })
    const peppers = garden.planting(bell, bed, 3)
    const day = `2026-${setOut}`
    for (const planting of [vine, peppers]) {
      garden.enter(planting, 'sown', addDays(isoDate(day), -50), { seeds: 9 })
      garden.enter(planting, 'set-out', day, { ...SET_OUT, count: planting.count })
    }
    return garden
  },
  'bushes and a pot, in US units': (template: ClimateTemplateId) => {
    const { setOut, ...site } = SITES[template]
    const garden = gardenOf({ template, ...site, units: 'us', dates: 'month-first' })
    const bed = garden.place('Bed', 'bed', [4, 1.2], { mulch: 'straw' })
    const bush = garden.cultivar('Bush', { habit: 'determinate', fruit: 'paste', daysToMaturity: 74 })
    const bushes = garden.planting(bush, bed, 4, { training: 'weave', support: 'weave' })
    garden.enter(bushes, 'set-out', `2026-${setOut}`, { ...SET_OUT, count: 4 })
    return garden
  },
  'seed in place and plants that were bought': (template: ClimateTemplateId) => {
    const { setOut, ...site } = SITES[template]
    const garden = gardenOf({ template, ...site })
    const bed = garden.place('Bed', 'bed', [4, 1.2])
    const cherry = garden.cultivar('Cherry', { fruit: 'cherry', daysToMaturity: 60 })
    const sown = garden.planting(cherry, bed, 2, { raising: 'direct', training: 'cage', support: 'cage' })
    garden.enter(sown, 'sown', `2026-${setOut}`, { seeds: 6 })
    garden.enter(sown, 'emerged', addDays(isoDate(`2026-${setOut}`), 9), { count: 5 })
    const bought = garden.planting(garden.cultivar('Bought'), bed, 2, { raising: 'bought' })
    garden.enter(bought, 'set-out', `2026-${setOut}`, { ...SET_OUT, count: 2 })
    return garden
  },
}

/** Every third week of a garden's season, begun so that the gardens together see every week. */
function weeksOf(template: ClimateTemplateId, turn: number): IsoDate[] {
  const { setOut, ...site } = SITES[template]
  const start = seasonStart(normalsFor(template, site), isoDate(`2026-${setOut}`))
  const from = Math.max(0, daysBetween(start, isoDate(`2026-${setOut}`)) - 56)
  return Array.from({ length: 12 }, (_, step) => addDays(start, from + (turn % 3) * 7 + step * 21))
}

/** All that a screen says, as one text. */
const textOf = (view: unknown) => JSON.stringify(view)

/** What no screen may say, whatever the garden. */
function expectSane(name: string, view: unknown) {
  const text = textOf(view)
  expect(text, name).not.toMatch(/\bNaN\b|\bundefined\b|Infinity/)
  // A span of no days is none.
  expect(text, name).not.toMatch(/\bin 0 days\b|\b0 days (?:earlier|later)\b/)
}

/** Screens of one day against each other. */
function expectAgreement(day: Day, state: GardenState) {
  const { on, manner, outlook } = day
  const [season, round, water, basket] = [seasonView(day), roundOf(day), waterView(day), basketView(day)]
  for (const [name, view] of Object.entries({ season, round, water, basket })) expectSane(name, view)
  for (const own of outlook.plantings) {
    const { planting, dates, place, cultivar } = own
    const said = (date: IsoDate | null) => (date === null ? null : formatDate(date, manner))
    const view = plantingView(day, planting.id)!
    expectSane('planting', view)
    // Season and the planting's own page: the same dates.
    const lane = season.plantings.find(({ parts }) => parts.some(({ id }) => id === planting.id))
    if (lane) expect(lane.dates).toEqual(dates)
    const order = [dates['first-flower'], firstPick(dates), dates.end].flatMap(({ date }) =>
      date ? [date] : [],
    )
    if (firstPick(dates).date !== null) expect([...order].sort()).toEqual(order)
    for (const stage of ['set-out', 'first-flower', 'first-ripe', 'end'] as const) {
      const date = said(dates[stage].date)
      if (date !== null && dates[stage].date !== null) expect(textOf(view.stages), stage).toContain(date)
    }
    // Basket and season: the same first fruit.
    const fruit = basket.plantings.find(({ id }) => id === planting.id)
    if (fruit?.firstRipe) expect(fruit.firstRipe).toBe(said(firstPick(dates).date))
    if (fruit) expect(fruit.expected).toBeGreaterThanOrEqual(0)
    // The walk's cuts are those that the plant's own page shows.
    const plant = state.plants.find(({ plantingId }) => plantingId === planting.id)
    const cutting = day.calls.find(({ kind, plantingId }) => kind === 'tend' && plantingId === planting.id)
    if (plant && own.phase === 'standing') {
      const page = plantViewOf(day, plant.id)!
      expectSane('plant', page)
      if (cutting?.advice.answer.kind === 'tend' && cutting.urgency === 'today') {
        const alike = cutting.advice.answer.alike.find(({ plants }) =>
          plants.some(({ id }) => id === plant.id),
        )
        // The tips that the season ends have a stop of their own.
        const now = page.cuts.filter(({ due, reason }) => due === undefined && !endsForSeason(reason.rule))
        if (alike) expect(now.length).toBe(alike.cuts.length)
      }
      // Topping: no tip is asked for before the calendar's own day, but where the support ends.
      const early = page.cuts.some(({ reason }) => endsForSeason(reason.rule))
      if (early && dates.top.date !== null) expect(on >= dates.top.date).toBe(true)
      if (planting.support === 'string')
        expect(page.cuts.some(({ reason }) => reason.rule === 'prune.top-support')).toBe(false)
    }
    // Water: the walk, the bench and the planting's page speak of the same litres.
    const bench = water.places.find(({ id }) => id === place.id)
    const asked = day.calls.find(({ kind, placeId }) => kind === 'water' && placeId === place.id)
    if (bench && asked?.advice.answer.kind === 'water' && asked.urgency !== 'coming') {
      expect(bench.inDays ?? 99).toBeLessThanOrEqual(1)
      expect(asked.advice.answer.litres).toBeCloseTo(bench.litres, 6)
      expect(asked.advice.answer.dripMinutes).toBe(bench.dripMinutes)
    }
    if (bench) {
      expect(bench.untilLimp).toBeGreaterThanOrEqual(bench.untilSlow)
      expect(bench.filled.untilSlow).toBeGreaterThanOrEqual(bench.untilSlow)
    }
    // Feed: what the walk asks for is what the bench would mix.
    const feeding = day.calls.find(({ kind, placeId }) => kind === 'feed' && placeId === place.id)
    if (bench) {
      const feed = feedView(day, place.id)
      expectSane('feed', feed)
      if (feeding?.advice.answer.kind === 'feed' && feed.chosen)
        expect(feed.chosen.mix).toMatchObject({ grams: feeding.advice.answer.grams })
    }
    // Planting out: planning, walk and planting day give one verdict.
    const setOut = day.calls.find(({ kind, plantingId }) => kind === 'set-out' && plantingId === planting.id)
    if (own.stands === null && planting.raising !== 'direct') {
      const verdict = judgeSetOut(
        { air: own.air, sources: outlook.line.sources },
        own.soil,
        cultivar.crop,
        indexOf(own.air, on),
        safeFromOf(outlook, own),
      ).answer
      expect(plantingDayOf(day, planting.id)!.verdict.go).toBe(verdict.go)
      if (setOut?.advice.answer.kind === 'set-out') expect(setOut.advice.answer.go).toBe(verdict.go)
    }
  }
}

const endsForSeason = (rule: string) => rule.startsWith('prune.top-season')

describe.each(Object.keys(PLANS) as (keyof typeof PLANS)[])('a garden of %s', (plan) => {
  it.each(CLIMATE_TEMPLATE_IDS.map((template, turn) => [template, turn] as const))(
    'says the same on every screen, week by week, in a climate like %s',
    (template, turn) => {
      const state = PLANS[plan](template).state(24)
      for (const on of weeksOf(template, turn)) expectAgreement(dayOf(state, on), state)
    },
  )
})
