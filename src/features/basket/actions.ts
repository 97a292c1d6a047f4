'use server'

import { revalidatePath } from 'next/cache'
import { v7 } from 'uuid'
import { seedLinesOf } from '../../core/supplies'
import { archiveSeason, reopenSeason, type ArchiveAnswer } from '../../data/archive'
import { carryOver, type CarriedLine, type CarryAnswer } from '../../data/carry-over'
import { loadGarden } from '../../data/garden-state'
import { putSupply } from '../../data/supplies'

const PROBLEMS: Record<Exclude<ArchiveAnswer, 'archived'>, string> = {
  'no-garden': 'There is no garden yet.',
  'not-over': 'This season is not over yet: its log stays open. Nothing was changed.',
  'nothing-there': 'Nothing was planted in that season. Nothing was changed.',
  'archived-before': 'This season is put away already.',
}

/** Puts a season away; null: it is done, else why not. */
export async function putAway(season: number): Promise<string | null> {
  const answer = await archiveSeason(Number(season))
  revalidatePath('/', 'layout')
  return answer === 'archived' ? null : PROBLEMS[answer]
}

/** Opens a season's log again; null: it is done, else why not. */
export async function openAgain(season: number): Promise<string | null> {
  const opened = await reopenSeason(Number(season))
  revalidatePath('/', 'layout')
  return opened ? null : PROBLEMS['no-garden']
}

const MOST_LINES = 2000

/** Plans the next season after this one. */
export async function planNext(season: number, lines: CarriedLine[]): Promise<CarryAnswer> {
  if (!Array.isArray(lines) || lines.length > MOST_LINES)
    return { ok: false, message: 'Nothing was planned: load the screen again.' }
  const answer = await carryOver(
    Number(season),
    lines.map(({ from, count, placeId }) => ({
      from: String(from),
      count: Number(count),
      placeId: String(placeId),
    })),
  )
  if (answer.ok) revalidatePath('/', 'layout')
  return answer
}

const MOST_SEEDS = 999_999

/** Keeps how many seeds of a cultivar are left, as a line of the shed; the words are what is wrong. */
export async function keepSeeds(cultivarId: string, quantity: number): Promise<string | null> {
  const state = await loadGarden()
  const cultivar = state?.record.cultivars.find(({ id }) => id === cultivarId)
  if (!state || !cultivar) return 'That cultivar is no longer there: load the screen again.'
  if (!Number.isInteger(quantity) || quantity < 0 || quantity > MOST_SEEDS)
    return 'Seeds are a whole number up to 999,999. Nothing was changed.'
  const [line] = seedLinesOf(state.supplies, cultivar.name)
  const answer = await putSupply(line?.id ?? v7(), {
    id: line?.id ?? v7(),
    kind: 'seed',
    name: cultivar.name,
    length: null,
    pack: 1,
    price: null,
    ...line,
    quantity,
  })
  if (!answer.ok) return answer.message
  revalidatePath('/', 'layout')
  return null
}
