import type { Advice, Reason } from '../advice'
import { POT_BOUNDS } from '../bounds'
import { isBush, type Cultivar } from '../crop'
import { requireInRange } from '../guard'
import { count, volume } from '../quantity'

/** What a pot should hold for a cultivar, L a plant, and whether this one does. */
export interface PotAnswer {
  least: number
  advised: { from: number; to: number }
  /** Plants that this pot carries at the least volume. */
  plants: number
  verdict: 'too-small' | 'least' | 'good'
}

export type PotRule =
  | 'pot.too-small'
  | 'pot.least'
  | 'pot.good'
  | 'pot.one-each'
  | 'pot.self-watering'
  | 'pot.holes'
  | 'pot.saucer'
  | 'pot.mix-not-soil'
  | 'pot.bush-for-pots'
  | 'pot.move-early'
  | 'pot.lighter'
  | 'pot.daily'

/** † Least and advised mix for a plant, L. Against: pots that growers bear with daily water. */
const VOLUMES = {
  vine: { least: 26, advised: { from: 40, to: 60 } },
  bush: { least: 19, advised: { from: 19, to: 30 } },
  pepper: { least: 11, advised: { from: 15, to: 20 } },
} as const
/** Self-watering boxes: two plants share 50 to 60 L. */
const BOX_A_PLANT = 25
/** Fed and watered by solution every day. */
const DAILY = 10

/**
 * Whether a pot is large enough, and how many plants it carries.
 *
 * @param litres mix it holds, filled, L
 * @throws RangeError when the volume is not within `POT_BOUNDS`
 */
export function potAdvice(
  cultivar: Pick<Cultivar, 'crop' | 'habit'>,
  litres: number,
  selfWatering: boolean,
): Advice<PotAnswer, PotRule> {
  requireInRange('litres', litres, ...POT_BOUNDS.litres)
  const kind = cultivar.crop === 'pepper' ? 'pepper' : isBush(cultivar) ? 'bush' : 'vine'
  const { least, advised } = VOLUMES[kind]
  const each = selfWatering ? Math.min(least, BOX_A_PLANT) : least
  const plants = selfWatering
    ? Math.max(litres >= each ? 1 : 0, Math.floor(litres / BOX_A_PLANT))
    : Math.floor(litres / each)
  const verdict = litres < each ? 'too-small' : litres < advised.from && !selfWatering ? 'least' : 'good'
  const answer: PotAnswer = { least: each, advised: { ...advised }, plants, verdict }
  const plainly = (rule: PotRule, weight: Reason['weight'] = 'supports'): Reason<PotRule> => ({
    rule,
    values: {},
    weight,
  })
  return {
    answer,
    reasons: [
      {
        rule: `pot.${verdict}`,
        values: {
          litres: volume(litres),
          least: volume(each),
          from: volume(advised.from),
          to: volume(advised.to),
        },
        weight: 'decides',
      },
      selfWatering
        ? { rule: 'pot.self-watering', values: { each: volume(BOX_A_PLANT) }, weight: 'supports' }
        : { rule: 'pot.one-each', values: { plants: count(Math.max(1, plants)) }, weight: 'supports' },
      ...(kind === 'vine' && !selfWatering ? [plainly('pot.bush-for-pots')] : []),
      plainly('pot.holes'),
      plainly('pot.mix-not-soil'),
      plainly('pot.saucer'),
      plainly('pot.move-early'),
    ],
    alternatives: [
      {
        school: 'daily-solution',
        answer: {
          least: DAILY,
          advised: { from: DAILY, to: 12 },
          plants: Math.floor(litres / DAILY),
          verdict: litres < DAILY ? 'too-small' : 'good',
        },
        gains: [plainly('pot.lighter')],
        costs: [plainly('pot.daily')],
      },
    ],
    cautions: ['wet-pots'],
  }
}
