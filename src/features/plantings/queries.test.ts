import { dayOf } from '../../core/garden-day'
import { describe, expect, it } from 'vitest'
import { isoDate, type IsoDate } from '../../core/calendar'
import { adviseDepth, evenLeafHeights } from '../../core/transplant'
import { demoState, potEntry } from '../../data/demo/demo-state'
import { southGarden } from '../../test/south-garden'
import { roundOf } from '../walk/queries'
import { firstMeasures, stepped, typedMeasures } from './planting-day/measures'
import { measuresSchema } from './planting-day/measures-schema'
import { dayPlanOf } from './day-plan/queries'
import { plantingDayOf } from './planting-day/queries'
import { choicesOf } from './new-planting/choices'
import { plantingView } from './queries'
import { plantingSchema } from './new-planting/schema'
import { UNTOLD } from './new-planting/untold'
import { firstSpot, NEW, type PlantingValues, type SpotValues } from './new-planting/values'
import { supportViewOf } from './support/queries'

const today = isoDate('2026-06-18')
const metric = { units: 'metric', decimals: 'point', dates: 'day-first' } as const

describe('a planting', () => {
  it('tells what is next, its dates with their odds, and what happened', () => {
    const view = plantingView(dayOf(demoState(), today), 'demo-2026-bed-2-1')!
    expect(view.answer).toBe('Tie up 8 plants, pinch out suckers and remove the lowest leaves')
    expect(view.stages.find(({ stage }) => stage === 'set-out')).toMatchObject({
      date: '18 May',
      how: 'entered',
      spread: '',
    })
    expect(view.stages.find(({ stage }) => stage === 'first-ripe')!.spread).toMatch(
      /\d+ (Jul|Aug) – \d+ (Jul|Aug)/,
    )
    expect(view.log[0]!.text).toMatch(/^Note: Plant 7/)
    expect(view.canSetOut).toBe(false)
    expect(view.plants.filter(({ stands }) => stands)).toHaveLength(8)
  })
  it('begins with what the round asks first of it or of its place', () => {
    const day = dayOf(southGarden().garden.state(1), isoDate('2027-01-20'))
    const { stops, coming } = roundOf(day)
    const titles = [...stops, ...coming].map(({ title }) => title)
    const answers = day.outlook.plantings.map(({ planting }) => plantingView(day, planting.id)!.answer)
    const asked = answers.filter((answer) => titles.some((title) => answer.startsWith(title)))
    expect(asked.length).toBeGreaterThan(2)
    const bed = plantingView(dayOf(demoState(), today), 'demo-2026-bed-1-1')!
    expect([bed.answer, bed.deciding]).toEqual([
      expect.stringMatching(/^Give \d+\sL of water/),
      expect.stringMatching(/^All of Bed 1: /),
    ])
    // What the round asks nothing of has a date ahead, or nothing at all.
    expect(answers.filter((answer) => !asked.includes(answer)).join()).not.toMatch(/Water|Tie|Pick/)
  })
  it('shows who stands beside it', () => {
    const view = plantingView(dayOf(demoState(), today), 'demo-2026-bed-1-1')!
    expect(view.plants.filter(({ own }) => own)).toHaveLength(6)
    expect(view.plants.filter(({ own }) => !own)).toHaveLength(6)
  })
  it('is not found in another season, or when there is none', () => {
    expect(plantingView(dayOf(demoState(), today), 'demo-2025-bed-2-1')).toBeNull()
    expect(plantingView(dayOf(demoState(), today), 'nothing')).toBeNull()
  })
  it('follows the soil thermometer of its place', () => {
    const reading = potEntry('r', 'soil-read', '2026-06-18', {
      subject: { type: 'place', id: 'demo-bed-4' },
      data: { depth: 0.15, temperature: 12 },
    })
    const [before, after] = [
      plantingDayOf(dayOf(demoState(), today), 'demo-2026-bed-4-1')!,
      plantingDayOf(dayOf(demoState({ entries: [reading] }), today), 'demo-2026-bed-4-1')!,
    ]
    expect(before.verdict.go).toBe(true)
    expect(after.verdict.go).toBe(false)
    expect(after.verdict.reasons[0]!.text.replaceAll('\u00a0', ' ')).toBe(
      'The soil is 12 °C at 15 cm. Below 15 °C roots stop growing.',
    )
    expect(
      after.conditions.soilTemperatures.every(
        ({ temperature }, at) => temperature < before.conditions.soilTemperatures[at]!.temperature,
      ),
    ).toBe(true)
  })
})

