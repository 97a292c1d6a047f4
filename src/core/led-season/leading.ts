import { seenOn, type PlantSight } from '../season-model'
import { LED_YES_NO, planOfHand, WEEK, type LedActs, type LedSeason, type LedYesNo } from './led'

/** A plant as its hand finds it on a visit. */
export interface LedVisit {
  /** Which visit it is, from 0; of how many. */
  at: number
  day: number
  sight: PlantSight
  /** kg ripe on the plant, and picked so far. */
  ripe: number
  picked: number
  /** kg that spoiled because nobody picked them. */
  spoiled: number
}

/** † Of ripe fruit that is left on the plant, the share that is still sound a week later. Against: fruit that splits and drops. */
const KEEPS_A_WEEK = 0.6

/** The plant on the visit after a hand's acts so far; after the last, at the season's end. */
export function visitAfter(season: LedSeason, acts: readonly LedActs[]): LedVisit {
  const at = acts.length
  const day = season.visits[at] ?? season.end
  const sight = seenOn(planOfHand(season, acts), season.weather, day)
  return { at, day, sight, ...basketOf(season, acts, sight) }
}

/** Ripe fruit is picked as it ripens while its hand picks; else it hangs until then, and spoils. */
function basketOf(
  { visits, end }: LedSeason,
  acts: readonly LedActs[],
  { season }: PlantSight,
): Pick<LedVisit, 'ripe' | 'picked' | 'spoiled'> {
  let [ripe, picked, spoiled] = [0, 0, 0]
  acts.forEach(({ pick }, at) => {
    const [from, to] = [visits[at]!, visits[at + 1] ?? end]
    if (pick) {
      picked += ripe
      ripe = 0
    }
    for (let day = from; day < Math.min(to, season.ripeByDay.length); day++) {
      const lost = pick ? 0 : ripe * (1 - KEEPS_A_WEEK ** (1 / WEEK))
      ripe += season.ripeByDay[day]! - lost
      spoiled += lost
    }
    if (pick) {
      picked += ripe
      ripe = 0
    }
  })
  return { ripe, picked, spoiled }
}

/** What there is to do on a visit besides watering. */
export const offeredOn = ({ at, ripe, sight }: LedVisit): LedYesNo[] =>
  LED_YES_NO.filter((act) => {
    if (act === 'prune' || act === 'tie') return at > 0
    return act !== 'pick' || ripe > 0 || sight.hanging > 0
  })

/** What of a plant's growth went between two visits: shares of what its light would have made, and L. */
export interface LedSpan {
  thirst: number
  hunger: number
  given: number
  drained: number
}

export function spanBetween({ season: before }: PlantSight, { season: after }: PlantSight): LedSpan {
  const light = Math.max(1e-9, after.light - before.light)
  return {
    thirst: (after.thirst - before.thirst) / light,
    hunger: (after.hunger - before.hunger) / light,
    given: after.litres - before.litres,
    drained: after.water.drained - before.water.drained,
  }
}
