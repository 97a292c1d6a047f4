'use server'

import { revalidatePath } from 'next/cache'
import { array, object } from 'yup'
import type { FormProblems } from '../../components/forms/use-checked-form'
import type { IsoDate } from '../../core/calendar'
import type { MonthNormal } from '../../core/climate'
import type { Shelter, SoilTexture } from '../../core/facts'
import { mergeRow } from '../../core/merge'
import { parseCoordinates } from '../../core/quantity'
import { climateOf } from '../../data/climate-of'
import { write } from '../../data/database'
import { currentGarden, replaceNormals, updateGarden } from '../../data/gardens'
import { mannerOf, todayIn } from '../../data/garden-row'
import { checkForm } from '../../wording/check-form'
import { mergedForm } from '../../wording/merged-form'
import { typedNormals, typedSite } from './typed'
import {
  keptNormal,
  monthSchema,
  NORMAL_FIELDS,
  siteSchema,
  type NormalsValues,
  type SiteValues,
} from './schema'
import { normalRecord } from '../../data/records/normal'
import { NO_GARDEN } from '../../wording/database-problems'

/** Keeps the site as typed; `shown` is what the form began with. Months that nobody edited follow it to its new latitude and height. */
export async function keepSite(typed: SiteValues, shown: SiteValues): Promise<FormProblems | undefined> {
  const problems = await write(async (tx): Promise<FormProblems | undefined> => {
    const garden = await currentGarden(tx)
    if (!garden) return { form: NO_GARDEN }
    const merged = mergedForm(typed, shown, typedSite(garden), 'The site')
    if ('problems' in merged) return merged.problems
    const checked = await checkForm(siteSchema(mannerOf(garden), todayIn(garden)), merged.typed)
    if ('fields' in checked) return { fields: checked.fields }
    const { where, clock, ...values } = checked.values
    const place = parseCoordinates(where) as { latitude: number; longitude: number }
    await updateGarden(tx, garden.id, {
      ...values,
      ...place,
      shelter: values.shelter as Shelter,
      soil: values.soil as SoilTexture,
      currency: values.currency || null,
      clockDate: clock === '' ? null : (clock as IsoDate),
    })
    const moved =
      place.latitude !== garden.latitude ||
      place.longitude !== garden.longitude ||
      values.elevation !== garden.elevation
    if (!moved) return undefined
    const carried = await climateOf(
      garden.climateTemplate,
      { ...place, elevation: values.elevation },
      { cold: garden.climateShift, hot: garden.climateHot },
    )
    const rows = await normalRecord.of(garden.id, tx)
    await replaceNormals(
      tx,
      garden.id,
      rows.map((row) => (row.source === 'entered' ? row : { ...row, ...carried[row.month - 1] })),
    )
    return undefined
  })
  if (!problems) revalidatePath('/', 'layout')
  return problems
}

/**
 * Keeps the twelve months as typed, cell by cell; `shown` is what the form began with. Cells that were typed are the
 * gardener's own from now on, to the last digit.
 */
export async function keepNormals(
  typed: NormalsValues,
  shown: NormalsValues,
): Promise<FormProblems | undefined> {
  const problems = await write(async (tx): Promise<FormProblems | undefined> => {
    const garden = await currentGarden(tx)
    if (!garden) return { form: NO_GARDEN }
    const manner = mannerOf(garden)
    const checked = await checkForm(
      object({ months: array(monthSchema(manner)).required().length(12, 'Enter all twelve months.') }),
      typed,
    )
    if ('fields' in checked)
      return {
        fields: checked.fields,
        form: 'Some numbers cannot be right. They are marked. Nothing was changed.',
      }
    const us = manner.units === 'us'
    const now = typedNormals(await normalRecord.of(garden.id, tx), manner)
    const conflicts = monthConflicts(typed, shown, now)
    if (Object.keys(conflicts).length > 0) return { theirs: { about: 'The climate', values: conflicts } }
    const before = await normalRecord.of(garden.id, tx)
    const months = checked.values.months as unknown as MonthNormal[]
    await replaceNormals(
      tx,
      garden.id,
      before.map((row, index) => {
        const changed = { ...row }
        for (const field of NORMAL_FIELDS) {
          // What the table shows rounded and nobody touched stays as exact as it was.
          if (typed.months[index]![field] === shown?.months?.[index]?.[field]) continue
          Object.assign(changed, { [field]: keptNormal(field, months[index]![field], us), source: 'entered' })
        }
        return changed
      }),
    )
    return undefined
  })
  if (!problems) revalidatePath('/', 'layout')
  return problems
}

/** Cells that were typed here and changed elsewhere since, by their names in the form, as they are now. */
function monthConflicts(
  typed: NormalsValues,
  shown: NormalsValues,
  now: NormalsValues,
): Record<string, string> {
  return Object.fromEntries(
    now.months.flatMap((month, index) =>
      mergeRow(shown.months[index]!, typed.months[index]!, month).conflicts.map((field) => [
        `months.${index}.${field}`,
        month[field],
      ]),
    ),
  )
}
