import type { Cultivar } from '../crop'
import type { GardenCultivar } from './planting'

/** A cultivar as most of its type are, called by its type; `notes`: what its packet would say. */
export type TypicalCultivar = Cultivar & { key: string; name: string; notes: string }

const tomato = { crop: 'tomato', maturityFrom: 'transplanting', grafted: false } as const
const pepper = { crop: 'pepper', habit: null, maturityFrom: 'transplanting', grafted: false } as const

/**
 * † Of each type: habit, days, colour when ripe, shoulders and resistance as many of that type have them.
 * Against: seed lists, by type.
 */
export const TYPICAL_CULTIVARS: readonly TypicalCultivar[] = [
  {
    ...tomato,
    ...{
      key: 'cherry-vine',
      name: 'Red cherry tomato',
      fruit: 'cherry',
      habit: 'indeterminate',
      origin: 'open-pollinated',
    },
    ...{ daysToMaturity: 62, ripeColour: 'red' },
    notes: 'Even shoulders; cracks after rain. No named resistance.',
  },
  {
    ...tomato,
    ...{
      key: 'cherry-gold',
      name: 'Gold cherry tomato',
      fruit: 'cherry',
      habit: 'indeterminate',
      origin: 'hybrid',
    },
    ...{ daysToMaturity: 58, ripeColour: 'orange-gold' },
    notes: 'Even shoulders; thin skin. Resists fusarium wilt 1.',
  },
  {
    ...tomato,
    ...{
      key: 'cherry-bush',
      name: 'Bush cherry tomato',
      fruit: 'cherry',
      habit: 'determinate',
      origin: 'hybrid',
    },
    ...{ daysToMaturity: 60, ripeColour: 'red' },
    notes: 'Even shoulders; for pots.',
  },
  {
    ...tomato,
    ...{
      key: 'micro',
      name: 'Windowsill cherry tomato',
      fruit: 'cherry',
      habit: 'dwarf',
      origin: 'open-pollinated',
    },
    ...{ daysToMaturity: 60, ripeColour: 'red' },
    notes: 'Micro-dwarf, a hand high; for pots from 2 L.',
  },
  {
    ...tomato,
    ...{ key: 'grape', name: 'Grape tomato', fruit: 'cherry', habit: 'indeterminate', origin: 'hybrid' },
    ...{ daysToMaturity: 66, ripeColour: 'red' },
    notes: 'Oblong, firm, cracks little. Resists fusarium wilt 1.',
  },
  {
    ...tomato,
    ...{
      key: 'saladette',
      name: 'Salad plum tomato',
      fruit: 'saladette',
      habit: 'determinate',
      origin: 'hybrid',
    },
    ...{ daysToMaturity: 70, ripeColour: 'red' },
    notes: 'Even shoulders. Resists verticillium and fusarium wilt 1, 2.',
  },
  {
    ...tomato,
    ...{
      key: 'slicer',
      name: 'Red slicing tomato',
      fruit: 'slicer',
      habit: 'indeterminate',
      origin: 'hybrid',
    },
    ...{ daysToMaturity: 75, ripeColour: 'red' },
    notes: 'Green shoulders until ripe. Resists verticillium, fusarium wilt 1, 2 and tobacco mosaic.',
  },
  {
    ...tomato,
    ...{
      key: 'slicer-bush',
      name: 'Bush slicing tomato',
      fruit: 'slicer',
      habit: 'determinate',
      origin: 'hybrid',
    },
    ...{ daysToMaturity: 70, ripeColour: 'red' },
    notes: 'Even shoulders. Resists verticillium and fusarium wilt 1, 2.',
  },
  {
    ...tomato,
    ...{
      key: 'slicer-semi',
      name: 'Half-bush slicing tomato',
      fruit: 'slicer',
      habit: 'semi-determinate',
      origin: 'hybrid',
    },
    ...{ daysToMaturity: 73, ripeColour: 'red' },
    notes: 'Even shoulders. Resists verticillium, fusarium wilt 1, 2, 3 and spotted wilt.',
  },
  {
    ...tomato,
    ...{
      key: 'beefsteak',
      name: 'Pink beefsteak tomato',
      fruit: 'beefsteak',
      habit: 'indeterminate',
      origin: 'open-pollinated',
    },
    ...{ daysToMaturity: 84, ripeColour: 'pink' },
    notes: 'Green shoulders that ripen last; catfaces after a cold start. No named resistance.',
  },
  {
    ...tomato,
    ...{
      key: 'beefsteak-dark',
      name: 'Dark beefsteak tomato',
      fruit: 'beefsteak',
      habit: 'indeterminate',
      origin: 'open-pollinated',
    },
    ...{ daysToMaturity: 80, ripeColour: 'dusky brown-red' },
    notes: 'Dark green shoulders stay when ripe: go by the base. No named resistance.',
  },
  {
    ...tomato,
    ...{
      key: 'paste',
      name: 'Bush paste tomato',
      fruit: 'paste',
      habit: 'determinate',
      origin: 'open-pollinated',
    },
    ...{ daysToMaturity: 76, ripeColour: 'red' },
    notes: 'Prone to blossom-end rot: water evenly. Resists verticillium and fusarium wilt 1.',
  },
  {
    ...tomato,
    ...{
      key: 'paste-vine',
      name: 'Vine paste tomato',
      fruit: 'paste',
      habit: 'indeterminate',
      origin: 'open-pollinated',
    },
    ...{ daysToMaturity: 80, ripeColour: 'red' },
    notes: 'Prone to blossom-end rot: water evenly. No named resistance.',
  },
  {
    ...tomato,
    ...{
      key: 'dwarf',
      name: 'Dwarf slicing tomato',
      fruit: 'slicer',
      habit: 'dwarf',
      origin: 'open-pollinated',
    },
    ...{ daysToMaturity: 76, ripeColour: 'red' },
    notes: 'Sold as “indeterminate dwarf”: stout, knee to hip high, bears until the frost.',
  },
  {
    ...pepper,
    ...{
      key: 'bell',
      name: 'Red bell pepper',
      fruit: 'bell',
      origin: 'hybrid',
      daysToMaturity: 72,
      ripeColour: 'red',
    },
    notes: 'Days to the green fruit; red three weeks later. Resists tobacco mosaic.',
  },
  {
    ...pepper,
    ...{
      key: 'bell-yellow',
      name: 'Yellow bell pepper',
      fruit: 'bell',
      origin: 'hybrid',
      daysToMaturity: 75,
      ripeColour: 'yellow',
    },
    notes: 'Days to the green fruit. Resists tobacco mosaic and bacterial spot 1–3.',
  },
  {
    ...pepper,
    ...{
      key: 'sweet-long',
      name: 'Long sweet pepper',
      fruit: 'sweet-long',
      origin: 'open-pollinated',
      daysToMaturity: 76,
    },
    ripeColour: 'red',
    notes: 'Thin walls, ripens sooner than a bell.',
  },
  {
    ...pepper,
    ...{
      key: 'hot-large',
      name: 'Large hot pepper',
      fruit: 'hot-large',
      origin: 'hybrid',
      daysToMaturity: 72,
      ripeColour: 'red',
    },
    notes: 'Picked green or red. Gloves when cutting.',
  },
  {
    ...pepper,
    ...{
      key: 'hot-small',
      name: 'Small hot pepper',
      fruit: 'hot-small',
      origin: 'open-pollinated',
      daysToMaturity: 80,
    },
    ripeColour: 'red',
    notes: 'Very hot, dries on the plant. Gloves when cutting.',
  },
]

/**
 * The garden's own cultivar that is the typical one of a key, or that one as a new cultivar of the garden.
 *
 * @param id of a new one
 * @returns null where there is no such key
 */
export function typicalCultivar(
  key: string,
  cultivars: readonly GardenCultivar[],
  id: string,
): GardenCultivar | null {
  const typical = TYPICAL_CULTIVARS.find((one) => one.key === key)
  if (!typical) return null
  const { key: _, ...traits } = typical
  const same = cultivars.find(
    ({ name, habit, daysToMaturity }) =>
      name === traits.name && habit === traits.habit && daysToMaturity === traits.daysToMaturity,
  )
  return same ?? { id, ...traits }
}
