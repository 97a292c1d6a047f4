import { useEffect, useRef, type RefObject } from 'react'

const PHONE = '(max-width: 639.9px)'

/**
 * On a phone a stop takes the list's place: each begins at its top, and the list is found again where it was left.
 *
 * @param shown what is shown large; null: the list
 * @returns where it is shown
 */
export function useListScroll(shown: string | null): RefObject<HTMLElement | null> {
  const large = useRef<HTMLElement>(null)
  const at = useRef(0)
  useEffect(() => {
    if (!window.matchMedia(PHONE).matches) return
    if (shown !== null) {
      large.current?.scrollIntoView({ block: 'start', behavior: 'instant' })
      return
    }
    if (at.current > 0) window.scrollTo({ top: at.current, behavior: 'instant' })
    const keep = () => {
      at.current = window.scrollY
    }
    window.addEventListener('scroll', keep, { passive: true })
    return () => window.removeEventListener('scroll', keep)
  }, [shown])
  return large
}
