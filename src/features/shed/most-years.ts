/** Buying is spread over at most so many years. */
export const MOST_YEARS = 6
