import { addDays, type IsoDate } from '../../../core/calendar'
import { coverDay, dateInSeason, indexOf } from '../../../core/climate'
import { RAISING_WAYS, type Manner, type RaisingWay } from '../../../core/facts'
import { ofKind } from '../../../core/log'
import {
  HARDENING_DAYS,
  hardeningFrom,
  hardeningPlan,
  raisingNeeds,
  seedsInPlace,
  shortSeasons,
  succession,
  timeBuyers,
  waysToRaise,
  weatherOf,
  type HardeningDay,
  type PlantingOutlook,
  type SeasonOutlook,
  type StageDate,
} from '../../../core/season'
import { sayBoughtTime, type TimeLine } from '../../../wording/bought-time'
import { formatDate } from '../../../wording/dates'
import { capital, nameOf } from '../../../wording/names'
import { sayCount, sayMeasure, sayTemperature, sayOdds } from '../../../wording/say'

/** A day of hardening off, in words. */
interface HardeningLine {
  date: string
  step: string
  hours: number
  where: string
  weather: string
  source: string
  verdict: string
  rests: boolean
}

interface WayLine {
  way: RaisingWay
  name: string
  planned: boolean
  sow: string
  setOut: string
  ripe: string
  effect: string
}

/** How a planting goes through its season, beyond its dates. */
export interface SeasonPart {
  /** What raising it takes; null: it is not raised here. */
  needs: { headline: string; lines: string[] } | null
  hardening: { done: string; days: HardeningLine[] }
  /** How to gain time where the season is short; empty: it has the time. */
  time: TimeLine[]
  ways: WayLine[]
  succession: string | null
  shortSeasons: string | null
  cover: { today: string; days: { date: string; text: string }[] } | null
}

export function seasonPart(outlook: SeasonOutlook, own: PlantingOutlook, manner: Manner): SeasonPart {
  return {
    needs: needsOf(own, manner),
    hardening: hardeningOf(outlook, own, manner),
    time: timeBuyers(outlook, own).map((bought) => sayBoughtTime(bought, manner)),
    ways: waysOf(outlook, own, manner),
    succession: successionOf(outlook, own, manner),
    shortSeasons: shortSeasonsOf(outlook, own, manner),
    cover: own.place.kind === 'tunnel' ? coverOf(outlook, manner) : null,
  }
}

const STAGE_WORDS = { cells: 'In cells', pots: 'In pots' }

function needsOf({ planting }: PlantingOutlook, manner: Manner): SeasonPart['needs'] {
  if (planting.raising === 'direct')
    return {
      headline: `${sayCount(seedsInPlace(planting), 'seed')} in ${sayCount(planting.count, 'spot')}`,
      lines: ['Thin each spot to its best seedling once the first true leaves are out.'],
    }
  if (planting.raising === 'bought') return null
  const { seeds, trays, stages } = raisingNeeds(planting, planting.raising)
  return {
    headline: `${sayCount(seeds, 'seed')}, one to a cell: ${sayCount(trays, 'tray')} of 72 cells`,
    lines: stages.map(
      ({ stage, plants, area, mix }) =>
        `${STAGE_WORDS[stage]}: ${plants}, ${sayMeasure({ kind: 'volume', value: mix }, manner)} of seedling mix, ${sayMeasure({ kind: 'area', value: area }, manner)} of shelf under light.`,
    ),
  }
}

function hardeningOf(
  { line, today }: SeasonOutlook,
  { dates, entries, planting, stands }: PlantingOutlook,
  manner: Manner,
): SeasonPart['hardening'] {
  const done = ofKind(entries, 'hardened')
  const begins = dates.harden.date
  const over = planting.raising === 'direct' || stands !== null || begins === null
  const from = over ? null : hardeningFrom(begins, done.at(-1)?.on ?? null, today)
  return {
    done:
      done.length === 0
        ? ''
        : `${Math.min(done.length, HARDENING_DAYS)} of ${HARDENING_DAYS} steps done, the last on ${formatDate(done.at(-1)!.on, manner)}.`,
    days:
      from === null ? [] : hardeningPlan(line, from, done.length).map((day) => hardeningLine(day, manner)),
  }
}

const SOURCES = {
  recorded: 'recorded',
  forecast: 'forecast',
  simulated: 'simulated',
  normal: 'usual weather',
}

function hardeningLine(day: HardeningDay, manner: Manner): HardeningLine {
  const speed = sayMeasure({ kind: 'speed', value: day.windiest }, manner)
  const where = [
    day.sun ? 'sun' : 'shade',
    day.wind ? 'open to the wind' : 'out of the wind',
    ...(day.nightOut ? ['the night out'] : []),
  ]
  return {
    date: formatDate(day.date, manner, 'weekday'),
    step: `${day.step}`,
    hours: day.rest === null ? day.hours : 0,
    where: day.rest === null ? capital(where.join(', ')) : 'Keep them indoors',
    weather: `${sayTemperature(day.high, manner)} by day, ${sayTemperature(day.low, manner)} in the night, wind up to ${speed}`,
    source: SOURCES[day.source],
    verdict:
      day.rest === 'cold'
        ? 'rest day: too cold'
        : day.rest === 'wind'
          ? 'rest day: too windy'
          : `${sayMeasure({ kind: 'duration', value: day.hours * 3600 }, manner)} out`,
    rests: day.rest !== null,
  }
}

