import { readerOf } from '../entry'
import type { Support } from '../facts'

/** What is entered of a planting's stages, and of the soil that it waits for. */
export interface StageEntries {
  sown: { seeds: number }
  emerged: { count: number }
  /** L of each pot. */
  'potted-up': { count: number; potVolume: number }
  /** h outside on a day of hardening off. */
  hardened: { day: number; hours: number }
  /** m; °C. */
  'soil-read': { depth: number; temperature: number }
  'set-out': {
    count: number
    method: 'upright' | 'trench'
    school: string
    /** m */
    stemBuried: number
    holeDepth: number
    leavesStripped: number
    /** What holds it; and the plant as it was measured, m: told since planting day asks for them. */
    support?: Support
    plant?: { height: number; leaves: number; rootBall: number }
  }
  /** °C that was feared. */
  covered: { nightLow: number }
  flowered: Record<string, never>
  topped: Record<string, never>
  cleared: Record<string, never>
}

export const stageEntries = readerOf<StageEntries>()
