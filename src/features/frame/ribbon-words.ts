import { sayTemperature } from '../../wording/say'
import { formatMeasure } from '../../core/quantity'
import type { RibbonData } from './queries'

/** One day of the ribbon in words: what it is, was or usually is like. */
export function dayInWords(data: RibbonData, at: number): { temperatures: string; sky: string } {
  const { manner } = data
  const usual = data.sources[at] === 'n'
  const temperatures = `${sayTemperature(data.high[at]!, manner)} / ${sayTemperature(data.low[at]!, manner)}, soil ${sayTemperature(data.soil[at]!, manner)}`
  if (usual) return { temperatures, sky: 'usual for the day' }
  const wind = `wind ${formatMeasure({ kind: 'speed', value: data.wind[at]! }, manner)}`
  const rain =
    data.rain[at]! < 0.5
      ? 'dry'
      : `rain ${formatMeasure({ kind: 'water-depth', value: data.rain[at]! }, manner)}`
  return { temperatures, sky: `${rain}, ${wind}` }
}
