import { unparse } from 'papaparse'
import type { GardenState } from '../../data/garden-state'
import { mannerOf } from '../../data/garden-row'
import { FORMULA, LOG_COLUMNS } from '../../data/log-reading'
import { sayEntry } from '../../wording/entries'
import type { LogFilter } from './filter'
import { foundEntries, subjectsOf } from './queries'

/** The entries that a filter finds, oldest first, a line each; without one, also those that take others back. */
export function logCsv(state: GardenState, filter: LogFilter | null): string {
  const manner = mannerOf(state.garden)
  const subjects = subjectsOf(state)
  const entries = filter
    ? foundEntries(state, filter)
        .map(({ entry }) => entry)
        .reverse()
    : state.record.entries
  return unparse(
    {
      fields: [...LOG_COLUMNS],
      data: entries.map((entry) => {
        const { about, crop } = subjects.say(entry)
        return [
          entry.id,
          entry.on,
          entry.at,
          entry.subject.type,
          entry.subject.id,
          about,
          entry.kind,
          sayEntry(entry, crop, manner).replaceAll('\u00a0', ' '),
          JSON.stringify(entry.data),
          entry.note,
          entry.voids ?? '',
          entry.by ?? '',
        ]
      }),
    },
    { escapeFormulae: FORMULA },
  )
}

/** The same entries as JSON. */
export const logJson = (state: GardenState, filter: LogFilter | null): string =>
  JSON.stringify(
    {
      format: 'prairie-log',
      version: 1,
      entries: filter
        ? foundEntries(state, filter)
            .map(({ entry }) => entry)
            .reverse()
        : state.record.entries,
    },
    null,
    2,
  )
