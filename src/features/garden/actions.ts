'use server'

import { revalidatePath } from 'next/cache'
import { array, object } from 'yup'
import type { FormProblems } from '../../components/forms/use-checked-form'
import type { IsoDate } from '../../core/calendar'
import { normalsFor, shiftTemperatures, type MonthNormal } from '../../core/climate'
import type { Shelter, SoilTexture } from '../../core/facts'
import { parseCoordinates } from '../../core/quantity'
import { write } from '../../data/database'
import {
  currentGarden,
  mannerOf,
  normalRows,
  replaceNormals,
  todayIn,
  updateGarden,
} from '../../data/gardens'
import { checkForm } from '../../wording/check-form'
import {
  keptNormal,
  monthSchema,
  NORMAL_FIELDS,
  siteSchema,
  type NormalsValues,
  type SiteValues,
} from './schema'

const NO_GARDEN: FormProblems = { form: 'There is no garden yet: make one first.' }

/** Keeps the site. Months that nobody edited follow it to its new latitude and height. */
export async function keepSite(typed: SiteValues): Promise<FormProblems | undefined> {
  const problems = await write(async (tx): Promise<FormProblems | undefined> => {
    const garden = await currentGarden(tx)
    if (!garden) return NO_GARDEN
    const checked = await checkForm(siteSchema(mannerOf(garden), todayIn(garden)), typed)
    if ('fields' in checked) return { fields: checked.fields }
    const { where, clock, ...values } = checked.values
    const place = parseCoordinates(where) as { latitude: number; longitude: number }
    await updateGarden(tx, garden.id, {
      ...values,
      ...place,
      shelter: values.shelter as Shelter,
      soil: values.soil as SoilTexture,
      clockDate: clock === '' ? null : (clock as IsoDate),
    })
    const moved = place.latitude !== garden.latitude || values.elevation !== garden.elevation
    if (!moved) return undefined
    const carried = shiftTemperatures(
      normalsFor(garden.climateTemplate, { latitude: place.latitude, elevation: values.elevation }),
      garden.climateShift,
    )
    const rows = await normalRows(garden.id, tx)
    await replaceNormals(
      tx,
      garden.id,
      rows.map(({ gardenId: _, ...row }) =>
        row.source === 'entered' ? row : { ...row, ...carried[row.month - 1] },
      ),
    )
    return undefined
  })
  if (!problems) revalidatePath('/', 'layout')
  return problems
}

/** Keeps the twelve months; those that differ from before are the gardener's own from now on. */
export async function keepNormals(typed: NormalsValues): Promise<FormProblems | undefined> {
  const problems = await write(async (tx): Promise<FormProblems | undefined> => {
    const garden = await currentGarden(tx)
    if (!garden) return NO_GARDEN
    const manner = mannerOf(garden)
    const checked = await checkForm(
      object({ months: array(monthSchema(manner)).required().length(12, 'Twelve months, please.') }),
      typed,
    )
    if ('fields' in checked)
      return {
        fields: checked.fields,
        form: 'Some numbers cannot be right: they are marked. Nothing was changed.',
      }
    const us = manner.units === 'us'
    const before = await normalRows(garden.id, tx)
    const months = checked.values.months as unknown as MonthNormal[]
    await replaceNormals(
      tx,
      garden.id,
      before.map(({ gardenId: _, ...row }, index) => {
        const changed = { ...row }
        for (const field of NORMAL_FIELDS) {
          const value = keptNormal(field, months[index]![field], us)
          // What the table shows rounded and nobody touched stays as exact as it was.
          if (Math.abs(value - row[field]) > 0.06)
            Object.assign(changed, { [field]: value, source: 'entered' })
        }
        return changed
      }),
    )
    return undefined
  })
  if (!problems) revalidatePath('/', 'layout')
  return problems
}
