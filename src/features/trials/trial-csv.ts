import { addDays } from '../../core/calendar'
import type { TrialResult } from '../../core/trial'
import type { TrialsView } from './queries'

/** A trial as a table: a line for each season, and of each way its sound kg a plant and first ripe fruit. */
export async function trialCsv(
  { ways, start }: Pick<NonNullable<TrialsView['trial']>, 'ways' | 'start'>,
  result: TrialResult,
): Promise<string> {
  const { unparse } = await import('papaparse')
  const names = Object.fromEntries(ways.map(({ id, name }) => [id, name]))
  const rows = Array.from({ length: result.done }, (_, season) => ({
    season: season + 1,
    ...Object.fromEntries(
      result.ways.flatMap(({ id, sound, firstRipe }) => {
        const day = firstRipe[season] ?? null
        return [
          [`${names[id]}: sound ripe fruit per plant, kg`, Number(sound[season]!.toFixed(3))],
          [`${names[id]}: first ripe fruit`, day === null ? '' : addDays(start, day)],
        ]
      }),
    ),
  }))
  return unparse(rows, { escapeFormulae: true })
}
