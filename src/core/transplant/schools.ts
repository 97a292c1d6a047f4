import { days, length, temperature } from '../quantity'
import type { DepthReason } from './depth-answer'
import { temperatureAt, type DepthInput, type DepthSchool } from './depth-input'
import { deepestHole, fits, underLeaf, WARM_SOIL } from './placement'

/** A graft union stays this far above the soil, m. */
export const GRAFT_CLEARANCE = 0.03
export const LEAST_LEAVES = 4
/** A pepper is set this much deeper than it grew at the most, m. */
export const PEPPER_LIMIT = 0.02
const SHALLOW = 0.025
/** Under this slack, d, a sturdy plant gains more by flowering sooner; over this much stem a leaf, m, it is leggy. */
const SHORT_SLACK = 21
const LEGGY = 0.05

/** The default: shallow where the season is short, a trench where the floor is cold or hard, else deep. */
export function workOut(input: DepthInput, reasons: DepthReason[]): DepthSchool {
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
export function stemToBury(input: DepthInput, school: DepthSchool, reasons: DepthReason[]): number {
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
