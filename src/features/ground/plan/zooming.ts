import { select } from 'd3-selection'
import { zoom, zoomIdentity } from 'd3-zoom'

/** Makes a drawing zoom and pan by hand; tells the new scale. */
export function zooming(
  element: SVGSVGElement,
  onZoom: (transform: { k: number; toString: () => string }) => void,
) {
  const made = zoom<SVGSVGElement, unknown>()
    .scaleExtent([0.5, 20])
    .filter((event: Event) => {
      if (event.type === 'wheel') return (event as WheelEvent).ctrlKey || (event as WheelEvent).metaKey
      if ('touches' in event) return (event as TouchEvent).touches.length > 1
      const target = event.target as Element
      return (event as MouseEvent).button === 0 && target.closest('[data-piece]') === null
    })
    .on('zoom', ({ transform }) => onZoom(transform))
  const drawing = select(element)
  drawing.call(made).on('dblclick.zoom', null)
  return {
    by: (factor: number) => made.scaleBy(drawing, factor),
    whole: () => made.transform(drawing, zoomIdentity),
    stop: () => drawing.on('.zoom', null),
  }
}
