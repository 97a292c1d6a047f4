import { proxy, wrap, type Remote } from 'comlink'
import type { TrialResult } from '../core/trial'
import type { TrialQuestion, TrialWorker } from './trial.worker'

/** Runs trials beside the page, one at a time: what is asked ends the one before, which answers null. */
export class TrialBench {
  private worker: Worker | null = null
  private remote: Remote<TrialWorker> | null = null

  run(question: TrialQuestion, onSoFar: (soFar: TrialResult) => void): Promise<TrialResult | null> {
    if (!this.remote) {
      this.worker = new Worker(new URL('./trial.worker.ts', import.meta.url), { type: 'module' })
      this.remote = wrap<TrialWorker>(this.worker)
    }
    const weather = new URL(question.weather, location.href).href
    return this.remote.run({ ...question, weather }, proxy(onSoFar))
  }

  /** Stops at once; what was asked is never answered. */
  stop(): void {
    this.worker?.terminate()
    this.worker = null
    this.remote = null
  }
}
