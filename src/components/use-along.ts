'use client'

import { useDrag } from '@use-gesture/react'
import type { KeyboardEvent } from 'react'

const STEPS: Readonly<Record<string, number>> = {
  ArrowLeft: -1,
  ArrowDown: -1,
  ArrowRight: 1,
  ArrowUp: 1,
  PageDown: -7,
  PageUp: 7,
}

/**
 * A hand along a track of days, and the keys for it: arrows a day, with Shift or by page a week, Home and End.
 *
 * @param last the track's last day, from 0
 * @param onMove told of days within the track alone
 * @returns what the thing that is taken hold of is given
 */
export function useAlong({
  track,
  at,
  last,
  onMove,
}: {
  track: () => Element
  at: number
  last: number
  onMove: (day: number) => void
}) {
  const moveTo = (day: number) => onMove(Math.min(last, Math.max(0, day)))
  const dragged = useDrag(
    ({ xy: [x] }) => {
      const { left, width } = track().getBoundingClientRect()
      moveTo(Math.round(((x - left) / width) * last))
    },
    { pointer: { keys: false } },
  )
  const onKeyDown = (event: KeyboardEvent) => {
    const step = STEPS[event.key]
    if (step === undefined && event.key !== 'Home' && event.key !== 'End') return
    event.preventDefault()
    if (step === undefined) moveTo(event.key === 'Home' ? 0 : last)
    else moveTo(at + (event.shiftKey && Math.abs(step) === 1 ? step * 7 : step))
  }
  return { ...dragged(), onKeyDown }
}
