import { addDays, daysBetween, laterOf, type IsoDate } from '../calendar'
import { dateInSeason, dayPercentiles, indexOf, type Ensemble, type WeatherLine } from '../climate'
import { dayReached, lastDayToReach, thermalTraits, type Crop, type Cultivar } from '../crop'
import { ofKind, type LogEntry, type Planting } from '../facts'
import { daysToEmergence } from './emergence'
import { firstFrostBySeason, runningBySeason } from './ensemble-thermal'
import { MATURE_GREEN } from './last-useful-flower'
import type { TransplantWindow } from './transplant-window'

export const STAGES = [
  'sow',
  'emerge',
  'pot-up',
  'harden',
  'set-out',
  'first-flower',
  'first-ripe',
  'last-flower-ripe',
  'last-flower-green',
  'end',
] as const
export type Stage = (typeof STAGES)[number]

/** Dates in 1, 5 and 9 seasons of ten; null: not in so many. `share` of the seasons have it at all. */
export interface DateSpread {
  p10: IsoDate | null
  p50: IsoDate | null
  p90: IsoDate | null
  share: number
}

/** A stage's date in this season: entered, meant by the grower or the calendar, or expected from the weather. */
export interface StageDate {
  date: IsoDate | null
  how: 'logged' | 'planned' | 'expected'
  spread: DateSpread | null
}

export type PlantingDates = Record<Stage, StageDate>

/** Days from sowing to the transplant window, the middle of 6–8 weeks and of 8–10. */
export const RAISING_DAYS: Record<Crop, number> = { tomato: 49, pepper: 63 }
/** The least that raises a plant worth setting out. */
const LEAST_RAISING_DAYS: Record<Crop, number> = { tomato: 35, pepper: 49 }
/** † Warmth of a seed tray indoors, °C; days from emergence until roots reach the wall of a cell. */
export const TRAY_TEMPERATURE = 22
const POT_UP_AFTER = 21
/** Days of hardening off, the middle of 7–10. */
export const HARDENING_DAYS = 8
/** °C d of growth that a plant loses at transplanting if it was not hardened, beyond a hardened one's loss †. */
const UNHARDENED_LOSS = 50

/**
 * The dates of a planting in one season: what is logged stands, what is to come follows from it.
 *
 * @param input.entries the planting's entries that count, oldest first
 * @param input.seasonStart first day of the ensemble's seasons in this year
 * @param input.line this year's weather, holding `today` and at least 300 days after it
 * @param input.running the line's running degree-days of this crop
 */
export function plantingDates(input: {
  planting: Planting
  cultivar: Cultivar
  entries: readonly LogEntry[]
  window: TransplantWindow
  ensemble: Ensemble
  seasonStart: IsoDate
  line: WeatherLine
  running: Float64Array
  today: IsoDate
}): PlantingDates {
  const { planting, cultivar, entries, window, seasonStart } = input
  const { crop } = cultivar
  const logged = (kind: LogEntry['kind']) => ofKind(entries, kind)[0]?.on ?? null
  const opens = window.opens.p50 === null ? null : dateInSeason(seasonStart, window.opens.p50)

  const sown = logged('sown')
  const ready = sown === null ? null : addDays(sown, LEAST_RAISING_DAYS[crop])
  const meant = planting.plannedSetOut ?? opens
  const setOut = stage(logged('set-out'), meant !== null && ready !== null ? laterOf(meant, ready) : meant)
  const before = (days: number) => (setOut.date === null ? null : addDays(setOut.date, -days))
  const sow = stage(sown, before(RAISING_DAYS[crop]))
  const after = (from: StageDate, days: number) => (from.date === null ? null : addDays(from.date, days))
  const emerge = stage(
    logged('emerged'),
    after(sow, Math.round(daysToEmergence(crop, TRAY_TEMPERATURE)!)),
    'expected',
  )

  return {
    sow,
    emerge,
    'pot-up': stage(logged('potted-up'), after(emerge, POT_UP_AFTER), 'expected'),
    harden: stage(logged('hardened'), before(HARDENING_DAYS)),
    'set-out': setOut,
    ...growingDates(input, setOut),
  }
}

function stage(
  logged: IsoDate | null,
  otherwise: IsoDate | null,
  how: StageDate['how'] = 'planned',
): StageDate {
  return logged === null
    ? { date: otherwise, how, spread: null }
    : { date: logged, how: 'logged', spread: null }
}

