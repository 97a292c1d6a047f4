import type { Manner } from '../../core/facts'
import { sayLength } from '../../wording/say'

/** So many metres, as long as they are in the drawing above: `share` of its width. */
export function ScaleBar({ metres, share, manner }: { metres: number; share: number; manner: Manner }) {
  return (
    <span className="flex grow items-center gap-2">
      <span
        className="h-1.5 border-x border-b border-base-content"
        style={{ width: `${Math.min(45, share * 100)}%` }}
      />
      {sayLength(metres, manner)}
    </span>
  )
}

export function North() {
  return (
    <span className="flex items-center gap-1" aria-label="north is up">
      N
      <svg viewBox="0 0 10 16" className="h-4 w-2.5" aria-hidden>
        <path d="M5 16V1M1.500 5 5 1l3.500 4" fill="none" stroke="currentColor" strokeWidth="1.200" />
      </svg>
    </span>
  )
}
