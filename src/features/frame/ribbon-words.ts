import { sayTemperature } from '../../wording/say'
import { formatMeasure } from '../../core/quantity'
import type { RibbonData } from './queries'

/** One day of the ribbon in words: what it is, was or usually is like. */
export function dayInWords(data: RibbonData, at: number): { temperatures: string; sky: string } {
  const { manner } = data
  const usual = data.sources[at] === 'n'
  const temperatures = `${sayTemperature(data.high[at]!, manner)} / ${sayTemperature(data.low[at]!, manner)}, soil ${sayTemperature(data.soil[at]!, manner)}`
  if (usual) return { temperatures, sky: 'average for the day' }
  const speed = formatMeasure({ kind: 'speed', value: data.wind[at]! }, manner)
  const isDry = data.rain[at]! < 0.5
  const rain = isDry ? 'dry' : `rain ${formatMeasure({ kind: 'water-depth', value: data.rain[at]! }, manner)}`
  if (data.sources[at] !== 's') return { temperatures, sky: `${rain}, wind ${speed}` }
  // What is made up says so first, and then only as much as stands on the line.
  return { temperatures, sky: `simulated: ${isDry ? `${rain}, ${speed}` : rain}` }
}