type GrowingStage = 'first-flower' | 'first-ripe' | 'last-flower-ripe' | 'last-flower-green' | 'end'

/** Everything after setting out goes by thermal time: this year's line for the date, the ensemble for its spread. */
function growingDates(
  { cultivar, entries, ensemble, seasonStart, line, running, today }: Parameters<typeof plantingDates>[0],
  setOut: StageDate,
): Record<GrowingStage, StageDate> {
  const thermal = thermalTraits(cultivar)
  const seasons = runningBySeason(ensemble, cultivar.crop)
  const frosts = firstFrostBySeason(ensemble)
  const end = spreadOf(frosts, seasonStart, 'after')
  const hardened = setOut.how !== 'logged' || ofKind(entries, 'hardened').length > 0
  const toFlower = thermal.toFirstFlower + (hardened ? 0 : UNHARDENED_LOSS)

  const dateAt = (index: number | null) => (index === null ? null : addDays(seasonStartOf(line), index))
  const flowered = ofKind(entries, 'flowered')[0]?.on ?? null
  const picked = ofKind(entries, 'picked')[0]?.on ?? null
  // A day that was meant for setting out and has passed without it: growth starts today at the earliest.
  const rooted =
    setOut.date === null ? null : setOut.how === 'logged' ? setOut.date : laterOf(setOut.date, today)

  /** From a start the day on which so many °C d are reached, this year and in each simulated season. */
  const reached = (from: IsoDate | null, sum: number): StageDate => {
    if (from === null) return { date: null, how: 'expected', spread: null }
    const start = Math.max(0, indexOf(line.air, from))
    const reachedOn = dateAt(dayReached(running, start, sum))
    const date = reachedOn !== null && end.p50 !== null && reachedOn > end.p50 ? null : reachedOn
    const seenUntil = Math.max(start, Math.min(line.air.days, indexOf(line.air, today)))
    const left = sum - (running[seenUntil]! - running[start]!)
    const offset = daysBetween(seasonStart, addDays(seasonStartOf(line), seenUntil))
    if (left <= 0 || offset < 0 || offset > 400) return { date, how: 'expected', spread: null }
    const days = seasons.map((season, index) => {
      const day = dayReached(season, offset, left)
      const frost = frosts[index]
      return day === null || (frost !== null && frost !== undefined && day > frost) ? null : day
    })
    return { date, how: 'expected', spread: spreadOf(days, seasonStart, 'after') }
  }

  const flower = flowered === null ? reached(rooted, toFlower) : stage(flowered, null)
  const ripe =
    picked !== null
      ? stage(picked, null)
      : flowered !== null
        ? reached(flowered, thermal.ripening)
        : reached(rooted, toFlower + thermal.ripening)

  const cleared = ofKind(entries, 'cleared')[0]?.on ?? null
  const lastUseful = (sum: number): StageDate => {
    if (end.p50 === null) return { date: null, how: 'expected', spread: null }
    const last = indexOf(line.air, end.p50)
    const days = seasons.map((season, index) =>
      frosts[index] == null ? null : lastDayToReach(season, frosts[index]!, sum),
    )
    return {
      date: last < 0 || last >= line.air.days ? null : dateAt(lastDayToReach(running, last, sum)),
      how: 'expected',
      spread: spreadOf(days, seasonStart, 'after'),
    }
  }
  return {
    'first-flower': flower,
    'first-ripe': ripe,
    'last-flower-ripe': lastUseful(thermal.ripening),
    'last-flower-green': lastUseful(thermal.ripening * MATURE_GREEN),
    end: cleared === null ? { date: end.p50, how: 'expected', spread: end } : stage(cleared, null),
  }
}

const seasonStartOf = (line: WeatherLine) => addDays('1970-01-01' as IsoDate, line.air.from)

/** Percentiles of days from the season's start as dates of this year's season. */
function spreadOf(
  days: readonly (number | null)[],
  seasonStart: IsoDate,
  missing: 'before' | 'after',
): DateSpread {
  const { p10, p50, p90, share } = dayPercentiles(days, missing)
  const date = (offset: number | null) => (offset === null ? null : dateInSeason(seasonStart, offset))
  return { p10: date(p10), p50: date(p50), p90: date(p90), share }
}
