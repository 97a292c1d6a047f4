/** What is entered of training one's eye. */
export interface PracticeEntries {
  /** A task of training one's eye: of 100 points. */
  practised: { level: string; seed: number; points: number }
}
