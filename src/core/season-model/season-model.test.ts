import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { cultivarOf, modelClimate } from '../../test/season-plans'
import { usualPlan } from '../trial'
import { emptySeries, type DailySeries } from '../climate'
import { growPlant, plantTraits, type FruitType, type Habit, type Training } from '../crop'
import { yieldInSalt } from '../feeding'
import { seenOn, simulateSeason, vigourOf, type PlantSeason, type SeasonPlan, type SeasonWeather } from '.'
import { SeasonWeather as Weather } from './weather'

const plain = modelClimate('humid-warm-summer')
const maritime = modelClimate('cool-maritime')
const dry = modelClimate('dry-summer-warm')
const OUT = plain.day('05-12')
const slicer = cultivarOf('slicer')

const grown = (plan: SeasonPlan, { weathers }: { weathers: readonly SeasonWeather[] } = plain) =>
  weathers.map((weather) => simulateSeason(plan, weather))
const mean = (seasons: readonly PlantSeason[], of: (season: PlantSeason) => number) =>
  seasons.reduce((sum, season) => sum + of(season), 0) / seasons.length
const middle = (seasons: readonly PlantSeason[], of: (season: PlantSeason) => number) =>
  seasons.map(of).sort((a, b) => a - b)[Math.floor(seasons.length / 2)]!
const all = ({ sound, indoors, lost }: PlantSeason) =>
  sound + indoors + Object.values(lost).reduce((sum, mass) => sum + mass, 0)
const lostShare = (season: PlantSeason) => 1 - (season.sound + season.indoors) / Math.max(0.01, all(season))

/** Fed so that nitrogen limits nothing. */
const FED = Array.from({ length: 14 }, (_, turn) => ({
  day: turn * 14,
  nitrogen: 2,
  release: 'soluble' as const,
}))

/** Days alike about one temperature, °C, dry air, sun of a clear day, MJ m⁻² d⁻¹. */
function steady(temperature: number, days = 300, change: Partial<Record<keyof DailySeries, number>> = {}) {
  const series = emptySeries(10_000, days)
  series.tmin.fill(temperature - 1)
  series.tmax.fill(temperature + 1)
  series.dewPoint.fill(temperature - 8)
  series.wind.fill(2)
  series.solar.fill(18)
  for (const [field, value] of Object.entries(change)) (series[field as 'rain'] as Float64Array).fill(value)
  return new Weather(
    series,
    { latitude: 41, elevation: 450, arid: Array(12).fill(false) as boolean[] },
    'open',
  )
}

