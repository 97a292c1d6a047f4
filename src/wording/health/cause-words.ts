/** A cause in words. */
export interface CauseWords {
  name: string
  /** What it is and how it comes. */
  is: string
  /** What to do first, then next, in that order. */
  first: string
  then: string[]
  /** What not to do. */
  not: string
}
