/** Depth that a young root ball reaches, and that seeds in place lie at, m. */
export const ROOT_DEPTH = 0.15
export const SEED_DEPTH = 0.05
