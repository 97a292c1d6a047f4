import { indexOf, soilTemperatures } from '../climate'
import { runningDegreeDays } from '../crop'
import { surroundingsOf } from '../facts'
import { weatherOf, type PlantingOutlook, type SeasonOutlook } from './outlook'
import { readingsIn } from './place-weather'
import { stageDays } from './stage-days'

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

/** Soil by depth, growth in the coming week and season slack of a planting that is set out on the outlook's day. */
export function depthConditions(outlook: SeasonOutlook, own: PlantingOutlook): DepthConditions {
  const { line, today, counted } = outlook
  const { place, plan, turns, air } = own
  const at = indexOf(line.air, today)
  const readings = readingsIn(place, counted)
  const running = runningDegreeDays(air, plan.cultivar.crop)
  const { here } = weatherOf(outlook, own)
  const setOut = { 'set-out': plan.today, ...plan.logged }
  const days = stageDays({ ...plan, logged: setOut }, here, turns)
  const [flower, last] = [days['first-flower'], days['last-flower-ripe']]
  return {
    soilTemperatures: DEPTHS.map((depth) => ({
      depth,
      temperature: soilTemperatures(line.air, depth, surroundingsOf(place), readings)[at]!,
    })),
    dailyDegreeDays: (running[at + DAYS_AHEAD]! - running[at]!) / DAYS_AHEAD,
    seasonSlackDays:
      turns.frost === null
        ? ENDLESS
        : flower === null || last === null
          ? 0
          : Math.max(-ENDLESS, Math.min(ENDLESS, last - flower)),
  }
}
