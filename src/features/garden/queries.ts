import { dayOfYear, type IsoDate } from '../../core/calendar'
import { dateInSeason, daylightHours } from '../../core/climate'
import type { Manner } from '../../core/facts'
import { mannerOf } from '../../data/gardens'
import { outlookOn, type GardenState } from '../../data/garden-state'
import { formatDate } from '../../wording/dates'
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
    daylight: `${daylightHours(garden.latitude, dayOfYear(on)).toFixed(1)} h of daylight on ${formatDate(on, manner)}`,
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
      station: garden.station,
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
  }
}

function coordinates(latitude: number, longitude: number): string {
  const part = (value: number, positive: string, negative: string) =>
    `${Number(Math.abs(value).toFixed(4))} ${value < 0 ? negative : positive}`
  return `${part(latitude, 'N', 'S')} ${part(longitude, 'E', 'W')}`
}
