import type { PlantPart } from './plant-part'

/** What a grower can say of a part. */
export const PART_STATES = ['kept', 'sick', 'open', 'set', 'ripe', 'picked', 'failed', 'fused'] as const
export type PartState = (typeof PART_STATES)[number]

/** The states that each organ can be in. */
export const STATES_OF = {
  leaf: ['sick'],
  sucker: ['kept'],
  truss: ['open', 'set', 'ripe', 'picked', 'failed', 'fused'],
} as const satisfies Partial<Record<PlantPart['organ'], readonly PartState[]>>

/** A part as it was seen; `count`: fruit that have set. */
export interface PartMark {
  stem: number
  node: number
  organ: keyof typeof STATES_OF
  state: PartState
  count?: number
}

/** What was entered of a plant on a day, by the day's number; `id` names the entry. */
export type PlantEvent = { id?: string; day: number } & (
  | { cuts: readonly PlantPart[] }
  | { marks: readonly PartMark[] }
  | {
      /** Leaves on the main stem from the first on, height of the tip in m, trusses that have opened there. */
      leaves: number | null
      height: number | null
      trusses?: number | null
    }
)

/** What was entered and contradicts the plant: left out of it, and told. */
export interface PlantMisfit {
  /** The entry's. */
  id: string | null
  part: PlantPart | null
  why: 'no-such-part' | 'gone' | 'before-it-came' | 'leaves' | 'height' | 'trusses'
}
