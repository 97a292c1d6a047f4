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
  ring: { name: 'Around the stem', how: 'scratched in shallowly and watered' },
  band: { name: 'In a strip', how: 'laid on the mix in one strip along the far side, not dug in' },
  hole: { name: 'In the hole', how: 'mixed with the soil under the root ball, nothing touching the roots' },
}

/** The schools of feeding, with what each suits. */
export const SCHOOLS: { id: FeedingSchool; name: string; what: string; suits: string }[] = [
  {
    id: 'soil-first',
    name: 'Soil first',
    what: 'Work in {length 0.05–0.07} of compost, test the soil, and add little else.',
    suits: 'For good ground. It improves poor soil only slowly.',
  },
  {
    id: 'slow-organic',
    name: 'Slow organic and a dilute liquid',
    what: 'Scratch in {volume 0.03} of meal or castings per plant, and give dilute liquid feed every 7–14 days.',
    suits: 'For raised beds. It releases nothing in cold soil.',
  },
  {
    id: 'steady-liquid',
    name: 'Steady liquid',
    what: 'Put granules in the hole, and give dilute liquid feed every week.',
    suits: 'For pots, where water washes feed out. Do not miss a week.',
  },
  {
    id: 'nutrient-solution',
    name: 'Nutrient solution',
    what: 'Keep EC at {number 2–2.8} and pH at {number 5.8–6.3}. Give a growth mix until flowering, then more potassium (K).',
    suits: 'For mixes that hold no feed. You need an EC meter.',
  },
]

/** What is done and hardly shown to help. */
export const THIN_EVIDENCE: readonly string[] = [
  'Epsom salt holds magnesium, which competes with calcium. It does not stop blossom-end rot. Use it only where a test shows little magnesium.',
  'Antacids and eggshells give calcium slowly, if at all. Most soils hold enough, and even watering moves it.',
  'Calcium sprayed on leaves hardly reaches the fruit.',
  'Most soils hold enough phosphorus for flowering. Too much locks up zinc and washes into streams.',
  'Castings tea, peels, coffee grounds, aspirin, or a fish or an egg in the hole do no harm in small amounts. There is little evidence that they help.',
]
