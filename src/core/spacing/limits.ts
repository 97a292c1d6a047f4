import { SIDES } from '../facts'
import { count, length, name, type Measure } from '../quantity'
import { ARM_REACH, type CapacityInput, type Filling } from './capacity-input'
import { fill } from './filling'

export const LIMITS = ['spacing', 'edge', 'support', 'emitters', 'reach', 'taken'] as const
/** What can keep plants out of a bed. */
export type Limit = (typeof LIMITS)[number]

/** One step of a limit, m. */
const STEP = 0.05
const REACH_STEP = 0.1
const LEAST_SPACING = 0.05

/** A bed with one limit loosened by one step: what it holds then, and that step as a measure. */
interface Loosened {
  filling: Filling
  step: Measure
}

/** A limit loosened by one step; null where it does not apply. */
export function loosened(input: CapacityInput, limit: Limit): Loosened | null {
  const { edge, endEdge = edge, supportDiameter = 0, armReach = ARM_REACH } = input
  const by = (change: Partial<CapacityInput>, step: Measure): Loosened => ({
    filling: fill({ ...input, ...change }),
    step,
  })
  switch (limit) {
    case 'spacing': {
      const closer = (distance: number) => Math.max(LEAST_SPACING, rounded(distance - STEP))
      const [inRow, betweenRows] = [closer(input.inRow), closer(input.betweenRows)]
      return by({ inRow, betweenRows }, length(inRow))
    }
    case 'edge': {
      const nearer = (distance: number) => Math.max(0, rounded(distance - STEP))
      return edge + endEdge === 0
        ? null
        : by({ edge: nearer(edge), endEdge: nearer(endEdge) }, length(nearer(edge)))
    }
    case 'support': {
      const narrower = Math.max(0, rounded(supportDiameter - STEP))
      return supportDiameter === 0 ? null : by({ supportDiameter: narrower }, length(narrower))
    }
    case 'emitters':
      return oneMoreLine(input)
    case 'reach':
      return oneMoreSide(input) ?? by({ armReach: armReach + REACH_STEP }, length(armReach + REACH_STEP))
    case 'taken':
      return oneGroundLess(input)
  }
}

/** The input without a limit at all; null where it has none, or where nothing would be left to hold it. */
export function without(
  input: CapacityInput,
  limit: 'support' | 'emitters' | 'reach' | 'taken',
): CapacityInput | null {
  switch (limit) {
    case 'support':
      return input.supportDiameter ? { ...input, supportDiameter: 0 } : null
    case 'emitters':
      return input.emitters ? { ...input, emitters: undefined } : null
    case 'reach':
      return {
        ...input,
        openSides: SIDES,
        armReach: Math.min(1000, input.length + input.width),
      }
    case 'taken':
      return input.taken?.length ? { ...input, taken: [] } : null
  }
}

const rounded = (metres: number) => Math.round(metres * 1e6) / 1e6

/** The choice of a step that brings most plants, the first of those that bring as many. */
function best(choices: readonly { input: CapacityInput; step: Measure }[]): Loosened | null {
  let found: Loosened | null = null
  for (const { input, step } of choices) {
    const filling = fill(input)
    if (filling.count > (found?.filling.count ?? -1)) found = { filling, step }
  }
  return found
}

/** A drip line more, wherever it helps most: along an edge, or midway where lines of plants fit between two. */
function oneMoreLine(input: CapacityInput) {
  const { emitters, width, edge, betweenRows } = input
  if (!emitters) return null
  const lines = [...emitters.lines].sort((a, b) => a - b)
  const stops = [edge, ...lines, Math.max(edge, width - edge)]
  const midways = stops.flatMap((y, index) => {
    const next = stops[index + 1]
    return next !== undefined && next - y >= betweenRows ? [rounded((y + next) / 2)] : []
  })
  const places = new Set([stops[0]!, stops.at(-1)!, ...midways])
  return best(
    [...places].map((y) => ({
      input: { ...input, emitters: { ...emitters, lines: [...lines, y] } },
      step: length(y),
    })),
  )
}

function oneMoreSide(input: CapacityInput) {
  const closed = SIDES.filter((side) => !input.openSides.includes(side))
  return best(
    closed.map((side) => ({ input: { ...input, openSides: [...input.openSides, side] }, step: name(side) })),
  )
}

/** Of many grounds only so many are tried: one is as good as the next. */
const MOST_TRIED = 6

function oneGroundLess(input: CapacityInput) {
  const { taken = [] } = input
  return best(
    taken.slice(0, MOST_TRIED).map((_, index) => ({
      input: { ...input, taken: taken.filter((__, other) => other !== index) },
      step: count(1),
    })),
  )
}
