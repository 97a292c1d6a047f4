'use server'

import { dayOf } from '../../core/garden-day'
import { redirect } from 'next/navigation'
import { v7 } from 'uuid'
import type { FormProblems } from '../../components/forms/use-checked-form'
import { seasonOf } from '../../core/climate'
import { PEPPER_FRUITS, trainingsFor, type Crop, type FruitType, type Habit } from '../../core/crop'
import {
  plainPlace,
  RAISING_WAYS,
  SUPPORTS,
  type GardenCultivar,
  type Place,
  type Planting,
  type RaisingWay,
  type Support,
} from '../../core/facts'
import { layAnyway, layPlanting, type Laying } from '../../core/spacing'
import { write } from '../../data/database'
import { loadGarden } from '../../data/garden-state'
import { plantRows, standingIn } from '../../data/laying'
import { currentGarden, mannerOf, normalsOf, todayIn } from '../../data/gardens'
import { changePlan, type PlanChange } from '../../data/planting-plan'
import { checkForm } from '../../wording/check-form'
import { firstEntries, raisedBy, type Begun } from './new-planting/beginning'
import { plantingSchema } from './new-planting/schema'
import { NEW, type PlantingValues } from './new-planting/values'
import { placeRecord } from '../../data/records/place'
import { entryRecord } from '../../data/records/entry'
import { cultivarRecord } from '../../data/records/cultivar'
import { normalRecord } from '../../data/records/normal'
import { plantingRecord } from '../../data/records/planting'
import { plantRecord } from '../../data/records/plant'

/** Makes a planting with its plants in lines, and the place or cultivar that it brings. */
export async function plan(typed: PlantingValues): Promise<FormProblems | undefined> {
  const state = await loadGarden()
  if (state === null) return { form: 'There is no garden yet: make one first.' }
  const { wetness, outlook } = dayOf(state, state.now)
  const made = await write(async (tx): Promise<{ id: string } | FormProblems> => {
    const garden = await currentGarden(tx)
    if (!garden) return { form: 'There is no garden yet: make one first.' }
    const checked = await checkForm(
      plantingSchema(
        mannerOf(garden),
        todayIn(garden),
        typed ?? { place: '', cultivar: '', begins: '', got: '' },
      ),
      typed,
    )
    if ('fields' in checked) return { fields: checked.fields }
    const values = checked.values as unknown as Checked

    const places = await placeRecord.of(garden.id, tx)
    const place =
      values.place === NEW ? newPlace(values, places) : places.find(({ id }) => id === values.place)
    if (!place) return { fields: { place: 'This place is no longer there: choose another.' } }
    const cultivars = await cultivarRecord.of(garden.id, tx)
    const cultivar =
      values.cultivar === NEW ? newCultivar(values) : cultivars.find(({ id }) => id === values.cultivar)
    if (!cultivar) return { fields: { cultivar: 'This cultivar is no longer there: choose another.' } }
    const fault = cultivarFault(cultivar)
    if (fault) return { fields: fault }

    const training = trainingsFor(cultivar).includes(values.training)
      ? values.training
      : trainingsFor(cultivar)[0]!
    const current = seasonOf(normalsOf(await normalRecord.of(garden.id, tx)), todayIn(garden))
    // What grows already is of the season that is.
    const season = values.begins === 'growing' ? current : values.season
    if (season !== current && season !== current + 1)
      return { fields: { season: `Choose ${current} or ${current + 1}.` } }
    const { standing, labels } = await standingIn(
      tx,
      garden,
      { placeId: place.id, season },
      [...cultivars, cultivar],
      wetness,
    )
    const wanted = { ...values, cultivar, training }
    const roomy = layPlanting(place, wanted, standing, wetness, values.laying)
    const isCrowded = values.count > roomy.fits
    // What grows there already need not be told that it does not fit.
    if (isCrowded && values.anyway !== 'yes' && values.begins !== 'growing')
      return {
        fields: {
          count: `${roomy.fits} fit here at this spacing. Plant fewer, space them closer, choose another place, or tick “Plant them anyway”.`,
        },
      }
    const { positions, inRow, lines } = isCrowded
      ? layAnyway(place, wanted, standing, wetness, values.laying)
      : { positions: roomy.positions, inRow: values.ownInRow, lines: values.ownLines }
    const planting: Planting = {
      id: v7(),
      cultivarId: cultivar.id,
      placeId: place.id,
      season,
      count: values.count,
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
    }
    const first = firstEntries(values, planting, cultivar, outlook)
    if (!first.ok) return { fields: { [first.field ?? 'begins']: first.message } }
    if (values.place === NEW) await placeRecord.insert(tx, garden.id, [place])
    if (values.cultivar === NEW) await cultivarRecord.insert(tx, garden.id, [cultivar])
    await plantingRecord.insert(tx, garden.id, [planting])
    await plantRecord.insert(tx, garden.id, plantRows(planting, positions, labels))
    await entryRecord.insert(tx, garden.id, first.entries)
    return { id: planting.id }
  })
  if (!('id' in made)) return made
  redirect(`/plantings/${made.id}`)
}

type Checked = Pick<
  Planting,
  | 'season'
  | 'count'
  | 'training'
  | 'support'
  | 'spacingSchool'
  | 'germination'
  | 'survival'
  | 'ownInRow'
  | 'ownLines'
> &
  Begun & {
    anyway: string
    laying: Laying
    place: string
    cultivar: string
    placeName: string
    placeKind: Place['kind']
    placeLength: number
    placeWidth: number
    cultivarName: string
    crop: Crop
    habit: Habit
    fruit: FruitType
    daysToMaturity: number | null
    maturityFrom: 'transplanting' | 'sowing'
  }

const PATH_BETWEEN = 0.6

/** A new place lies north of those that are there. */
function newPlace(
  { placeName, placeKind, placeLength, placeWidth }: Checked,
  places: readonly Place[],
): Place {
  return plainPlace({
    id: v7(),
    name: placeName,
    kind: placeKind,
    length: placeLength,
    width: placeWidth,
    y: Math.max(0, ...places.map(({ y, width }) => y + width + PATH_BETWEEN)),
  })
}

function newCultivar({
  cultivarName,
  crop,
  habit,
  fruit,
  daysToMaturity,
  maturityFrom,
}: Checked): GardenCultivar {
  return {
    id: v7(),
    name: cultivarName,
    crop,
    habit: crop === 'pepper' ? null : habit,
    fruit,
    origin: 'open-pollinated',
    daysToMaturity,
    maturityFrom,
    ripeColour: '',
    grafted: false,
    notes: '',
  }
}

const PEPPERS: readonly FruitType[] = PEPPER_FRUITS

/** A fruit type of the other crop. */
function cultivarFault({ crop, fruit }: GardenCultivar): Record<string, string> | null {
  if ((crop === 'pepper') === PEPPERS.includes(fruit)) return null
  return {
    fruit: crop === 'pepper' ? 'Choose a pepper’s type of fruit.' : 'Choose a tomato’s type of fruit.',
  }
}

/** Raises a planting in another way, as far as that is still open. */
export async function chooseWay(plantingId: string, way: RaisingWay): Promise<PlanChange> {
  if (!RAISING_WAYS.includes(way)) return { ok: false, message: 'There is no such way to raise a plant.' }
  return changePlan(String(plantingId), { raising: way })
}

/** Holds a planting up in another way from now on. */
export async function chooseSupport(plantingId: string, support: Support): Promise<PlanChange> {
  if (!SUPPORTS.includes(support)) return { ok: false, message: 'There is no such support.' }
  return changePlan(String(plantingId), { support })
}
