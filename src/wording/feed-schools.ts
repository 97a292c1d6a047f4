import type { Laying, NitrogenForm, Release } from '../core/feeding'
import type { FeedingSchool } from '../core/transplant'

export const RELEASE_NAMES: Record<Release, string> = {
  soluble: 'At once, dissolved',
  meal: 'Slowly, as a meal',
  castings: 'Slowly, as castings',
  coated: 'Over its days, coated',
  compost: 'Over years, as compost',
}

export const NITROGEN_NAMES: Record<NitrogenForm, string> = {
  nitrate: 'Nitrate: at once, washes out',
  ammonium: 'Ammonium: held, then nitrate',
  urea: 'Urea: held, then nitrate',
  organic: 'Organic: freed by soil life',
  mixed: 'Half nitrate, half held',
  none: 'None',
}

export const LAYING_NAMES: Record<Laying, { name: string; how: string }> = {
  ring: { name: 'Round the stem', how: 'scratched in shallowly and watered' },
  band: { name: 'In a strip', how: 'laid on the mix in one strip along the far side, not dug in' },
  hole: { name: 'In the hole', how: 'mixed with the soil under the root ball, nothing touching the roots' },
}

/** The schools of feeding, with what each suits. */
export const SCHOOLS: { id: FeedingSchool; name: string; what: string; suits: string }[] = [
  {
    id: 'soil-first',
    name: 'Soil first',
    what: 'compost {length 0.05–0.07} worked in, a soil test, little else.',
    suits: 'Good ground. Slow to mend a poor one.',
  },
  {
    id: 'slow-organic',
    name: 'Slow organic and a dilute liquid',
    what: '{volume 0.03} of meal or castings a plant scratched in, dilute liquid each 7–14 days.',
    suits: 'Raised beds. Cold soil releases nothing.',
  },
  {
    id: 'steady-liquid',
    name: 'Steady liquid',
    what: 'granules in the hole, a weekly dilute liquid.',
    suits: 'Pots, which leach. Every week counts.',
  },
  {
    id: 'nutrient-solution',
    name: 'Nutrient solution',
    what: 'EC 2.0–2.8, pH 5.8–6.3, a growth mix to flowering, then more K.',
    suits: 'Inert media. Wants a meter.',
  },
]

/** What is done and hardly shown to help. */
export const THIN_EVIDENCE: readonly string[] = [
  'Epsom salt carries magnesium, no calcium, and competes with it: not against blossom-end rot, only where a test is low in magnesium.',
  'Antacids and eggshells give calcium slowly if at all; most soils hold enough, and even water moves it.',
  'Leaf sprays of calcium hardly reach the fruit.',
  'A feed high in phosphorus at flowering: most soils hold enough; excess locks zinc and runs off.',
  'Castings tea, peels, coffee grounds, aspirin, a fish or an egg in the hole: harmless in small amounts, thin evidence.',
]
