import { ENTRY_FIELDS as LABELS } from '../../wording/entry-fields'
import type { Manner } from '../../core/facts'
import type { EntryDraft, EntryKind } from '../../core/log'
import { formatMeasure, type QuantityKind } from '../../core/quantity'

/** A number of an entry as it is typed again. */
export interface CorrectField {
  name: string
  label: string
  /** `whole`: a count; else what it measures, kept as the kind's SI value times `scale`. */
  unit: 'whole' | QuantityKind
  scale: number
  optional: boolean
  initial: string
}

type Told = Pick<CorrectField, 'name' | 'label' | 'unit'> & Partial<CorrectField>

/** Which numbers of which kinds are typed again; of other kinds only the day and the note are. */
const FIELDS: Partial<Record<EntryKind, Told[]>> = {
  sown: [{ name: 'seeds', label: LABELS.sown.seeds, unit: 'whole' }],
  emerged: [{ name: 'count', label: LABELS.emerged.count, unit: 'whole' }],
  'potted-up': [
    { name: 'count', label: LABELS['potted-up'].count, unit: 'whole' },
    { name: 'potVolume', label: LABELS['potted-up'].potVolume, unit: 'volume' },
  ],
  'soil-read': [
    { name: 'temperature', label: LABELS['soil-read'].temperature, unit: 'temperature' },
    { name: 'depth', label: LABELS['soil-read'].depth, unit: 'length' },
  ],
  picked: [
    { name: 'mass', label: LABELS.picked.mass, unit: 'mass' },
    { name: 'count', label: LABELS.picked.count, unit: 'whole', optional: true },
  ],
  seen: [
    { name: 'leaves', label: LABELS.seen.leaves, unit: 'whole', optional: true },
    { name: 'height', label: LABELS.seen.height, unit: 'length', optional: true },
  ],
  watered: [{ name: 'litres', label: LABELS.watered.litres, unit: 'volume' }],
  fed: [{ name: 'grams', label: LABELS.fed.grams, unit: 'mass', scale: 1000 }],
}

/** An entry's numbers as text in the garden's units. */
export function correctable(entry: Pick<EntryDraft, 'kind' | 'data'>, manner: Manner): CorrectField[] {
  const data = entry.data as Record<string, unknown>
  return (FIELDS[entry.kind] ?? []).map(({ scale = 1, optional = false, ...field }) => {
    const value = data[field.name]
    return {
      ...field,
      scale,
      optional,
      initial:
        typeof value !== 'number'
          ? ''
          : field.unit === 'whole'
            ? String(value)
            : formatMeasure({ kind: field.unit, value: value / scale }, manner).replaceAll('\u00a0', ' '),
    }
  })
}
