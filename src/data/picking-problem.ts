import { effectiveEntries } from '../core/entry'
import type { LogEntry } from '../core/log'
import { implausiblePicking, type Implausible } from '../core/harvest'
import { standsOf } from '../core/season'
import type { Reader } from './database'
import { entriesOfSubject } from './log'
import { plantingRecord } from './records/planting'

type Draft = Omit<LogEntry, 'at' | 'voids'>

/** What cannot be true of the pickings among what is entered; null: nothing. */
export async function pickingProblem(
  tx: Reader,
  gardenId: string,
  drafts: readonly Draft[],
): Promise<string | null> {
  if (!drafts.some(({ kind }) => kind === 'picked')) return null
  if (await isPickedTooSoon(tx, gardenId, drafts))
    return 'You had not planted out any of that planting by that day. Nothing was saved. Record its planting out first, or choose a later day.'
  const wrong = await implausible(tx, gardenId, drafts)
  return wrong && IMPLAUSIBLE[wrong]
}

/** Whether something is said to be picked of a planting before any of it stood where it grows. */
async function isPickedTooSoon(tx: Reader, gardenId: string, drafts: readonly Draft[]): Promise<boolean> {
  const plantings = new Map((await plantingRecord.of(gardenId, tx)).map((one) => [one.id, one]))
  for (const { kind, subject, on } of drafts) {
    const planting = plantings.get(subject.id)
    if (kind !== 'picked' || !planting) continue
    const told = [...(await entriesOfSubject(gardenId, subject, tx)), ...asEntries(drafts, subject.id)]
    if (!standsOf(planting, effectiveEntries(told, on))) return true
  }
  return false
}

const asEntries = (drafts: readonly Draft[], subjectId: string) =>
  drafts
    .filter(({ subject }) => subject.id === subjectId)
    .map((draft) => ({ ...draft, at: '', voids: null }) as LogEntry)

/** What cannot be true of a weight among what is entered. */
async function implausible(
  tx: Reader,
  gardenId: string,
  drafts: readonly Draft[],
): Promise<Implausible | null> {
  const counts = await plantCounts(tx, gardenId)
  return drafts.map((draft) => implausibleIn(draft, counts)).find((wrong) => wrong !== null) ?? null
}

/** Plants of each planting. */
export const plantCounts = async (tx: Reader, gardenId: string): Promise<ReadonlyMap<string, number>> =>
  new Map((await plantingRecord.of(gardenId, tx)).map(({ id, count }) => [id, count]))

/** What cannot be true of a picking; null: it can, or it is none. */
export function implausibleIn(
  { kind, subject, data }: Pick<LogEntry, 'kind' | 'subject' | 'data'>,
  counts: ReadonlyMap<string, number>,
): Implausible | null {
  if (kind !== 'picked') return null
  const picked = data as LogEntry<'picked'>['data']
  return implausiblePicking(picked, picked.plant === undefined ? (counts.get(subject.id) ?? 1) : 1)
}

const IMPLAUSIBLE: Record<Implausible, string> = {
  'a-plant':
    'That is more than these plants can give at once. Check the number and its unit, such as 450 g. Nothing was saved.',
  'heavy-fruit': 'No fruit is that heavy. Check the weight and the count. Nothing was saved.',
  'light-fruit': 'No fruit is that light. Check the weight and the count. Nothing was saved.',
}
