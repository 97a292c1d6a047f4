import type { Advice, Reason } from '../advice'
import { addDays, type IsoDate } from '../calendar'
import type { WetnessPressure } from '../climate'
import { nodeHeight, SHOOT_LENGTH, TO_SHOOT, type Plant, type Stem, type Training } from '../crop'
import { requireInRange } from '../guard'
import { count, days, length, name, share } from '../quantity'
import type { Cut, PruningRule } from './cut'

/** When and where the cutting is done. */
export interface PruningContext {
  date: IsoDate
  /** Rain of the day and the coming ones, mm. */
  rain: readonly number[]
  wetness: WetnessPressure
  daysSinceTransplant: number
  /** Days that the season has to spare. */
  seasonSlackDays: number
  /** A flower that opens later makes no ripe fruit; null: there is no such day. */
  lastUsefulFlower: IsoDate | null
  /** m above the ground; null: nothing holds it. */
  supportTop: number | null
  /** °C d a day now. */
  dailyDegreeDays: number
}

/** Of the leaf area, what one session may take; and days until the next †. */
const MOST_AT_ONCE = 0.3
const BETWEEN_SESSIONS = 7
/** † mm of rain within a day that keep leaves wet. */
const WET = 0.5
/** † Nothing under this touches soil or splash: at first, in flower, under higher trusses; more where it is wet; m. */
const CLEAR = { young: 0.2, flowering: 0.3, bearing: 0.4, wet: 0.1 }
const HIGHER_TRUSSES = 3
const CLEAR_SHARE = 0.25
/** † A sucker with so many nodes is thick at its base: its tip goes, the wound stays small. */
const THICK = 7
/** † First flowers come off so soon after setting out, or with so few leaves, in a season long enough. */
const ESTABLISHED = 10
const ENOUGH_LEAVES = 8
const LONG_SEASON = 21
/** † Over its support a stem leans by so much, m. */
const OVER_SUPPORT = 0.3

/**
 * What to cut on a plant today in a system of training: at most a third of its leaf, none of it in the wet, never a
 * bush's suckers, never the tip but to end its growth. What cannot be cut now has its day.
 *
 * @throws RangeError when a number of the context is out of range
 */
export function advisePruning(input: {
  plant: Plant
  bush: boolean
  system: Training
  context: PruningContext
}): Advice<Cut[], PruningRule> {
  const { plant, bush, system, context } = input
  requireInRange('daysSinceTransplant', context.daysSinceTransplant, 0, 1000)
  requireInRange('dailyDegreeDays', context.dailyDegreeDays, 0, 40)
  const kept = keptStems(plant, system)
  const wanted = [
    ...trusses(plant, context),
    ...(bush || plant.crop === 'pepper' ? [] : suckers(plant, system, kept)),
    ...toppings(plant, bush, kept, context),
    ...lowLeaves(plant, context),
  ]
  const dry = context.rain.findIndex((rain) => rain < WET)
  const isWet = (context.rain[0] ?? 0) >= WET
  const cuts = inSessions(plant, wanted, isWet ? addDays(context.date, Math.max(1, dry)) : null, context.date)
  return {
    answer: cuts,
    reasons: reasonsFor(input, cuts, isWet, nextVisit(plant, kept, context)),
    alternatives: [],
    cautions: cuts.length > 0 ? ['sharp-blade', 'foliage-not-food'] : [],
  }
}

const cut = (
  at: Pick<Cut, 'stem' | 'node' | 'organ' | 'action'>,
  rule: PruningRule,
  values: Reason['values'] = {},
): Cut => ({ ...at, reason: { rule, values, weight: 'decides' } })

/** The node over which the first truss hangs; null: none is there yet. */
const firstTruss = ({ nodes }: Stem): number | null => {
  const node = nodes.findIndex(({ truss }) => truss !== null)
  return node < 0 ? null : node
}

