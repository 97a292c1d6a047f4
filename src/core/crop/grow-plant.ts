import {
  anchor,
  dayReachedBy,
  runningGrowth,
  type GrowthDay,
  type PlantEvent,
  type SetOut,
} from './growth-days'
import { leafOf, suckerOf, TO_SHOOT, trussOf } from './organs'
import {
  nodeHeight,
  type Leaf,
  type Plant,
  type PlantCut,
  type PlantNode,
  type Stem,
  type Sucker,
} from './plant'
import type { PlantTraits } from './plant-traits'

/** † Of its full length, an internode grown close under cover. */
const RAISED_INTERNODE = 0.45
/** † Nodes over a sucker before it shows. */
const SHOWS_AFTER = 4
/** † A side shoot makes its nodes so much slower, and its first truss after so many leaves. */
const SLOWER = 1.25
const SIDE_LEAVES = 6
/** † Orders of stems that grow out: what comes in the angles of side shoots stays a bud. */
const ORDERS = 1
/** † A node's stem is as long as it gets after so many °C d. */
const STRETCHES = 120
const PEPPER_SHOOTS = 2

interface Growing {
  parent: number | null
  fromNode: number | null
  /** Running °C d at its first node, and when it was cut off or topped; Infinity: never. */
  start: number
  cut: number
  topped: number
  order: number
  /** Leaves before its first truss. */
  leavesToFirst: number
}

/**
 * A plant grown by degree-days from its emergence, with what was cut off on the way. Tomatoes carry trusses between
 * leaves and may end in one; a pepper forks and flowers at each node above.
 *
 * @param days from emergence on, one after the other
 * @param events in any order; a cut of a part that is not there is told in `misfits`; leaves that were counted move
 *   its clock, a height stretches its stem
 * @param setOut on which day of `days`, with how much stem under the soil, m, and leaves off; null: it was not
 * @throws RangeError when a day's numbers are not finite
 */
