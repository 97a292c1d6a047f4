import { line } from 'd3-shape'

/** The path of a value a day, from `first` on; `y` says how high a value stands in the drawing. */
export const linePath = (values: readonly number[], y: (value: number) => number, first = 0): string =>
  line<number>(
    (_, index) => first + index,
    (value) => y(value),
  ).digits(1)([...values]) ?? ''
