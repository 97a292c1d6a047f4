import { saturationPressure, saturationTemperature } from '../../core/climate'
import type { Measure } from './mapping'

/** One row's numbers, SI; null: not measured. */
export type Reading = Record<Measure, number | null>

/** What a day's readings come to. */
export interface Gathered {
  /** Line of the first of them. */
  line: number
  count: number
  tmin: number | null
  tmax: number | null
  rain: number | null
  dewPoint: number | null
  wind: number | null
  /** Sum of what each told; of a mean power the mean. */
  solar: number | null
}

/** The readings of one day, as they come in. */
export class DayOfReadings {
  private count = 0
  private low = Infinity
  private high = -Infinity
  private rain: number | null = null
  private rainAt = -Infinity
  private readonly vapour = new Mean()
  private readonly wind = new Mean()
  private readonly sun = new Mean()

  constructor(readonly line: number) {}

  /**
   * @param minute of the day; the rain of a sum so far is what the latest told
   * @param rainOf each its own rain, or the day's so far
   */
  add(reading: Reading, minute: number, rainOf: 'each' | 'so-far'): void {
    this.count++
    const { temperature, rain, dewPoint, humidity } = reading
    for (const value of [temperature, reading.tmin, reading.tmax])
      if (value !== null) [this.low, this.high] = [Math.min(this.low, value), Math.max(this.high, value)]
    if (rain !== null && rainOf === 'each') this.rain = (this.rain ?? 0) + rain
    else if (rain !== null && minute >= this.rainAt) [this.rain, this.rainAt] = [rain, minute]
    // Moisture is gathered as vapour: the mean of dew points or of per cents is not the day's.
    const air = temperature ?? mid(reading.tmin, reading.tmax)
    if (humidity !== null && air !== null) this.vapour.add((humidity / 100) * saturationPressure(air))
    else if (dewPoint !== null) this.vapour.add(saturationPressure(dewPoint))
    this.wind.add(reading.wind)
    this.sun.add(reading.solar)
  }

  /** @param isPower the sun is told as a mean power, not as what each reading adds */
  gathered(isPower: boolean): Gathered {
    const vapour = this.vapour.mean
    const { line, count, rain } = this
    return {
      line,
      count,
      tmin: Number.isFinite(this.low) ? this.low : null,
      tmax: Number.isFinite(this.high) ? this.high : null,
      rain,
      dewPoint: vapour === null || vapour <= 0 ? null : saturationTemperature(vapour),
      wind: this.wind.mean,
      solar: isPower ? this.sun.mean : this.sun.sum,
    }
  }
}

const mid = (low: number | null, high: number | null) =>
  low === null || high === null ? null : (low + high) / 2

class Mean {
  private total = 0
  private count = 0
  add(value: number | null): void {
    if (value === null) return
    this.total += value
    this.count++
  }
  get mean(): number | null {
    return this.count === 0 ? null : this.total / this.count
  }
  get sum(): number | null {
    return this.count === 0 ? null : this.total
  }
}
