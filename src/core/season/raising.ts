import { transplantCheck, type Crop } from '../crop'
import type { RaisingWay } from '../facts'
import { daysToEmergence } from './emergence'

/** The ways in which seed is raised in trays of one's own. */
export type RaisedHere = Exclude<RaisingWay, 'direct' | 'bought'>

/**
 * How a plant is raised: days from sowing to setting out, usually and at the least; °C d of growth that it loses
 * at transplanting, hardened, beyond a usual plant's loss †. A plug is ready 4–5 weeks from sowing and takes off
 * faster; a bigger plant goes out later and further on. Against: short-season growers’ ten weeks.
 */
const RAISING: Record<
  RaisedHere,
  { days: Record<Crop, number>; least: Record<Crop, number>; extraLoss: number }
> = {
  plug: { days: { tomato: 32, pepper: 42 }, least: { tomato: 28, pepper: 35 }, extraLoss: -30 },
  plant: { days: { tomato: 49, pepper: 63 }, least: { tomato: 35, pepper: 49 }, extraLoss: 0 },
  'big-plant': { days: { tomato: 63, pepper: 77 }, least: { tomato: 49, pepper: 63 }, extraLoss: 30 },
}

/** Warmth of a seed tray indoors, °C; days from emergence until roots reach the wall of a cell. */
export const TRAY_TEMPERATURE = 22
export const POT_UP_AFTER = 21
/** Days of hardening off, the middle of 7–10. */
export const HARDENING_DAYS = 8
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
 * °C d of growth that planting out costs a plant raised in a way: a plug's roots run on at once, a big plant's were
 * longer in its pot. Nothing for seed that grows where it lies.
 */
export function setOutCheck(crop: Crop, way: RaisingWay, isHardened: boolean): number {
  return way === 'direct' ? 0 : transplantCheck(crop, isHardened) + RAISING[raisedAs(way)].extraLoss
}
