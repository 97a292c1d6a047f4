import { isWithinReach } from '../core/calendar'
import type { Planting } from '../core/facts'
import { effectiveEntries } from '../core/entry'
import { ofKind } from '../core/log'
import type { Result } from '../core/result'
import { write } from './database'
import { currentGarden } from './gardens'
import { todayIn } from './garden-row'
import { inArray } from 'drizzle-orm'
import { entryRecord } from './records/entry'
import { planting, plantingRecord } from './records/planting'

/** What a change of plan came to: the planting as it was before, the first of several alike; or why it stays so. */
export type PlanChange = Result<{ before: Planting }>

/** Changes how or when plantings are meant to be raised, as far as that is still open, or what holds them: all or none. */
export async function changePlan(
  plantingIds: readonly string[],
  change: Partial<Pick<Planting, 'raising' | 'plannedSow' | 'support'>>,
): Promise<PlanChange> {
  const refused = (message: string): PlanChange => ({ ok: false, message })
  return write(async (tx): Promise<PlanChange> => {
    const garden = await currentGarden(tx)
    if (!garden) return refused('You have no garden yet. Start one first.')
    const all = await plantingRecord.of(garden.id, tx)
    const before = plantingIds.flatMap((wanted) => all.find(({ id }) => id === wanted) ?? [])
    if (before.length === 0 || before.length < plantingIds.length)
      return refused('This planting is gone. Load the screen again.')
    const now = todayIn(garden)
    if (change.plannedSow && !isWithinReach(change.plannedSow, now))
      return refused('Choose a sowing date within about a year of today. Nothing was changed.')
    const own = effectiveEntries(await entryRecord.of(garden.id, tx), now).filter(({ subject }) =>
      plantingIds.includes(subject.id),
    )
    const isRaised = 'plannedSow' in change || 'raising' in change
    if (isRaised && ofKind(own, 'set-out').length > 0)
      return refused('You already planted it out. Undo that entry first.')
    // What is sown in a tray can still go out young or big; when and where it was sown is done.
    const resown =
      'plannedSow' in change ||
      change.raising === 'direct' ||
      before.some(({ raising }) => raising === 'direct')
    if (resown && ofKind(own, 'sown').length > 0)
      return refused('You already sowed it. Undo that entry first.')
    await tx
      .update(planting)
      .set(change)
      .where(inArray(planting.id, [...plantingIds]))
    return { ok: true, before: before[0]! }
  })
}
