import type { PlantEntries } from '../crop'
import type { AnyEntry, Entry } from '../entry'
import type { FeedEntries } from '../feeding'
import type { HarvestEntries } from '../harvest'
import type { CaseEntries } from '../health'
import type { StageEntries } from '../season'
import type { WaterEntries } from '../watering'
import type { CallKind } from './call'
import { callEntries, type CallEntries, type Work } from './entries'
import { CAN, MINUTES, PLANTS_A_BAY } from './minutes'

interface Worked
  extends StageEntries, HarvestEntries, PlantEntries, WaterEntries, FeedEntries, CaseEntries, CallEntries {}
type WorkEntry = Entry<Worked>

/** What each kind of entry was the work of. */
const WORK_OF: Partial<Record<keyof Worked, CallKind>> = {
  sown: 'sow',
  emerged: 'look-for-loops',
  met: 'get',
  'potted-up': 'pot-up',
  hardened: 'harden',
  'soil-read': 'read-soil',
  'set-out': 'set-out',
  covered: 'cover',
  flowered: 'look-for-flowers',
  picked: 'pick',
  pruned: 'tend',
  tended: 'tend',
  watered: 'water',
  fed: 'feed',
  followed: 'follow',
  topped: 'top',
  cleared: 'clear',
}

/**
 * Working time that went into a planting by its log, min: the times that were entered, and for the rest the working
 * times at the garden's own pace.
 *
 * @param own entries of the planting; @param ofPlace waterings and feeds of its place
 * @param plants of it; @param share of its place that it fills, 0–1; @param pace by kind of work, see `paceOf`
 */
export function labourOf(
  own: readonly AnyEntry[],
  ofPlace: readonly AnyEntry[],
  plants: number,
  share: number,
  pace: (kind: CallKind) => number,
): number {
  const timed = callEntries(own, 'timed')
  const isTimed = new Set(timed.map(({ on, data }) => `${on} ${data.work}`))
  const estimated = (told: AnyEntry, part: number) => {
    const entry = told as WorkEntry
    const work = WORK_OF[entry.kind]
    if (work === undefined || isTimed.has(`${entry.on} ${work}`)) return 0
    return minutesOf(entry, plants) * pace(work) * part
  }
  return (
    timed.reduce((sum, { data }) => sum + data.minutes, 0) +
    own.reduce((sum, entry) => sum + estimated(entry, 1), 0) +
    ofPlace.reduce((sum, entry) => sum + estimated(entry, share), 0)
  )
}

function minutesOf(entry: WorkEntry, plants: number): number {
  switch (entry.kind) {
    case 'sown':
      return MINUTES.sow + MINUTES.sowSeed * entry.data.seeds
    case 'met':
      return entry.data.as === 'bought' ? MINUTES.get : 0
    case 'emerged':
    case 'flowered':
      return MINUTES.look
    case 'potted-up':
      return MINUTES.potUp + MINUTES.potUpPlant * entry.data.count
    case 'hardened':
      return MINUTES.harden
    case 'soil-read':
      return MINUTES.readSoil
    case 'set-out':
      return MINUTES.setOut + MINUTES.setOutPlant * entry.data.count
    case 'covered':
      return MINUTES.cover + MINUTES.coverPlant * plants
    case 'picked':
      return MINUTES.pick + MINUTES.pickPlant * (entry.data.plant === undefined ? plants : 1)
    case 'pruned':
      return MINUTES.suckers * (plants - (entry.data.except?.length ?? 0))
    case 'tended':
      return entry.data.works.reduce((sum, work) => sum + tendingOf(work, plants), 0)
    case 'watered':
      return MINUTES.can * Math.max(1, entry.data.litres / CAN)
    case 'fed':
      return MINUTES.feed + MINUTES.feedPlant * plants
    case 'followed':
      return MINUTES.follow
    case 'topped':
      return MINUTES.top * plants
    case 'cleared':
      return MINUTES.clear * plants
    default:
      return 0
  }
}

function tendingOf(work: Work, plants: number): number {
  switch (work) {
    case 'tie':
      return MINUTES.tie * plants
    case 'tier':
      return MINUTES.tier * Math.ceil(plants / PLANTS_A_BAY)
    case 'lower':
      return MINUTES.lower * plants
    case 'clean-up':
      return MINUTES.leaves * plants
    default:
      return 0
  }
}
