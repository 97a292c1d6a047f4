import { addDays, type IsoDate } from '../calendar'
import { dateInSeason, startOfSeason, type Ensemble } from '../climate'
import { CROPS, type Crop } from '../crop'
import { openWindow, stillRipens } from './in-view'
import type { SeasonOutlook } from './outlook'
import { raisingDays } from './raising'
import { closesBeforeItOpens, plannedDays } from './transplant-window'

/** When a usual cultivar of a crop is sown and planted out, in the middle year; null: it never is warm enough. */
interface CropDates {
  crop: Crop
  sow: IsoDate | null
  opens: IsoDate | null
  /** The opening in one year of ten, and in nine. */
  early: IsoDate | null
  late: IsoDate | null
  /** Planted out later, nothing ripens; null: no frost ends it. */
  closes: IsoDate | null
  /** Planted out on the earliest day, its first fruit does not ripen in the middle year. */
  isShort: boolean
}

/** The first dates that a garden can be told with nothing planned, for the first season that can still ripen. */
export interface FirstDates {
  season: number
  start: IsoDate
  /** Sowing is behind, planting out is not: bought plants still make it. */
  isForBought: boolean
  crops: CropDates[]
}

export function firstDates(
  outlook: Pick<SeasonOutlook, 'season' | 'start' | 'today'> & { ensemble: Ensemble },
): FirstDates {
  const { ensemble, today } = outlook
  const isOpen = stillRipens(outlook, openWindow(outlook, 'tomato'))
  const season = isOpen ? outlook.season : outlook.season + 1
  const start = isOpen ? outlook.start : startOfSeason(ensemble.normals, season)
  const date = (offset: number | null) => (offset === null ? null : dateInSeason(start, offset))
  const crops = CROPS.map((crop): CropDates => {
    const window = openWindow(outlook, crop)
    const { closes } = window
    const opens = plannedDays(window)
    const from = date(opens.p50)
    return {
      crop,
      sow: from && addDays(from, -raisingDays(crop)),
      opens: from,
      early: date(opens.p10),
      late: date(opens.p90),
      closes: closesBeforeItOpens(window) ? null : date(closes.p50),
      isShort: closesBeforeItOpens(window),
    }
  })
  const { sow } = crops.find(({ crop }) => crop === 'tomato')!
  return { season, start, isForBought: sow !== null && today > addDays(sow, SOWN_LATE), crops }
}

/** The same as a picture shows it, with the frosts of the middle year. */
export function firstSeason({ season, start, crops }: FirstDates, frost: SeasonOutlook['frost']) {
  const { lastSpring, firstAutumn } = frost
  const date = (offset: number | null) => (offset === null ? null : dateInSeason(start, offset))
  return { season, crops, lastFrost: date(lastSpring.p50), firstFrost: date(firstAutumn.p50) }
}

/** Days after the day to sow from which bought plants are told of. */
const SOWN_LATE = 21
