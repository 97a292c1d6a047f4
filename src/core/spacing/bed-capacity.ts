import type { Advice, Alternative, CautionId, Reason } from '../advice'
import { count, length } from '../quantity'
import type { CapacityInput, Position } from './capacity-input'
import { fill } from './filling'
import { loosened, LIMITS, without, type Limit } from './limits'

/** Stems from the bed's south-west corner, m; how many; and the limit that keeps more out. */
export interface Capacity {
  positions: Position[]
  count: number
  boundBy: Limit
}

export type CapacityRule =
  | `capacity.bound-${Limit}`
  | 'capacity.layout-rows'
  | 'capacity.layout-staggered'
  | 'capacity.across-another'
  | 'capacity.more'
  | `capacity.step-${Limit}`

/**
 * How many plants a bed holds, and where: the most that its limits allow, which of the limits binds, and what each
 * of them, loosened by one step, would give. Loosening a limit never costs a plant.
 *
 * Rows keep `inRow` along a line and `betweenRows` between lines; staggered lines keep every neighbour `inRow` away
 * and nothing else. A limit binds when more would fit without it; where none does, the spacing or the edge.
 *
 * @returns alternatives by limit (`school`), each with the step it takes (`costs`) and the plants it gains (`gains`)
 * @throws RangeError when a measure is out of range
 * @example bedCapacity({ length: 3, width: 1.2, inRow: 0.6, betweenRows: 0.5, edge: 0.15,
 *   openSides: ['north', 'south'] }).answer.count // 10: two lines of five
 */
export function bedCapacity(input: CapacityInput): Advice<Capacity, CapacityRule> {
  const filling = fill(input)
  const positions = filling.positions()
  const steps = LIMITS.flatMap((limit) => {
    const step = loosened(input, limit)
    return step === null ? [] : [{ limit, step: step.step, positions: step.filling.positions() }]
  })
  const boundBy = bindingLimit(
    input,
    positions.length,
    (limit) => steps.find((step) => step.limit === limit)?.positions.length,
  )
  const answer: Capacity = { positions, count: positions.length, boundBy }
  const reasons: Reason<CapacityRule>[] = [
    { rule: `capacity.bound-${boundBy}`, values: valuesOf(input, boundBy), weight: 'decides' },
    {
      rule: `capacity.layout-${filling.layout}`,
      values: { inRow: length(input.inRow), betweenRows: length(input.betweenRows) },
      weight: 'supports',
    },
  ]
  const across = pickedAcross(input, positions)
  if (across > 0)
    reasons.push({ rule: 'capacity.across-another', values: { plants: count(across) }, weight: 'warns' })
  return {
    answer,
    reasons,
    alternatives: steps.map(({ limit, step, positions: theirs }): Alternative<Capacity, CapacityRule> => ({
      school: limit,
      answer: { positions: theirs, count: theirs.length, boundBy: limit },
      gains: [
        {
          rule: 'capacity.more',
          values: { more: count(theirs.length - positions.length), count: count(theirs.length) },
          weight: 'supports',
        },
      ],
      costs: [{ rule: `capacity.step-${limit}`, values: { step }, weight: 'supports' }],
    })),
    cautions: [] satisfies CautionId[],
  }
}

/** Limits that can be lifted, in the order in which one of equals is named. */
const LIFTED = ['emitters', 'support', 'reach', 'taken'] as const

/**
 * The limit without which most plants more would fit. Where each only binds beside another, the one that alone would
 * take most; where none does, whichever of edge and spacing gains more by a step.
 */
function bindingLimit(
  input: CapacityInput,
  now: number,
  afterStep: (limit: Limit) => number | undefined,
): Limit {
  const there = LIFTED.flatMap((limit) => {
    const freed = without(input, limit)
    return freed === null ? [] : [{ limit, freed }]
  })
  let [binding, most]: [Limit | null, number] = [null, now]
  for (const { limit, freed } of there) {
    const { count: free } = fill(freed)
    if (free > most) [binding, most] = [limit, free]
  }
  if (binding) return binding
  const lift = (limits: readonly { limit: (typeof LIFTED)[number] }[]) =>
    fill(limits.reduce((freed, { limit }) => without(freed, limit) ?? freed, input)).count
  let least = lift(there)
  if (least > now)
    for (const { limit } of there) {
      const alone = lift(there.filter((other) => other.limit !== limit))
      if (alone < least) [binding, least] = [limit, alone]
    }
  return binding ?? ((afterStep('edge') ?? now) > (afterStep('spacing') ?? now) ? 'edge' : 'spacing')
}

function valuesOf(input: CapacityInput, limit: Limit): Reason['values'] {
  switch (limit) {
    case 'spacing':
      return { inRow: length(input.inRow), betweenRows: length(input.betweenRows) }
    case 'edge':
      return { edge: length(input.edge) }
    case 'support':
      return { diameter: length(input.supportDiameter!) }
    case 'emitters':
      return { spacing: length(input.emitters!.spacing) }
    case 'reach':
    case 'taken':
      return {}
  }
}

/** Plants that can only be picked across another line, though an arm reaches them. */
function pickedAcross({ openSides }: CapacityInput, positions: readonly Position[]): number {
  const ys = [...new Set(positions.map(({ y }) => y))].sort((a, b) => a - b)
  const first = openSides.includes('south') ? 1 : 0
  const last = openSides.includes('north') ? 1 : 0
  if (ys.length <= first + last || openSides.includes('east') || openSides.includes('west')) return 0
  const between = new Set(ys.slice(first, ys.length - last))
  return positions.filter(({ y }) => between.has(y)).length
}
