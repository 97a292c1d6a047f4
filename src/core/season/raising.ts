import type { Crop } from '../crop'
import type { RaisingWay } from '../facts'
import { daysToEmergence } from './emergence'

/** The ways in which seed is raised in trays of one's own. */
export type RaisedHere = Exclude<RaisingWay, 'direct' | 'bought'>

/**
 * How a plant is raised: days from sowing to setting out, usually and at the least; °C d of growth that it loses
 * at transplanting, hardened, beyond a usual plant's loss †. A plug is ready 4–5 weeks from sowing and takes off
 * faster; a bigger plant goes out later and further on.
 */
const RAISING: Record<
  RaisedHere,
  { days: Record<Crop, number>; least: Record<Crop, number>; extraLoss: number }
> = {
  plug: { days: { tomato: 32, pepper: 42 }, least: { tomato: 28, pepper: 35 }, extraLoss: -30 },
  plant: { days: { tomato: 49, pepper: 63 }, least: { tomato: 35, pepper: 49 }, extraLoss: 0 },
  'big-plant': { days: { tomato: 63, pepper: 77 }, least: { tomato: 49, pepper: 63 }, extraLoss: 30 },
}

/** † Warmth of a seed tray indoors, °C; days from emergence until roots reach the wall of a cell. */
export const TRAY_TEMPERATURE = 22
export const POT_UP_AFTER = 21
/** Days of hardening off, the middle of 7–10. */
export const HARDENING_DAYS = 8
/** °C d of growth that a plant loses at transplanting if it was not hardened, beyond a hardened one's loss †. */
export const UNHARDENED_LOSS = 50

/** °C d that a packet's day stands for, and the days of growth that a plant brings to the ground. */
const DEGREE_DAYS_A_DAY = 11.5
const DAYS_IN_THE_TRAY = 45
/** A plant this much older or younger than usual is not further on, or back, by more, d. */
const MOST_AGE = 14

/** Days from sowing in a tray until most are up. */
export const trayEmergence = (crop: Crop) => Math.round(daysToEmergence(crop, TRAY_TEMPERATURE)!)

/** What is bought was raised as a usual plant, where nothing else is known of it. */
const raisedAs = (way: Exclude<RaisingWay, 'direct'>): RaisedHere => (way === 'bought' ? 'plant' : way)

/** Days from sowing to setting out; 0 for seed that is sown in place. */
export const raisingDays = (crop: Crop, way: RaisingWay = 'plant') =>
  way === 'direct' ? 0 : RAISING[raisedAs(way)].days[crop]

/** The least days from sowing that raise a plant worth setting out; one that is bought is ready. */
export const leastRaisingDays = (crop: Crop, way: RaisingWay) =>
  way === 'direct' || way === 'bought' ? 0 : RAISING[way].least[crop]

/**
 * What a plant is ahead of a usual one when it starts in the ground, °C d: by its age, less what it loses there.
 *
 * @param age d from sowing to setting out; null: sown in place, and only just come up
 */
export function headStart(crop: Crop, way: RaisingWay, age: number | null): number {
  if (way === 'direct' || age === null) return -(DAYS_IN_THE_TRAY - trayEmergence(crop)) * DEGREE_DAYS_A_DAY
  const older = age - RAISING.plant.days[crop]
  const as = raisedAs(way)
  const most = as === 'plant' ? MOST_AGE : 2 * MOST_AGE
  return Math.max(-most, Math.min(MOST_AGE, older)) * DEGREE_DAYS_A_DAY - RAISING[as].extraLoss
}
