'use server'

import { revalidatePath } from 'next/cache'
import { redirect } from 'next/navigation'
import { v7 } from 'uuid'
import { daysBetween, yearOf, type IsoDate } from '../../core/calendar'
import {
  nearestTemplate,
  normalsFor,
  seasonStart,
  dateInSeason,
  shiftTemperatures,
  shiftToLastFrost,
  type ClimateTemplateId,
  type Normals,
} from '../../core/climate'
import { plainPlace } from '../../core/facts'
import { parseCoordinates } from '../../core/quantity'
import { write } from '../../data/database'
import { allGardens, replaceNormals, takeToWork, todayIn } from '../../data/gardens'
import type { FormProblems } from '../../components/forms/use-checked-form'
import { checkForm } from '../../wording/check-form'
import { formatDate } from '../../wording/dates'
import { beginSchema, BY_LATITUDE, type BeginValues } from './schema'
import { garden } from '../../data/records/garden'
import { placeRecord } from '../../data/records/place'

/** Makes a garden with its climate and one place to grow: the first one, or another beside those that are there. */
export async function begin(typed: BeginValues, beside = false): Promise<FormProblems | undefined> {
  const checked = await checkForm(
    beginSchema(typed?.units, todayIn({ clockDate: null, timeZone: 'UTC' })),
    typed,
  )
  if ('fields' in checked) return { fields: checked.fields }
  const { values } = checked
  const site = {
    ...(parseCoordinates(values.where) as { latitude: number; longitude: number }),
    elevation: values.elevation,
  }
  const template =
    values.climate === BY_LATITUDE ? nearestTemplate(site.latitude) : (values.climate as ClimateTemplateId)
  const fitted = fitClimate(template, site, values.lastFrost as IsoDate | '')
  if ('problem' in fitted) return { fields: { lastFrost: fitted.problem } }

  const id = v7()
  const made = await write(async (tx) => {
    const others = (await allGardens(tx)).length
    if (others > 0 && beside !== true) return false
    await tx.insert(garden).values({
      id,
      name: others === 0 ? 'My garden' : `Garden ${others + 1}`,
      ...site,
      timeZone: knownTimeZone(values.timeZone),
      units: values.units,
      decimals: 'point',
      dates: values.units === 'us' ? 'month-first' : 'day-first',
      clockDate: null,
      shelter: 'fenced',
      soil: 'loam',
      climateTemplate: template,
      climateShift: fitted.shift,
      station: 'normals',
      seed: 1,
      houseSchools: { depth: 'worked-out', spacing: 'standard' },
    })
    await replaceNormals(
      tx,
      id,
      fitted.normals.map((month, index) => ({ month: index + 1, source: 'template', ...month })),
    )
    await placeRecord.insert(tx, id, [
      plainPlace({
        id: v7(),
        name: values.placeName,
        kind: values.placeKind,
        length: values.placeLength,
        width: values.placeWidth,
      }),
    ])
    await takeToWork(tx, id)
    return true
  })
  if (!made) return { form: 'There is a garden already: load the page again to see it.' }
  revalidatePath('/', 'layout')
  redirect('/walk')
}

/** A climate carried to the site, and shifted to the last frost that the gardener knows. */
function fitClimate(
  template: ClimateTemplateId,
  site: { latitude: number; elevation: number },
  lastFrost: IsoDate | '',
): { normals: Normals; shift: number } | { problem: string } {
  const carried = normalsFor(template, site)
  if (lastFrost === '') return { normals: carried, shift: 0 }
  const start = seasonStart(carried, lastFrost)
  const found = shiftToLastFrost(carried, site.latitude, daysBetween(start, lastFrost))
  if ('shift' in found) return { normals: shiftTemperatures(carried, found.shift), shift: found.shift }
  const say = (offset: number | null) =>
    offset === null ? 'no frost at all' : formatDate(dateInSeason(start, offset), { dates: 'day-first' })
  return {
    problem: `In this climate the last frost of ${yearOf(lastFrost)} could fall from ${say(found.earliest)} to ${say(found.latest)}. Check the date, or choose another climate.`,
  }
}

function knownTimeZone(zone: string): string {
  try {
    return new Intl.DateTimeFormat('en', { timeZone: zone }).resolvedOptions().timeZone
  } catch {
    return 'UTC'
  }
}
