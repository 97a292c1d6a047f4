'use client'

import { useRef, type PointerEvent, type RefObject, type SVGProps } from 'react'

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
  const grip = useRef<{ x: number; y: number; clientX: number; clientY: number; moved: boolean } | null>(null)
  const spot = (event: PointerEvent) => {
    const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(
      inner.current!.getScreenCTM()!.inverse(),
    )
    return { x: point.x, y: -point.y }
  }
  const handOf = (event: PointerEvent): Hand => {
    const { x, y } = spot(event)
    return { x, y, dx: x - grip.current!.x, dy: y - grip.current!.y, free: event.altKey }
  }
  const onPointerDown = (event: PointerEvent<SVGGElement>) => {
    if (event.button !== 0) return
    event.stopPropagation()
    event.currentTarget.setPointerCapture(event.pointerId)
    grip.current = { ...spot(event), clientX: event.clientX, clientY: event.clientY, moved: false }
    onPress?.()
  }
  const onPointerMove = (event: PointerEvent) => {
    const held = grip.current
    if (!held) return
    if (!held.moved && Math.hypot(event.clientX - held.clientX, event.clientY - held.clientY) < SLIP) return
    held.moved = true
    onHand(handOf(event))
  }
  const onPointerUp = (event: PointerEvent) => {
    if (!grip.current) return
    const [hand, { moved }] = [handOf(event), grip.current]
    grip.current = null
    if (moved) onLand(hand)
  }
  const onPointerCancel = () => {
    grip.current = null
    onDrop?.()
  }
  return <g {...group} {...(live && { onPointerDown, onPointerMove, onPointerUp, onPointerCancel })} />
}