describe('development', () => {
  it('ripens fruit after 95, 65, 46 and 42 days at 14, 18, 22 and 26 °C [Adams, Cockshull & Cave 2001]', () => {
    for (const [temperature, days] of [
      [14, 95],
      [18, 65],
      [22, 46],
      [26, 42],
    ] as const) {
      const { firstFlower, firstRipe } = simulateSeason(
        usualPlan(slicer, 'single-stem', 5),
        steady(temperature),
      )
      expect(Math.abs(firstRipe! - firstFlower! - days) / days).toBeLessThan(0.1)
    }
  })
  it('opens a truss each −0.2903 + 0.1454 ln T of a day [De Koning 1994]', () => {
    const opened = (temperature: number, end: number) =>
      simulateSeason(usualPlan(slicer, 'single-stem', 0, { end }), steady(temperature)).trusses
    for (const temperature of [16, 18, 20, 22, 24]) {
      const aDay = (opened(temperature, 270) - opened(temperature, 90)) / 180
      const published = -0.2903 + 0.1454 * Math.log(temperature)
      expect(Math.abs(aDay - published) / published).toBeLessThan(0.1)
    }
  })
  it('agrees with the plant that is drawn on trusses and first dates within a truss', () => {
    for (const [fruit, habit] of [
      ['slicer', 'indeterminate'],
      ['cherry', 'indeterminate'],
      ['beefsteak', 'indeterminate'],
      ['slicer', 'dwarf'],
    ] as const) {
      const cultivar = cultivarOf(fruit, habit)
      const traits = plantTraits(cultivar)
      const gained = 14
      const days = Array.from({ length: 150 }, () => ({ degreeDays: gained, tmin: 20, tmax: 20 }))
      // Both grow at 14 °C d a day from the day they came up.
      const drawn = growPlant(traits, days, [], { setOut: { day: 0, stemBuried: 0, leavesStripped: 0 } })
      const [main] = drawn.stems
      const trusses = main!.nodes.filter(({ truss }) => truss !== null && truss.state !== 'buds').length
      const plan = usualPlan(cultivar, 'single-stem', 0, { growth: 0, end: 149 })
      const modelled = simulateSeason(plan, steady(20)).trusses
      expect([fruit, Math.abs(modelled - trusses) <= 1, modelled, trusses]).toEqual([
        fruit,
        true,
        modelled,
        trusses,
      ])
    }
  })
  it('says how well a plant is off: whole while it has all, less leaf by thirst and hunger, less set under load', () => {
    const off = (change: Partial<SeasonPlan>) =>
      vigourOf(usualPlan(slicer, 'cage', 10, change), steady(22, 200))
    const [fed, dry, hungry] = [
      off({ feeds: FED }),
      off({ feeds: FED, watering: { by: 'rain' } }),
      off({ feeds: [], organicMatter: 0 }),
    ]
    expect([fed.leaf[5], fed.set[5]]).toEqual([1, 1])
    const least = (days: Float64Array) => Math.min(...days)
    expect(least(fed.leaf)).toBeGreaterThan(0.9)
    expect(least(fed.set)).toBeLessThan(0.9)
    expect(least(dry.leaf)).toBeLessThan(0.2)
    expect(least(hungry.leaf)).toBeLessThan(0.7)
    expect(
      [...fed.leaf, ...dry.leaf, ...fed.set, ...dry.set].every((share) => share >= 0 && share <= 1),
    ).toBe(true)
  })
  it('follows the packet on the plain, and plant age where summers are cool', () => {
    const days = (climate: typeof plain, out: string, growth: number) =>
      middle(
        grown(usualPlan(slicer, 'single-stem', climate.day(out), { growth }), climate),
        ({ firstRipe }) => (firstRipe === null ? 365 : firstRipe - climate.day(out)),
      )
    expect(Math.abs(days(plain, '05-20', 330) - 75)).toBeLessThanOrEqual(5)
    expect(Math.abs(days(maritime, '06-01', 330) - 116)).toBeLessThanOrEqual(8)
    expect(Math.abs(days(maritime, '06-01', 560) - 85)).toBeLessThanOrEqual(8)
  })
})

describe('yield', () => {
  it('meets the first estimates of a well-kept plant within a tenth', () => {
    const estimates: [FruitType, Habit | null, Training, kg: number][] = [
      ['cherry', 'indeterminate', 'cage', 3.5],
      ['saladette', 'indeterminate', 'cage', 4],
      ['slicer', 'indeterminate', 'cage', 4.5],
      ['slicer', 'indeterminate', 'two-stems', 0.75 * 4.5],
      ['slicer', 'indeterminate', 'single-stem', 0.5 * 4.5],
      ['slicer', 'indeterminate', 'sprawling', 0.6 * 4.5],
      ['beefsteak', 'indeterminate', 'cage', 4],
      ['paste', 'determinate', 'weave', 3],
      ['slicer', 'determinate', 'weave', 3],
      ['slicer', 'dwarf', 'bush', 1.3],
      ['bell', null, 'pepper', 1.2],
      ['sweet-long', null, 'pepper', 1.3],
      ['hot-small', null, 'pepper', 0.6],
    ]
    for (const [fruit, habit, training, estimate] of estimates) {
      const cultivar = cultivarOf(fruit, habit)
      const sound = mean(grown(usualPlan(cultivar, training, OUT)), (season) => season.sound)
      const ratio = sound / estimate
      expect([fruit, training, ratio > 0.9 && ratio < 1.1, ratio]).toEqual([fruit, training, true, ratio])
    }
  })
  it('falls with its water as published, Ky 1.05 and 1.10 within 0.25 [Doorenbos & Kassam 1979]', () => {
    for (const [cultivar, training, ky] of [
      [slicer, 'cage', 1.05],
      [cultivarOf('bell', null), 'pepper', 1.1],
    ] as const) {
      const weather = steady(21, 200)
      const plan = usualPlan(cultivar, training, 0, { feeds: FED })
      const whole = simulateSeason(plan, weather)
      for (const share of [0.6, 0.75]) {
        const litres = (whole.water.used / 200) * share
        const short = simulateSeason({ ...plan, watering: { by: 'fixed', litres, every: 1 } }, weather)
        const missing = 1 - short.water.used / whole.water.used
        const lost = 1 - all(short) / all(whole)
        expect(missing).toBeGreaterThan(0.1)
        expect([lost / missing, Math.abs(lost / missing - ky) <= 0.25]).toEqual([lost / missing, true])
      }
    }
  })
  it('falls with salt along the published line [Maas & Hoffman 1977]', () => {
    const crop = (salinity: number) =>
      all(simulateSeason(usualPlan(slicer, 'cage', 0, { salinity, feeds: FED }), steady(21)))
    expect(crop(2.5)).toBe(crop(0))
    for (const salinity of [3.5, 4.5, 6])
      expect(crop(salinity) / crop(0)).toBeCloseTo(yieldInSalt('tomato', salinity), 2)
  })
  it('keeps account of every litre', () => {
    for (const climate of [plain, dry])
      for (const weather of climate.weathers.slice(0, 10)) {
        const { litres, water } = simulateSeason(usualPlan(slicer, 'cage', OUT), weather)
        expect(litres + water.rain).toBeCloseTo(water.used + water.drained + water.gained, 9)
      }
  })
  it('grows leaf as published: 2 to 3 on a single stem, and never over 4', () => {
    const most = (training: Training) =>
      middle(grown(usualPlan(slicer, training, OUT)), (season) => season.leafIndex)
    expect(most('single-stem')).toBeGreaterThanOrEqual(1.9)
    expect(most('single-stem')).toBeLessThanOrEqual(3)
    for (const training of ['cage', 'sprawling'] as const) expect(most(training)).toBeLessThanOrEqual(4)
  })
})

