import type { PlantSize } from '../crop'
import { readerOf } from '../entry'
import type { Support } from '../facts'

/** How it was watered before anything of it was written down. */
export const WATERED_LATELY = ['daily', 'every-few-days', 'rain', 'not'] as const
export type WateredLately = (typeof WATERED_LATELY)[number]

/** Plants that were raised elsewhere, or grew here before anything was written down, as they were on that day. */
export interface Met extends PlantSize {
  as: 'bought' | 'growing'
  /** L of the pot they came in. */
  potVolume?: number
  /** Of what grows here already. */
  watered?: WateredLately
}

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
  met: Met
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

/** Of plants that were set out before anybody wrote it down: how is not known. */
export const AS_FOUND = { school: 'as-found', stemBuried: 0, holeDepth: 0, leavesStripped: 0 } as const

export const stageEntries = readerOf<StageEntries>()
