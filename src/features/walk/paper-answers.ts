import type { ValidationError } from 'yup'
import type { Manner } from '../../core/facts'
import { schemaOf } from './act-schema'
import { tendingEntries } from './tending-entries'
import type { Stop } from './types'
import type { NewEntry } from '../../components/act/act-drafts'

/** What was written on paper at one stop. */
export interface PaperAnswer {
  ticked: boolean
  /** Numbers as typed, by field; where nothing was typed, the advised one holds. */
  numbers: Record<string, string>
  /** Labels of plants that were left out, as typed. */
  except: string
  note: string
}

export const NOTHING_WRITTEN: PaperAnswer = { ticked: false, numbers: {}, except: '', note: '' }

/** What a ticked stop enters, or what is wrong with what was written. */
export function entriesOnPaper(
  stop: Stop,
  { numbers, except, note }: PaperAnswer,
  manner: Manner,
): { entries: NewEntry[] } | { problem: string } {
  const { act } = stop
  if (act.type === 'open') return { problem: 'Record this one on its own screen.' }
  if (act.type === 'tend') {
    const labels = except.split(/[\s,;]+/).filter(Boolean)
    const unknown = labels.filter((label) => !act.plants.some((plant) => plant.label === label))
    if (unknown.length > 0)
      return { problem: `No plant here is called ${unknown.join(', ')}. Use the labels of the plants.` }
    const out = act.plants.filter(({ label }) => labels.includes(label)).map(({ id }) => id)
    const entries = tendingEntries(stop.subject, act, out)
    return entries.length === 0
      ? { problem: 'That leaves no plant. Untick it instead.' }
      : { entries: entries.map((entry, index) => (index === 0 ? { ...entry, note } : entry)) }
  }
  const data: Record<string, unknown> = { ...act.data }
  for (const field of act.fields) {
    const typed = numbers[field.name]?.trim() ?? ''
    if (typed === '' && act.type === 'enter') continue
    try {
      const value = schemaOf(field, manner).validateSync(typed === '' ? field.initial : typed) as
        number | null
      // What the log counts in grams was typed as a mass, which is read in kg.
      data[field.name] = field.unit === 'grams' && value !== null ? value * 1000 : value
    } catch (error) {
      return { problem: `${field.label}: ${(error as ValidationError).errors[0]}` }
    }
  }
  return {
    entries: [{ subject: stop.entrySubject, kind: act.kind, data: data as NewEntry['data'], note }],
  }
}
