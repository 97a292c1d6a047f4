'use client'

import { CutRound } from './cut-round'
import { NameRound } from './name-round'
import type { RoundProps } from './round-props'

/** One task: parts to be named, or cuts to be marked; then what was right. */
export function Round(props: RoundProps) {
  return props.task.named.length > 0 ? <NameRound {...props} /> : <CutRound {...props} />
}
