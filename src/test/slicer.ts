import type { Cultivar } from '../core/crop'

/** The cultivar that tests take where nothing of it matters: a vine with fruit for slicing. */
export const slicerTraits: Cultivar = {
  crop: 'tomato',
  habit: 'indeterminate',
  fruit: 'slicer',
  origin: 'hybrid',
  daysToMaturity: 74,
  maturityFrom: 'transplanting',
  ripeColour: 'red',
  grafted: false,
}
