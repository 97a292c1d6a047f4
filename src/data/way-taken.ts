import { eq } from 'drizzle-orm'
import { mixed, object, string } from 'yup'
import { MULCHES, type Mulch } from '../core/climate'
import { TRAININGS } from '../core/crop'
import { effectiveEntries } from '../core/entry'
import { SPACING_SCHOOLS, type Planting } from '../core/facts'
import { HOUSE_DECISIONS, type HouseDecision } from '../core/garden-day'
import { ofKind } from '../core/log'
import type { Result } from '../core/result'
import { write } from './database'
import { currentGarden, updateGarden } from './gardens'
import { todayIn } from './garden-row'
import { cultivarRecord } from './records/cultivar'
import { entryRecord } from './records/entry'
import { idField, isoDateField } from './records/fields'
import { place, placeRecord } from './records/place'
import { planting, plantingRecord } from './records/planting'

/** What of a garden a way to grow changes: its planting, the mulch of its place, the garden's own methods. */
export interface WayTaken {
  planting?: Partial<Pick<Planting, 'training' | 'spacingSchool' | 'plannedSetOut' | 'cultivarId'>>
  mulch?: Mulch
  /** By decision; null: the usual way. */
  house?: Record<string, string | null>
}

const isMethod = ([decision, way]: [string, unknown]) =>
  Object.hasOwn(HOUSE_DECISIONS, decision) &&
  (way === null || (HOUSE_DECISIONS[decision as HouseDecision] as readonly unknown[]).includes(way))
const fields = object({
  training: string().oneOf(TRAININGS),
  spacingSchool: string().oneOf(SPACING_SCHOOLS),
  plannedSetOut: isoDateField().nullable(),
  cultivarId: idField(),
}).noUnknown()
const schema = object({
  planting: fields.default(undefined).optional(),
  mulch: mixed<Mulch>().oneOf(MULCHES),
  house: mixed<Record<string, string | null>>().test(
    'house',
    '${path} must hold methods of the garden',
    (house) => house === undefined || Object.entries(house).every(isMethod),
  ),
}).noUnknown()

/** Whether something that was sent is a way that a garden can take. */
export const isWayTaken = (sent: unknown): sent is WayTaken => schema.isValidSync(sent, { strict: true })

/** The same fields as they were before. */
export type WayTakenAnswer = Result<{ before: WayTaken }>

/** Decided once it is planted out. */
const BEFORE_OUT = ['spacingSchool', 'plannedSetOut', 'cultivarId'] as const

/** Takes a way for a planting, or puts back what one had changed: all of it or nothing. */
export const takeWay = (plantingId: string, change: WayTaken): Promise<WayTakenAnswer> =>
  write(async (tx): Promise<WayTakenAnswer> => {
    const garden = await currentGarden(tx)
    const own = garden && (await plantingRecord.of(garden.id, tx)).find(({ id }) => id === plantingId)
    const bed = own && (await placeRecord.of(garden.id, tx)).find(({ id }) => id === own.placeId)
    if (!own || !bed) return { ok: false, message: 'This planting is gone. Load the screen again.' }
    const about = effectiveEntries(await entryRecord.of(garden.id, tx), todayIn(garden)).filter(
      ({ subject }) => subject.id === plantingId,
    )
    const changed = change.planting ?? {}
    if (BEFORE_OUT.some((field) => field in changed) && ofKind(about, 'set-out').length > 0)
      return { ok: false, message: 'You already planted it out. Undo that entry first.' }
    const cultivars = await cultivarRecord.of(garden.id, tx)
    if (changed.cultivarId !== undefined && !cultivars.some(({ id }) => id === changed.cultivarId))
      return { ok: false, message: 'This cultivar is gone. Load the screen again.' }
    const before: WayTaken = {}
    if (Object.keys(changed).length > 0) {
      before.planting = Object.fromEntries(
        Object.keys(changed).map((field) => [field, own[field as keyof Planting]]),
      )
      await tx.update(planting).set(changed).where(eq(planting.id, own.id))
    }
    if (change.mulch) {
      before.mulch = bed.mulch
      await tx.update(place).set({ mulch: change.mulch }).where(eq(place.id, bed.id))
    }
    const decisions = Object.entries(change.house ?? {})
    if (decisions.length > 0) {
      const houseSchools = { ...garden.houseSchools }
      before.house = {}
      for (const [decision, way] of decisions) {
        before.house[decision] = houseSchools[decision] ?? null
        if (way === null) delete houseSchools[decision]
        else houseSchools[decision] = way
      }
      await updateGarden(tx, garden.id, { houseSchools })
    }
    return { ok: true, before }
  })