describe('the choices of a new planting', () => {
  it('say what has each place already', () => {
    const { places } = choicesOf(demoState())
    const plannedIn = (state: Parameters<typeof choicesOf>[0]) =>
      new Map(
        choicesOf(state).places.map(({ name, seasons }) => [name, seasons.map(({ planned }) => planned)]),
      )
    expect(places.map(({ name }) => name)).toContain('Bed 1')
    expect(plannedIn(demoState()).get('Bed 1')).toEqual(['6 Copperlace, 6 Dusk Plum', ''])
    expect([...plannedIn(demoState({ empty: true })).values()].flat().join('')).toBe('')
  })
})

describe('measures', () => {
  it('are typed, read and typed again the same', () => {
    for (const manner of [metric, { ...metric, units: 'us' as const }]) {
      const typed = typedMeasures(firstMeasures('tomato', null, 0.3), manner)
      const read = measuresSchema(manner).cast(typed) as ReturnType<typeof firstMeasures>
      expect(typedMeasures(read, manner)).toEqual(typed)
    }
  })
  it('go up and down by a tap, from whatever is sound', () => {
    expect(stepped('height', '30 cm', 1, metric)).toBe('31 cm')
    expect(stepped('height', '12in', -1, { ...metric, units: 'us' })).toBe('11½ in')
    expect(stepped('soilDepth', '30 cm', 1, metric)).toBe('32 cm')
    expect(stepped('leaves', '1', -1, metric)).toBe('1')
    expect(stepped('leaves', 'many', 1, metric)).toBeNull()
    expect(stepped('rootBall', 'wide', 1, metric)).toBeNull()
  })
  it('are those of the last plant of the crop that was measured', () => {
    const plant = { height: 0.42, leaves: 11, rootBall: 0.1 }
    const data = {
      count: 1,
      method: 'upright',
      school: 'deep',
      stemBuried: 0.1,
      holeDepth: 0.2,
      leavesStripped: 3,
    }
    const state = demoState({
      entries: [potEntry('measured', 'set-out', '2026-06-10', { data: { ...data, plant } } as never)],
    })
    expect(plantingDayOf(dayOf(state, today), 'demo-2026-bed-4-1')!.last).toEqual(plant)
    expect(firstMeasures('tomato', plant, 0.3)).toEqual({ ...plant, soilDepth: 0.3 })
    expect(plantingDayOf(dayOf(demoState(), today), 'demo-2026-bed-4-1')!.last).toBeNull()
  })
  it('of a pot end where it is filled to', () => {
    const day = plantingDayOf(dayOf(demoState(), today), 'demo-2026-pot-6-1')!
    expect(day.soilDepth).toBeLessThan(0.5)
    expect(day.inPot).toBe(true)
  })
  it('make a plant that the core takes, however small or tall', () => {
    const { conditions } = plantingDayOf(dayOf(demoState(), today), 'demo-2026-bed-4-1')!
    for (const height of [0.03, 0.3, 1.5])
      for (const leaves of [1, 2, 8, 40]) {
        const leafHeights = evenLeafHeights({ height, leaves })
        expect(leafHeights).toHaveLength(leaves)
        expect(() =>
          adviseDepth({
            crop: 'tomato',
            stemHeight: height,
            leafHeights,
            rootBallDepth: 0.09,
            rootBallWidth: 0.08,
            soilDepth: 0.3,
            ...conditions,
          }),
        ).not.toThrow()
      }
  })
})

