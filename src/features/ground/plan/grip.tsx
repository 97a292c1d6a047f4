'use client'

import { useDrag } from '@use-gesture/react'
import type { RefObject, SVGProps } from 'react'

/** Under so many pixels a press is no drag. */
const SLIP = 4

/** A hand on a drawing in metres: how far it moved and where it is, x east and y north. */
export interface Hand {
  dx: number
  dy: number
  x: number
  y: number
  /** Alt is held: nothing snaps. */
  free: boolean
}

/**
 * Something in a drawing that can be dragged. `onHand` changes the drawing itself, nothing is rendered anew;
 * `onLand` says where it was let go.
 */
export function Grip({
  inner,
  live = true,
  onHand,
  onLand,
  onPress,
  onDrop,
  ...group
}: Omit<SVGProps<SVGGElement>, 'onDrop'> & {
  inner: RefObject<SVGGElement | null>
  live?: boolean
  onHand: (hand: Hand) => void
  onLand: (hand: Hand) => void
  onPress?: () => void
  onDrop?: () => void
}) {
  const spot = ([clientX, clientY]: readonly [number, number]) => {
    const point = new DOMPoint(clientX, clientY).matrixTransform(inner.current!.getScreenCTM()!.inverse())
    return { x: point.x, y: -point.y }
  }
  // Not captured: what is pressed may be drawn anew while it is held.
  const drag = useDrag(
    ({ event, initial, xy, altKey, intentional, last }) => {
      if (event.type === 'pointerdown') {
        event.stopPropagation()
        onPress?.()
        return
      }
      if (event.type === 'pointercancel') {
        onDrop?.()
        return
      }
      if (!intentional) return
      const [from, to] = [spot(initial), spot(xy)]
      const hand: Hand = { ...to, dx: to.x - from.x, dy: to.y - from.y, free: altKey }
      if (last) onLand(hand)
      else onHand(hand)
    },
    { enabled: live, threshold: SLIP, triggerAllEvents: true, pointer: { keys: false, capture: false } },
  )
  return <g {...group} {...(drag() as Pick<SVGProps<SVGGElement>, 'onPointerDown'>)} />
}