describe('ways against each other', () => {
  it('water under capacity never harms', () => {
    const crop = (litres: number) =>
      mean(
        grown(
          usualPlan(slicer, 'cage', dry.day('04-20'), { watering: { by: 'fixed', litres, every: 1 } }),
          dry,
        ),
        all,
      )
    const crops = [1, 2, 3, 4, 5].map(crop)
    for (let more = 1; more < crops.length; more++)
      expect(crops[more]!).toBeGreaterThanOrEqual(crops[more - 1]!)
  })
  it('planted later nothing ripens earlier', () => {
    for (const weather of plain.weathers) {
      const first = [0, 10, 20, 30].map(
        (later) => simulateSeason(usualPlan(slicer, 'cage', OUT + later), weather).firstRipe ?? Infinity,
      )
      // A night that took the early one is no head start.
      for (let later = 1; later < first.length; later++)
        if (first[later - 1] !== Infinity) expect(first[later]!).toBeGreaterThanOrEqual(first[later - 1]!)
    }
  })
  it('leaf is lost to disease by half where it is humid, a fifth with mulch and a clear stem, and not where it is dry', () => {
    const lost = (climate: typeof plain, change: Partial<SeasonPlan>) =>
      middle(
        grown(
          usualPlan(slicer, 'cage', climate.day('05-12'), { end: climate.day('09-05'), ...change }),
          climate,
        ),
        ({ leafLost }) => leafLost,
      )
    const bare = { mulch: 'bare', clearStem: 0 } as const
    expect(lost(plain, bare)).toBeGreaterThan(0.35)
    expect(lost(plain, bare)).toBeLessThan(0.65)
    expect(lost(plain, {})).toBeGreaterThan(0.1)
    expect(lost(plain, {})).toBeLessThan(0.3)
    expect(lost(dry, bare)).toBeLessThan(0.05)
    expect(lost(plain, { ...bare, overhead: true })).toBeGreaterThan(lost(plain, bare))
    expect(lost(plain, { ground: 0.5 })).toBeGreaterThan(lost(plain, { ground: 2 }))
  })
  it('sprawling loses most', () => {
    const lost = (training: Training) => mean(grown(usualPlan(slicer, training, OUT)), lostShare)
    for (const training of ['single-stem', 'two-stems', 'cage'] as const)
      expect(lost('sprawling')).toBeGreaterThan(lost(training))
  })
  it('one stem bears fewer and larger fruit, and close planting less on each plant', () => {
    const [single, cage] = (['single-stem', 'cage'] as const).map((training) =>
      grown(usualPlan(slicer, training, OUT)),
    )
    expect(mean(single!, ({ fruit }) => fruit)).toBeLessThan(mean(cage!, ({ fruit }) => fruit))
    expect(mean(single!, ({ fruitMass }) => fruitMass)).toBeGreaterThan(
      mean(cage!, ({ fruitMass }) => fruitMass),
    )
    const close = (ground: number) =>
      mean(grown(usualPlan(slicer, 'cage', OUT, { ground })), ({ sound }) => sound)
    expect(close(0.3)).toBeLessThan(close(0.6))
    expect(close(0.6)).toBeLessThan(close(1))
    // A lone plant does not use a whole bed.
    expect(close(4) / close(8)).toBeCloseTo(1, 1)
  })
  it('without watering half is lost on the humid plain, and nearly all in a dry summer', () => {
    const kept = (climate: typeof plain, out: string) => {
      const plan = usualPlan(slicer, 'cage', climate.day(out))
      const sound = (way: SeasonPlan) => mean(grown(way, climate), (season) => season.sound)
      return sound({ ...plan, watering: { by: 'rain' } }) / sound(plan)
    }
    expect(kept(plain, '05-12')).toBeGreaterThan(0.25)
    expect(kept(plain, '05-12')).toBeLessThan(0.6)
    expect(kept(dry, '04-20')).toBeLessThan(0.1)
  })
  it('hunger costs fruit, and a glut of nitrogen too', () => {
    const crop = (nitrogen: number) =>
      mean(
        grown(
          usualPlan(slicer, 'cage', OUT, {
            organicMatter: 1,
            feeds: [{ day: 0, nitrogen, release: 'soluble' }],
          }),
        ),
        ({ sound }) => sound,
      )
    expect(crop(0)).toBeLessThan(crop(10))
    expect(crop(80)).toBeLessThan(crop(20))
  })
  it('a small pot looked at each second day loses to a large one, and to one looked at daily', () => {
    const crop = (litres: number, every: number) =>
      mean(
        grown(
          usualPlan(cultivarOf('cherry', 'dwarf'), 'bush', dry.day('04-20'), {
            roots: { kind: 'pot', litres, reservoir: 0 },
            watering: { by: 'need', at: 0.5, every, most: 40 },
          }),
          dry,
        ),
        ({ sound }) => sound,
      )
    expect(crop(10, 2)).toBeLessThan(crop(30, 2))
    expect(crop(10, 2)).toBeLessThan(crop(10, 1))
  })
  it('in still air unshaken flowers set half', () => {
    const [series] = [steady(21)]
    const inside = new Weather(
      { ...emptySeries(10_000, 300), ...columnsOf(series!) },
      { latitude: 41, elevation: 0, arid: [] },
      'under-cover',
    )
    const fruit = (shaken: boolean) =>
      simulateSeason(usualPlan(slicer, 'single-stem', 0, { shaken }), inside).fruit
    expect(fruit(false)).toBeLessThan(0.9 * fruit(true))
  })
})

