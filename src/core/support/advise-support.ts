import type { Advice, Alternative, CautionId, Reason } from '../advice'
import { SUPPORTS, type Support } from '../facts'
import { count, duration, length, name, speed, thickness } from '../quantity'
import { planOf } from './plans'
import { DEEPEST } from './post'
import { requireSupportCase, type SupportCase, type SupportPlan } from './support-case'
import { breakDrops } from './weave'
import { gustAt } from './wind'

export type SupportRule =
  | 'support.suits-well'
  | 'support.suits-can'
  | 'support.suits-no'
  | 'support.wind'
  | 'support.calm'
  | 'support.anchor'
  | 'support.break'
  | 'support.wet'
  | 'support.less-work'
  | 'support.more-work'
  | 'support.lasts-longer'
  | 'support.lasts-shorter'
  | 'support.fewer-fall'
  | 'support.more-fall'
  | 'support.holds-less'
  | 'support.suits-better'
  | 'support.suits-worse'

const RANK = { well: 2, can: 1, no: 0 } as const

/**
 * How to hold these plants up: the system asked for, or the one that suits best with the least work, with posts
 * that bear the wind, strings, ties and what it takes; and every other system with what it gains and costs.
 *
 * @throws RangeError naming the parameter that is out of its bounds
 */
export function adviseSupport(input: SupportCase & { system?: Support }): Advice<SupportPlan, SupportRule> {
  requireSupportCase(input)
  // Length and bay are the chosen system's own; another stands as it usually does.
  const others = { ...input, aboveGround: undefined, plantsPerBay: undefined }
  const plans = SUPPORTS.map((system) => planOf(system, system === input.system ? input : others))
  const answer = plans.find(({ system }) => system === input.system) ?? bestOf(plans)
  return {
    answer,
    reasons: reasonsFor(answer, input),
    alternatives: plans
      .filter((plan) => plan.system !== answer.system)
      .map((plan): Alternative<SupportPlan, SupportRule> => ({
        school: plan.system,
        answer: plan,
        ...against(plan, answer),
      })),
    cautions: cautionsFor(answer),
  }
}

const bestOf = (plans: readonly SupportPlan[]) =>
  plans.reduce((best, plan) =>
    RANK[plan.suits] > RANK[best.suits] ||
    (plan.suits === best.suits && plan.minutes < best.minutes && !plan.anchored)
      ? plan
      : best,
  )

function reasonsFor(plan: SupportPlan, input: SupportCase): Reason<SupportRule>[] {
  const reasons: Reason<SupportRule>[] = [
    {
      rule: `support.suits-${plan.suits}`,
      values: {
        system: name(`by-${plan.system}`),
        habit: name(input.cultivar.habit ?? input.cultivar.crop),
        training: name(input.training),
      },
      weight: plan.suits === 'no' ? 'warns' : 'decides',
    },
  ]
  if (plan.post) {
    const gust = gustAt(input.gust, 10, Math.min(input.canopyHeight, plan.aboveGround)) * input.shelter
    reasons.push(
      plan.force > 0
        ? {
            rule: 'support.wind',
            values: {
              gust: speed(gust),
              embedment: length(plan.post.embedment),
              diameter: thickness(plan.post.diameter),
            },
            weight: 'supports',
          }
        : { rule: 'support.calm', values: { embedment: length(plan.post.embedment) }, weight: 'supports' },
    )
    if (plan.anchored)
      reasons.push({
        rule: 'support.anchor',
        values: { deepest: length(Math.min(DEEPEST, input.groundDepth ?? DEEPEST)) },
        weight: 'warns',
      })
  }
  if (plan.system === 'weave') {
    const { plants, plantsPerBay = 3, weave = 'sectional' } = input
    const other = weave === 'sectional' ? 'continuous' : 'sectional'
    const row = { plants, plantsPerBay, sectional: other === 'sectional' }
    reasons.push({
      rule: 'support.break',
      values: {
        plants: count(plan.drops),
        other: name(other),
        others: count(breakDrops(row)),
        twine: length(Math.ceil(twineOf(plan))),
        otherTwine: length(Math.ceil(twineOf(planOf('weave', { ...input, weave: other })))),
      },
      weight: 'supports',
    })
  }
  if (plan.system === 'none' && input.wetness !== 'low')
    reasons.push({ rule: 'support.wet', values: { wetness: name(input.wetness) }, weight: 'warns' })
  return reasons
}

const twineOf = ({ needs }: SupportPlan) => needs.find(({ kind }) => kind === 'twine')?.quantity ?? 0

/** What another plan gains and costs against the answer. */
function against(plan: SupportPlan, answer: SupportPlan) {
  const gains: Reason<SupportRule>[] = []
  const costs: Reason<SupportRule>[] = []
  const add = (list: typeof gains, rule: SupportRule, values: Reason['values'] = {}) =>
    list.push({ rule, values, weight: 'supports' })
  const suit = RANK[plan.suits] - RANK[answer.suits]
  if (suit > 0) add(gains, 'support.suits-better')
  if (suit < 0) add(costs, 'support.suits-worse')
  const minutes = plan.minutes - answer.minutes
  if (minutes <= -5) add(gains, 'support.less-work', { work: duration(-minutes * 60) })
  if (minutes >= 5) add(costs, 'support.more-work', { work: duration(minutes * 60) })
  if (plan.life > answer.life) add(gains, 'support.lasts-longer', { seasons: count(plan.life) })
  if (plan.life < answer.life && plan.life > 0)
    add(costs, 'support.lasts-shorter', { seasons: count(plan.life) })
  if (plan.drops > answer.drops) add(costs, 'support.more-fall', { plants: count(plan.drops) })
  if (plan.drops < answer.drops && plan.system !== 'none')
    add(gains, 'support.fewer-fall', { plants: count(plan.drops) })
  if (plan.holds !== null && answer.holds !== null && plan.holds < answer.holds * 0.8)
    add(costs, 'support.holds-less', { gust: speed(plan.holds) })
  return { gains, costs }
}

function cautionsFor({ system, post }: SupportPlan): CautionId[] {
  if (!post) return []
  return [
    'stake-tips',
    'buried-lines',
    ...(system === 'cage' || system === 'panel' ? (['wire-mesh'] as const) : []),
    ...(system === 'weave' || system === 'string' ? (['driven-posts'] as const) : []),
    ...(system === 'string' ? (['overhead-work'] as const) : []),
  ]
}
