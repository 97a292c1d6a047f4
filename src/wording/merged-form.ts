import { mergeRow } from '../core/merge'

/** What stands between a form and what is saved: fields that were changed elsewhere since, as text. */
export interface FormConflict {
  theirs: { about: string; values: Record<string, unknown> }
}

/**
 * A form brought together with what was saved since it was shown, field by field.
 *
 * @param shown as it began; null: it makes something new
 * @param now what is saved, as the form would show it; undefined: nothing is, or no longer
 * @param about what it is, to begin a sentence with
 */
export function mergedForm<Values extends object>(
  typed: Values,
  shown: Values | null,
  now: Values | undefined,
  about: string,
): { typed: Values } | { problems: FormConflict | { form: string } } {
  if (shown === null) return { typed }
  if (now === undefined)
    return { problems: { form: `${about} was removed in another window. Load the screen again.` } }
  const { row, conflicts } = mergeRow(shown, typed, now)
  if (conflicts.length === 0) return { typed: row }
  return {
    problems: {
      theirs: { about, values: Object.fromEntries(conflicts.map((name) => [name, now[name]])) },
    },
  }
}
