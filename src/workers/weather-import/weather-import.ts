import { proxy, transfer, wrap, type Remote } from 'comlink'
import type { GardenWays, Mapping } from './mapping'
import type { ReadResult } from './read-days'
import type { Opened, OpenedTable, WeatherImportWorker } from './weather-import.worker'

/** Reads a weather file beside the page. */
export class WeatherImport {
  private worker: Worker | null = null
  private remote: Remote<WeatherImportWorker> | null = null

  open(bytes: ArrayBuffer, garden: GardenWays): Promise<Opened> {
    this.stop()
    this.worker = new Worker(new URL('./weather-import.worker.ts', import.meta.url), { type: 'module' })
    this.remote = wrap<WeatherImportWorker>(this.worker)
    return this.remote.open(transfer(bytes, [bytes]), garden)
  }

  /** @throws Error when no file is open */
  guess(garden: GardenWays, heading: number | null): Promise<OpenedTable> {
    return this.opened.guess(garden, heading)
  }

  /** @throws Error when no file is open */
  read(mapping: Mapping, today: string, onProgress: (share: number) => void): Promise<ReadResult> {
    return this.opened.read(mapping, today, proxy(onProgress))
  }

  private get opened(): Remote<WeatherImportWorker> {
    if (!this.remote) throw new Error('No file is open.')
    return this.remote
  }

  /** Stops at once; what was asked is never answered. */
  stop(): void {
    this.worker?.terminate()
    this.worker = null
    this.remote = null
  }
}
