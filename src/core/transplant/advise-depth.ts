import type { Advice, Alternative, Reason } from '../advice'
import { count, days, length, temperature } from '../quantity'
import {
  DEPTH_SCHOOLS,
  requireDepthInput,
  temperatureAt,
  type DepthInput,
  type DepthSchool,
} from './depth-input'
import { strippingDelay } from './leaves'

/** How a plant goes in: m, d. */
export interface DepthAnswer {
  method: 'upright' | 'trench'
  stemBuried: number
  holeDepth: number
  trenchLength: number | null
  /** Indexes into `leafHeights`. */
  leavesToStrip: number[]
  leavesKept: number
  delayDays: number
  /** Why not to plant now. */
  wait?: 'cold-soil' | 'no-growth' | 'shallow-soil'
}

export type DepthRule =
  | 'depth.long-season'
  | 'depth.short-season'
  | 'depth.leggy'
  | 'depth.floor-warm'
  | 'depth.floor-cold'
  | 'depth.floor-hard'
  | 'depth.trench-warm'
  | 'depth.trench-no'
  | 'depth.pepper-level'
  | 'depth.graft-clear'
  | 'depth.graft-too-low'
  | 'depth.leaves-kept'
  | 'depth.few-leaves'
  | 'depth.clipped'
  | 'depth.wait-cold'
  | 'depth.wait-no-growth'
  | 'depth.wait-shallow'
  | 'depth.rooting-gained'
  | 'depth.rooting-lost'
  | 'depth.flowers-sooner'
  | 'depth.flowers-later'
  | 'depth.same'

type DepthReason = Reason<DepthRule>

/** Nothing is planted into soil colder than this, °C, nor within this of the workable soil's floor, m. */
export const WARM_SOIL = 16
const FLOOR_CLEARANCE = 0.05
/** Soil stays this far under the lowest leaf kept, and under a graft union, m. */
const LEAF_CLEARANCE = 0.01
const GRAFT_CLEARANCE = 0.03
const LEAST_LEAVES = 4
const PEPPER_LIMIT = 0.02
const SHALLOW = 0.025
const LEAST_TRENCH = 0.08
const TRENCH_OVER_ROOT_BALL = 0.03
/** Under this slack, d, a sturdy plant gains more by flowering sooner; over this much stem a leaf, m, it is leggy. */
const SHORT_SLACK = 21
const LEGGY = 0.05

/**
 * How deep to plant, and how: upright or in a trench, how much stem to bury, which leaves to strip; with what
 * the other schools would do. Tomato stems root where they are buried, pepper stems hardly do.
 *
 * @returns lengths in m, `delayDays` in d; `wait` when nothing should be planted now, the rest then being the
 *   plant as it stands
 * @throws RangeError naming the parameter that is out of range
 */
export function adviseDepth(input: DepthInput): Advice<DepthAnswer, DepthRule> {
  requireDepthInput(input)
  const chosen = input.school ?? 'worked-out'
  const { answer, reasons } = decide(input, chosen)
  const others = (['worked-out', ...DEPTH_SCHOOLS] as const).filter((school) => school !== chosen)
  const alternatives =
    answer.wait === undefined ? others.map((school) => alternative(input, school, answer)) : []
  return { answer, reasons, alternatives, cautions: ['buried-lines', 'heat-work'] }
}

type Decision = { answer: DepthAnswer; reasons: DepthReason[] }

