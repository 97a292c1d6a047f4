import { readerOf, type AnyEntry, type Entry } from '../entry'
import type { PlantPart } from './plant-part'
import type { PartMark } from './plant-event'

/** What is entered of a plant's parts, or of each plant of a planting. */
export interface PlantEntries {
  /** Leaves and open trusses counted on the main stem, and height of the tip, m. */
  seen: { leaves: number | null; height: number | null; trusses?: number | null }
  /** Of a planting: on each plant but those that are named. */
  pruned: { cuts: PlantPart[]; except?: string[] }
  marked: { marks: PartMark[] }
}

/** Entries that a plant's model follows. */
export type PlantEntry = Entry<PlantEntries>

export const plantEntries = readerOf<PlantEntries>()

/** Whether an entry is one that a plant's model follows. */
export const isOfPlant = (entry: AnyEntry): entry is PlantEntry =>
  entry.kind === 'seen' || entry.kind === 'pruned' || entry.kind === 'marked'
