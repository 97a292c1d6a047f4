import type { Reason } from '../advice'
import { SET_OUT_LIMITS, SET_OUT_NIGHTS, type Crop } from '../crop'
import { requireInRange } from '../guard'
import { count, speed, temperature } from '../quantity'

export const SOIL_MOISTURES = ['dry', 'moist', 'wet'] as const
export type SoilMoisture = (typeof SOIL_MOISTURES)[number]

export type CheckRule =
  | 'check.sky-mild'
  | 'check.sky-hot'
  | 'check.sky-windy'
  | 'check.nights-warm'
  | 'check.nights-cool'
  | 'check.nights-cold'
  | 'check.hardened'
  | 'check.half-hardened'
  | 'check.not-hardened'
  | 'check.soil-dry'
  | 'check.soil-moist'
  | 'check.soil-wet'
  | 'check.roots-free'
  | 'check.roots-circle'
  | 'check.no-flowers'
  | 'check.flowers-pinch'
  | 'check.flowers-leave'

/** One thing to look at before planting, and what to do about it. */
export interface PlantingCheck {
  about: 'sky' | 'nights' | 'hardening' | 'soil' | 'roots' | 'flowers'
  /** Go on, do something first, or not today. */
  verdict: 'go' | 'first' | 'wait'
  reason: Reason<CheckRule>
}

/** Over this, °C and m/s as a daily mean, leaves lose more than new roots bring. */
const HOT = 30
const WINDY = 6
/** Days outside until leaves and stem are hard, and until they bear shade at least. */
const HARDENED = 7
const HALF_HARDENED = 3
/** With fewer days than this to spare, first flowers are left on. */
const SHORT_SLACK = 21

/**
 * What to look at before a plant goes in, in the order in which one looks.
 *
 * @param seen high of the day, °C, and its mean wind, m/s; lows of the next nights, °C,
 *   from the coming one on; days of hardening; soil as
 *   the hand finds it; roots that circle; open flowers; days that the season has to spare
 * @throws RangeError when a number is out of range
 */
export function plantingChecks(seen: {
  crop: Crop
  tmax: number
  wind: number
  nights: readonly number[]
  hardeningDays: number
  soil: SoilMoisture
  rootsCircle: boolean
  flowers: boolean
  seasonSlackDays: number
}): PlantingCheck[] {
  requireInRange('tmax', seen.tmax, -60, 60)
  requireInRange('wind', seen.wind, 0, 100)
  requireInRange('hardeningDays', seen.hardeningDays, 0, 400)
  const check = (
    about: PlantingCheck['about'],
    verdict: PlantingCheck['verdict'],
    rule: CheckRule,
    values: Reason['values'] = {},
  ): PlantingCheck => ({
    about,
    verdict,
    reason: { rule, values, weight: verdict === 'go' ? 'supports' : 'warns' },
  })
  const checks: PlantingCheck[] = [
    seen.tmax >= HOT
      ? check('sky', 'first', 'check.sky-hot', { high: temperature(seen.tmax) })
      : seen.wind >= WINDY
        ? check('sky', 'first', 'check.sky-windy', { wind: speed(seen.wind) })
        : check('sky', 'go', 'check.sky-mild', { high: temperature(seen.tmax) }),
  ]
  if (seen.nights.length > 0) {
    const ahead = seen.nights.slice(0, SET_OUT_NIGHTS)
    const low = Math.min(...ahead)
    const mean = ahead.reduce((sum, night) => sum + night, 0) / ahead.length
    const values = { low: temperature(low), mean: temperature(mean), nights: count(ahead.length) }
    const { may, ideal, coldest } = SET_OUT_LIMITS[seen.crop]
    // The same limits as the transplant window's: no two answers on one day.
    checks.push(
      mean < may.night || low < coldest
        ? check('nights', 'wait', 'check.nights-cold', values)
        : mean < ideal.night
          ? check('nights', 'go', 'check.nights-cool', values)
          : check('nights', 'go', 'check.nights-warm', values),
    )
  }
  const hardened = { days: count(seen.hardeningDays) }
  checks.push(
    seen.hardeningDays >= HARDENED
      ? check('hardening', 'go', 'check.hardened', hardened)
      : seen.hardeningDays >= HALF_HARDENED
        ? check('hardening', 'first', 'check.half-hardened', hardened)
        : check('hardening', 'wait', 'check.not-hardened', hardened),
    seen.soil === 'moist'
      ? check('soil', 'go', 'check.soil-moist')
      : seen.soil === 'dry'
        ? check('soil', 'first', 'check.soil-dry')
        : check('soil', 'wait', 'check.soil-wet'),
    seen.rootsCircle
      ? check('roots', 'first', 'check.roots-circle')
      : check('roots', 'go', 'check.roots-free'),
    !seen.flowers
      ? check('flowers', 'go', 'check.no-flowers')
      : seen.seasonSlackDays < SHORT_SLACK
        ? check('flowers', 'go', 'check.flowers-leave')
        : check('flowers', 'first', 'check.flowers-pinch'),
  )
  return checks
}
