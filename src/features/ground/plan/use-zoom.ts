'use client'

import { useEffect, useRef, type RefObject } from 'react'
import type { zooming } from './zooming'

/**
 * Zoom and pan of a drawing in metres, without drawing anything anew: pinch with two fingers, the wheel with Ctrl,
 * drag on open ground. `--px` is kept at the metres of a pixel, for words that keep their size. What listens to the
 * hand is fetched after the drawing is there.
 */
export function useZoom(svg: RefObject<SVGSVGElement | null>, inner: RefObject<SVGGElement | null>) {
  const made = useRef<ReturnType<typeof zooming> | null>(null)
  useEffect(() => {
    const element = svg.current
    if (!element) return
    let scale = 1
    let isGone = false
    const measure = () => {
      const { width, height } = element.getBoundingClientRect()
      const box = element.viewBox.baseVal
      if (width > 0)
        element.style.setProperty('--px', String(Math.max(box.width / width, box.height / height) / scale))
    }
    void import('./zooming').then(({ zooming }) => {
      if (isGone) return
      made.current = zooming(element, (transform) => {
        scale = transform.k
        inner.current?.setAttribute('transform', transform.toString())
        measure()
      })
    })
    measure()
    const watch = new ResizeObserver(measure)
    watch.observe(element)
    return () => {
      isGone = true
      watch.disconnect()
      made.current?.stop()
      made.current = null
    }
  }, [svg, inner])
  const by = (factor: number) => made.current?.by(factor)
  const whole = () => made.current?.whole()
  return { by, whole }
}
