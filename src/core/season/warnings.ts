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
  | 'warn.cold-spell'
  | 'warn.heat-spell'
  | 'warn.heat-spell-cherry'
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

/** A run of days on which hardly a flower sets: its first and last day in the line, and the share that does. */
interface Spell {
  first: number
  last: number
  set: number
}

/** Days of a spell on which flowers set after all do not end it, if it goes on after so few. */
const MENDS = 1

/** The spells of days on which flowers that open do not set, from ten days ago to ten days ahead. */
function poorSpells({ line, today }: SeasonOutlook, own: PlantingOutlook, flower: IsoDate): Spell[] {
  const at = indexOf(line.air, today)
  const spells: Spell[] = []
  for (let day = at - SHOWS.last; day <= at + DAYS_AHEAD; day++) {
    const date = dateFromEpochDay(own.air.from + day)
    if (day < 0 || !isKnown(line.sources[day]) || date < flower || !stands(own, date)) continue
    const set = setOn(own, day)
    if (set >= FAILS) continue
    const open = spells.at(-1)
    if (!open || day - open.last > MENDS + 1) {
      spells.push({ first: day, last: day, set })
      continue
    }
    // The days between were better: the spell's share is the mean of all its days.
    const shares = Array.from({ length: day - open.first + 1 }, (_, index) => setOn(own, open.first + index))
    open.last = day
    open.set = shares.reduce((sum, one) => sum + one, 0) / shares.length
  }
  return spells
}

/** Flowers that do not set, told as the spell that costs the most, with what cherries would set in its heat. */
function failedSet(outlook: SeasonOutlook, own: PlantingOutlook): SeasonWarning[] {
  const { cultivar, dates, air, planting } = own
  const flower = dates['first-flower'].date
  if (flower === null) return []
  const worst = poorSpells(outlook, own, flower).sort(
    (a, b) => (b.last - b.first + 1) * (1 - b.set) - (a.last - a.first + 1) * (1 - a.set),
  )[0]
  if (!worst) return []
  const days = Array.from({ length: worst.last - worst.first + 1 }, (_, index) => worst.first + index)
  const setAt = (day: number, shift: number, as: { tmin?: number; tmax?: number } = {}) =>
    fruitSet(
      { nightMinimum: as.tmin ?? air.tmin[day]!, dayMaximum: as.tmax ?? air.tmax[day]! },
      cultivar.crop,
      shift,
    )
  const mean = (values: readonly number[]) => values.reduce((sum, one) => sum + one, 0) / values.length
  const shift = heatShift(cultivar)
  const hardest = days.reduce((one, other) => (setAt(other, shift) < setAt(one, shift) ? other : one))
  const byNight = setAt(hardest, shift, { tmax: MILD.high })
  const byDay = setAt(hardest, shift, { tmin: MILD.low })
  const value = byNight <= byDay ? air.tmin[hardest]! : air.tmax[hardest]!
  const isCold = value < 16
  const [date, until] = [worst.first, worst.last].map((day) => dateFromEpochDay(air.from + day))
  const isSpell = days.length > 1
  const cherry = mean(days.map((day) => setAt(day, heatShift({ fruit: 'cherry' }))))
  const cherriesGain =
    cultivar.crop === 'tomato' && cultivar.fruit !== 'cherry' && cherry - worst.set >= GAINS
  const nights = days.map((day) => air.tmin[day]!)
  const highs = days.map((day) => air.tmax[day]!)
  return [
    {
      rule: !isSpell
        ? isCold
          ? 'warn.set-cold'
          : 'warn.set-hot'
        : isCold
          ? 'warn.cold-spell'
          : cherriesGain
            ? 'warn.heat-spell-cherry'
            : 'warn.heat-spell',
      values: {
        value: temperature(value),
        date: onDate(date!),
        until: onDate(until!),
        night: temperature(isCold ? Math.min(...nights) : Math.max(...nights)),
        high: temperature(isCold ? Math.min(...highs) : Math.max(...highs)),
        from: onDate(addDays(date!, SHOWS.first)),
        to: onDate(addDays(until!, SHOWS.last)),
        set: share(worst.set),
        cherry: share(cherry),
      },
      weight: 'warns',
      date: date!,
      plantings: [planting.id],
    },
  ]
}
/** Nights and days on which flowers set, °C. */
const MILD = { low: 17, high: 25 }
/** From this much more of their flowers on, cherries are worth a word. */
const GAINS = 0.1

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
    // A spell tells its own shares: plantings of other types have others.
    const apart = warning.rule.includes('spell') ? JSON.stringify(warning.values) : warning.date
    const key = `${warning.rule} ${warning.rule === 'warn.not-ripe' ? warning.plantings[0] : apart}`
    const found = byKey.get(key)
    if (found) found.plantings.push(...warning.plantings)
    else byKey.set(key, { ...warning, plantings: [...warning.plantings] })
  }
  return [...byKey.values()]
}
