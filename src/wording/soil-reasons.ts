import type { SoilRule } from '../core/feeding'

/** The sentences of a soil test. */
export const SOIL_REASONS: Record<SoilRule, string> = {
  'soil.ph-low':
    'pH {ph} is under {number 6.2}. Add lime at the laboratory’s rate, months ahead; it also brings calcium.',
  'soil.ph-high':
    'pH {ph} is over {number 6.8}. Add no lime or wood ash; sulfur works slowly, compost helps, and iron may lock up.',
  'soil.ph-good': 'pH {ph} suits both crops.',
  'soil.organic-low':
    'Organic matter is {organic}. Compost {length 0.05–0.07} deep every year feeds the soil and holds water.',
  'soil.p-low': 'Phosphorus is low. A meal or granules with phosphorus at planting pays here.',
  'soil.p-high': 'Phosphorus is high. Give none for years: more of it locks up zinc and runs off.',
  'soil.k-low': 'Potassium is low. Use sulfate of potash, and a fruiting feed from the first flowers.',
  'soil.ca-low': 'Calcium is low. Gypsum keeps the pH; lime raises it.',
  'soil.mg-low': 'Magnesium is low. Epsom salt or dolomitic lime helps here.',
  'soil.salty':
    'EC {ec} dS/m is over {threshold}, where yield starts to fall. Rinse with clear water and feed weaker.',
}
