import { v7 } from 'uuid'
import { MOST_NEW_PLACES, MOST_PLANTS_AT_ONCE } from '../../../core/bounds'
import type { FormProblems } from '../../../components/forms/use-checked-form'
import { seasonOf } from '../../../core/climate'
import {
  PEPPER_FRUITS,
  trainingsFor,
  type Crop,
  type FruitType,
  type Habit,
  type Training,
} from '../../../core/crop'
import {
  typicalCultivar,
  TYPICAL_CULTIVARS,
  type GardenCultivar,
  type Place,
  type Planting,
  type Support,
} from '../../../core/facts'
import type { Day } from '../../../data/garden-state'
import { newPlaces } from '../../../core/ground'
import { layAnyway, layPlanting, usualLaying, type Laying } from '../../../core/spacing'
import type { Writer } from '../../../data/database'
import { mannerOf, normalsOf, todayIn } from '../../../data/garden-row'
import { plantRows, standingIn } from '../../../data/laying'
import { cultivarRecord } from '../../../data/records/cultivar'
import { entryRecord } from '../../../data/records/entry'
import type { GardenRow } from '../../../data/records/garden'
import { normalRecord } from '../../../data/records/normal'
import { obstacleRecord } from '../../../data/records/obstacle'
import { placeRecord } from '../../../data/records/place'
import { plantRecord } from '../../../data/records/plant'
import { plantingRecord } from '../../../data/records/planting'
import { capital, nameOf } from '../../../wording/names'
import { sayLength } from '../../../wording/say'
import { firstEntries, raisedBy, type Begun } from './beginning'
import { AS_USUAL, kindChosen, NEW, typicalOf } from './values'

/** A spot as it was checked. */
interface Spot {
  place: string
  many?: number
  name?: string
  litres?: number
  length?: number | null
  width?: number
  count: number
  anyway: string
}

/** The form as it was checked. */
export type Checked = Begun &
  Pick<
    Planting,
    'season' | 'support' | 'spacingSchool' | 'germination' | 'survival' | 'ownInRow' | 'ownLines' | 'ownCage'
  > & {
    spots: Spot[]
    training: Training
    laying: Laying | typeof AS_USUAL
    cultivar: string
    differs?: string
    cultivarName: string
    crop: Crop
    habit: Habit
    fruit: FruitType
    daysToMaturity: number | null
    maturityFrom: 'transplanting' | 'sowing'
    ripeColour: string
    grafted: string
    unionHeight?: number | null
  }

/** Makes the plantings of a form, with the places and the cultivar that they bring; all of them, or none. */
export async function makePlantings(
  tx: Writer,
  garden: GardenRow,
  values: Checked,
  { wetness, outlook }: Pick<Day, 'wetness' | 'outlook'>,
): Promise<{ ids: string[] } | FormProblems> {
  const cultivars = await cultivarRecord.of(garden.id, tx)
  const cultivar = cultivarOf(values, cultivars)
  if (!cultivar) return { fields: { cultivar: 'This cultivar is gone. Choose another.' } }
  const fault = cultivarFault(cultivar)
  if (fault) return { fields: fault }

  const current = seasonOf(normalsOf(await normalRecord.of(garden.id, tx)), todayIn(garden))
  // What grows already is of the season that is.
  const season = values.begins === 'growing' ? current : values.season
  if (season !== current && season !== current + 1)
    return { fields: { season: `Choose ${current} or ${current + 1}.` } }
  const spots = await placesOf(tx, garden, values.spots)
  if ('fields' in spots) return spots
  const trainings = trainingsFor(cultivar)
  const training = trainings.includes(values.training) ? values.training : trainings[0]!

  const ids: string[] = []
  if (!cultivars.includes(cultivar)) await cultivarRecord.insert(tx, garden.id, [cultivar])
  for (const [at, { places, isNew, count, anyway }] of spots.entries()) {
    if (isNew) await placeRecord.insert(tx, garden.id, places)
    for (const place of places) {
      const problem = await plantIn(place, count, at, anyway === 'yes')
      // What was written so far goes with the refusal.
      if (problem) throw new Refused(problem)
    }
  }
  return { ids }

  async function plantIn(
    place: Place,
    count: number,
    at: number,
    anyway: boolean,
  ): Promise<FormProblems | null> {
    const wide = cageFault(values, place, garden)
    if (wide) return { fields: { ownCage: wide } }
    const where = { placeId: place.id, season }
    const { standing, labels } = await standingIn(tx, garden, where, [...cultivars, cultivar!], wetness)
    const wanted = { ...values, count, cultivar: cultivar!, training }
    const laying = values.laying === AS_USUAL ? usualLaying(place) : values.laying
    const roomy = layPlanting(place, wanted, standing, wetness, laying)
    const isCrowded = count > roomy.fits
    // What grows there already need not be told that it does not fit.
    if (isCrowded && !anyway && values.begins !== 'growing')
      return {
        fields: {
          [`spots.${at}.count`]: `${roomy.fits} fit here at this spacing. Plant fewer, space them closer, choose another place, or tick “Plant them anyway”.`,
        },
      }
    const { positions, inRow, lines } = isCrowded
      ? layAnyway(place, wanted, standing, wetness, laying)
      : { positions: roomy.positions, inRow: values.ownInRow, lines: values.ownLines }
    const planting: Planting = {
      id: v7(),
      cultivarId: cultivar!.id,
      placeId: place.id,
      season,
      count,
      training,
      support: values.support,
      spacingSchool: values.spacingSchool,
      germination: values.germination,
      survival: values.survival,
      raising: raisedBy(values),
      plannedSow: null,
      plannedSetOut: null,
      ownInRow: inRow,
      ownLines: lines,
      ownCage: values.support === 'cage' ? values.ownCage : null,
      unionHeight: values.grafted === 'yes' ? (values.unionHeight ?? null) : null,
    }
    const first = firstEntries(values, planting, cultivar!, outlook)
    if (!first.ok) return { fields: { [first.field ?? 'begins']: first.message } }
    await plantingRecord.insert(tx, garden.id, [planting])
    await plantRecord.insert(tx, garden.id, plantRows(planting, positions, labels))
    await entryRecord.insert(tx, garden.id, first.entries)
    ids.push(planting.id)
    return null
  }
}

