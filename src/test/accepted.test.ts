import fc from 'fast-check'
import { describe, it } from 'vitest'
import { edgeGardens } from './edge-gardens'
import { dayOf } from '../core/garden-day'
import { EVERY_SCREEN } from './every-screen'
import { stateOfFile } from './state-of-file'

/** Gardens drawn in one run; more, and others, with `ACCEPTED_RUNS` and `ACCEPTED_SEED`. */
const RUNS = Number(process.env.ACCEPTED_RUNS ?? 40)

describe('a garden that is accepted', () => {
  it('can be shown on every screen, whatever it holds within its bounds', { timeout: 240_000 }, () => {
    fc.assert(
      fc.property(edgeGardens, (file) => {
        const state = stateOfFile(file, 3)
        for (const [screen, ask] of Object.entries(EVERY_SCREEN))
          try {
            ask(dayOf(state, state.now))
          } catch (error) {
            throw new Error(`${screen} stumbled: ${(error as Error).message}`, { cause: error })
          }
      }),
      { numRuns: RUNS, endOnFailure: true, seed: Number(process.env.ACCEPTED_SEED ?? 20260618) },
    )
  })
})
