'use server'

import { v7 } from 'uuid'
import type { Result } from '../../core/result'
import { seedLinesOf } from '../../core/supplies'
import { archiveSeason, reopenSeason, type ArchiveAnswer } from '../../data/archive'
import { carryOver, type CarriedLine, type CarryAnswer } from '../../data/carry-over'
import { loadGarden } from '../../data/garden-state'
import { putSupply } from '../../data/supplies'

const PROBLEMS: Record<Exclude<ArchiveAnswer, 'archived'>, string> = {
  'no-garden': 'You have no garden yet.',
  'not-over': 'This season is not over yet, so its log stays open. Nothing was changed.',
  'nothing-there': 'Nothing was planted in that season. Nothing was changed.',
  'archived-before': 'This season is archived already.',
}

/** Puts a season away. */
export async function putAway(season: number): Promise<Result> {
  const answer = await archiveSeason(Number(season))
  return answer === 'archived' ? { ok: true } : { ok: false, message: PROBLEMS[answer] }
}

/** Opens a season's log again. */
export async function openAgain(season: number): Promise<Result> {
  const opened = await reopenSeason(Number(season))
  return opened ? { ok: true } : { ok: false, message: PROBLEMS['no-garden'] }
}

const MOST_LINES = 2000

/** Plans the next season after this one. */
export async function planNext(season: number, lines: CarriedLine[]): Promise<CarryAnswer> {
  if (!Array.isArray(lines) || lines.length > MOST_LINES)
    return { ok: false, message: 'Nothing was planned: load the screen again.' }
  return carryOver(
    Number(season),
    lines.map(({ from, count, placeId }) => ({
      from: String(from),
      count: Number(count),
      placeId: String(placeId),
    })),
  )
}

const MOST_SEEDS = 999_999

/** Keeps how many seeds of a cultivar are left, as a line of the shed. */
export async function keepSeeds(cultivarId: string, quantity: number): Promise<Result> {
  const state = await loadGarden()
  const cultivar = state?.record.cultivars.find(({ id }) => id === cultivarId)
  if (!state || !cultivar) return { ok: false, message: 'That cultivar is gone. Load the screen again.' }
  if (!Number.isInteger(quantity) || quantity < 0 || quantity > MOST_SEEDS)
    return { ok: false, message: 'Seeds are a whole number up to 999,999. Nothing was changed.' }
  const [line] = seedLinesOf(state.supplies, cultivar.name)
  return putSupply(line?.id ?? v7(), {
    id: line?.id ?? v7(),
    kind: 'seed',
    name: cultivar.name,
    length: null,
    across: null,
    material: null,
    pack: 1,
    price: null,
    ...line,
    quantity,
  })
}
