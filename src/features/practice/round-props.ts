import type { Manner } from '../../core/facts'
import type { PracticeTask } from '../../core/pruning'

/** What a round of practice is given. */
export interface RoundProps {
  task: PracticeTask
  manner: Manner
  onScored: (points: number) => void
  onNext: () => void
}
