import { STANDARD_GROWTH, type Cultivar, type Training } from '../crop'
import type { SeasonPlan } from '../season-model'
import { recommendSpacing } from '../spacing'

/** m of stem that a tomato is usually set below its root ball's top. */
const USUALLY_BURIED = 0.1
/** Looked at every second day and watered at this share of what is easily taken, L at the most. */
const USUAL_WATERING = { by: 'need', at: 0.8, every: 2, most: 40 } as const

/**
 * A well-kept plant in mulched loam, watered by need and fed, at the spacing that its training is advised.
 *
 * @param setOut day from the season's start; null: it never goes out
 */
export function usualPlan(
  cultivar: Cultivar,
  training: Training,
  setOut: number | null,
  change: Partial<SeasonPlan> = {},
): SeasonPlan {
  const { inRow, betweenRows } = recommendSpacing({
    plant: cultivar,
    training,
    school: 'standard',
    wetness: 'low',
  }).answer
  return {
    cultivar,
    training,
    setOut,
    growth: STANDARD_GROWTH[cultivar.crop],
    hardened: true,
    buried: cultivar.crop === 'pepper' ? 0 : USUALLY_BURIED,
    ground: inRow * betweenRows,
    sun: 1,
    roots: { kind: 'ground', texture: 'loam', depth: 0.6, raised: false },
    mulch: 'straw',
    watering: USUAL_WATERING,
    overhead: false,
    organicMatter: 3,
    feeds: [
      { day: 0, nitrogen: 6, release: 'meal' },
      { day: 40, nitrogen: 3, release: 'soluble' },
      { day: 60, nitrogen: 3, release: 'soluble' },
    ],
    salinity: 0,
    clearStem: training === 'sprawling' ? 0 : 0.3,
    pinched: 0,
    topped: null,
    cloth: 0,
    shade: 0,
    shaken: true,
    green: false,
    stoodTo: null,
    end: null,
    earlier: null,
    ...change,
  }
}
