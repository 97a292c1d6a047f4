import type { Page } from '@playwright/test'
import type { Manner } from '../src/core/facts'
import { SCREENS } from '../scripts/lib/screens.mjs'
import { wordFaults } from './support/said'
import { expect, open, test } from './support/test'

/** Phones, a window of 1280 × 1024 at 400 % and at 200 %, a tablet, and desks. */
const SIZES = [
  { width: 320, height: 800 },
  { width: 320, height: 256 },
  { width: 640, height: 512 },
  { width: 768, height: 1024 },
  { width: 1280, height: 800 },
  { width: 1440, height: 800 },
]
const DEMO: Manner = { units: 'metric', decimals: 'point', dates: 'day-first' }

/** Texts that print over each other, and what is wider than the window, each in words. */
const crowding = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const faults: string[] = []
    const root = document.scrollingElement!
    if (root.scrollWidth > root.clientWidth) {
      const wide = [...document.querySelectorAll('main *')].find((one) => {
        const box = one.getBoundingClientRect()
        return box.right > root.clientWidth + 1 && box.width > 0 && !one.closest('[data-scrolls]')
      })
      faults.push(`${root.scrollWidth} px wide: ${wide?.outerHTML.slice(0, 120)}`)
    }
    /** Where an element is cut off by those around it; null: it is not shown at all. */
    const known = new Map<Element | null, DOMRect | null>([[null, new DOMRect(-1e6, -1e6, 2e6, 2e6)]])
    const shownIn = (element: Element | null): DOMRect | null => {
      if (!known.has(element)) known.set(element, shownAsOf(element!))
      return known.get(element)!
    }
    const stays = (element: Element) => /fixed|sticky/.test(getComputedStyle(element).position)
    /** What stays while others scroll lies over them: its texts are compared with one another alone. */
    const layers = new Map<Element | null, Element | null>([[null, null]])
    const layerOf = (element: Element | null): Element | null => {
      if (!layers.has(element))
        layers.set(element, stays(element!) ? element : layerOf(element!.parentElement))
      return layers.get(element)!
    }
    const shownAsOf = (element: Element): DOMRect | null => {
      const around = stays(element) ? new DOMRect(-1e6, -1e6, 2e6, 2e6) : shownIn(element.parentElement)
      const style = getComputedStyle(element)
      const isShown = style.visibility === 'visible' && style.opacity !== '0' && style.display !== 'none'
      if (!around || !isShown || style.clipPath !== 'none') return null
      if (element instanceof SVGElement && !(element instanceof SVGSVGElement)) return around
      if (style.overflowX === 'visible' && style.overflowY === 'visible') return around
      const box = element.getBoundingClientRect()
      if (box.width <= 1 || box.height <= 1) return null
      const left = Math.max(around.left, box.left)
      const top = Math.max(around.top, box.top)
      return new DOMRect(
        left,
        top,
        Math.min(around.right, box.right) - left,
        Math.min(around.bottom, box.bottom) - top,
      )
    }
    const boxes: {
      text: string
      left: number
      top: number
      right: number
      bottom: number
      owner: Element
      layer: Element | null
    }[] = []
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT)
    while (walker.nextNode()) {
      const node = walker.currentNode as Text
      const owner = node.parentElement
      if (!owner || !node.data.trim() || owner.closest('script, style, title, option, [hidden]')) continue
      const shown = shownIn(owner)
      if (!shown || !owner.checkVisibility({ contentVisibilityAuto: true })) continue
      const range = document.createRange()
      range.selectNodeContents(node)
      for (const box of range.getClientRects()) {
        const left = Math.max(box.left, shown.left)
        const right = Math.min(box.right, shown.right)
        // Letters fill the middle of their line.
        const top = Math.max(box.top + box.height * 0.22, shown.top)
        const bottom = Math.min(box.bottom - box.height * 0.22, shown.bottom)
        if (right - left > 2 && bottom - top > 2)
          boxes.push({
            text: node.data.trim().slice(0, 30),
            left,
            top,
            right,
            bottom,
            owner,
            layer: layerOf(owner),
          })
      }
    }
    if (boxes.length < 3) faults.push('no text was found')
    boxes.sort((one, other) => one.top - other.top)
    for (let at = 0; at < boxes.length; at++)
      for (let next = at + 1; next < boxes.length && boxes[next]!.top < boxes[at]!.bottom; next++) {
        const [one, other] = [boxes[at]!, boxes[next]!]
        const across = Math.min(one.right, other.right) - Math.max(one.left, other.left)
        const down = Math.min(one.bottom, other.bottom) - Math.max(one.top, other.top)
        if (across > 1.5 && down > 1.5 && one.owner !== other.owner && one.layer === other.layer)
          faults.push(`“${one.text}” over “${other.text}”`)
      }
    return [...new Set(faults)].slice(0, 8)
  })

const AT_ONCE = 8
for (let from = 0; from < SCREENS.length; from += AT_ONCE) {
  const screens = SCREENS.slice(from, from + AT_ONCE)
  test(`well said, no text over another, nothing sideways: ${screens[0]} to ${screens.at(-1)}`, async ({
    page,
  }) => {
    const faults: string[] = []
    for (const path of screens) {
      await page.setViewportSize(SIZES[0]!)
      await open(page, path)
      faults.push(...(await wordFaults(page, DEMO)))
      for (const size of SIZES) {
        await page.setViewportSize(size)
        await page.evaluate(
          () => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done))),
        )
        for (const fault of await crowding(page))
          faults.push(`${path} at ${size.width} × ${size.height}: ${fault}`)
      }
    }
    expect(faults).toEqual([])
  })
}
