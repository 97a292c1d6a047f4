import tzLookup from '@photostructure/tz-lookup'
import { yearOf, type IsoDate } from '../../core/calendar'
import {
  bendTemperatures,
  bendTo,
  climateKind,
  GROWING_NIGHT,
  dateInSeason,
  frostPercentiles,
  seasonNumber,
  seasonStart,
  simulateSeasons,
  turningMonths,
  yearRain,
  type Bend,
  type Normals,
} from '../../core/climate'
import type { Manner } from '../../core/facts'
import { firstDates } from '../../core/season'
import { climateAt, climateOf, type ClimateFound, type SitePlace } from '../../data/climate-of'
import { BY_STATIONS, LIKE_STATION, type ClimateSource } from '../../data/records/climate-source'
import { sayClimateDifference, sayClimateKind, sayDistance, sayYearRain } from '../../wording/climate'
import { formatDate, monthLongName } from '../../wording/dates'
import { sayFirstDates } from '../../wording/first-dates'
import { sayCount, sayTemperature } from '../../wording/say'

/** What a place is like, to be held against what its gardener knows. */
export interface LookView {
  kind: string
  /** Low and high of each month, °C, and whether frost is past in it. */
  months: { low: number; high: number; isMild: boolean }[]
  units: Manner['units']
  lines: { text: string; value: string }[]
  /** Where it comes from: `From 3 places within 180 km: …`. */
  from: string
  answer: string
  others: { source: ClimateSource; name: string; like: string }[]
}

/** What a climate is asked for: a place, where its months come from, and what the gardener knows of it. */
export interface LookAsked {
  site: SitePlace
  source: ClimateSource
  known: { lastFrost: IsoDate | null; hottest: number | null }
}

/** A climate for a garden, or what of it cannot be, by its field. */
export type ClimateAnswer = { normals: Normals; bend: Bend } | { fields: Record<string, string> }

/** The months that a garden begins with: of its source, bent to what is known. */
export async function climateFor({ site, source, known }: LookAsked, manner: Manner): Promise<ClimateAnswer> {
  const normals = await climateOf(source, site, { cold: 0, hot: 0 })
  const found = bendTo(normals, site.latitude, known)
  if ('bend' in found) return { normals: bendTemperatures(normals, found.bend), bend: found.bend }
  if ('low' in found)
    return {
      fields: {
        hottest: `Here the hottest month’s usual high could be from ${sayTemperature(found.low, manner)} to ${sayTemperature(found.high, manner)}. Check it, or choose another climate.`,
      },
    }
  const say = (date: IsoDate | null) => (date === null ? 'no frost at all' : formatDate(date, manner))
  return {
    fields: {
      lastFrost: `In this climate the last frost of ${yearOf(known.lastFrost!)} could fall from ${say(found.earliest)} to ${say(found.latest)}. Check the date, or choose another climate.`,
    },
  }
}

/** A place’s climate in words, with the two nearest others and the first answer that it gives. */
export async function lookAt(
  asked: LookAsked,
  today: IsoDate,
  manner: Manner,
): Promise<LookView | { fields: Record<string, string> }> {
  const climate = await climateFor(asked, manner)
  if ('fields' in climate) return climate
  const { normals } = climate
  const here = await climateAt(asked.site)
  const ensemble = simulateSeasons({ normals, latitude: asked.site.latitude })
  const start = seasonStart(normals, today)
  const seen = { ...manner, seenOn: today }
  const first = firstDates({ ensemble, start, season: seasonNumber(start), today })
  return {
    kind: sayClimateKind(climateKind(normals, asked.site.latitude)),
    months: normals.map(({ tmin, tmax }) => ({ low: tmin, high: tmax, isMild: tmin >= GROWING_NIGHT })),
    units: manner.units,
    lines: linesOf(normals, frostPercentiles(ensemble), first.start, manner),
    from: fromOf(asked.source, here, manner),
    answer: sayFirstDates(first, seen),
    others: here.others.map(({ station, distance, difference }) => ({
      source: `${LIKE_STATION}${station.name}` as ClimateSource,
      name: sayClimateDifference(difference),
      like: `like ${station.name}, ${sayDistance(distance, manner)} away`,
    })),
  }
}

function linesOf(
  normals: Normals,
  frost: ReturnType<typeof frostPercentiles>,
  start: IsoDate,
  manner: Manner,
): LookView['lines'] {
  const { coldest, hottest } = turningMonths(normals)
  const span = (month: number) =>
    `${sayTemperature(normals[month]!.tmin, manner)} to ${sayTemperature(normals[month]!.tmax, manner)}`
  const date = (offset: number | null) =>
    offset === null ? null : formatDate(dateInSeason(start, offset), manner)
  const [last, firstFrost] = [date(frost.lastSpring.p50), date(frost.firstAutumn.p50)]
  const wettest = normals.reduce((most, { rain }, month) => (rain > normals[most]!.rain ? month : most), 0)
  return [
    { text: `Coldest month, ${monthLongName(coldest + 1)}`, value: span(coldest) },
    { text: `Hottest month, ${monthLongName(hottest + 1)}`, value: span(hottest) },
    ...(last === null && firstFrost === null
      ? [{ text: 'Frost', value: 'none in most years' }]
      : [
          { text: 'Average last frost', value: last ?? 'none in most years' },
          { text: 'Average first frost', value: firstFrost ?? 'none in most years' },
        ]),
    {
      text: 'Rain in a year',
      value: `${sayYearRain(yearRain(normals), manner)}, most in ${monthLongName(wettest + 1)}`,
    },
  ]
}

/** Stations that carry this much of an answer are named. */
const NAMED = 0.8
const MOST_NAMED = 4

function fromOf(source: ClimateSource, { from }: ClimateFound, manner: Manner): string {
  if (source.startsWith(LIKE_STATION)) return `As in ${source.slice(LIKE_STATION.length)}, at your elevation.`
  if (source !== BY_STATIONS) return 'A kind of climate, at your elevation and in your half of the world.'
  const byShare = [...from].sort((a, b) => b.share - a.share)
  let carried = 0
  const used = byShare.filter(({ share }) => {
    const isNeeded = carried < NAMED
    carried += share
    return isNeeded
  })
  const furthest = Math.max(...used.map(({ distance }) => distance))
  const names = used.slice(0, MOST_NAMED).map(({ station }) => station.name)
  const more = used.length > names.length ? ' and others' : ''
  return `From ${sayCount(used.length, 'place')} within ${sayDistance(furthest, manner)}: ${names.join(', ')}${more}.`
}

/** The time zone of a place; UTC where it is not known. */
export function zoneOf({ latitude, longitude }: { latitude: number; longitude: number }): string {
  try {
    return tzLookup(latitude, longitude)
  } catch {
    return 'UTC'
  }
}
