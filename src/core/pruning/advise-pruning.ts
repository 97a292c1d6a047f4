import type { Advice, Reason } from '../advice'
import { addDays } from '../calendar'
import { nodeHeight, SHOOT_LENGTH, toShoot, type Plant, type Training } from '../crop'
import { count, days, length, name, onDate, share } from '../quantity'
import { checkContext, daysUntilDry, isScalding, isWet, rainsTomorrow, type PruningContext } from './context'
import type { Cut, PruningRule } from './cut'
import { leafCuts } from './leaf-cuts'
import { pepperCuts } from './pepper-cuts'
import { inSessions, MOST_AT_ONCE, stagesOf } from './sessions'
import { keptStems, leaderNode } from './stems-kept'
import { suckerCuts } from './sucker-cuts'
import { tipCuts } from './tip-cuts'
import { leavesFirstFlowers, trussCuts } from './truss-cuts'

/** Shoots that root in water: so many nodes long, 10 to 15 cm; days that a rooted one needs to bear. */
const CUTTING = { least: 2, most: 4, season: 60 }

/**
 * What to cut on a plant today in a system of training: at most a third of its leaf, none of it in the wet, never a
 * bush's suckers, never the tip but to end its growth. What cannot be cut now has its day.
 *
 * @throws RangeError when a number of the context is out of range
 */
export function advisePruning(input: {
  plant: Plant
  system: Training
  context: PruningContext
}): Advice<Cut[], PruningRule> {
  const { plant, system, context } = input
  checkContext(context)
  const vine = plant.crop === 'tomato' && !plant.bush
  const kept = keptStems(plant, system, context)
  const wanted = [
    ...leafCuts(plant, context),
    ...trussCuts(plant, context),
    ...(vine ? [...suckerCuts(plant, system, context), ...tipCuts(plant, kept, context)] : []),
    ...pepperCuts(plant, system),
  ]
  const start = addDays(context.date, daysUntilDry(context))
  const cuts = inSessions(plant, withoutLost(wanted), start, context.date)
  return {
    answer: cuts,
    reasons: reasonsFor(input, cuts, vine ? nextVisit(plant, kept, context) : null),
    alternatives: [],
    cautions: cuts.length > 0 ? ['sharp-blade', 'foliage-not-food'] : [],
  }
}

/** Cuts of parts that go with a tip are none of their own. */
function withoutLost(cuts: readonly Cut[]): Cut[] {
  return cuts.filter(
    ({ stem, node, organ }) =>
      organ === 'tip' || !cuts.some((tip) => tip.organ === 'tip' && tip.stem === stem && tip.node < node),
  )
}

/** Days until the next sucker is 5 cm long. */
function nextVisit(
  plant: Plant,
  kept: ReadonlySet<number>,
  { dailyDegreeDays }: PruningContext,
): number | null {
  if (dailyDegreeDays <= 0) return null
  const open = [...kept].some((number) =>
    plant.stems[number]!.nodes.some(({ sucker }) => sucker.state === 'dormant'),
  )
  return open ? Math.ceil(toShoot(plant.crop) / dailyDegreeDays) : null
}

/** A sucker that goes and is worth rooting: short, without flowers, of a healthy plant, early enough to bear. */
function cuttingOf(plant: Plant, cuts: readonly Cut[], { seasonSlackDays }: PruningContext): Cut | null {
  const isSick = plant.stems.some(({ nodes }) => nodes.some(({ leaf }) => leaf.state === 'sick'))
  if (isSick || seasonSlackDays < CUTTING.season) return null
  return (
    cuts.find(({ organ, stem, node }) => {
      const own = organ === 'sucker' ? plant.stems[stem]!.nodes[node]!.sucker.stem : null
      const nodes = own === null ? [] : plant.stems[own]!.nodes
      return (
        nodes.length >= CUTTING.least &&
        nodes.length <= CUTTING.most &&
        nodes.every(({ truss }) => truss === null || truss.state === 'buds')
      )
    }) ?? null
  )
}

function reasonsFor(
  { plant, system, context }: { plant: Plant; system: Training; context: PruningContext },
  cuts: readonly Cut[],
  next: number | null,
): Reason<PruningRule>[] {
  const reasons: Reason<PruningRule>[] = []
  const say = (rule: PruningRule, weight: Reason['weight'], values: Reason['values'] = {}) =>
    reasons.push({ rule, values, weight })
  if (cuts.length === 0) say('prune.nothing', 'decides')
  else say('prune.system', 'decides', { system: name(system === 'pepper' ? 'pepper-bush' : system) })
  if (cuts.length > 0 && isWet(context)) say('prune.wet', 'warns')
  else if (cuts.length > 0 && rainsTomorrow(context)) say('prune.rain-tomorrow', 'warns')
  const leader = leaderNode(plant, context)
  if (leader !== null)
    say('prune.leader', 'decides', { leaf: count(leader + 1), height: length(nodeHeight(plant, 0, leader)) })
  if (plant.bush) say('prune.bush', 'supports')
  if (leavesFirstFlowers(plant, context)) say('prune.first-flowers-left', 'supports')
  const stages = stagesOf(cuts, context.date)
  if (stages.length > 1) {
    say('prune.limit', 'supports', { most: share(MOST_AT_ONCE) })
    say('prune.rescue', 'supports', { stages: count(stages.length), last: onDate(stages.at(-1)!.on) })
  }
  if (isScalding(context) && plant.height > 0) say('prune.sunscald', 'supports')
  const cutting = cuttingOf(plant, cuts, context)
  if (cutting) say('prune.cutting', 'supports', { leaf: count(cutting.node + 1) })
  if (cuts.length > 0) say('prune.clean-blade', 'supports')
  if (next !== null) say('prune.next', 'supports', { days: days(next), length: length(SHOOT_LENGTH) })
  return reasons
}
