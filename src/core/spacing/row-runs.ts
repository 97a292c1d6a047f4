import { requireInRange, requireInteger } from '../guard'
import { TOLERANCE } from './capacity-input'

/** So many plants of one cultivar, one behind the other along a row, `inRow` m apart. */
export interface RowRun {
  cultivarId: string
  plants: number
  inRow: number
}

export interface LaidRow {
  /** Of every run in turn, where its plants stand along the row, m. */
  runs: { run: RowRun; xs: number[] }[]
  /** Row that is left at the end, m; below zero: how much is wanting. */
  left: number
}

/**
 * Lays runs along a row from its start, each at its own distance, and halfway between the two where runs meet.
 *
 * @param row its length and the distance kept at both ends, m
 * @throws RangeError when a measure or a count is out of range
 */
export function layRuns(row: { length: number; endEdge: number }, runs: readonly RowRun[]): LaidRow {
  requireInRange('length', row.length, 0.05, 1000)
  requireInRange('endEdge', row.endEdge, 0, row.length)
  let at = row.endEdge
  let before: RowRun | null = null
  const laid: LaidRow['runs'] = []
  for (const run of runs) {
    requireInteger('plants', run.plants, 1, 10_000)
    requireInRange('inRow', run.inRow, 0.05, 10)
    if (before) at += (before.inRow + run.inRow) / 2
    laid.push({ run, xs: Array.from({ length: run.plants }, (_, index) => at + index * run.inRow) })
    at += (run.plants - 1) * run.inRow
    before = run
  }
  const left = before ? row.length - row.endEdge - at : row.length - 2 * row.endEdge
  return { runs: laid, left: Math.abs(left) < TOLERANCE ? 0 : left }
}

/** Two halves of a row, as many plants of each as its length holds; the first has the odd one. */
export function halves(
  row: { length: number; endEdge: number },
  first: Omit<RowRun, 'plants'>,
  second: Omit<RowRun, 'plants'>,
): RowRun[] {
  let best: RowRun[] = [{ ...first, plants: 1 }]
  for (let plants = 1; ; plants++) {
    const even = [
      { ...first, plants },
      { ...second, plants },
    ]
    const odd = [
      { ...first, plants: plants + 1 },
      { ...second, plants },
    ]
    if (layRuns(row, even).left < 0) return best
    best = even
    if (layRuns(row, odd).left >= 0) best = odd
  }
}

/** Runs whose untried cultivar has no trusted one on both sides: if it fails, the row ends bare. */
export function unhedged(runs: readonly RowRun[], trusted: ReadonlySet<string>): RowRun[] {
  return runs.filter(
    ({ cultivarId }, index) =>
      !trusted.has(cultivarId) &&
      !(trusted.has(runs[index - 1]?.cultivarId ?? '') && trusted.has(runs[index + 1]?.cultivarId ?? '')),
  )
}

/**
 * The same plants with every untried cultivar between trusted ones, as far as there are trusted plants to split:
 * a run that fails then leaves a gap, not a bare end.
 */
export function hedged(runs: readonly RowRun[], trusted: ReadonlySet<string>): RowRun[] {
  const untried = runs.filter(({ cultivarId }) => !trusted.has(cultivarId))
  let known = runs.filter(({ cultivarId }) => trusted.has(cultivarId))
  if (untried.length === 0 || known.length === 0) return [...runs]
  while (known.length < untried.length + 1) {
    const longest = known.reduce((most, run) => (run.plants > most.plants ? run : most))
    if (longest.plants < 2) break
    const [more, rest] = [Math.ceil(longest.plants / 2), Math.floor(longest.plants / 2)]
    known = known.flatMap((run) =>
      run === longest
        ? [
            { ...run, plants: more },
            { ...run, plants: rest },
          ]
        : [run],
    )
  }
  const woven: RowRun[] = []
  for (let at = 0; at < Math.max(known.length, untried.length); at++) {
    if (known[at]) woven.push(known[at]!)
    if (untried[at] && at < known.length) woven.push(untried[at]!)
  }
  // More untried runs than gaps: the rest stand before the last trusted run.
  const over = untried.slice(known.length)
  if (untried.length >= known.length && woven.at(-1) !== known.at(-1)) {
    const last = known.at(-1)!
    return [...woven.filter((run) => run !== last), ...over, last]
  }
  return woven
}

/** Plants that were raised and have no place, and places that no plant was raised for, by planting. */
export interface Account {
  plantingId: string
  /** Plants left off the plan. */
  leftOff: number
  /** Positions without a plant. */
  empty: number
}

/** Holds what was raised against what the plan has places for; only what does not match is told. */
export function unaccounted(
  plantings: readonly { plantingId: string; raised: number; positions: number }[],
): Account[] {
  return plantings
    .map(({ plantingId, raised, positions }) => {
      requireInteger('raised', raised, 0, 100_000)
      requireInteger('positions', positions, 0, 100_000)
      return {
        plantingId,
        leftOff: Math.max(0, raised - positions),
        empty: Math.max(0, positions - raised),
      }
    })
    .filter(({ leftOff, empty }) => leftOff + empty > 0)
}
