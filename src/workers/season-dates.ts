import { proxy, wrap, type Remote } from 'comlink'
import type { PlantingDates } from '../core/season'
import type { SeasonKit } from './season-kit'
import type { SeasonWorker } from './season.worker'

/** Dates a season beside the page; one question at a time, and the last one asked counts. */
export class SeasonDates {
  private worker: Worker | null = null
  private remote: Remote<SeasonWorker> | null = null

  /** @returns the dates by planting */
  date(kit: SeasonKit, onProgress: (share: number) => void): Promise<Record<string, PlantingDates>> {
    if (!this.remote) {
      this.worker = new Worker(new URL('./season.worker.ts', import.meta.url), { type: 'module' })
      this.remote = wrap<SeasonWorker>(this.worker)
    }
    return this.remote.date(kit, proxy(onProgress))
  }

  /** Stops at once; what was asked is never answered. */
  stop(): void {
    this.worker?.terminate()
    this.worker = null
    this.remote = null
  }
}
