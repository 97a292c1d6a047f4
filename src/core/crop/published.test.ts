import { describe, expect, it } from 'vitest'
import { degreeDays } from '../climate'
import { growPlant, plantTraits, THERMAL_LIMITS, thermalTraits, USUAL_VINE, type Cultivar } from '.'

const at = (temperature: number, count: number) =>
  Array.from({ length: count }, () => ({
    degreeDays: degreeDays({ tmin: temperature, tmax: temperature }, THERMAL_LIMITS.tomato),
    tmin: temperature - 3,
    tmax: temperature + 4,
  }))
const vine = (fruit: Cultivar['fruit']): Cultivar => ({ ...USUAL_VINE, fruit })
const grown = (of: Cultivar, temperature: number, days: number) =>
  growPlant(plantTraits(of), at(temperature, days), []).stems[0]!.nodes

describe('growth habits as published', () => {
  it('6 to 11 leaves come before the first truss, and three between trusses [Heuvelink 2005, Tomatoes, ch. 3]', () => {
    for (const fruit of ['cherry', 'saladette', 'slicer', 'beefsteak'] as const) {
      const trusses = grown(vine(fruit), 20, 120).flatMap(({ truss }, node) => (truss ? [node] : []))
      expect(trusses[0]! + 1).toBeGreaterThanOrEqual(6)
      expect(trusses[0]! + 1).toBeLessThanOrEqual(11)
      expect(trusses.slice(1).every((node, rank) => node - trusses[rank]! === 3)).toBe(true)
    }
  })
  it('a truss flowers each 7 to 9 days at 20 °C: 0.11 to 0.15 a day [de Koning 1994, ch. 3]', () => {
    const trusses = (days: number) =>
      grown(vine('slicer'), 20, days).filter(({ truss }) => truss && truss.state !== 'buds').length
    const rate = (trusses(150) - trusses(80)) / 70
    expect(rate).toBeGreaterThanOrEqual(0.11)
    expect(rate).toBeLessThanOrEqual(0.15)
  })
  it('leaves appear at 0.3 to 0.45 a day at 20 °C, and at 0.4 to 0.6 at 24 °C [de Koning 1994, ch. 3]', () => {
    const rate = (temperature: number) =>
      (grown(vine('slicer'), temperature, 100).length - grown(vine('slicer'), temperature, 50).length) / 50
    expect(rate(20)).toBeGreaterThanOrEqual(0.3)
    expect(rate(20)).toBeLessThanOrEqual(0.45)
    expect(rate(24)).toBeGreaterThanOrEqual(0.4)
    expect(rate(24)).toBeLessThanOrEqual(0.6)
  })
  it.each([
    [14, 95],
    [18, 65],
    [22, 46],
    [26, 42],
  ])(
    'a fruit is ripe at a constant %d °C %d days after its flower [Adams, Cockshull & Cave 2001], within 7 %%',
    (temperature, days) => {
      const ours =
        thermalTraits(USUAL_VINE).ripening / (Math.min(temperature, 26) - THERMAL_LIMITS.tomato.base)
      expect(Math.abs(ours / days - 1)).toBeLessThan(0.07)
    },
  )
  it.each([16, 18, 20, 22, 24])(
    'trusses appear at −0.2903 + 0.1454 ln T a day at %d °C [De Koning 1994], within 10 %%',
    (temperature) => {
      const traits = plantTraits(USUAL_VINE)
      const ours = (temperature - THERMAL_LIMITS.tomato.base) / (traits.leavesBetween * traits.leafEvery)
      expect(Math.abs(ours / (-0.2903 + 0.1454 * Math.log(temperature)) - 1)).toBeLessThan(0.1)
    },
  )
  it('a fruit takes 46 to 65 days from the open flower to ripe at 20 °C [between 18 and 22 °C of Adams et al. 2001]', () => {
    const dayOf = (state: 'open' | 'ripe') =>
      Array.from({ length: 120 }, (_, day) => day).find(
        (day) => grown(vine('slicer'), 20, day + 1)[8]?.truss?.state === state,
      )!
    const days = dayOf('ripe') - dayOf('open')
    expect(days).toBeGreaterThanOrEqual(46)
    expect(days).toBeLessThanOrEqual(65)
  })
  it('a bush ends its stem in a truss, with one or two leaves between [sp gene; Pnueli et al. 1998]', () => {
    const bush: Cultivar = { ...vine('paste'), habit: 'determinate' }
    const { stems } = growPlant(plantTraits(bush), at(20, 120), [])
    expect(stems[0]!.ended).toBe('truss')
    expect(stems[0]!.nodes.at(-1)!.truss).not.toBeNull()
    const trusses = stems[0]!.nodes.flatMap(({ truss }, node) => (truss ? [node] : []))
    expect(trusses.slice(1).every((node, rank) => [1, 2].includes(node - trusses[rank]!))).toBe(true)
  })
})
