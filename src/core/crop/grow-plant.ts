import { growthClock, type GrowthClock } from './clock'
import { dayReachedBy, leafGrownBy, type GrowthDay, type SetOut } from './growth-days'
import { leafOf, NO_LEAF, NO_SUCKER, suckerOf, trussOf } from './organs'
import { measured, type Plant, type PlantNode, type Stem } from './plant'
import type { PlantEvent, PlantMisfit } from './plant-event'
import { abortFlowers, type Flowering } from './pepper-load'
import { RAISED_INTERNODE, trussNode, type PlantTraits } from './plant-traits'
import { Told } from './told'

/** † Nodes over a sucker before it shows. Against: suckers 3–4 nodes below the tip. */
export const SHOWS_AFTER = 4
/**
 * † A side shoot makes its nodes so much slower, by each other one still more, and its first truss after so
 * many leaves. Against: nothing measured yet.
 */
const SLOWER = 1.25
const CROWDED = 0.2
export const SIDE_LEAVES = 6
/** Orders of stems that grow out: what comes in the angles of side shoots stays a bud. A pepper forks twice. */
const ORDERS = 1
const FORKS = 2
const PEPPER_SHOOTS = 2
/** Suckers under a lost tip that it no longer holds back. */
const FREED = 3

/** Nodes of one plant: where no winter ends it, it is shaded and pruned long before it has more. */
const MOST_NODES = 2500

interface Growing {
  parent: number | null
  fromNode: number | null
  /** Running °C d at its first node, and when it was cut off; Infinity: never. */
  start: number
  cut: number
  order: number
  /** Side shoots that grew when it began. */
  crowd: number
  /** Leaves before its first truss. */
  leavesToFirst: number
}

export interface GrowOptions {
  /** On which day of the days it was set out, with how much stem under the soil, m, and leaves off; null: not yet. */
  setOut?: SetOut | null
}

/**
 * A plant grown by degree-days from its emergence, with what was cut off and seen on the way. Tomatoes carry trusses
 * between leaves and may end in one; a pepper forks and flowers at each node above.
 *
 * @param days from emergence on, one after the other
 * @param events in any order: parts cut and marked, leaves and open trusses counted, height measured. What
 *   contradicts the plant is left out and told in `misfits`
 * @throws RangeError when a day's numbers are not finite
 * @example growPlant(plantTraits(cultivar), days, [{ day: 40, leaves: 10, height: null, trusses: 1 }])
 */
export function growPlant(
  traits: PlantTraits,
  days: readonly GrowthDay[],
  events: readonly PlantEvent[],
  { setOut = null }: GrowOptions = {},
): Plant {
  const clock = growthClock(traits, days, events, setOut)
  const heights = events
    .flatMap((event) =>
      'leaves' in event && event.height !== null && event.day >= 0 && event.day < days.length
        ? [{ id: event.id ?? null, day: event.day, height: event.height }]
        : [],
    )
    .sort((a, b) => a.day - b.day)
  const isRaised = ({ day }: { day: number }) => setOut !== null && day < setOut.day
  const misfits: PlantMisfit[] = []
  let stretch: Stretch = { raised: 1, grown: 1 }
  // What was raised long or short stays so; what it makes outdoors is its own.
  for (const [part, seen] of [
    ['raised', heights.findLast(isRaised)],
    ['grown', heights.findLast((each) => !isRaised(each))],
  ] as const) {
    if (!seen) continue
    const before = events.filter(({ day }) => day <= seen.day)
    const then = growParts(traits, days.slice(0, seen.day + 1), before, setOut, clock, stretch)
    const stem = then.height + then.buried
    const by = stem <= 0 ? 1 : (seen.height + then.buried) / stem
    if (by > MOST_STRETCH || by < 1 / MOST_STRETCH) misfits.push({ id: seen.id, part: null, why: 'height' })
    else stretch = { ...stretch, [part]: by }
  }
  const grown = growParts(traits, days, events, setOut, clock, stretch)
  return { ...grown, misfits: [...grown.misfits, ...misfits] }
}

/** How much longer than usual a plant's stem is: of what grew under cover, and of all of it. */
interface Stretch {
  raised: number
  grown: number
}

/** Beyond this a measured height is taken for another plant's. */
const MOST_STRETCH = 3

