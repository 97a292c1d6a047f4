import { countryName, findTowns } from '../../data/towns'

/** A town as the list shows it. */
export interface TownFound {
  name: string
  /** State and country, where they are said. */
  detail: string
  country: string
  /** `45.52, -122.68`. */
  spot: string
}

/** As people say a place's side of the world: `45.5° N`. */
const side = (value: number, positive: string, negative: string) =>
  `${Math.abs(value).toFixed(1)}° ${value < 0 ? negative : positive}`

const LONGEST = 80

/** Towns whose name begins as typed; two of one name are told apart by where they lie. */
export function townsAsked(text: string): TownFound[] {
  if (text.length > LONGEST) return []
  const towns = findTowns(text)
  const within = towns.map(({ region, country }) => [region, countryName(country)].filter(Boolean).join(', '))
  return towns.map(({ name, country, latitude, longitude }, index) => {
    const isTwice = towns.some(
      (other, at) => at !== index && other.name === name && within[at] === within[index],
    )
    const where = isTwice ? ` (${side(latitude, 'N', 'S')}, ${side(longitude, 'E', 'W')})` : ''
    return {
      name,
      detail: within[index]! + where,
      country,
      spot: `${latitude.toFixed(3)}, ${longitude.toFixed(3)}`,
    }
  })
}
