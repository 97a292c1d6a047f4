import { sayHours } from '../../wording/say'
import type { Day, GardenState } from '../../data/garden-state'
import { dayOfYear, epochDay, type IsoDate } from '../../core/calendar'
import { dateInSeason, daylightHours, sunTimes } from '../../core/climate'
import type { Manner } from '../../core/facts'
import { mannerOf } from '../../data/garden-row'
import { currencyChoices } from '../../wording/currencies'
import { formatDate, monthName } from '../../wording/dates'
import type { ChartMonth } from './site/normals-chart'
import { shownNormal, type NormalsValues, type SiteValues } from './schema'
import { typedNormals, typedSite } from './typed'

export interface GardenView {
  manner: Manner
  now: IsoDate
  answer: string
  deciding: string
  daylight: string
  site: SiteValues
  currencies: readonly [code: string, name: string][]
  normals: NormalsValues
  entered: boolean[]
  chart: ChartMonth[]
}

export function gardenView(day: Day): GardenView {
  const { state, on } = day
  const { garden, normalRows } = state
  const manner = mannerOf(garden)
  const { frost, start } = day.outlook
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
    deciding: `9 years in 10 the last frost is over by ${say(last.p90, 'the turn of the year')}. 1 year in 10 the first comes by ${say(first.p10, 'never')}.`,
    daylight: daylightOn(on, garden, manner),
    site: typedSite(garden),
    currencies: currencyChoices(),
    normals: typedNormals(normalRows, manner),
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

/** `15 h of daylight on 18 June, from 5:56 to 21:05.` */
function daylightOn(
  on: IsoDate,
  { latitude, longitude, timeZone }: GardenState['garden'],
  manner: Manner,
): string {
  const hours = sayHours(daylightHours(latitude, dayOfYear(on)), manner)
  const sun = sunTimes(latitude, longitude, dayOfYear(on))
  const clock = new Intl.DateTimeFormat('en-GB', { timeZone, hour: 'numeric', minute: '2-digit' })
  const at = (hours: number) => clock.format(epochDay(on) * 86_400_000 + hours * 3_600_000)
  const times = sun ? `, from ${at(sun.rise)} to ${at(sun.set)}` : ''
  return `${hours} of daylight on ${formatDate(on, manner)}${times}.`
}
