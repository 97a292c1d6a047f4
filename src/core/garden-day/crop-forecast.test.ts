import { describe, expect, it } from 'vitest'
import { gardenOf, SET_OUT } from '../../test/garden'
import { southGarden } from '../../test/south-garden'
import { demoState } from '../../data/demo/demo-state'
import { isoDate } from '../calendar'
import { ripeningBetween } from '../harvest'
import { bearsGrownSo, cropForecast, dayOf, grownOn, typicallyBears } from '.'
import { firstPicked } from './crop-forecast'

const TODAY = isoDate('2026-06-18')
const demo = dayOf(demoState(), TODAY)
const inDemo = (place: string) => demo.outlook.plantings.find((own) => own.place.name === place)!

describe('what a planting is expected to bear', () => {
  it('comes to its season, on the days that the calendar says', () => {
    const own = inDemo('Bed 2')
    const { kg, low, high, ripening } = cropForecast(demo, own)
    expect(low).toBeLessThan(kg)
    expect(kg).toBeLessThan(high)
    expect(ripeningBetween(ripening, isoDate('2026-01-01'), isoDate('2026-12-31'))).toBeCloseTo(kg, 6)
    const first = firstPicked(own)!
    const before = ripening.seasons.filter((season) =>
      season
        .slice(0, 365)
        .some((mass, day) => mass > 0 && day < (Date.parse(first) - Date.parse(ripening.from)) / 86_400_000),
    )
    // The first fruit of the middle season are the calendar's.
    expect(Math.abs(before.length / ripening.seasons.length - 0.5)).toBeLessThanOrEqual(0.5)
  })
  it('stands though a frost of this spring would have taken it', () => {
    expect(cropForecast(demo, inDemo('Pot 7')).kg).toBeGreaterThan(0.5)
  })
  it('is less where less light falls, and by hunger', () => {
    const own = inDemo('Bed 2')
    const now = grownOn(demo, own)
    const kg = (change: object) => bearsGrownSo(demo, own, { ...now, ...change }).kg
    expect(kg({})).toBeCloseTo(cropForecast(demo, own).kg, 6)
    expect(kg({ sun: 0.5 })).toBeLessThan(0.8 * kg({}))
    expect(kg({ watering: 'rain' })).toBeLessThan(kg({}))
  })
  it('is drawn to what its cultivar gave here before', () => {
    const own = gardenOf()
    const bed = own.place('Bed', 'bed', [3, 1.2])
    const cultivar = own.cultivar('Plain')
    const last = own.planting(cultivar, bed, 6, { season: 2025 })
    own.enter(last, 'set-out', '2025-05-20', { count: 6, ...SET_OUT })
    const now = own.planting(cultivar, bed, 6)
    own.enter(now, 'set-out', '2026-05-20', { count: 6, ...SET_OUT })
    const bears = (picked: number) => {
      if (picked > 0) own.enter(last, 'picked', '2025-09-01', { mass: picked, count: null })
      const day = dayOf(own.state(), TODAY)
      return cropForecast(
        day,
        day.outlook.plantings.find(({ planting }) => planting.id === now.id)!,
      ).kg
    }
    const alone = bears(0)
    expect(alone).toBeGreaterThan(0.5)
    // Six plants of the record weigh as much as what the seasons say.
    expect(bears(6 * 9)).toBeCloseTo((alone + 9) / 2, 6)
  })
  it('is nothing where nothing ripens', () => {
    const south = dayOf(southGarden().garden.state(), isoDate('2027-01-20'))
    const never = south.outlook.plantings.find(({ place }) => place.name === 'Tub')!
    const { kg, ripening } = cropForecast(south, never)
    expect([kg, ripening.seasons.length]).toEqual([0, 0])
    expect(ripeningBetween(ripening, isoDate('2026-01-01'), isoDate('2028-01-01'))).toBe(0)
  })
})

describe('what a cultivar typically bears here', () => {
  it('is more on more stems, whichever name it has', () => {
    const own = inDemo('Bed 2').cultivar
    const on = (training: 'cage' | 'single-stem', id = 'none') =>
      typicallyBears(demo, { ...own, id }, training)
    expect(on('cage')).toBeGreaterThan(1.3 * on('single-stem'))
    expect(on('cage', 'other')).toBe(on('cage'))
  })
})