/** A form that is refused when part of it was written: thrown, so that nothing of it stays. */
export class Refused extends Error {
  constructor(readonly problems: FormProblems) {
    super('refused')
  }
}

/** The places of each spot: the one that is there, or as many new ones as are asked for. */
async function placesOf(
  tx: Writer,
  garden: GardenRow,
  spots: readonly Spot[],
): Promise<
  { places: Place[]; isNew: boolean; count: number; anyway: string }[] | { fields: Record<string, string> }
> {
  const there = await placeRecord.of(garden.id, tx)
  const around = await obstacleRecord.of(garden.id, tx)
  const made: Place[] = []
  const found = []
  let plants = 0
  for (const [at, spot] of spots.entries()) {
    const { count, anyway } = spot
    const kind = kindChosen(spot.place)
    const many = kind ? (spot.many ?? 1) : 1
    plants += many * count
    if (plants > MOST_PLANTS_AT_ONCE || made.length + (kind ? many : 0) > MOST_NEW_PLACES)
      return {
        fields: {
          [`spots.${at}.${kind ? 'many' : 'count'}`]: `You can add ${MOST_NEW_PLACES} new places and ${MOST_PLANTS_AT_ONCE} plants at once. Save these, then add the rest.`,
        },
      }
    if (!kind) {
      const place = there.find(({ id }) => id === spot.place)
      if (!place) return { fields: { [`spots.${at}.place`]: 'This place is gone. Choose another.' } }
      found.push({ places: [place], isNew: false, count, anyway })
      continue
    }
    const { name, litres = null, length = null, width = null } = spot
    const ids = Array.from({ length: many }, () => v7())
    const asked = { kind, many, name: name || `${capital(nameOf(kind))} 1`, length, width, litres }
    try {
      const places = newPlaces(asked, [...there, ...made], around, ids)
      made.push(...places)
      found.push({ places, isNew: true, count, anyway })
    } catch (error) {
      if (!(error instanceof RangeError)) throw error
      return {
        fields: {
          [`spots.${at}.length`]:
            'A pot that wide cannot hold that much. Leave the width blank, or check both.',
        },
      }
    }
  }
  return found
}

/** The cultivar that a form means: one of the garden's, or one that it brings; null: it is gone. */
function cultivarOf(values: Checked, cultivars: readonly GardenCultivar[]): GardenCultivar | null {
  const known = cultivars.find(({ id }) => id === values.cultivar)
  const typical = TYPICAL_CULTIVARS.find(({ key }) => typicalOf(key) === values.cultivar)
  if (values.differs === 'yes' || values.cultivar === NEW)
    return toldCultivar(values, known ?? typical ?? null)
  return known ?? (typical ? typicalCultivar(typical.key, cultivars, v7()) : null)
}

function toldCultivar(
  { cultivarName, crop, habit, fruit, daysToMaturity, maturityFrom, ripeColour, grafted }: Checked,
  like: Omit<GardenCultivar, 'id'> | null,
): GardenCultivar {
  const byType = [capital(ripeColour), nameOf(fruit), crop].filter(Boolean).join(' ')
  return {
    id: v7(),
    name: cultivarName || (like ? `${like.name}, other`.slice(0, MOST_LETTERS) : capital(byType)),
    crop,
    habit: crop === 'pepper' ? null : habit,
    fruit,
    origin: like?.origin ?? 'open-pollinated',
    daysToMaturity,
    maturityFrom,
    ripeColour,
    grafted: grafted === 'yes',
    notes: like?.notes ?? '',
  }
}
const MOST_LETTERS = 80

const PEPPERS: readonly FruitType[] = PEPPER_FRUITS

/** A fruit type of the other crop. */
function cultivarFault({ crop, fruit }: GardenCultivar): Record<string, string> | null {
  if ((crop === 'pepper') === PEPPERS.includes(fruit)) return null
  return {
    fruit: crop === 'pepper' ? 'Choose a type of pepper.' : 'Choose a type of tomato.',
  }
}

/** Cages that are wider than the place in which they are to stand. */
function cageFault(
  { support, ownCage }: { support: Support; ownCage: number | null },
  { name, kind, length, width }: Place,
  garden: GardenRow,
): string | null {
  if (support !== 'cage' || ownCage === null || kind === 'container' || ownCage <= Math.min(length, width))
    return null
  const say = (metres: number) => sayLength(metres, mannerOf(garden))
  return `Cages ${say(ownCage)} across are wider than ${name}, ${say(Math.min(length, width))}. Choose narrower cages, or another place.`
}