function decide(input: DepthInput, school: 'worked-out' | DepthSchool): Decision {
  const blocked = reasonToWait(input)
  if (blocked) return blocked
  const reasons: DepthReason[] = []
  const chosen = school === 'worked-out' ? workOut(input, reasons) : school
  const wanted = stemToBury(input, chosen, reasons)

  // Where not even the root ball fits upright, the plant that need not wait is laid.
  const mustLie = !fits(input, input.rootBallDepth)
  const inTrench = (chosen === 'trench' || mustLie) && layInTrench(input, wanted, reasons)
  const answer = inTrench || setUpright(input, wanted, reasons)
  if (answer.leavesToStrip.length > 0)
    reasons.push({
      rule: 'depth.leaves-kept',
      values: {
        kept: count(answer.leavesKept),
        stripped: count(answer.leavesToStrip.length),
        delay: days(answer.delayDays),
      },
      weight: 'supports',
    })
  else if (input.leafHeights.length <= LEAST_LEAVES && input.crop === 'tomato')
    reasons.push({
      rule: 'depth.few-leaves',
      values: { leaves: count(input.leafHeights.length) },
      weight: 'supports',
    })
  return { answer, reasons }
}

/** Nothing grows, or not even the root ball fits into workable soil that is warm. */
function reasonToWait(input: DepthInput): Decision | null {
  const { rootBallDepth, soilDepth, soilTemperatures } = input
  const wait = (why: NonNullable<DepthAnswer['wait']>, reason: DepthReason): Decision => ({
    answer: { ...geometry(input, 0), holeDepth: Math.min(rootBallDepth, soilDepth), wait: why },
    reasons: [reason],
  })
  if (input.dailyDegreeDays === 0)
    return wait('no-growth', { rule: 'depth.wait-no-growth', values: {}, weight: 'decides' })
  const trench = trenchDepth(input)
  const shallowest =
    input.crop === 'tomato' && !input.grafted ? Math.min(rootBallDepth, trench) : rootBallDepth
  if (shallowest > deepestHole(soilDepth))
    return wait('shallow-soil', {
      rule: 'depth.wait-shallow',
      values: { soil: length(soilDepth), rootBall: length(shallowest) },
      weight: 'decides',
    })
  const floor = temperatureAt(shallowest, soilTemperatures)
  if (floor < WARM_SOIL)
    return wait('cold-soil', {
      rule: 'depth.wait-cold',
      values: { soil: temperature(floor), depth: length(shallowest), limit: temperature(WARM_SOIL) },
      weight: 'decides',
    })
  return null
}

const deepestHole = (soilDepth: number) => soilDepth - FLOOR_CLEARANCE
const trenchDepth = ({ rootBallWidth }: DepthInput) =>
  Math.max(LEAST_TRENCH, rootBallWidth + TRENCH_OVER_ROOT_BALL)
const fits = (input: DepthInput, hole: number) =>
  hole <= deepestHole(input.soilDepth) + 1e-9 && temperatureAt(hole, input.soilTemperatures) >= WARM_SOIL

/** The default: shallow where the season is short, a trench where the floor is cold or hard, else deep. */
function workOut(input: DepthInput, reasons: DepthReason[]): DepthSchool {
  if (input.crop === 'pepper') return 'shallow'
  const perLeaf = input.stemHeight / Math.max(1, input.leafHeights.length)
  const isLeggy = perLeaf > LEGGY
  const isShort = input.seasonSlackDays < SHORT_SLACK
  const slack = { slack: days(input.seasonSlackDays), limit: days(SHORT_SLACK) }
  if (isShort && !isLeggy) {
    reasons.push({ rule: 'depth.short-season', values: slack, weight: 'decides' })
    return 'shallow'
  }
  const hole = input.rootBallDepth + stemToBury(input, 'deep', [])
  const floor = { floor: temperature(temperatureAt(hole, input.soilTemperatures)), depth: length(hole) }
  const legginess: DepthReason = {
    rule: 'depth.leggy',
    values: { perLeaf: length(perLeaf) },
    weight: 'supports',
  }
  if (fits(input, hole)) {
    reasons.push({
      rule: isShort ? 'depth.leggy' : 'depth.long-season',
      values: { ...slack, perLeaf: length(perLeaf) },
      weight: 'decides',
    })
    reasons.push({ rule: 'depth.floor-warm', values: floor, weight: 'supports' })
    if (isLeggy && !isShort) reasons.push(legginess)
    return 'deep'
  }
  reasons.push(
    hole > deepestHole(input.soilDepth)
      ? {
          rule: 'depth.floor-hard',
          values: { depth: length(hole), soil: length(input.soilDepth) },
          weight: 'decides',
        }
      : { rule: 'depth.floor-cold', values: { ...floor, limit: temperature(WARM_SOIL) }, weight: 'decides' },
  )
  if (isLeggy) reasons.push(legginess)
  return 'trench'
}