export function growPlant(
  traits: PlantTraits,
  days: readonly GrowthDay[],
  events: readonly PlantEvent[],
  setOut: SetOut | null,
): Plant {
  const seen = events.flatMap((event) => ('cuts' in event ? [] : [event])).sort((a, b) => a.day - b.day)
  const running = runningGrowth(days, setOut?.day ?? null)
  for (const { day, leaves } of seen) if (leaves !== null) anchor(running, day, leaves, traits)
  const outdoors = setOut === null ? Infinity : (running[Math.max(0, setOut.day - 1)] ?? 0)
  const now = running.at(-1) ?? 0
  const dayAt = (degreeDays: number) => days[dayReachedBy(running, degreeDays)]
  const stretch = stretchOf(traits, days, events, setOut)
  const cuts = events.flatMap((event) => {
    if (!('cuts' in event)) return []
    const { day, cuts: taken } = event
    const at = running[Math.min(Math.max(0, day), running.length - 1)] ?? 0
    return taken.map((cut) => ({ ...cut, at }))
  })
  const used = new Set<(typeof cuts)[number]>()
  const cutOf = (stem: number, node: number, organ: PlantCut['organ']) => {
    const found = cuts.find((cut) => cut.stem === stem && cut.node === node && cut.organ === organ)
    if (found) used.add(found)
    return found?.at ?? Infinity
  }
  const tipOf = (stem: number) => {
    const found = cuts.find((cut) => cut.stem === stem && cut.organ === 'tip')
    if (found) used.add(found)
    return found?.at ?? Infinity
  }
  const waiting: Growing[] = [
    {
      parent: null,
      fromNode: null,
      start: traits.toFirstLeaf,
      cut: Infinity,
      topped: Infinity,
      order: 0,
      leavesToFirst: traits.leavesToFirst,
    },
  ]
  const stems: Stem[] = []
  while (waiting.length > 0) {
    // The next to begin gets the next number: what comes later never changes it.
    let first = 0
    waiting.forEach(({ start }, index) => {
      if (start < waiting[first]!.start) first = index
    })
    const [growing] = waiting.splice(first, 1) as [Growing]
    const number = stems.length
    const { parent, fromNode } = growing
    if (parent !== null) stems[parent]!.nodes[fromNode!]!.sucker.stem = number
    const topped = Math.min(growing.topped, tipOf(number))
    const grown = growStem({ ...growing, topped }, number)
    stems.push(grown.stem)
    waiting.push(...grown.children)
  }
  const plant: Plant = {
    crop: traits.crop,
    stems,
    buried: setOut?.stemBuried ?? 0,
    height: 0,
    leafArea: 0,
    misfits: [],
  }
  stems.forEach(({ nodes }, stem) => {
    if (nodes.length > 0) plant.height = Math.max(plant.height, nodeHeight(plant, stem, nodes.length - 1))
    for (const { leaf } of nodes) plant.leafArea += leaf.area
  })
  plant.misfits = cuts.filter((cut) => !used.has(cut)).map(({ stem, node, organ }) => ({ stem, node, organ }))
  return plant

  function growStem(growing: Growing, number: number): { stem: Stem; children: Growing[] } {
    const { parent, fromNode, start, cut, topped, order } = growing
    const every = traits.leafEvery * (order === 0 ? 1 : SLOWER)
    const stem: Stem = { parent, fromNode, nodes: [], ended: null }
    const children: Growing[] = []
    if (cut <= now) return { stem: { ...stem, ended: 'removed' }, children }
    const last = lastNodeOf(growing)
    const isFork = traits.crop === 'pepper' && order === 0
    const until = Math.min(now, topped)
    // In the tray suckers rest: too little light falls on them.
    const shows = (node: number) =>
      Math.max(start + (node + SHOWS_AFTER) * every, setOut === null ? 0 : outdoors)
    let along = 0
    for (let node = 0; node <= last && start + node * every <= until; node++) {
      const born = start + node * every
      const grownNode = growNode(growing, number, node, born, shows(node))
      along += grownNode.internode
      // What went under the soil roots, and bears neither leaf nor shoot.
      const isUnder = order === 0 && along <= (setOut?.stemBuried ?? 0)
      stem.nodes.push(isUnder ? { ...grownNode, leaf: NO_LEAF, sucker: NO_SUCKER } : grownNode)
    }
    const made = stem.nodes.length
    if (topped <= now) stem.ended = 'topped'
    else if (made > last) stem.ended = isFork ? 'fork' : 'truss'
    if (isFork && stem.ended === 'fork')
      for (let shoot = 0; shoot < PEPPER_SHOOTS; shoot++)
        children.push(childOf(number, made - 1, start + made * every, Infinity))
    else if (order < ORDERS && !isFork)
      stem.nodes.forEach((node, index) => {
        const shoots = shows(index) + TO_SHOOT
        const taken = node.sucker === NO_SUCKER ? 0 : cutOf(number, index, 'sucker')
        // A stem that is topped or has ended no longer holds its suckers back.
        if (shoots <= now && taken > shoots) children.push(childOf(number, index, shoots, taken))
      })
    return { stem, children }

    function childOf(from: number, node: number, began: number, taken: number): Growing {
      return {
        parent: from,
        fromNode: node,
        start: began,
        cut: taken,
        topped: Infinity,
        order: order + 1,
        leavesToFirst: traits.crop === 'pepper' ? 0 : Math.min(SIDE_LEAVES, traits.leavesToFirst),
      }
    }
  }

  /** The node at which a stem ends by itself. */
  function lastNodeOf({ order, leavesToFirst }: Growing): number {
    if (traits.crop === 'pepper') return order === 0 ? traits.leavesToFirst - 1 : Infinity
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
    return {
      internode:
        traits.internode *
        stretch *
        (setOut !== null && born <= outdoors ? RAISED_INTERNODE : 1) *
        Math.min(1, 0.15 + age / STRETCHES),
      leaf: leafOf(
        traits,
        now,
        age,
        stem === 0 && setOut && node < setOut.leavesStripped ? outdoors : cutOf(stem, node, 'leaf'),
      ),
      sucker: suckerOf(now, shows, order < ORDERS, cutOf(stem, node, 'sucker')),
      truss: carriesTruss(leavesToFirst, order, node)
        ? trussOf(traits, now, born, cutOf(stem, node, 'truss'), dayAt)
        : null,
    }
  }

  function carriesTruss(leavesToFirst: number, order: number, node: number): boolean {
    if (traits.crop === 'pepper') return order > 0 || node === traits.leavesToFirst - 1
    const rank = Math.round((node + 1 - leavesToFirst) / traits.leavesBetween)
    return rank >= 0 && trussNode(leavesToFirst, traits.leavesBetween, rank) === node
  }
}
const NO_LEAF: Leaf = { state: 'removed', area: 0 }
const NO_SUCKER: Sucker = { state: 'removed', length: 0, stem: null }
/** The node over which truss `rank` hangs, from 0. */
const trussNode = (leavesToFirst: number, between: number, rank: number) =>
  Math.max(0, Math.floor(leavesToFirst + rank * between + 1e-9) - 1)

/** By how much longer or shorter than usual the stem was when it was last measured. */
function stretchOf(
  traits: PlantTraits,
  days: readonly GrowthDay[],
  events: readonly PlantEvent[],
  setOut: SetOut | null,
): number {
  const measured = events
    .flatMap((event) =>
      'cuts' in event || event.height === null ? [] : [{ day: event.day, height: event.height }],
    )
    .sort((a, b) => a.day - b.day)
    .at(-1)
  if (!measured) return 1
  const before = events
    .filter(({ day }) => day <= measured.day)
    .map((event) => ('cuts' in event ? event : { ...event, height: null }))
  const usual = growPlant(traits, days.slice(0, measured.day + 1), before, setOut)
  const stem = usual.height + usual.buried
  return stem <= 0
    ? 1
    : Math.min(MOST_STRETCH, Math.max(1 / MOST_STRETCH, (measured.height + usual.buried) / stem))
}
/** † Beyond this a measure is taken for another plant's. */
const MOST_STRETCH = 2.5
