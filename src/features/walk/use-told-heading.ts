import { useCallback, useEffect, useRef, type RefObject } from 'react'

/**
 * A heading that takes the focus, and is read out, when what it heads changes after an act or a choice.
 *
 * @param of what it heads
 * @returns the heading, and what is called before the change
 */
export function useToldHeading(of: string | null): [RefObject<HTMLHeadingElement | null>, () => void] {
  const heading = useRef<HTMLHeadingElement>(null)
  const isTold = useRef(false)
  useEffect(() => {
    if (isTold.current) heading.current?.focus({ preventScroll: true })
    isTold.current = false
  }, [of])
  const tell = useCallback(() => {
    isTold.current = true
  }, [])
  return [heading, tell]
}