/** How much stem a school wants under the soil, held to what crop, leaves and graft allow; m. */
function stemToBury(input: DepthInput, school: DepthSchool, reasons: DepthReason[]): number {
  const { leafHeights, stemHeight } = input
  const leaves = leafHeights.length
  const upTo = (kept: number) =>
    underLeaf(leafHeights[Math.max(0, leaves - Math.max(LEAST_LEAVES, kept))] ?? 0)
  const bySchool: Record<DepthSchool, () => number> = {
    deep: () => upTo(5),
    'two-thirds': () => Math.min((2 / 3) * stemHeight, upTo(LEAST_LEAVES)),
    'first-fork': () => upTo(leaves - 3),
    shallow: () => Math.min(SHALLOW, upTo(LEAST_LEAVES)),
    trench: () => upTo(LEAST_LEAVES),
  }
  let buried = bySchool[school]()
  if (input.crop === 'pepper') {
    reasons.push({ rule: 'depth.pepper-level', values: { limit: length(PEPPER_LIMIT) }, weight: 'decides' })
    buried = school === 'shallow' ? 0 : Math.min(buried, PEPPER_LIMIT)
  }
  if (input.grafted) {
    const union = input.graftHeight ?? 0
    const most = Math.max(0, union - GRAFT_CLEARANCE)
    const values = { union: length(union), clearance: length(GRAFT_CLEARANCE) }
    reasons.push({
      rule: union < GRAFT_CLEARANCE ? 'depth.graft-too-low' : 'depth.graft-clear',
      values,
      weight: 'decides',
    })
    buried = Math.min(buried, most)
  }
  return buried
}

const underLeaf = (height: number) => Math.max(0, height - LEAF_CLEARANCE)

/** The plant laid in a trench, or false when a trench does not suit it. */
function layInTrench(input: DepthInput, buried: number, reasons: DepthReason[]): DepthAnswer | false {
  const depth = trenchDepth(input)
  if (input.crop === 'pepper' || input.grafted || !fits(input, depth)) {
    reasons.push({ rule: 'depth.trench-no', values: { depth: length(depth) }, weight: 'warns' })
    return false
  }
  const floor = temperature(temperatureAt(depth, input.soilTemperatures))
  reasons.push({ rule: 'depth.trench-warm', values: { floor, depth: length(depth) }, weight: 'supports' })
  return {
    ...geometry(input, buried),
    method: 'trench',
    holeDepth: depth,
    trenchLength: input.rootBallDepth + buried,
  }
}

/** The plant set upright, no deeper than the soil is workable and warm. */
function setUpright(input: DepthInput, wanted: number, reasons: DepthReason[]): DepthAnswer {
  let buried = wanted
  if (!fits(input, input.rootBallDepth + wanted)) {
    buried = deepestFit(input, wanted)
    reasons.push({
      rule: 'depth.clipped',
      values: { wanted: length(wanted), buried: length(buried) },
      weight: 'warns',
    })
  }
  return geometry(input, buried)
}

/** The most stem, in steps of 1 mm, whose hole and every shallower one fit; m. */
function deepestFit(input: DepthInput, wanted: number): number {
  let buried = 0
  for (let step = 1; step <= Math.floor(wanted * 1000); step++) {
    if (!fits(input, input.rootBallDepth + step / 1000)) break
    buried = step / 1000
  }
  return buried
}

