import { useEffect, useRef } from 'react'

const PHONE = '(max-width: 639.9px)'

/** On a phone a stop takes the list's place: it begins at its top, and the list is found again where it was left. */
export function useListScroll(isLarge: boolean): void {
  const at = useRef(0)
  useEffect(() => {
    if (!window.matchMedia(PHONE).matches) return
    if (isLarge) {
      window.scrollTo({ top: 0, behavior: 'instant' })
      return
    }
    if (at.current > 0) window.scrollTo({ top: at.current, behavior: 'instant' })
    const keep = () => {
      at.current = window.scrollY
    }
    window.addEventListener('scroll', keep, { passive: true })
    return () => window.removeEventListener('scroll', keep)
  }, [isLarge])
}
