import type { WorkingId } from './names'

/** How a number is worked out: the question, the formula in the field's own letters, and where it comes from. */
export interface Working {
  asks: string
  formula: readonly string[]
  source: string
  /** The screen that shows it, where one does. */
  screen: { name: string; path: string } | null
}

const WALK = { name: 'Walk', path: '/walk' }
const SEASON = { name: 'Season', path: '/season' }
const WATER = { name: 'Bench, water', path: '/bench/water' }
const FEED = { name: 'Bench, feed', path: '/bench/feed' }
const MIX = { name: 'Bench, mix', path: '/bench/mix' }
const GROUND = { name: 'Ground', path: '/ground' }
const BASKET = { name: 'Basket', path: '/basket' }
const CLINIC = { name: 'Clinic', path: '/clinic' }

/** Every number that Prairie gives, in the order of the season. Working values without a published source say so. */
export const WORKINGS: Record<WorkingId, Working> = {
  'degree-days': {
    asks: 'How much growth is a day worth?',
    formula: [
      'T(h) = sine between Tmin and Tmax, h = 0.5 … 23.5',
      'DD = mean of clamp(T(h), base, upper) − base; tomato 6 to 26 °C, pepper 10 to 32 °C',
    ],
    source:
      'Tomato: base 6 fits Adams, Cockshull & Cave 2001; slower under a mean of 12 °C and over a high of 32 °C.',
    screen: SEASON,
  },
  frost: {
    asks: 'When is the last frost of spring, and the first of autumn?',
    formula: [
      'last spring day, first autumn day with Tmin ≤ 0 °C, in each season',
      'early, middle and late: the 10, 50 and 90 % of those days',
    ],
    source: 'Ten years of record or more; else 200 seasons simulated from the normals, Richardson 1981.',
    screen: SEASON,
  },
  'soil-temperature': {
    asks: 'How warm is the soil at the roots?',
    formula: [
      'T(z) = exponentially weighted mean of daily mean air temperature, e-folding 2 d at 5 cm, 5 d at 15 cm, 9 d at 25 cm',
      '+ 1 °C raised bed, + 2.5 dark film, + 4 clear film, − 1.5 straw or grass, + 4 tunnel',
      'a reading shifts it by (reading − estimate), decaying over 10 d',
    ],
    source: 'Typical values, which a thermometer corrects.',
    screen: SEASON,
  },
  window: {
    asks: 'Is it the day for planting?',
    formula: [
      'may: mean of 7 nights ≥ 8 °C (pepper 11), soil at root depth ≥ 15 °C (pepper 17), no forecast night under 5 °C (pepper 8), no frost ahead',
      'and not before the day after which at most 2 seasons in 10 still freeze: your method sets 1, 2 or 3',
      'ideal: mean of 7 nights ≥ 10 °C (pepper 13), soil ≥ 16 °C (pepper 18) through the week; waited for where that costs under a tenth of the ripe fruit',
      'closes: planted out later, the first fruit does not ripen before the first frost',
    ],
    source: 'Extension practice for warm-season crops.',
    screen: { name: 'Planting day', path: '/planting-day' },
  },
  sowing: {
    asks: 'When to sow, and how many seeds?',
    formula: [
      'sow = planting out − 6 to 8 weeks (pepper 8 to 10)',
      'days to emergence by soil temperature, 1/days interpolated',
      'seeds: the smallest n with P(binomial(n, germination × survival) ≥ plants) ≥ 95 %',
    ],
    source: 'Harrington & Minges 1954 for emergence.',
    screen: SEASON,
  },
  depth: {
    asks: 'How deep does this plant go?',
    formula: [
      'stem buried b = height of the lowest leaf kept − 1 cm; hole = root ball + b',
      'floor under 16 °C or too hard: a trench of root ball + b',
      'cost of stripping = ln(leaf area before / after) / (0.011 × degree-days per day, °C)',
    ],
    source: 'Typical values; relative growth by leaf area.',
    screen: { name: 'Planting day', path: '/planting-day' },
  },
  spacing: {
    asks: 'How many fit in this bed?',
    formula: [
      'in-row spacing by habit, training and method × 1.1 or 1.25 where leaves stay wet',
      'positions: every neighbor at least in-row apart, edge, cage, emitter within 8 cm, reach 0.6 m from an open side',
    ],
    source: 'Extension tables; the layout is solved exactly for rows, by lattice for offset lines.',
    screen: GROUND,
  },
  rotation: {
    asks: 'May you grow them here again?',
    formula: ['rest = season − last year of Solanaceae − 1; three seasons are enough, four better'],
    source: 'Extension practice against soil-borne disease.',
    screen: GROUND,
  },
  pot: {
    asks: 'How large a pot, how heavy when wet?',
    formula: [
      'volume filled to 3 to 5 cm under the rim, settled by 10 to 15 %',
      'wet mass = Σ component × (dry + water held) + pot + plant',
    ],
    source: 'Typical values by component, kg/L.',
    screen: { name: 'Pots', path: '/ground/pots' },
  },
  wind: {
    asks: 'What supports this row, how deep and how long?',
    formula: [
      'F = ½ ρ Cd A u², ρ = 1.225 kg/m³, Cd A = solidity 0.6 × height × width',
      'H = ½ γ D L³ Kp / (e + L), Kp = tan²(45° + φ/2), safety 2, solved for the embedment L',
      'twine a tier = 2 × 1.05 × row + wraps and tails',
    ],
    source: 'Broms 1964, short free-headed pile in cohesionless soil; log law for the gust at canopy height.',
    screen: { name: 'Shed', path: '/shed' },
  },
  growth: {
    asks: 'How tall is it, how many leaves, and which cluster is open?',
    formula: [
      'a tomato leaf each 32 growing degree-days over base 6 (pepper 50 over base 10 to the fork, then 45)',
      'first flower: packet days × 15.5 (pepper 11.5), less the fruit’s own sum, from planting out a plant of 330 (340) degree-days',
      'a sucker shows three nodes under the tip and is 5 cm long 84 degree-days later (pepper 60)',
      'slower in cold, heat, drought and shade, and after planting out',
    ],
    source: 'De Koning 1994 for the rate of trusses; the packet; corrected by what is counted and cut.',
    screen: SEASON,
  },
  pruning: {
    asks: 'Which parts come off, and how many at once?',
    formula: [
      'by the training: keep the stems of the system, take the suckers beside them',
      'at most ¼ to ⅓ of the leaf area a session, a week between; nothing on wet leaves',
    ],
    source: 'Extension practice; determinate plants are cleaned, never pruned.',
    screen: { name: 'Practice', path: '/practice' },
  },
  tying: {
    asks: 'When do you tie next?',
    formula: ['tie each 0.25 m, string each 0.22 m: due when the stem has grown past the height'],
    source: 'Stem height from the plant model.',
    screen: WALK,
  },
  topping: {
    asks: 'After which day is a flower too late?',
    formula: [
      'degree-days counted back from the median first frost: the whole ripening sum (on the plant), or 0.72 of it (mature green)',
      'top at the second, two leaves above the last truss kept',
    ],
    source: 'Ripening sums by fruit type, typical values.',
    screen: SEASON,
  },
  evapotranspiration: {
    asks: 'How much water would grass take today?',
    formula: [
      'ET0 = [0.408 Δ (Rn − G) + γ 900/(T + 273) u2 (es − ea)] / [Δ + γ (1 + 0.34 u2)]',
      'ETc = Kc × ET0, Kc 0.6 → 1.15 → 0.8 (pepper 0.6 → 1.05 → 0.9), more in dry wind, less in damp still air',
    ],
    source: 'Allen et al. 1998 (FAO-56), eq. 6 and table 12.',
    screen: WATER,
  },
  water: {
    asks: 'When to water, and how much?',
    formula: [
      'TAW = 1000 (θFC − θWP) Zr; RAW = p TAW, p = 0.40 (pepper 0.30) + 0.04 (5 − ETc)',
      'depletion = depletion + Ks ETc − rain − irrigation + drainage',
      'due at 0.8 RAW; liters = depletion × area; minutes = liters / (emitters × flow)',
    ],
    source: 'FAO-56 ch. 8, eq. 82 to 85.',
    screen: WATER,
  },
  evenness: {
    asks: 'Which flower clusters are at risk?',
    formula: [
      'blossom-end rot: days with depletion > RAW while fruit are 5 to 20 days old',
      'cracks: ≥ 50 % rewetted within a day after depletion > RAW while fruit color',
    ],
    source: 'Extension literature; the cause of the rot is not settled.',
    screen: WATER,
  },
  ledger: {
    asks: 'What is short, and what is too much?',
    formula: [
      'demand per kg of fruit: tomato N 2.6 g, P 0.4, K 3.6; pepper N 3.7, P 0.45, K 4.5; logistic in thermal time',
      'supply: soluble at once; meals k = 0.02/d at 20 °C, Q10 = 2, 65 % in the season; coated by its days; soil 10 to 20 kg N/ha a % of organic matter',
    ],
    source: 'Typical values from crop removal and mineralization studies.',
    screen: FEED,
  },
  blend: {
    asks: 'What comes out of this mixture?',
    formula: [
      'analysis = Σ mass × % / Σ mass, mass = volume × bulk density',
      'solved by non-negative least squares for the ratio and the nitrogen',
      'mg/L N = g/L × %N × 10; stock g/L = target × ratio / (%N × 10)',
    ],
    source: 'Labels give N–P₂O₅–K₂O; P = 0.436 P₂O₅, K = 0.830 K₂O.',
    screen: MIX,
  },
  'soil-test': {
    asks: 'What does the soil test call for?',
    formula: ['pH 6.2 to 6.8; salt: tomato from 2.5 dS/m, − 9.9 % a dS/m; pepper from 1.5, − 14 %'],
    source: 'Maas & Hoffman 1977 for salinity.',
    screen: FEED,
  },
  set: {
    asks: 'Will these flowers set?',
    formula: [
      'set = night factor × day factor; tomato nights 13 to 21 °C and days 19 to 31 °C set best, pepper nights 16 to 22 °C and days to 32 °C',
    ],
    source: 'Temperature limits of set from the literature, linear between.',
    screen: SEASON,
  },
  cover: {
    asks: 'When to open, shut and shade?',
    formula: [
      'inside: shut by day + 8 °C, vented + 2, night + 1.5; solar × 0.75, wind × 0.2',
      'open before 27 °C inside, shut before 12 °C; shade from 35 °C',
    ],
    source: 'Typical values.',
    screen: WALK,
  },
  blight: {
    asks: 'How high is the risk of early and late blight?',
    formula: [
      'early blight: 0 to 4 a day by hours of wet leaves and the mean temperature while wet; act at 15 to 20 summed',
      'late blight: two days running with Tmin ≥ 10 °C and ≥ 6 h at RH ≥ 90 %',
      'leaves are wet at RH ≥ 90 %, in rain and two hours after',
    ],
    source: 'Pitblado 1992; Madden et al. 1978; Hutton criteria, Dancey et al. 2017.',
    screen: { name: 'Looking over', path: '/clinic/watch' },
  },
  diagnosis: {
    asks: 'Which cause, and how sure?',
    formula: [
      'likelihood ∝ how often the cause is met × factors of weather, place, cultivar and log × Π chance of each symptom seen × Π (1 − chance) of each absent',
      'next to look at: the sign that lowers the entropy of the causes most',
    ],
    source: 'Bayes’ rule; symptoms after extension keys, shares are typical values.',
    screen: CLINIC,
  },
  ripe: {
    asks: 'What is ripe, and how much will you pick?',
    formula: [
      'a flower is ripe after its type’s degree-days: cherry 670, slicer 785, beefsteak 870 over base 6; bell 430 green and 650 colored over base 10',
      'kg a plant: the type’s own, × 0.5 one stem, 0.75 two, drawn to this garden’s own weighings',
    ],
    source:
      'Adams, Cockshull & Cave 2001 for the base; kilograms are typical values, replaced by the garden’s record.',
    screen: BASKET,
  },
  times: {
    asks: 'How long does the round take?',
    formula: [
      'tie ½ min a plant, suckers 1, clear stem 1, weave 1½ a bay, can 2 min each 10 L',
      '× (own minutes + 15) / (working minutes + 15) for each kind of work',
    ],
    source: 'Typical values, corrected by the minutes you enter.',
    screen: WALK,
  },
}
