import type { Cultivar } from './traits'

/** A vine of slicers as they usually are: what a plant to practise or to test on starts from. */
export const USUAL_VINE: Cultivar = {
  crop: 'tomato',
  habit: 'indeterminate',
  fruit: 'slicer',
  origin: 'hybrid',
  daysToMaturity: null,
  maturityFrom: 'transplanting',
  ripeColour: 'red',
  grafted: false,
}