const sayDate = ({ date }: StageDate, manner: Manner, none: string) =>
  date === null ? none : formatDate(date, manner)

function waysOf(outlook: SeasonOutlook, own: PlantingOutlook, manner: Manner): WayLine[] {
  const open = waysOpen(own)
  return waysToRaise(outlook, own)
    .filter(({ way }) => open.includes(way))
    .map(({ way, dates, later }) => {
      const share = dates['first-ripe'].spread?.share
      const { sow } = dates
      const sowing =
        sow.date !== null && sow.how !== 'logged' && sow.date < outlook.today
          ? 'now'
          : sayDate(sow, manner, 'no warm spell')
      const odds = share === undefined || share > 0.985 ? '' : `; ripens ${sayOdds(share)}`
      const planned = way === own.planting.raising
      const effect = planned
        ? 'as planned'
        : later === null
          ? 'no ripe fruit to compare'
          : later === 0
            ? 'at the same time'
            : `${sayCount(Math.abs(later), 'day')} ${later > 0 ? 'later' : 'sooner'} to the first ripe fruit`
      return {
        way,
        name: capital(nameOf(way)),
        planned,
        sow: sowing,
        setOut:
          way === 'direct' ? 'grows where you sow it' : sayDate(dates['set-out'], manner, 'no warm spell'),
        ripe: sayDate(dates['first-ripe'], manner, 'not this season'),
        effect: effect + odds,
      }
    })
}

/** The ways that are still open: what is sown in a tray stays in one, and what is potted up is no plug. */
function waysOpen({ dates, stands }: PlantingOutlook): readonly RaisingWay[] {
  const is = (stage: 'sow' | 'emerge' | 'pot-up' | 'harden') => dates[stage].how === 'logged'
  if (stands) return []
  if (is('pot-up') || is('harden')) return ['plant', 'big-plant']
  return is('sow') || is('emerge') ? ['plug', 'plant', 'big-plant'] : RAISING_WAYS
}

function successionOf(outlook: SeasonOutlook, own: PlantingOutlook, manner: Manner): string | null {
  const next = succession(outlook, own)
  if (!next) return null
  const free = sayDate(next.free, manner, '')
  const share = next.dates['first-ripe'].spread?.share ?? 0
  const isDirect = own.planting.raising === 'direct'
  const again = next.dates[isDirect ? 'sow' : 'set-out'].date
  return again === null || share < 0.1
    ? `It is done about ${free}. It is too late to grow the same again, but a quick crop of another family can follow.`
    : `It is done about ${free}. To grow the same again, sow ${sayDate(next.dates.sow, manner, '')}${isDirect ? '' : `, plant out ${formatDate(again, manner)}`}, first ripe ${sayDate(next.dates['first-ripe'], manner, 'hardly')}, ${sayOdds(share)}.`
}

function shortSeasonsOf(outlook: SeasonOutlook, own: PlantingOutlook, manner: Manner): string | null {
  const { courses } = weatherOf(outlook, own)
  const split = shortSeasons(courses, own.cultivar.crop, own.plan.thermal)
  if (!split) return null
  const say = (offset: number | null): string =>
    offset === null ? 'the turn of the season' : formatDate(dateInSeason(own.start, offset), manner)
  const { before, gap, after } = split
  return `Nights stay too warm to set from about ${say(gap.begins.p50)} to ${say(gap.ends.p50)}. Grow two short seasons: plant out from ${say(before.opens.p50)} to ${say(before.closes.p50)}, and again from ${say(after.opens.p50)}${after.closes.p50 === null ? '' : ` to ${say(after.closes.p50)}`}.`
}

const COVER_DAYS = 5

function coverOf({ line, today }: SeasonOutlook, manner: Manner): NonNullable<SeasonPart['cover']> {
  const at = indexOf(line.air, today)
  const sayDay = (index: number): string => {
    const [tmin, tmax] = [line.air.tmin[index]!, line.air.tmax[index]!]
    const day = coverDay({ tmin, tmax })
    const inside = `${sayTemperature(day.tmax, manner)} inside by day, ${sayTemperature(day.tmin, manner)} by night`
    const shade = day.shade ? ' Hang the shade cloth.' : ''
    if (day.opens === null)
      return `Keep it shut, but vent for a while in the morning to let the damp out. ${inside}.${shade}`
    const shut = day.shuts === null ? 'it can stay open' : `shut by ${clock(day.shuts)}`
    return `Open by ${clock(day.opens)}, ${shut}. ${inside}.${shade}`
  }
  return {
    today: sayDay(at),
    days: Array.from({ length: COVER_DAYS - 1 }, (_, ahead) => ({
      date: formatDate(addDays(today as IsoDate, ahead + 1), manner, 'weekday'),
      text: sayDay(at + ahead + 1),
    })),
  }
}

/** An hour of the day as a clock shows it, to the half hour before. */
const clock = (hour: number) => `${Math.floor(hour)}:${hour % 1 >= 0.5 ? '30' : '00'}`