/** The stems that a system leads up: the main one, the sucker just below its first truss, and the one above that. */
function keptStems({ stems }: Plant, system: Training): Set<number> {
  const kept = new Set([0])
  for (const node of stems[0] ? reserved(stems[0], system) : []) {
    const stem = stems[0]!.nodes[node]?.sucker.stem
    if (stem !== null && stem !== undefined) kept.add(stem)
  }
  return kept
}

/** Nodes of the main stem whose suckers a system leads up, grown out or not. */
function reserved(stem: Stem, system: Training): number[] {
  const first = firstTruss(stem)
  if (first === null) return []
  return system === 'two-stems' ? [first] : system === 'three-stems' ? [first, first + 1] : []
}

function suckers(plant: Plant, system: Training, kept: ReadonlySet<number>): Cut[] {
  const isLed = system === 'single-stem' || system === 'two-stems' || system === 'three-stems'
  const first = plant.stems[0] ? firstTruss(plant.stems[0]) : null
  return [...kept].flatMap((number) =>
    plant.stems[number]!.nodes.flatMap(({ sucker }, node) => {
      if (sucker.state !== 'bud' && sucker.state !== 'shoot') return []
      if (sucker.stem !== null && (kept.has(sucker.stem) || plant.stems[sucker.stem]!.ended === 'topped'))
        return []
      if (number === 0 && reserved(plant.stems[0]!, system).includes(node)) return []
      // In a cage only what comes under the first truss goes.
      if (!isLed && (number !== 0 || first === null || node >= first)) return []
      const rule = isLed ? 'prune.sucker' : 'prune.below-truss'
      const grown = sucker.stem === null ? 0 : plant.stems[sucker.stem]!.nodes.length
      if (grown >= THICK)
        return [
          cut({ stem: sucker.stem!, node: grown - 1, organ: 'tip', action: 'tip-back' }, 'prune.sucker-big', {
            leaves: count(grown),
          }),
        ]
      return [
        cut({ stem: number, node, organ: 'sucker', action: sucker.stem === null ? 'pinch' : 'remove' }, rule),
      ]
    }),
  )
}

/** Leaves so low that they touch soil or catch its splash, under the first truss, from the base up. */
function lowLeaves(plant: Plant, { wetness }: PruningContext): Cut[] {
  const main = plant.stems[0]
  if (!main) return []
  const first = firstTruss(main) ?? main.nodes.length
  const open = main.nodes.filter(({ truss }) => truss && truss.state !== 'buds').length
  const wanted =
    (open === 0 ? CLEAR.young : open < HIGHER_TRUSSES ? CLEAR.flowering : CLEAR.bearing) +
    (wetness === 'high' ? CLEAR.wet : 0)
  // Leaf by leaf as the plant grows: a small one keeps what feeds it.
  const clear = Math.min(wanted, plant.height * CLEAR_SHARE)
  return main.nodes.flatMap(({ leaf }, node) =>
    node < first && leaf.state !== 'removed' && nodeHeight(plant, 0, node) < clear
      ? [
          cut({ stem: 0, node, organ: 'leaf', action: 'remove' }, 'prune.clear-stem', {
            clear: length(clear),
          }),
        ]
      : [],
  )
}

function trusses(plant: Plant, { daysSinceTransplant, seasonSlackDays }: PruningContext): Cut[] {
  const leaves = plant.stems.reduce(
    (sum, { nodes }) => sum + nodes.filter(({ leaf }) => leaf.state !== 'removed').length,
    0,
  )
  const isYoung =
    seasonSlackDays >= LONG_SEASON && (daysSinceTransplant < ESTABLISHED || leaves < ENOUGH_LEAVES)
  return plant.stems.flatMap((stem, number) =>
    stem.nodes.flatMap(({ truss }, node) => {
      const at = { stem: number, node, organ: 'truss' as const }
      // A pepper drops what did not set by itself.
      if (truss?.state === 'failed' && plant.crop === 'tomato')
        return [cut({ ...at, action: 'remove' }, 'prune.failed-truss')]
      if (isYoung && truss?.state === 'open') return [cut({ ...at, action: 'pinch' }, 'prune.first-flowers')]
      return []
    }),
  )
}

