import { typedNumber } from '../../wording/say'
import { mannerOf } from '../../data/garden-row'
import type { Manner } from '../../core/facts'
import { formatDate } from '../../wording/dates'
import { NORMAL_FIELDS, shownNormal, type NormalsValues, type SiteValues } from './schema'
import type { GardenRow } from '../../data/records/garden'
import type { NormalRow } from '../../data/records/normal'

/** The site as its form shows it. */
export function typedSite(garden: GardenRow): SiteValues {
  const manner = mannerOf(garden)
  return {
    name: garden.name,
    where: coordinates(garden.latitude, garden.longitude),
    elevation:
      manner.units === 'us'
        ? `${Math.round(garden.elevation / 0.3048)} ft`
        : `${Math.round(garden.elevation)} m`,
    timeZone: garden.timeZone,
    units: garden.units,
    decimals: garden.decimals,
    dates: garden.dates,
    currency: garden.currency ?? '',
    shelter: garden.shelter,
    soil: garden.soil,
    clock: garden.clockDate === null ? '' : formatDate(garden.clockDate, manner, 'full'),
  }
}

/** The months as their form shows them. */
export const typedNormals = (rows: readonly NormalRow[], manner: Manner): NormalsValues => ({
  months: rows.map((row) =>
    Object.fromEntries(
      NORMAL_FIELDS.map((field) => [
        field,
        typedNumber(Math.round(shownNormal(field, row[field], manner.units === 'us') * 10) / 10, manner),
      ]),
    ),
  ) as NormalsValues['months'],
})

function coordinates(latitude: number, longitude: number): string {
  const part = (value: number, positive: string, negative: string) =>
    `${Number(Math.abs(value).toFixed(4))} ${value < 0 ? negative : positive}`
  return `${part(latitude, 'N', 'S')} ${part(longitude, 'E', 'W')}`
}
