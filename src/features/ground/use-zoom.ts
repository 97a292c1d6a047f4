'use client'

import { select } from 'd3-selection'
import { zoom, zoomIdentity, type ZoomBehavior } from 'd3-zoom'
import { useEffect, useRef, type RefObject } from 'react'

/**
 * Zoom and pan of a drawing in metres, without drawing anything anew: pinch with two fingers, the wheel with Ctrl,
 * drag on open ground. `--px` is kept at the metres of a pixel, for words that keep their size.
 */
export function useZoom(svg: RefObject<SVGSVGElement | null>, inner: RefObject<SVGGElement | null>) {
  const behavior = useRef<ZoomBehavior<SVGSVGElement, unknown> | null>(null)
  useEffect(() => {
    const element = svg.current
    if (!element) return
    let scale = 1
    const measure = () => {
      const { width, height } = element.getBoundingClientRect()
      const box = element.viewBox.baseVal
      if (width > 0)
        element.style.setProperty('--px', String(Math.max(box.width / width, box.height / height) / scale))
    }
    const made = zoom<SVGSVGElement, unknown>()
      .scaleExtent([0.5, 20])
      .filter((event: Event) => {
        if (event.type === 'wheel') return (event as WheelEvent).ctrlKey || (event as WheelEvent).metaKey
        if ('touches' in event) return (event as TouchEvent).touches.length > 1
        const target = event.target as Element
        return (event as MouseEvent).button === 0 && target.closest('[data-piece]') === null
      })
      .on('zoom', ({ transform }) => {
        scale = transform.k
        inner.current?.setAttribute('transform', transform.toString())
        measure()
      })
    behavior.current = made
    select(element).call(made).on('dblclick.zoom', null)
    measure()
    const watch = new ResizeObserver(measure)
    watch.observe(element)
    return () => {
      watch.disconnect()
      select(element).on('.zoom', null)
    }
  }, [svg, inner])
  const by = (factor: number) => {
    if (svg.current && behavior.current) behavior.current.scaleBy(select(svg.current), factor)
  }
  const whole = () => {
    if (svg.current && behavior.current) behavior.current.transform(select(svg.current), zoomIdentity)
  }
  return { by, whole }
}
