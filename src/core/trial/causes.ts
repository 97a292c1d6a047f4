import { LOSS_CAUSES, type LossCause, type PlantSeason } from '../season-model'
import { mean } from '../random'

/** What can make a way bear more or less than another. */
export const TRIAL_CAUSES = ['light', 'thirst', 'hunger', 'filling', 'indoors', ...LOSS_CAUSES] as const

/** kg that a cause adds on average over the seasons. */
export interface CauseShare {
  cause: (typeof TRIAL_CAUSES)[number]
  kg: number
}

/** A season and what of a plant's kg counts. */
interface Counted {
  one: PlantSeason
  per: number
}

/**
 * What made the mean difference of two ways, largest first: more or less light caught, thirst, want of nitrogen, how much
 * of what was made went into fruit, what frost found green, and each loss. Together they are the mean difference exactly.
 *
 * @param was the first way's seasons; @param is the other's, in the same order
 */
export function causesOf(was: readonly Counted[], is: readonly Counted[]): CauseShare[] {
  const seasons = was.map((before, season) => shares(before, is[season]!))
  return TRIAL_CAUSES.map((cause) => ({ cause, kg: mean(seasons.map((one) => one[cause])) })).sort(
    (one, other) => Math.abs(other.kg) - Math.abs(one.kg),
  )
}

/** One season's difference in parts: grown fruit is what was made, times the fruit that came of it. */
function shares(before: Counted, after: Counted): Record<(typeof TRIAL_CAUSES)[number], number> {
  const [a, b] = [grownOf(before), grownOf(after)]
  const share = (a.filled + b.filled) / 2
  const made = (a.made + b.made) / 2
  const lost = (cause: LossCause) => before.one.lost[cause] * before.per - after.one.lost[cause] * after.per
  return {
    light: share * (b.light - a.light),
    thirst: -share * (b.thirst - a.thirst),
    hunger: -share * (b.hunger - a.hunger),
    filling: made * (b.filled - a.filled),
    indoors: before.one.indoors * before.per - after.one.indoors * after.per,
    ...(Object.fromEntries(LOSS_CAUSES.map((cause) => [cause, lost(cause)])) as Record<LossCause, number>),
  }
}

/** What one season grew: dry matter, g, and kg of fruit, sound or not, for each g. */
function grownOf({ one, per }: Counted) {
  const [light, thirst, hunger] = [one.light * per, one.thirst * per, one.hunger * per]
  const made = light - thirst - hunger
  const grown = (one.sound + one.indoors + LOSS_CAUSES.reduce((sum, cause) => sum + one.lost[cause], 0)) * per
  return { light, thirst, hunger, made, filled: made > 0 ? grown / made : 0 }
}
