import type { SoilRule } from '../core/feeding'

/** The sentences of a soil test. */
export const SOIL_REASONS: Record<SoilRule, string> = {
  'soil.ph-low':
    'pH {ph} is under 6.2: lime by the laboratory’s rate, worked in months ahead. It also brings calcium.',
  'soil.ph-high':
    'pH {ph} is over 6.8: no lime, no wood ash; sulphur works slowly, compost helps, iron may lock up.',
  'soil.ph-good': 'pH {ph} suits both crops.',
  'soil.organic-low':
    'Organic matter is {organic}: compost {length 0.05–0.07} deep, each year, feeds and holds water.',
  'soil.p-low': 'Phosphorus is low: a meal or granules with P at planting pays here.',
  'soil.p-high': 'Phosphorus is high: give none for years. More locks zinc and runs off.',
  'soil.k-low': 'Potassium is low: sulphate of potash, and a fruiting feed from the first flowers.',
  'soil.ca-low': 'Calcium is low: gypsum keeps the pH, lime raises it.',
  'soil.mg-low': 'Magnesium is low: here Epsom salt or dolomitic lime helps.',
  'soil.salty':
    'EC {ec} dS/m is over {threshold}, from where yield falls: leach with clear water, feed weaker.',
}