/** What follows from burying so much stem upright. */
function geometry(input: DepthInput, buried: number): DepthAnswer {
  const leavesToStrip = input.leafHeights.flatMap((height, index) =>
    buried > 0 && underLeaf(height) < buried - 1e-9 ? [index] : [],
  )
  const leaves = input.leafHeights.length
  return {
    method: 'upright',
    stemBuried: buried,
    holeDepth: input.rootBallDepth + buried,
    trenchLength: null,
    leavesToStrip,
    leavesKept: leaves - leavesToStrip.length,
    delayDays:
      input.dailyDegreeDays > 0 ? strippingDelay(leaves, leavesToStrip.length, input.dailyDegreeDays) : 0,
  }
}

function alternative(
  input: DepthInput,
  school: 'worked-out' | DepthSchool,
  than: DepthAnswer,
): Alternative<DepthAnswer, DepthRule> {
  const { answer, reasons } = decide(input, school)
  const deeper = answer.stemBuried - than.stemBuried
  const later = answer.delayDays - than.delayDays
  const gains: DepthReason[] = []
  const costs: DepthReason[] = reasons.filter(({ weight }) => weight === 'warns')
  const supports = 'supports' as const
  if (deeper > 0.001)
    gains.push({ rule: 'depth.rooting-gained', values: { length: length(deeper) }, weight: supports })
  if (deeper < -0.001)
    costs.push({ rule: 'depth.rooting-lost', values: { length: length(-deeper) }, weight: supports })
  if (later < -0.05)
    gains.push({ rule: 'depth.flowers-sooner', values: { days: days(-later) }, weight: supports })
  if (later > 0.05)
    costs.push({ rule: 'depth.flowers-later', values: { days: days(later) }, weight: supports })
  if (gains.length + costs.length === 0) gains.push({ rule: 'depth.same', values: {}, weight: supports })
  return { school, answer, gains, costs }
}

/**
 * The plant set with so much stem buried, whatever a school would say: what dragging the depth shows.
 *
 * @param buried m; held to 0 … the height under the topmost leaf
 * @returns the answer, and whether crop, soil, graft and leaves bear it
 * @throws RangeError naming the parameter that is out of range
 */
export function depthAt(input: DepthInput, buried: number): { answer: DepthAnswer; problems: DepthReason[] } {
  requireDepthInput(input)
  const held = Math.max(0, Math.min(buried, underLeaf(input.leafHeights.at(-1) ?? input.stemHeight)))
  const answer = geometry(input, held)
  const problems: DepthReason[] = []
  const floor = temperatureAt(answer.holeDepth, input.soilTemperatures)
  const warns = 'warns' as const
  if (answer.holeDepth > deepestHole(input.soilDepth))
    problems.push({
      rule: 'depth.floor-hard',
      values: { depth: length(answer.holeDepth), soil: length(input.soilDepth) },
      weight: warns,
    })
  if (floor < WARM_SOIL)
    problems.push({
      rule: 'depth.floor-cold',
      values: { floor: temperature(floor), depth: length(answer.holeDepth), limit: temperature(WARM_SOIL) },
      weight: warns,
    })
  if (input.crop === 'pepper' && held > PEPPER_LIMIT)
    problems.push({ rule: 'depth.pepper-level', values: { limit: length(PEPPER_LIMIT) }, weight: warns })
  if (input.grafted && held > Math.max(0, (input.graftHeight ?? 0) - GRAFT_CLEARANCE))
    problems.push({
      rule: 'depth.graft-clear',
      values: { union: length(input.graftHeight ?? 0), clearance: length(GRAFT_CLEARANCE) },
      weight: warns,
    })
  if (answer.leavesKept < Math.min(LEAST_LEAVES, input.leafHeights.length))
    problems.push({ rule: 'depth.few-leaves', values: { leaves: count(answer.leavesKept) }, weight: warns })
  return { answer, problems }
}
