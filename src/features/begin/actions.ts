'use server'

import { revalidatePath } from 'next/cache'
import { redirect } from 'next/navigation'
import { v7 } from 'uuid'
import { object } from 'yup'
import type { FormProblems } from '../../components/forms/use-checked-form'
import type { IsoDate } from '../../core/calendar'
import { plainPlace, type PlaceKind } from '../../core/facts'
import { formatMeasure, parseCoordinates } from '../../core/quantity'
import { usualElevation } from '../../data/climate-of'
import { write } from '../../data/database'
import { demoGarden } from '../../data/demo'
import { MADE_UP } from '../../data/demo/id'
import { insertGardenFile } from '../../data/garden-file'
import { allGardens, replaceNormals, takeToWork } from '../../data/gardens'
import { todayIn } from '../../data/garden-row'
import type { ClimateSource } from '../../data/records/climate-source'
import { garden } from '../../data/records/garden'
import { placeRecord } from '../../data/records/place'
import { checkForm } from '../../wording/check-form'
import { climateFor, lookAt, zoneOf, type LookAsked, type LookView } from './look'
import { beginSchema, mannerOf, whereFields } from './schema'
import type { BeginValues } from './values'

const utcToday = () => todayIn({ clockDate: null, timeZone: 'UTC' })

/** A garden's place as it was typed and checked. */
interface Where {
  spot: string
  /** m; null: as the places around lie. */
  elevation: number | null
  climate: ClimateSource
  lastFrost: IsoDate | ''
  hottest: number | null
}

async function askedOf({ spot, elevation, climate, lastFrost, hottest }: Where): Promise<LookAsked> {
  const at = parseCoordinates(spot) as { latitude: number; longitude: number }
  return {
    site: { ...at, elevation: elevation ?? (await usualElevation(at)) },
    source: climate,
    known: { lastFrost: lastFrost === '' ? null : lastFrost, hottest },
  }
}

export type LookAnswer =
  | { ok: true; view: LookView; elevation: string; timeZone: string }
  | { ok: false; fields: Record<string, string> }

/** What a place is like, while one types; its height is taken from the places around where none is typed. */
export async function look(typed: BeginValues): Promise<LookAnswer> {
  const manner = mannerOf(typed)
  const spot = parseCoordinates(String(typed.spot ?? ''))
  if ('error' in spot) return { ok: false, fields: { where: spot.error } }
  const checked = await checkForm(object(whereFields(manner, utcToday())), typed)
  if ('fields' in checked) return { ok: false, fields: checked.fields }
  const asked = await askedOf(checked.values as unknown as Where)
  const view = await lookAt(asked, utcToday(), manner)
  if ('fields' in view) return { ok: false, fields: view.fields }
  const elevation = formatMeasure({ kind: 'length', value: asked.site.elevation }, manner)
  return { ok: true, view, elevation, timeZone: zoneOf(spot) }
}

/** Makes a garden with its climate and one place to grow: the first one, or another beside those that are there. */
export async function begin(typed: BeginValues, beside = false): Promise<FormProblems | undefined> {
  const checked = await checkForm(beginSchema(typed, utcToday()), typed)
  if ('fields' in checked) return { fields: checked.fields }
  const { values } = checked
  const asked = await askedOf(values as unknown as Where)
  const manner = mannerOf(typed)
  const climate = await climateFor(asked, manner)
  if ('fields' in climate) return { fields: climate.fields }

  const id = v7()
  const made = await write(async (tx) => {
    const others = (await allGardens(tx)).length
    if (others > 0 && beside !== true) return false
    await tx.insert(garden).values({
      id,
      name: others === 0 ? 'My garden' : `Garden ${others + 1}`,
      ...asked.site,
      timeZone: values.timeZone,
      ...manner,
      clockDate: null,
      shelter: 'fenced',
      soil: 'loam',
      climateTemplate: asked.source,
      climateShift: climate.bend.cold,
      climateHot: climate.bend.hot,
      station: 'normals',
      seed: 1,
      houseSchools: { depth: 'worked-out', spacing: 'standard' },
    })
    await replaceNormals(
      tx,
      id,
      climate.normals.map((month, index) => ({ month: index + 1, source: 'template', ...month })),
    )
    await placeRecord.insert(tx, id, [
      plainPlace({
        id: v7(),
        name: values.placeName,
        kind: values.placeKind as PlaceKind,
        length: values.placeLength,
        width: values.placeWidth,
      }),
    ])
    await takeToWork(tx, id)
    return true
  })
  if (!made) return { form: 'You already have a garden. Load the page again to see it.' }
  revalidatePath('/', 'layout')
  redirect(values.have === 'nothing' ? '/walk' : `/plantings/new?begins=${values.have}`)
}

/** Lays the demo garden beside one's own and opens it; where it is laid already, it is opened. */
export async function openDemo(): Promise<void> {
  const made = demoGarden()
  const demo = { ...made, garden: { ...made.garden, name: made.garden.name + MADE_UP } }
  await write(async (tx) => {
    if (!(await allGardens(tx)).some(({ id }) => id === demo.garden.id)) await insertGardenFile(tx, demo)
    await takeToWork(tx, demo.garden.id)
  })
  revalidatePath('/', 'layout')
  redirect('/walk')
}
