import type { Planting } from './planting'

/** Plants of a cultivar that are wanted in a season, wherever they will stand. */
export interface Wanted {
  id: string
  cultivarId: string
  season: number
  count: number
}

/** A line of what is wanted, with how many have a place, and how many none. */
export interface WantedLine extends Wanted {
  placed: number
  left: number
}

/** What is wanted in a season against what is planted in it. */
export function wantedIn(
  season: number,
  wanted: readonly Wanted[],
  plantings: readonly Pick<Planting, 'cultivarId' | 'season' | 'count'>[],
): WantedLine[] {
  const together = new Map<string, Wanted>()
  for (const line of wanted.filter((one) => one.season === season)) {
    const before = together.get(line.cultivarId)
    together.set(line.cultivarId, before ? { ...before, count: before.count + line.count } : line)
  }
  return [...together.values()].map((line) => {
    const placed = plantings
      .filter((one) => one.season === season && one.cultivarId === line.cultivarId)
      .reduce((sum, { count }) => sum + count, 0)
    return { ...line, placed, left: Math.max(0, line.count - placed) }
  })
}
