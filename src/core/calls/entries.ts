import type { IsoDate } from '../calendar'
import { readerOf } from '../entry'
import { TYING_WORKS } from '../support'
import type { CallKind } from './call'

/** Works that come again and again. */
export const WORKS = [
  ...TYING_WORKS,
  'shake',
  'scout',
  'open-tunnel',
  'shut-tunnel',
  'shade',
  'clean-up',
] as const
export type Work = (typeof WORKS)[number]

/** What is entered of calls: that they were done, how long it took, that they wait or are not done. */
export interface CallEntries {
  /** Routine works on a planting but for plants that are named, or on a place. */
  tended: { works: Work[]; except?: string[] }
  /** How long a kind of work took, and takes by the working values, min. */
  timed: { work: CallKind; minutes: number; usual: number }
  'put-off': { call: string; until: IsoDate }
  declined: { call: string; why: string }
}

export const callEntries = readerOf<CallEntries>()