/** Leaves that newer ones shade out yellow and dry up: the plant holds no more leaf than its light feeds. */
function dropShaded(
  stems: readonly Stem[],
  begun: readonly Growing[],
  { leafArea, leafEvery, mostLeaves }: PlantTraits,
): void {
  const leaves: { node: PlantNode; born: number }[] = []
  let over = -mostLeaves * leafArea
  for (let stem = 0; stem < stems.length; stem++) {
    const { nodes } = stems[stem]!
    const { start } = begun[stem]!
    for (let index = 0; index < nodes.length; index++) {
      const node = nodes[index]!
      if (node.leaf.area > 0) leaves.push({ node, born: start + index * leafEvery })
      over += node.leaf.area
    }
  }
  if (over <= 0) return
  // Looked for among numbers: to put the leaves themselves in order takes as long as to grow them.
  const births = new Float64Array(leaves.length)
  for (let index = 0; index < leaves.length; index++) births[index] = leaves[index]!.born
  births.sort()
  const areaBefore = (until: number) => {
    let area = 0
    for (const { node, born } of leaves) if (born < until) area += node.leaf.area
    return area
  }
  // The youngest that goes: all that are older do not make up for what is too much.
  let [low, high] = [0, births.length - 1]
  while (low < high) {
    const middle = (low + high + 1) >> 1
    if (areaBefore(births[middle]!) < over) low = middle
    else high = middle - 1
  }
  const youngest = births[low]!
  over -= areaBefore(youngest)
  for (const { node, born } of leaves) {
    if (born > youngest || (born === youngest && over <= 0)) continue
    if (born === youngest) over -= node.leaf.area
    node.leaf = { state: node.leaf.state === 'sick' ? 'sick' : 'old', area: 0 }
  }
}

