import { wrap, type Remote } from 'comlink'
import type { LightAnswer, LightTask, LightWorker } from './light.worker'

/** Works out direct sun beside the page; a new question ends the one before. */
export class Light {
  private worker: Worker | null = null
  private remote: Remote<LightWorker> | null = null

  ask(task: LightTask): Promise<LightAnswer> {
    if (!this.remote) {
      this.worker = new Worker(new URL('./light.worker.ts', import.meta.url), { type: 'module' })
      this.remote = wrap<LightWorker>(this.worker)
    }
    return this.remote.light(task)
  }

  stop(): void {
    this.worker?.terminate()
    this.worker = null
    this.remote = null
  }
}
