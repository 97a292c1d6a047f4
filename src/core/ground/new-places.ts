import { plainPlace, type Place, type PlaceKind } from '../facts'
import { potOfVolume } from '../containers'
import { tidy, type Lying } from './geometry'
import { roomFor } from './room-for'

/** m left between beds to walk, and between pots that stand together. */
const GAP: Record<PlaceKind, number> = { bed: 0.6, rows: 0.6, tunnel: 0.8, container: 0.3, shelf: 0.6 }

/** m of a place as most are, where nobody has measured it. */
export const USUAL_SIZE = {
  bed: { length: 3, width: 1.2 },
  rows: { length: 12, width: 1.1 },
  tunnel: { length: 6, width: 2.4 },
} as const

/** What new places are to be: m; a pot's L, or how wide it is. */
export interface NewPlaces {
  kind: PlaceKind
  many: number
  /** Of all of them, numbered where they are more than one. */
  name: string
  length: number | null
  width: number | null
  litres: number | null
}

/** The names that some new places get: the name itself where it is free and they are one, else numbered on. */
export function freeNames(base: string, many: number, taken: readonly string[]): string[] {
  const used = new Set(taken)
  if (many === 1 && !used.has(base)) return [base]
  const word = base.replace(/\s+\d+$/, '')
  const names: string[] = []
  for (let number = 1; names.length < many; number++)
    if (!used.has(`${word} ${number}`)) names.push(`${word} ${number}`)
  return names
}

/**
 * New places beside those that are there, free of them and of one another.
 *
 * @param ids one for each
 * @throws RangeError when a pot's volume is out of range
 */
export function newPlaces(
  { kind, many, name, length, width, litres }: NewPlaces,
  there: readonly Place[],
  around: readonly Lying[],
  ids: readonly string[],
): Place[] {
  const pot = kind === 'container' && litres !== null ? potOfVolume(litres, length) : null
  const size = pot
    ? { length: tidy(pot.top), width: tidy(pot.top) }
    : { length: length ?? width ?? 1, width: width ?? length ?? 1 }
  const names = freeNames(
    name,
    many,
    there.map((place) => place.name),
  )
  const plain = names.map((own, index): Place => {
    const place = plainPlace({ id: ids[index]!, name: own, kind, ...size })
    return pot ? { ...place, height: tidy(pot.height) } : place
  })
  return laidBeside(plain, [...there, ...around])
}

/** Places where they come to lie, one after the other, free of what is there and of one another. */
function laidBeside(places: readonly Place[], there: readonly Lying[]): Place[] {
  const lying = [...there]
  return places.map((place) => {
    const laid = { ...place, ...roomFor(place, lying, GAP[place.kind]) }
    lying.push(laid)
    return laid
  })
}

/** More places like one that is there, numbered on, beside what is there. */
export function likePlace(
  place: Place,
  many: number,
  there: readonly Place[],
  around: readonly Lying[],
  ids: readonly string[],
): Place[] {
  const base = place.name.replace(/\s+\d+$/, '')
  const names = freeNames(
    base,
    many,
    // Never the bare name: what is made of a place is numbered.
    [base, ...there.map(({ name }) => name)],
  )
  const alike = names.map((name, index): Place => ({
    ...place,
    id: ids[index]!,
    name,
    turn: 0,
    walk: null,
    from: null,
    to: null,
  }))
  return laidBeside(alike, [...there, ...around])
}