function toppings(
  plant: Plant,
  bush: boolean,
  kept: ReadonlySet<number>,
  { date, lastUsefulFlower, supportTop }: PruningContext,
): Cut[] {
  if (bush || plant.crop === 'pepper') return []
  const isLate = lastUsefulFlower !== null && date >= lastUsefulFlower
  return [...kept].flatMap((number) => {
    const { nodes, ended } = plant.stems[number]!
    if (ended !== null || nodes.length === 0) return []
    const at = { stem: number, node: nodes.length - 1, organ: 'tip' as const, action: 'remove' as const }
    if (isLate) return [cut(at, 'prune.top-season')]
    return supportTop !== null && nodeHeight(plant, number, nodes.length - 1) > supportTop + OVER_SUPPORT
      ? [cut(at, 'prune.top-support', { top: length(supportTop) })]
      : []
  })
}

/** Leaf area that a cut takes, m². */
function areaOf(plant: Plant, { stem, node, organ }: Cut): number {
  if (organ === 'leaf') return plant.stems[stem]!.nodes[node]!.leaf.area
  if (organ !== 'sucker') return 0
  const own = plant.stems[stem]!.nodes[node]!.sucker.stem
  return own === null ? 0 : stemArea(plant, own)
}

const stemArea = (plant: Plant, number: number): number =>
  plant.stems[number]!.nodes.reduce((sum, { leaf }) => sum + leaf.area, 0)

/** The cuts by session: as many as leave the plant its leaf, the others a week later each. */
function inSessions(plant: Plant, wanted: readonly Cut[], dry: IsoDate | null, date: IsoDate): Cut[] {
  const start = dry ?? date
  let [session, taken, left] = [0, 0, plant.leafArea]
  return wanted.map((one) => {
    const area = areaOf(plant, one)
    // A single part may be more than a session's share: it goes alone.
    if (taken > 0 && taken + area > left * MOST_AT_ONCE) {
      session++
      left -= taken
      taken = 0
    }
    taken += area
    const on = addDays(start, session * BETWEEN_SESSIONS)
    return on > date ? { ...one, due: on } : one
  })
}

/** Days until the next sucker is 5 cm long. */
function nextVisit(
  plant: Plant,
  kept: ReadonlySet<number>,
  { dailyDegreeDays }: PruningContext,
): number | null {
  if (dailyDegreeDays <= 0) return null
  const open = [...kept].flatMap((number) =>
    plant.stems[number]!.nodes.filter(({ sucker }) => sucker.state === 'dormant'),
  )
  return open.length === 0 ? null : Math.ceil(TO_SHOOT / dailyDegreeDays)
}

function reasonsFor(
  { bush, system }: { bush: boolean; system: Training },
  cuts: readonly Cut[],
  isWet: boolean,
  next: number | null,
): Reason<PruningRule>[] {
  const reasons: Reason<PruningRule>[] = [
    cuts.length === 0
      ? { rule: 'prune.nothing', values: {}, weight: 'decides' }
      : { rule: 'prune.system', values: { system: name(system) }, weight: 'decides' },
  ]
  if (isWet && cuts.length > 0) reasons.push({ rule: 'prune.wet', values: {}, weight: 'warns' })
  if (bush) reasons.push({ rule: 'prune.bush', values: {}, weight: 'supports' })
  if (!isWet && cuts.some(({ due }) => due !== undefined))
    reasons.push({ rule: 'prune.limit', values: { most: share(MOST_AT_ONCE) }, weight: 'supports' })
  if (cuts.length > 0) reasons.push({ rule: 'prune.clean-blade', values: {}, weight: 'supports' })
  if (next !== null && !bush)
    reasons.push({
      rule: 'prune.next',
      values: { days: days(next), length: length(SHOOT_LENGTH) },
      weight: 'supports',
    })
  return reasons
}
