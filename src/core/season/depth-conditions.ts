import { daysBetween } from '../calendar'
import { indexOf, soilTemperatures } from '../climate'
import { runningDegreeDays } from '../crop'
import { surroundingsOf } from '../facts'
import { readingsIn, type PlantingOutlook, type SeasonOutlook } from './outlook'

/** What a planting depth hangs on besides the plant: °C by depth in m, °C d a day, d. */
export interface DepthConditions {
  soilTemperatures: { depth: number; temperature: number }[]
  dailyDegreeDays: number
  seasonSlackDays: number
}

const DEPTHS = [0.05, 0.15, 0.25, 0.35]
const DAYS_AHEAD = 7
/** Slack where no frost ends the season, d. */
const ENDLESS = 365

/** Soil by depth, growth in the coming week and season slack of a planting as of the outlook's day. */
export function depthConditions(
  outlook: SeasonOutlook,
  { place, cultivar, dates }: PlantingOutlook,
): DepthConditions {
  const { line, today, counted } = outlook
  const at = indexOf(line.air, today)
  const readings = readingsIn(place, counted)
  const running = runningDegreeDays(line.air, cultivar.crop)
  const flower = dates['first-flower'].date
  const last = dates['last-flower-ripe'].date
  return {
    soilTemperatures: DEPTHS.map((depth) => ({
      depth,
      temperature: soilTemperatures(line.air, depth, surroundingsOf(place), readings)[at]!,
    })),
    dailyDegreeDays: (running[at + DAYS_AHEAD]! - running[at]!) / DAYS_AHEAD,
    seasonSlackDays:
      dates.end.date === null ? ENDLESS : flower === null || last === null ? 0 : daysBetween(flower, last),
  }
}
