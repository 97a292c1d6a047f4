import { count, length, temperature } from '../quantity'
import type { DepthAnswer, DepthReason } from './depth-answer'
import { requireDepthInput, temperatureAt, type DepthInput } from './depth-input'
import { deepestHole, geometry, underLeaf, WARM_SOIL } from './placement'
import { GRAFT_CLEARANCE, LEAST_LEAVES, PEPPER_LIMIT } from './schools'

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
