/** What is entered of trials. */
export interface TrialEntries {
  /**
   * A trial that was kept: how its address asks it, in how many seasons, what it said, and of each way, the present one
   * first, kg that it gave in 1, 5 and 9 seasons of ten, by the plant or the square meter.
   */
  tried: {
    asked: string
    seasons: number
    said: string
    measure: 'plant' | 'area'
    ways: { name: string; low: number; middle: number; high: number }[]
  }
}
