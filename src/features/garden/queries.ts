import { dayOfYear, epochDay, type IsoDate } from '../../core/calendar'
import { getTimes } from 'suncalc'
import { dateInSeason, daylightHours } from '../../core/climate'
import type { Manner } from '../../core/facts'
import { mannerOf } from '../../data/gardens'
import { outlookOn, type GardenState } from '../../data/garden-state'
import { formatDate, monthName } from '../../wording/dates'
import type { ChartMonth } from './site/normals-chart'
import { NORMAL_FIELDS, shownNormal, type NormalsValues, type SiteValues } from './schema'

export interface GardenView {
  manner: Manner
  now: IsoDate
  answer: string
  deciding: string
  daylight: string
  site: SiteValues
  normals: NormalsValues
  entered: boolean[]
  chart: ChartMonth[]
}

export function gardenView(state: GardenState, on: IsoDate): GardenView {
  const { garden, normalRows } = state
  const manner = mannerOf(garden)
  const { frost, start } = outlookOn(state, on)
  const say = (offset: number | null, none: string) =>
    offset === null ? none : formatDate(dateInSeason(start, offset), manner)
  const { lastSpring: last, firstAutumn: first } = frost
  return {
    manner,
    now: state.now,
    answer:
      last.p50 === null && first.p50 === null
        ? 'Most years have no frost'
        : `Frost-free from about ${say(last.p50, 'the start of the year')} to ${say(first.p50, 'its end')}`,
    deciding: `In nine years of ten the last frost is over by ${say(last.p90, 'the turn of the year')}; in one of ten the first comes by ${say(first.p10, 'never')}.`,
    daylight: daylightOn(on, garden, manner),
    site: {
      name: garden.name,
      where: coordinates(garden.latitude, garden.longitude),
      elevation: `${manner.units === 'us' ? `${Math.round(garden.elevation / 0.3048)} ft` : `${Math.round(garden.elevation)} m`}`,
      timeZone: garden.timeZone,
      units: garden.units,
      decimals: garden.decimals,
      dates: garden.dates,
      shelter: garden.shelter,
      soil: garden.soil,
      clock: garden.clockDate === null ? '' : formatDate(garden.clockDate, manner, 'full'),
    },
    normals: {
      months: normalRows.map((row) =>
        Object.fromEntries(
          NORMAL_FIELDS.map((field) => [
            field,
            String(Math.round(shownNormal(field, row[field], manner.units === 'us') * 10) / 10),
          ]),
        ),
      ) as NormalsValues['months'],
    },
    entered: normalRows.map(({ source }) => source === 'entered'),
    chart: normalRows.map((row) => {
      const shown = (field: 'tmin' | 'tmax' | 'rain', digits: number) =>
        Number(shownNormal(field, row[field], manner.units === 'us').toFixed(digits))
      return {
        name: monthName(row.month),
        low: shown('tmin', 1),
        high: shown('tmax', 1),
        rain: shown('rain', manner.units === 'us' ? 1 : 0),
      }
    }),
  }
}

/** `15.0 h of daylight on 18 June, from 5:59 to 21:02.` */
function daylightOn(
  on: IsoDate,
  { latitude, longitude, timeZone }: GardenState['garden'],
  manner: Manner,
): string {
  const hours = daylightHours(latitude, dayOfYear(on)).toFixed(1)
  // Noon by the sun at the garden, so that the day is the garden's own.
  const noon = new Date(epochDay(on) * 86_400_000 + (12 - longitude / 15) * 3_600_000)
  const { sunrise, sunset } = getTimes(noon, latitude, longitude)
  const clock = new Intl.DateTimeFormat('en-GB', { timeZone, hour: 'numeric', minute: '2-digit' })
  const times = sunrise && sunset ? `, from ${clock.format(sunrise)} to ${clock.format(sunset)}` : ''
  return `${hours} h of daylight on ${formatDate(on, manner)}${times}.`
}

function coordinates(latitude: number, longitude: number): string {
  const part = (value: number, positive: string, negative: string) =>
    `${Number(Math.abs(value).toFixed(4))} ${value < 0 ? negative : positive}`
  return `${part(latitude, 'N', 'S')} ${part(longitude, 'E', 'W')}`
}