const columnsOf = ({ tmin, tmax, rain, solar }: SeasonWeather) => ({ tmin, tmax, rain, solar })

describe('what ends a season', () => {
  it('frost takes the plant, what was full-grown ripens indoors, and a cloth bears it two degrees', () => {
    const frosty = (low: number) => {
      const weather = steady(20, 200)
      weather.tmin[120] = low
      return weather
    }
    const bare = simulateSeason(usualPlan(slicer, 'cage', 0), frosty(-1))
    expect(bare).toMatchObject({ endedBy: 'frost', end: 120 })
    expect(bare.indoors).toBeGreaterThan(0)
    expect(bare.lost.frost).toBeGreaterThan(0)
    expect(simulateSeason(usualPlan(slicer, 'cage', 0, { cloth: 200 }), frosty(-1)).endedBy).toBe('season')
    expect(simulateSeason(usualPlan(slicer, 'cage', 0), frosty(0)).endedBy).toBe('season')
  })
  it('what is known to have stood was taken by no frost before', () => {
    const cold = steady(20, 200)
    cold.tmin[30] = -6
    expect(simulateSeason(usualPlan(slicer, 'cage', 10), cold)).toMatchObject({ end: 30, endedBy: 'frost' })
    const stood = simulateSeason(usualPlan(slicer, 'cage', 10, { stoodTo: 31 }), cold)
    expect(stood.endedBy).toBe('season')
    expect(stood.sound).toBeGreaterThan(1)
    expect(simulateSeason(usualPlan(slicer, 'cage', 10, { stoodTo: 30 }), cold).end).toBe(30)
  })
  it('what was bought in fruit ripens it first, and has it from its first day', () => {
    const bought = (growth: number) =>
      simulateSeason(usualPlan(slicer, 'cage', 10, { growth }), steady(20, 200))
    const [usual, flowering, fruiting] = [bought(330), bought(700), bought(1200)]
    expect(usual.firstFlower).toBeGreaterThan(10)
    expect([flowering.firstFlower, fruiting.firstFlower]).toEqual([10, 10])
    expect(fruiting.firstRipe).toBeLessThan(flowering.firstRipe!)
    expect(flowering.firstRipe).toBeLessThan(usual.firstRipe!)
    const seen = seenOn(usualPlan(slicer, 'cage', 10, { growth: 1200 }), steady(20, 200), 11)
    expect(seen.hangingMass).toBeGreaterThan(0.1)
  })
  it('a determinate is done when it has borne what it has', () => {
    const done = simulateSeason(usualPlan(cultivarOf('paste', 'determinate'), 'weave', 0), steady(22))
    expect(done.endedBy).toBe('done')
    expect(done.end! - done.firstRipe!).toBeGreaterThanOrEqual(28)
  })
  it('a plan that never sets out bears nothing, in no days', () => {
    expect(simulateSeason(usualPlan(slicer, 'cage', 0, { setOut: null }), steady(20))).toMatchObject({
      sound: 0,
      end: null,
      firstRipe: null,
      endedBy: 'never',
    })
  })
  it('says what cannot be', () => {
    const plan = usualPlan(slicer, 'cage', 0)
    const weather = steady(20)
    for (const [change, name] of [
      [{ setOut: 400 }, 'setOut'],
      [{ ground: 0 }, 'ground'],
      [{ growth: NaN }, 'growth'],
      [{ sun: 2 }, 'sun'],
      [{ roots: { kind: 'pot', litres: 0, reservoir: 0 } }, 'litres'],
      [{ watering: { by: 'need', at: 0.8, every: 0, most: 10 } }, 'every'],
    ] as const)
      expect(() => simulateSeason({ ...plan, ...(change as Partial<SeasonPlan>) }, weather)).toThrow(name)
  })
  it('is finite and the same again, whatever grows wherever', () => {
    const fruits = fc.constantFrom<[FruitType, Habit | null, Training]>(
      ['cherry', 'indeterminate', 'single-stem'],
      ['beefsteak', 'indeterminate', 'sprawling'],
      ['paste', 'determinate', 'weave'],
      ['slicer', 'dwarf', 'bush'],
      ['bell', null, 'pepper'],
      ['hot-small', null, 'pepper-open'],
    )
    const places = fc.record({
      temperature: fc.integer({ min: -40, max: 45 }),
      rain: fc.constantFrom(0, 1, 60),
      solar: fc.constantFrom(0, 5, 30),
    })
    fc.assert(
      fc.property(
        fruits,
        places,
        fc.constantFrom(0.2, 1, 20, 600),
        fc.boolean(),
        ([fruit, habit, training], { temperature, rain, solar }, litres, isPot) => {
          const plan = usualPlan(cultivarOf(fruit, habit), training, 30, {
            ...(isPot ? { roots: { kind: 'pot', litres, reservoir: 0 } } : {}),
            watering: { by: 'fixed', litres, every: 1 },
          })
          const weather = steady(temperature, 250, { rain, solar })
          const season = simulateSeason(plan, weather)
          const numbers = [...Object.values(season.lost), ...Object.values(season.water)]
          for (const value of [season.sound, season.indoors, season.litres, season.minutes, ...numbers])
            expect(Number.isFinite(value)).toBe(true)
          expect(season.leafLost).toBeGreaterThanOrEqual(0)
          expect(season.leafLost).toBeLessThanOrEqual(1)
          expect(simulateSeason({ ...plan }, weather)).toEqual(season)
        },
      ),
      { numRuns: 60 },
    )
  })
})
