import { readerOf, type Entry } from '../entry'
import type { MoistureFeel, MoistureMethod } from './readings'

/** What is entered of a place's water. */
export interface WaterEntries {
  /** L in all. */
  watered: { litres: number }
  /** How dry it was found: by a feel, or as water content, m³/m³. */
  'moisture-read': { method: MoistureMethod; feel?: MoistureFeel; content?: number }
}

export type MoistureRead = Entry<WaterEntries, 'moisture-read'>

export const waterEntries = readerOf<WaterEntries>()
