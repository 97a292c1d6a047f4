import { DatabaseProblem } from './problem'

/**
 * What met a conflict is tried again for so long, ms, while others are served: longer than a database server holds the
 * transaction of one that died at it, 5 s.
 */
const PATIENCE = 7000
/** Between two tries at the least, and as much again by chance, so that servers do not keep meeting, ms. */
const PAUSE = 40

/** Tries again while others hold the lock, or undid what was begun. */
export async function patiently<T>(work: () => Promise<T>): Promise<T> {
  const until = Date.now() + PATIENCE
  for (;;)
    try {
      return await work()
    } catch (error) {
      if (DatabaseProblem.within(error)?.kind !== 'busy' || Date.now() > until) throw error
      await new Promise((wait) => setTimeout(wait, PAUSE * (1 + Math.random())))
    }
}
