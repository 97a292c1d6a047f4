/** Counts up when what is kept of a garden changes its shape; see docs/garden-file.md for the steps. */
export const GARDEN_VERSION = 15