/** The plant of a clock, its stem longer or shorter than usual. */
function growParts(
  traits: PlantTraits,
  days: readonly GrowthDay[],
  events: readonly PlantEvent[],
  setOut: SetOut | null,
  { running, toFlower, misfits }: GrowthClock,
  stretch: Stretch,
): Plant {
  // While setting out lies ahead it stands in its tray, whole.
  const isOut = setOut !== null && setOut.day < days.length
  const outdoors = isOut ? (running[Math.max(0, setOut.day - 1)] ?? 0) : Infinity
  const buried = isOut ? setOut.stemBuried : 0
  const now = running[days.length - 1] ?? 0
  const leafGrown = leafGrownBy(days, running)
  const dayAt = (degreeDays: number) => days[dayReachedBy(running, degreeDays)]
  const told = new Told(events, running.slice(0, days.length), traits)
  const flowerings: Flowering[] = []
  const waiting: Growing[] = [
    {
      parent: null,
      fromNode: null,
      start: traits.toFirstLeaf,
      cut: Infinity,
      order: 0,
      crowd: 0,
      leavesToFirst: traits.leavesToFirst,
    },
  ]
  const stems: Stem[] = []
  const begun: Growing[] = []
  let nodes = 0
  while (waiting.length > 0 && nodes < MOST_NODES) {
    // The next to begin gets the next number: what comes later never changes it.
    let first = 0
    for (let index = 1; index < waiting.length; index++)
      if (waiting[index]!.start < waiting[first]!.start) first = index
    const growing = waiting[first]!
    waiting.splice(first, 1)
    for (const { order, cut } of begun) if (order > 0 && cut > growing.start) growing.crowd++
    const number = begun.push(growing) - 1
    const from = growing.parent === null ? undefined : stems[growing.parent]!.nodes[growing.fromNode!]
    if (from) from.sucker = { ...from.sucker, stem: number }
    const { stem, children } = growStem(growing, number)
    stems.push(stem)
    waiting.push(...children)
  }
  if (traits.mostSwelling !== null) abortFlowers(flowerings, traits)
  dropShaded(stems, begun, traits)
  return measured({
    crop: traits.crop,
    bush: traits.bush,
    fruitMass: traits.fruitMass,
    stems,
    buried,
    height: 0,
    width: 0,
    leafArea: 0,
    misfits: [...misfits, ...told.left()],
  })

  function growStem(growing: Growing, number: number): { stem: Stem; children: Growing[] } {
    const { parent, fromNode, start, cut, order, crowd } = growing
    const isSide = order > 0 && traits.crop === 'tomato'
    const every =
      (order > 0 ? traits.forkEvery : traits.leafEvery) * (isSide ? SLOWER * (1 + CROWDED * crowd) : 1)
    const stem: Stem = { parent, fromNode, nodes: [], ended: null }
    const children: Growing[] = []
    if (cut <= now) return { stem: { ...stem, ended: 'removed' }, children }
    const ownLast = lastNodeOf(growing)
    const tip = told.topped(number)
    const bornOf = (node: number) => start + node * every
    const last = Math.min(ownLast, tip?.node ?? Infinity)
    // In the tray suckers rest: too little light falls on them. A lost tip frees those next to it.
    const shows = (node: number) => {
      const usual = Math.max(bornOf(node + SHOWS_AFTER), setOut === null ? 0 : outdoors)
      return tip && node > tip.node - FREED ? Math.min(usual, Math.max(tip.at, bornOf(node))) : usual
    }
    let [along, under] = [0, 0]
    for (let node = 0; node <= last && bornOf(node) <= now && nodes < MOST_NODES; node++, nodes++) {
      const grownNode = growNode(growing, number, node, bornOf(node), shows(node))
      along += grownNode.internode
      // What went under the soil roots, and bears neither leaf nor shoot.
      const isUnder = order === 0 && along <= buried
      if (isUnder) under = node + 1
      stem.nodes.push(isUnder ? { ...grownNode, leaf: NO_LEAF, sucker: NO_SUCKER } : grownNode)
    }
    const made = stem.nodes.length
    const isTopped = tip !== null && made > tip.node
    if (isTopped) told.fitsTip(number)
    if (isTopped && tip.node < ownLast) stem.ended = 'topped'
    else if (made > ownLast) stem.ended = forks(order) ? 'fork' : 'truss'
    if (stem.ended === 'fork')
      for (let shoot = 0; shoot < PEPPER_SHOOTS; shoot++)
        children.push(
          childOf(made - 1, bornOf(made), shoot === 0 ? Infinity : told.taken(number, made - 1, 'sucker')),
        )
    else if (order < ORDERS && traits.crop === 'tomato')
      // Nodes that went with the tip had begun their shoots: these keep their numbers.
      for (let node = 0; node < made || (tip && node <= ownLast && bornOf(node) <= tip.at); node++) {
        const shoots = shows(node) + traits.toShoot
        if (node < under) continue
        const taken = node < made ? told.taken(number, node, 'sucker') : tip!.at
        if (shoots <= now && taken > shoots) children.push(childOf(node, shoots, taken))
      }
    return { stem, children }

    function childOf(node: number, began: number, taken: number): Growing {
      return {
        parent: number,
        fromNode: node,
        start: began,
        cut: taken,
        order: order + 1,
        crowd: 0,
        leavesToFirst: traits.crop === 'pepper' ? 0 : Math.min(SIDE_LEAVES, traits.leavesToFirst),
      }
    }
  }

  function forks(order: number): boolean {
    return traits.crop === 'pepper' && order < FORKS
  }

  /** The node at which a stem ends by itself: a pepper's shoots fork once more at once. */
  function lastNodeOf({ order, leavesToFirst }: Growing): number {
    if (traits.crop === 'pepper') return order === 0 ? traits.leavesToFirst - 1 : forks(order) ? 0 : Infinity
    return traits.stopsAfter === null
      ? Infinity
      : trussNode(leavesToFirst, traits.leavesBetween, traits.stopsAfter - 1)
  }

  function growNode(
    { leavesToFirst, order }: Growing,
    stem: number,
    node: number,
    born: number,
    shows: number,
  ): PlantNode {
    const age = now - born
    const wasStripped = stem === 0 && isOut && node < setOut.leavesStripped
    const isRaised = setOut !== null && born <= outdoors
    const taken = told.taken(stem, node, 'leaf')
    return {
      internode:
        traits.internode *
        stretch.grown *
        (isRaised ? stretch.raised * RAISED_INTERNODE : 1) *
        Math.min(1, 0.15 + age / traits.stretches),
      leaf: leafOf(
        traits,
        { now, age, vigour: leafGrown(born, Math.min(now, born + traits.leafGrows)) },
        wasStripped ? outdoors : taken,
        told.marked(stem, node, 'leaf'),
      ),
      sucker: suckerOf(
        traits,
        now,
        shows,
        order < ORDERS && traits.crop === 'tomato',
        told.taken(stem, node, 'sucker'),
        told.marked(stem, node, 'sucker'),
      ),
      truss: carriesTruss(leavesToFirst, order, node) ? growTruss(stem, node, born) : null,
    }
  }

  function growTruss(stem: number, node: number, born: number): PlantNode['truss'] {
    const seen = told.truss(stem, node)
    const opens = seen?.opens ?? born + toFlower
    const taken = told.taken(stem, node, 'truss')
    const lost = { flowers: told.lost(stem, node, 'flower'), fruit: told.lost(stem, node, 'fruit') }
    const truss = trussOf(traits, now, opens, taken, seen, lost, dayAt)
    if (traits.mostSwelling !== null) flowerings.push({ truss, opens, taken, isSeen: seen !== null })
    return truss
  }

  function carriesTruss(leavesToFirst: number, order: number, node: number): boolean {
    if (traits.crop === 'pepper') return order > 0 || node === traits.leavesToFirst - 1
    const rank = Math.round((node + 1 - leavesToFirst) / traits.leavesBetween)
    return rank >= 0 && trussNode(leavesToFirst, traits.leavesBetween, rank) === node
  }
}
