'use client'

import type { Manner } from '../../core/facts'
import type { PracticeTask } from '../../core/pruning'
import { CutRound } from './cut-round'
import { NameRound } from './name-round'

export interface RoundProps {
  task: PracticeTask
  manner: Manner
  onScored: (points: number) => void
  onNext: () => void
}

/** One task: parts to be named, or cuts to be marked; then what was right. */
export function Round(props: RoundProps) {
  return props.task.named.length > 0 ? <NameRound {...props} /> : <CutRound {...props} />
}
