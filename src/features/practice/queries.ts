import type { IsoDate } from '../../core/calendar'
import type { Manner } from '../../core/facts'
import { effectiveEntries } from '../../core/entry'
import { ofKind } from '../../core/log'
import { dailySet, PRACTICE_LEVELS, type PracticeLevel } from '../../core/pruning'
import type { GardenState } from '../../data/garden-state'
import { mannerOf } from '../../data/garden-row'

/** How one level goes: rounds so far, and the mean of the last ones. */
interface LevelProgress {
  level: PracticeLevel
  rounds: number
  points: number | null
}

export interface PracticeView {
  manner: Manner
  now: IsoDate
  gardenId: string
  levels: LevelProgress[]
  /** The day's set, with the points of those that are done. */
  daily: { level: PracticeLevel; seed: number; points: number | null }[]
  /** A number that no task had before. */
  nextSeed: number
}

/** Rounds that the mean of a level is taken over. */
const LAST_ROUNDS = 5

export function practiceView(state: GardenState): PracticeView {
  const now = state.now
  const rounds = ofKind(effectiveEntries(state.record.entries, now), 'practised')
  const meanOf = (level: string, entries: typeof rounds) => {
    const own = entries.filter(({ data }) => data.level === level).slice(-LAST_ROUNDS)
    return own.length === 0
      ? null
      : Math.round(own.reduce((sum, { data }) => sum + data.points, 0) / own.length)
  }
  // The day's set is laid by what went before the day, so that it stays the same while it is done.
  const before = rounds.filter(({ on }) => on < now)
  const known = Object.fromEntries(
    PRACTICE_LEVELS.flatMap((level) => {
      const points = meanOf(level, before)
      return points === null ? [] : [[level, points]]
    }),
  )
  const today = rounds.filter(({ on }) => on === now)
  return {
    manner: mannerOf(state.garden),
    now,
    gardenId: state.garden.id,
    levels: PRACTICE_LEVELS.map((level) => ({
      level,
      rounds: rounds.filter(({ data }) => data.level === level).length,
      points: meanOf(level, rounds),
    })),
    daily: dailySet(now, known).map(({ level, seed }) => ({
      level,
      seed,
      points: today.findLast(({ data }) => data.level === level && data.seed === seed)?.data.points ?? null,
    })),
    nextSeed: rounds.length + 1,
  }
}
