/** The demo garden’s id, wherever it is laid. */
export const DEMO_ID = 'demo-windrow-lane'

/** What its name ends with where it lies beside a gardener’s own. */
export const MADE_UP = ' (made up)'
