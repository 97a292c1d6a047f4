import { addDays, type IsoDate } from '../calendar'
import { dateInSeason, OPEN_GROUND, startOfSeason } from '../climate'
import { thermalTraits, USUAL_VINE, type Crop, type Cultivar, type ThermalTraits } from '../crop'
import type { AnyEntry } from '../entry'
import { allPlantings, type PlantingOutlook, type SeasonOutlook } from './outlook'
import { transplantWindow, type TransplantWindow } from './transplant-window'
import { yearsIn } from './years'

/** A season that is looked at: its number, its first day and its plantings. */
export interface SeasonInView<One extends AnyEntry = AnyEntry> {
  season: number
  start: IsoDate
  plantings: PlantingOutlook<One>[]
}

/** Where no frost ends a season, what is planted in its last days belongs to the next one. */
const LAST_DAYS = 60

/** A usual cultivar of each crop, for what is asked before one is chosen. */
export const TYPICAL: Record<Crop, Cultivar> = {
  tomato: USUAL_VINE,
  pepper: {
    crop: 'pepper',
    habit: null,
    fruit: 'bell',
    origin: 'hybrid',
    daysToMaturity: null,
    maturityFrom: 'transplanting',
    ripeColour: '',
    grafted: false,
  },
}

/** When a crop can be planted out in open ground, over all seasons of the ensemble. */
export const openWindow = (
  { ensemble }: Pick<SeasonOutlook, 'ensemble'>,
  crop: Crop,
  thermal: ThermalTraits = thermalTraits(TYPICAL[crop]),
): TransplantWindow => transplantWindow(yearsIn(ensemble, OPEN_GROUND), crop, thermal)

/**
 * Whether what is planted out on the outlook's day can still ripen in its season, in the middle year; where the season
 * is too short for that, whether its earliest day is still to come.
 */
export function stillRipens(
  { start, today }: Pick<SeasonOutlook, 'start' | 'today'>,
  { opens, closes }: Pick<TransplantWindow, 'opens' | 'closes'>,
): boolean {
  const last =
    closes.p50 === null
      ? addDays(start, 365 - LAST_DAYS)
      : dateInSeason(start, Math.max(closes.p50, opens.p50 ?? 0))
  return today <= last
}

/** The season that a new planting goes into: the first in which it can still ripen. */
export const seasonToPlant = (
  outlook: Pick<SeasonOutlook, 'start' | 'today' | 'season' | 'ensemble'>,
  cultivar: Cultivar = TYPICAL.tomato,
): number =>
  stillRipens(outlook, openWindow(outlook, cultivar.crop, thermalTraits(cultivar)))
    ? outlook.season
    : outlook.season + 1

/** Whether a planting is behind its gardener: cleared, or past its end. */
export const isDone = ({ phase, end }: PlantingOutlook, today: IsoDate): boolean =>
  phase === 'over' || (end.on !== null && end.on < today)

/** The season that a garden lives in: this one while anything of it is left to do, else the one to come. */
export function seasonInView<One extends AnyEntry>(outlook: SeasonOutlook<One>): SeasonInView<One> {
  const { season, start, plantings, coming, today, ensemble } = outlook
  const isOver =
    plantings.every((own) => isDone(own, today)) &&
    (coming.length > 0 || !stillRipens(outlook, openWindow(outlook, 'tomato')))
  return isOver
    ? { season: season + 1, start: startOfSeason(ensemble.normals, season + 1), plantings: coming }
    : { season, start, plantings }
}

/** What a plan of the ground shows: what is left of this season, and in places without any the season to come. */
export function onPlan<One extends AnyEntry>(outlook: SeasonOutlook<One>): PlantingOutlook<One>[] {
  const left = outlook.plantings.filter(({ phase }) => phase !== 'over')
  const held = new Set(left.filter((own) => !isDone(own, outlook.today)).map(({ place }) => place.id))
  const coming = outlook.coming.filter(({ place, phase }) => phase !== 'over' && !held.has(place.id))
  const taken = new Set(coming.map(({ place }) => place.id))
  return [...left.filter(({ place }) => !taken.has(place.id)), ...coming]
}

/** Every planting that is not cleared, of both seasons. */
export const notCleared = <One extends AnyEntry>(outlook: SeasonOutlook<One>): PlantingOutlook<One>[] =>
  allPlantings(outlook).filter(({ phase }) => phase !== 'over')
