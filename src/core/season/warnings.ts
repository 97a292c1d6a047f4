import { addDays, dateFromEpochDay, type IsoDate } from '../calendar'
import type { Reason } from '../advice'
import { dateInSeason, fruitSet, heatGap, indexOf, LIGHT_FROST, type WeatherSource } from '../climate'
import { heatShift } from '../crop'
import { onDate, share, temperature } from '../quantity'
import type { PlantingOutlook, SeasonOutlook } from './outlook'

export type WarningRule =
  | 'warn.frost-night'
  | 'warn.frost-night-simulated'
  | 'warn.set-cold'
  | 'warn.set-hot'
  | 'warn.heat-gap'
  | 'warn.not-ripe'

/** Something ahead that a grower wants to know in time. */
export interface SeasonWarning extends Reason<WarningRule> {
  rule: WarningRule
  /** The day it is about. */
  date: IsoDate
  /** Of which plantings. */
  plantings: string[]
}

/** Days back that a failed flower has still to show, and after which it does. */
const SHOWS = { first: 7, last: 10 }
const DAYS_AHEAD = 10
/** Under this share of flowers setting, a truss fails. */
const FAILS = 0.3
/** From this share of the courses on, a planting that does not ripen is worth a warning. */
const UNRIPE = 0.25
const GAP = 0.2

/** What lies ahead, the soonest first. */
export function warningsAhead(outlook: SeasonOutlook): SeasonWarning[] {
  const found = [
    ...outlook.plantings.flatMap((own) => [
      ...frostNights(outlook, own),
      ...failedSet(outlook, own),
      ...notRipe(own),
    ]),
    ...heatAhead(outlook),
  ]
  return merged(found).sort((a, b) => (a.date < b.date ? -1 : a.date > b.date ? 1 : 0))
}

const stands = ({ begins, stands }: PlantingOutlook, on: IsoDate) =>
  begins.date !== null && begins.date <= on && !(stands?.to && stands.to <= on)
const isKnown = (source: WeatherSource | undefined) => source !== undefined && source !== 'normal'

function frostNights({ line, today }: SeasonOutlook, own: PlantingOutlook): SeasonWarning[] {
  const at = indexOf(line.air, today)
  for (let day = at; day <= at + DAYS_AHEAD; day++) {
    const date = dateFromEpochDay(line.air.from + day)
    const low = own.air.tmin[day]
    if (low === undefined || low > LIGHT_FROST || !isKnown(line.sources[day]) || !stands(own, date)) continue
    return [
      {
        rule: line.sources[day] === 'simulated' ? 'warn.frost-night-simulated' : 'warn.frost-night',
        values: { low: temperature(low), date: onDate(date) },
        weight: 'warns',
        date,
        plantings: [own.planting.id],
      },
    ]
  }
  return []
}

/** Flowers that open from ten days ago to ten days ahead and do not set; the worst day stands for its run. */
function failedSet({ line, today }: SeasonOutlook, own: PlantingOutlook): SeasonWarning[] {
  const { cultivar, dates, air } = own
  const flower = dates['first-flower'].date
  if (flower === null) return []
  const at = indexOf(line.air, today)
  let worst: { day: number; set: number } | null = null
  for (let day = at - SHOWS.last; day <= at + DAYS_AHEAD; day++) {
    const date = dateFromEpochDay(air.from + day)
    if (day < 0 || !isKnown(line.sources[day]) || date < flower || !stands(own, date)) continue
    const set = setOn(own, day)
    if (set < FAILS && (worst === null || set < worst.set)) worst = { day, set }
  }
  if (worst === null) return []
  const [low, high] = [air.tmin[worst.day]!, air.tmax[worst.day]!]
  const date = dateFromEpochDay(air.from + worst.day)
  const mild = { nightMinimum: 17, dayMaximum: 25 }
  const byNight = fruitSet({ ...mild, nightMinimum: low }, cultivar.crop, heatShift(cultivar))
  const byDay = fruitSet({ ...mild, dayMaximum: high }, cultivar.crop, heatShift(cultivar))
  const value = byNight <= byDay ? low : high
  return [
    {
      rule: value < 16 ? 'warn.set-cold' : 'warn.set-hot',
      values: {
        value: temperature(value),
        date: onDate(date),
        from: onDate(addDays(date, SHOWS.first)),
        to: onDate(addDays(date, SHOWS.last)),
        set: share(worst.set),
      },
      weight: 'warns',
      date,
      plantings: [own.planting.id],
    },
  ]
}

/** Share of the flowers open on a day of the line that set. */
export function setOn({ cultivar, air }: Pick<PlantingOutlook, 'cultivar' | 'air'>, day: number): number {
  const temperatures = { nightMinimum: air.tmin[day]!, dayMaximum: air.tmax[day]! }
  return fruitSet(temperatures, cultivar.crop, heatShift(cultivar))
}

function notRipe(own: PlantingOutlook): SeasonWarning[] {
  const { dates, phase, planting } = own
  const ripe = dates['first-ripe']
  if (ripe.how === 'logged' || phase === 'over' || ripe.spread === null) return []
  const missed = 1 - ripe.spread.share
  const end = dates.end.date
  if (missed < UNRIPE || end === null) return []
  return [
    {
      rule: 'warn.not-ripe',
      values: { odds: share(missed), date: onDate(end) },
      weight: 'warns',
      date: end,
      plantings: [planting.id],
    },
  ]
}

function heatAhead({ ensemble, start, today, plantings }: SeasonOutlook): SeasonWarning[] {
  const gap = heatGap(ensemble)
  if (gap.share < GAP || gap.begins.p50 === null || gap.ends.p50 === null) return []
  const [begins, ends] = [dateInSeason(start, gap.begins.p50), dateInSeason(start, gap.ends.p50)]
  const open = plantings.filter(({ dates, phase }) => {
    const flower = dates['first-flower'].date
    return flower !== null && flower <= ends && phase !== 'over'
  })
  if (open.length === 0 || ends < today) return []
  return [
    {
      rule: 'warn.heat-gap',
      values: { date: onDate(begins), to: onDate(ends), odds: share(gap.share) },
      weight: 'warns',
      date: begins,
      plantings: open.map(({ planting }) => planting.id),
    },
  ]
}

/** The same warning of several plantings is one. */
function merged(warnings: readonly SeasonWarning[]): SeasonWarning[] {
  const byKey = new Map<string, SeasonWarning>()
  for (const warning of warnings) {
    const key = `${warning.rule} ${warning.rule === 'warn.not-ripe' ? warning.plantings[0] : warning.date}`
    const found = byKey.get(key)
    if (found) found.plantings.push(...warning.plantings)
    else byKey.set(key, { ...warning, plantings: [...warning.plantings] })
  }
  return [...byKey.values()]
}
