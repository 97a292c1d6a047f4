import { describe, expect, it } from 'vitest'
import { isoDate } from '../calendar'
import { emptySeries } from '../climate'
import { USUAL_VINE } from '../crop'
import { bearingOf, bearsInTime, STAGES, TYPICAL, type PlantingDates } from '.'

const air = emptySeries(Math.round(Date.UTC(2026, 0, 1) / 86_400_000), 365)
air.tmin.fill(15)
air.tmax.fill(25)
const dates = (change: Partial<Record<keyof PlantingDates, string>>): PlantingDates =>
  Object.fromEntries(
    STAGES.map((stage) => [
      stage,
      { date: change[stage] ? isoDate(change[stage]) : null, how: 'expected', spread: null },
    ]),
  ) as PlantingDates
const inTime = (change: Parameters<typeof dates>[0], cultivar = USUAL_VINE) =>
  bearsInTime({ dates: dates(change), cultivar: cultivar as never, air })

describe('what of a crop ripens in time', () => {
  it('is a few per cent where the first fruit is ripe three days before the frost, and all after two months', () => {
    // Four days of 14 °C d of the 800 that a vine wants.
    expect(inTime({ 'first-ripe': '2026-10-10', end: '2026-10-13' })).toBeCloseTo(56 / 800, 3)
    expect(inTime({ 'first-ripe': '2026-08-01', end: '2026-10-13' })).toBe(1)
  })
  it('is nothing where nothing ripens, and all where no frost ends it', () => {
    expect(inTime({ end: '2026-10-13' })).toBe(0)
    expect(inTime({ 'first-ripe': '2026-11-01', end: '2026-10-13' })).toBe(0)
    expect(inTime({ 'first-ripe': '2026-11-01' })).toBe(1)
  })
  it('grows with every day of picking, and a bush is done sooner', () => {
    const from = (first: string) => inTime({ 'first-ripe': first, end: '2026-10-13' })
    expect(from('2026-09-01')).toBeGreaterThan(from('2026-09-20'))
    const bush = { ...USUAL_VINE, habit: 'determinate' as const }
    expect(inTime({ 'first-ripe': '2026-09-01', end: '2026-10-05' }, bush)).toBeGreaterThan(
      inTime({ 'first-ripe': '2026-09-01', end: '2026-10-05' }),
    )
  })
  it('begins with green peppers', () => {
    const bell = dates({ 'first-green': '2026-08-01', 'first-ripe': '2026-08-25', end: '2026-10-13' })
    expect(bearingOf({ dates: bell })).toMatchObject({ first: '2026-08-01', end: '2026-10-13' })
    const change = { 'first-green': '2026-10-01', 'first-ripe': '2026-10-20', end: '2026-10-13' }
    expect(inTime(change, TYPICAL.pepper)).toBeGreaterThan(0.1)
  })
})
