import { proxy, wrap, type Remote } from 'comlink'
import type { TrialResult, TurningValue } from '../core/trial'
import type { TrialQuestion, TrialWorker } from './trial.worker'

/** Runs trials beside the page, one at a time: what is asked ends the one before, which answers null. */
export class TrialBench {
  private worker: Worker | null = null
  private remote: Remote<TrialWorker> | null = null

  run(question: TrialQuestion, onSoFar: (soFar: TrialResult) => void): Promise<TrialResult | null> {
    return this.ready().run(absolute(question), proxy(onSoFar))
  }

  /** Which working values of the model turn what it concludes of a way. */
  turning(question: TrialQuestion, of: string): Promise<TurningValue[] | null> {
    return this.ready().turning(absolute(question), of)
  }

  /** Stops at once; what was asked is never answered. */
  stop(): void {
    this.worker?.terminate()
    this.worker = null
    this.remote = null
  }

  private ready(): Remote<TrialWorker> {
    if (!this.remote) {
      this.worker = new Worker(new URL('./trial.worker.ts', import.meta.url), { type: 'module' })
      this.remote = wrap<TrialWorker>(this.worker)
    }
    return this.remote
  }
}

/** A worker knows no page that its addresses belong to. */
const absolute = (question: TrialQuestion): TrialQuestion => ({
  ...question,
  weather: new URL(question.weather, location.href).href,
})
