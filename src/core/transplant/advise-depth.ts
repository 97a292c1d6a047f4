import type { Advice, Alternative } from '../advice'
import { count, days, length, temperature } from '../quantity'
import type { DepthAnswer, DepthReason, DepthRule } from './depth-answer'
import {
  DEPTH_SCHOOLS,
  requireDepthInput,
  temperatureAt,
  type DepthInput,
  type DepthSchool,
} from './depth-input'
import { LEAST_GROWTH } from './leaves'
import { deepestHole, fits, geometry, trenchDepth, WARM_SOIL } from './placement'
import { LEAST_LEAVES, stemToBury, workOut } from './schools'

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
  if (input.dailyDegreeDays < LEAST_GROWTH)
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

/** Less than this is the same day, d. */
const HALF_A_DAY = 0.5

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
  if (later <= -HALF_A_DAY)
    gains.push({ rule: 'depth.flowers-sooner', values: { days: days(-later) }, weight: supports })
  if (later >= HALF_A_DAY)
    costs.push({ rule: 'depth.flowers-later', values: { days: days(later) }, weight: supports })
  if (gains.length + costs.length === 0) gains.push({ rule: 'depth.same', values: {}, weight: supports })
  return { school, answer, gains, costs }
}
