import { requireAtLeastOne, requireInRange } from '../guard'
import type { Crop } from '../crop'

export const DEPTH_SCHOOLS = ['deep', 'two-thirds', 'first-fork', 'shallow', 'trench'] as const
export type DepthSchool = (typeof DEPTH_SCHOOLS)[number]

export interface DepthInput {
  crop: Crop
  grafted?: boolean
  /** m above the soil line. */
  graftHeight?: number
  /** Soil line to tip, m. */
  stemHeight: number
  /** Where each true leaf leaves the stem, m above the soil line, lowest first. */
  leafHeights: number[]
  /** m. */
  rootBallDepth: number
  rootBallWidth: number
  /** Workable soil, m. */
  soilDepth: number
  /** °C at depths in m, in any order; between them it is interpolated. */
  soilTemperatures: { depth: number; temperature: number }[]
  /** °C d a day in the coming days. */
  dailyDegreeDays: number
  /** Days between the last useful flower and the first flower at full depth. */
  seasonSlackDays: number
  school?: 'worked-out' | DepthSchool
}

/** @throws RangeError naming the first parameter that is out of its bounds. */
export function requireDepthInput(input: DepthInput): void {
  requireInRange('stemHeight', input.stemHeight, 0.005, 3)
  input.leafHeights.forEach((height, index) => {
    requireInRange(`leafHeights[${index}]`, height, 0, input.stemHeight)
    if (index > 0 && height < input.leafHeights[index - 1]!)
      throw new RangeError(
        `leafHeights must rise from the lowest leaf, but ${height} follows ${input.leafHeights[index - 1]}`,
      )
  })
  requireInRange('rootBallDepth', input.rootBallDepth, 0.005, 1)
  requireInRange('rootBallWidth', input.rootBallWidth, 0.005, 1)
  requireInRange('soilDepth', input.soilDepth, 0, 5)
  requireAtLeastOne('soilTemperatures', input.soilTemperatures)
  input.soilTemperatures.forEach(({ depth, temperature }, index) => {
    requireInRange(`soilTemperatures[${index}].depth`, depth, 0, 5)
    requireInRange(`soilTemperatures[${index}].temperature`, temperature, -110, 130)
  })
  requireInRange('dailyDegreeDays', input.dailyDegreeDays, 0, 40)
  requireInRange('seasonSlackDays', input.seasonSlackDays, -1000, 1000)
  if (input.graftHeight !== undefined) requireInRange('graftHeight', input.graftHeight, 0, input.stemHeight)
  const school = input.school ?? 'worked-out'
  if (school !== 'worked-out' && !DEPTH_SCHOOLS.includes(school))
    throw new RangeError(`school must be worked-out or one of ${DEPTH_SCHOOLS.join(', ')}, not ${school}`)
}

/** °C at a depth: linear between the given depths, steady beyond them. */
export function temperatureAt(depth: number, given: DepthInput['soilTemperatures']): number {
  const profile = [...given].sort((a, b) => a.depth - b.depth)
  const below = profile.findIndex((point) => point.depth >= depth)
  if (below === 0) return profile[0]!.temperature
  if (below < 0) return profile.at(-1)!.temperature
  const [upper, lower] = [profile[below - 1]!, profile[below]!]
  const along = (depth - upper.depth) / (lower.depth - upper.depth)
  return upper.temperature + along * (lower.temperature - upper.temperature)
}
