'use client'

import { useEffect, useState, type RefObject } from 'react'

/** Pixels a metre at which marks are as large as they are drawn. */
const DRAWN_AT = 330

/** By how much marks are drawn larger or smaller than to scale, so that they can be read however large the picture is. */
export function useDrawnScale(svg: RefObject<SVGSVGElement | null>): number {
  const [scale, setScale] = useState(1)
  useEffect(() => {
    const drawing = svg.current
    if (!drawing) return
    const measure = () => {
      const pixels = drawing.getScreenCTM()?.a ?? DRAWN_AT
      setScale(Math.round((DRAWN_AT / Math.max(1, pixels)) * 50) / 50)
    }
    const observer = new ResizeObserver(measure)
    observer.observe(drawing)
    const changes = new MutationObserver(measure)
    changes.observe(drawing, { attributeFilter: ['viewBox'] })
    measure()
    return () => {
      observer.disconnect()
      changes.disconnect()
    }
  }, [svg])
  return scale
}