describe('the form of a new planting', () => {
  const typed = {
    ...UNTOLD,
    spots: [firstSpot('p', '6', { units: 'metric' })],
    cultivar: 'c',
    season: '2026',
  }
  const schemaOf = (values: PlantingValues) => plantingSchema(metric, '2026-06-18' as IsoDate, values)
  const withNew = (spot: Partial<SpotValues>) => ({
    ...typed,
    spots: [{ ...firstSpot('new:bed', '6', { units: 'metric' }), ...spot }],
  })
  it('asks for a new place or cultivar only when there is one', () => {
    expect(schemaOf(typed).isValidSync(typed)).toBe(true)
    expect(schemaOf(typed).isValidSync(withNew({ length: '' }))).toBe(false)
    const place = withNew({ length: '3 m', width: '4 ft' })
    expect(schemaOf(place).cast(place)).toMatchObject({
      spots: [{ length: 3, width: expect.closeTo(1.2192, 9) as number, many: 1, count: 6 }],
      germination: 0.85,
      survival: 0.9,
    })
    // A pot is told by what it holds; across it is only if measured.
    const pot = withNew({ place: 'new:container', litres: '40', many: '4', length: '' })
    expect(schemaOf(pot).cast(pot)).toMatchObject({ spots: [{ litres: 40, length: null, many: 4 }] })
    expect(
      schemaOf({ ...typed, cultivar: NEW }).isValidSync({ ...typed, cultivar: NEW, fruit: 'plum' }),
    ).toBe(false)
  })
  it('asks of what is here already how it is, and of seed only when it was sown', () => {
    const growing = { ...typed, begins: 'growing', height: '3 ft', since: '20 May', carries: 'green' }
    expect(schemaOf(growing).cast(growing)).toMatchObject({
      height: expect.closeTo(0.9144, 9) as number,
      since: '2026-05-20',
    })
    expect(schemaOf(growing).isValidSync({ ...growing, since: '20 July' })).toBe(false)
    expect(schemaOf(growing).isValidSync({ ...growing, height: '40 m' })).toBe(false)
    const seed = { ...typed, height: '40 m', sownOn: 'yesterday' }
    expect(schemaOf(seed).validateSync(seed, { stripUnknown: true })).toMatchObject({ sownOn: '2026-06-17' })
  })
})

describe('planting day as a whole', () => {
  const later = isoDate('2026-06-21')
  it('sums what all plantings that are due take, and lets the others wait', () => {
    const now = dayPlanOf(dayOf(demoState(), today))
    expect(now.plants).toBe(8)
    expect(now.plantings.map(({ title, go }) => [title, go])).toEqual([
      ['8 Ditch Wren, Bed 4', true],
      ['1 Ridge Horn, Pot 6', false],
    ])
    const both = dayPlanOf(dayOf(demoState(), later))
    expect(both.plants).toBe(9)
    expect(both.carry.find(({ kind }) => kind === 'label')!.quantity).toBe(9)
    expect(both.plantings[1]!.depth.stemBuried).toBeLessThanOrEqual(0.02)
  })
  it('is empty where nothing is planted', () => {
    expect(dayPlanOf(dayOf(demoState({ empty: true }), today))).toMatchObject({
      plantings: [],
      plants: 0,
      carry: [],
    })
  })
})

describe('what holds a planting', () => {
  it('is worked out for each of its rows, the longest first, with its growth to come', () => {
    const view = supportViewOf(dayOf(demoState(), today), 'demo-2026-row-a-1')!
    expect(view.rows[0].plants).toBe(20)
    expect(view.heightToday).toBeGreaterThan(0.2)
    expect(view.growth!.sums.length).toBeGreaterThan(60)
    expect(supportViewOf(dayOf(demoState(), today), 'demo-2026-bed-4-1')!.heightToday).toBe(0)
    expect(supportViewOf(dayOf(demoState(), today), 'no-such')).toBeNull()
  })
  it('bears no wind in a tunnel', () => {
    const view = supportViewOf(dayOf(demoState(), today), 'demo-2026-tunnel-2')!
    expect(view.inTunnel).toBe(true)
    expect(view.rows.every(({ shelter }) => shelter === 0)).toBe(true)
  })
})
