import type { Reason } from '../advice'
import type { Plant, PlantPart, Training } from '../crop'
import { advisePruning } from './advise-pruning'
import type { PruningContext } from './context'
import type { Cut, PruningRule, RefusalRule } from './cut'
import { areaOf, shootOf } from './make-cut'
import { refuseCut } from './refuse-cut'
import { MOST_AT_ONCE } from './sessions'
import { keptNodes } from './stems-kept'

/** A part that someone marked, and what is to be done to it. */
export type MarkedCut = Omit<Cut, 'reason' | 'due'>

export interface Verdict {
  cut: MarkedCut
  verdict: 'right' | 'missed' | 'harmful' | 'needless'
  reason: Reason<PruningRule>
}

export interface Score {
  /** 0–100. */
  points: number
  verdicts: Verdict[]
}

/** Beyond the advised share, leaf that a session may lose before it harms. */
const TOLERANCE = 0.05
/** What a needless cut takes off, of a right one. */
const NEEDLESS = 0.25

/** How someone's cuts compare with what is to be cut today: every right, missed, harmful and needless one with why. */
export function scoreCuts(
  plant: Plant,
  cuts: readonly MarkedCut[],
  system: Training,
  context: PruningContext,
): Score {
  const { answer } = advisePruning({ plant, system, context })
  const now = answer.filter(({ due }) => due === undefined)
  const isMet = (advised: Cut, cut: MarkedCut) => cut.action !== 'keep' && sameCut(plant, advised, cut)
  let taken = 0
  const verdicts = cuts.map((cut): Verdict => {
    if (cut.action === 'keep') return keptVerdict(plant, cut, system, context, now)
    taken += areaOf(plant, cut)
    const refused = refuseCut(plant, cut, system, context)
    if (refused) return { cut, verdict: 'harmful', reason: refused }
    if (taken > plant.leafArea * (MOST_AT_ONCE + TOLERANCE) && areaOf(plant, cut) < taken)
      return { cut, verdict: 'harmful', reason: because('refuse.limit') }
    const advised = now.find((one) => isMet(one, cut))
    if (advised) return { cut, verdict: 'right', reason: advised.reason }
    const later = answer.some((one) => isMet(one, cut))
    return { cut, verdict: 'needless', reason: because(later ? 'refuse.later' : 'refuse.needless') }
  })
  const missed = now
    .filter((advised) => !cuts.some((cut) => isMet(advised, cut)))
    .map(({ reason, due: _, ...cut }): Verdict => ({ cut, verdict: 'missed', reason }))
  const all = [...verdicts, ...missed]
  return { points: pointsOf(all), verdicts: all }
}

const because = (rule: RefusalRule): Reason<PruningRule> => ({ rule, values: {}, weight: 'decides' })

/** The same part; a sucker's tip and the sucker itself are one. */
function sameCut(plant: Plant, advised: PlantPart, cut: PlantPart): boolean {
  const stemOf = ({ stem, node, organ }: PlantPart) =>
    organ === 'tip' ? stem : organ === 'sucker' ? shootOf(plant, stem, node) : null
  if (advised.organ === cut.organ && advised.stem === cut.stem)
    return cut.organ === 'tip' || advised.node === cut.node
  const stem = stemOf(advised)
  return stem !== null && stem === stemOf(cut)
}

/** Keeping is right where the system keeps, and wrong where something is to be cut. */
function keptVerdict(
  plant: Plant,
  cut: MarkedCut,
  system: Training,
  context: PruningContext,
  now: readonly Cut[],
): Verdict {
  const advised = now.find((one) => sameCut(plant, one, cut))
  if (advised) return { cut, verdict: 'harmful', reason: advised.reason }
  const isLed = cut.organ === 'sucker' && cut.stem === 0 && keptNodes(plant, system, context).has(cut.node)
  return isLed
    ? { cut, verdict: 'right', reason: because('refuse.leader') }
    : { cut, verdict: 'needless', reason: because('refuse.needless') }
}

function pointsOf(verdicts: readonly Pick<Verdict, 'verdict'>[]): number {
  const of = (wanted: Verdict['verdict']) => verdicts.filter(({ verdict }) => verdict === wanted).length
  const wanted = Math.max(1, of('right') + of('missed'))
  const right = of('right') + of('missed') === 0 ? 1 : of('right')
  return Math.round(100 * Math.max(0, (right - of('harmful') - NEEDLESS * of('needless')) / wanted))
}
