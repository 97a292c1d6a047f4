import { chromium } from '@playwright/test'
import { browser as installed } from './chromium.mjs'

const SCREENS = [
  ['w', '/walk'],
  ['s', '/season'],
  ['g', '/ground'],
  ['b', '/bench/water'],
  ['h', '/shed'],
  ['c', '/clinic'],
  ['k', '/basket'],
  ['p', '/practice'],
  ['a', '/almanac'],
  ['l', '/logbook'],
  ['n', '/garden'],
]

/** Each screen opened by a browser that has nothing of it yet, then reached by its key, and a stop answered, ms. */
export async function benchScreens(address) {
  const browser = await chromium.launch(installed())
  const isReady = () => document.documentElement?.dataset.keys === 'ready'
  console.log('screen, cold browser until usable ms, reached by its key ms')
  const reached = await byKeys(await browser.newPage({ viewport: { width: 1280, height: 800 } }), address)
  for (const [, path] of SCREENS) {
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 } })
    const page = await context.newPage()
    const began = performance.now()
    await page.goto(address + path, { waitUntil: 'commit' })
    await page.waitForFunction(isReady, null, { polling: 'raf' })
    const cold = performance.now() - began
    await context.close()
    console.log([path, cold.toFixed(0), reached.get(path)?.toFixed(0) ?? ''].join(', '))
  }
  await answerStop(await browser.newPage({ viewport: { width: 1280, height: 800 } }), address)
  await browser.close()
}

/** From the key to the frame in which the other screen's heading stands, the second time round. */
async function byKeys(page, address) {
  await page.goto(`${address}/walk`)
  await page.waitForFunction(() => document.documentElement.dataset.keys === 'ready')
  const times = new Map()
  for (const [key, path] of [...SCREENS, ...SCREENS]) {
    if (new URL(page.url()).pathname === path) continue
    const took = await page.evaluate(async (pressed) => {
      const shown = () => `${location.pathname} ${document.querySelector('main h1')?.textContent}`
      const [before, began] = [shown(), performance.now()]
      window.dispatchEvent(new KeyboardEvent('keydown', { key: pressed, bubbles: true }))
      const from = location.pathname
      while (shown() === before || location.pathname === from) {
        if (performance.now() - began > 5000) return NaN
        await new Promise((frame) => requestAnimationFrame(frame))
      }
      return performance.now() - began
    }, key)
    times.set(path, took)
  }
  return times
}

/** A stop done by its key: gone from the list, and said to be durable. */
async function answerStop(page, address) {
  await page.goto(`${address}/walk`)
  await page.waitForFunction(() => document.documentElement.dataset.keys === 'ready')
  const shown = []
  const kept = []
  for (let turn = 0; turn < 6; turn++) {
    await page
      .getByRole('button', { name: /first open flower/ })
      .first()
      .click()
    const times = await page.evaluate(async () => {
      const count = () => document.querySelectorAll('ol[aria-label=Stops] > li').length
      const toasts = () =>
        [...document.querySelectorAll('[data-sonner-toast]')].map((one) => one.textContent).join()
      const [stops, said, began] = [count(), toasts(), performance.now()]
      window.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true }))
      while (count() === stops) await new Promise((frame) => requestAnimationFrame(frame))
      const gone = performance.now() - began
      while (toasts() === said) await new Promise((frame) => requestAnimationFrame(frame))
      return { gone, said: performance.now() - began }
    })
    shown.push(times.gone)
    kept.push(times.said)
    await page.waitForTimeout(700)
  }
  const middle = (values) => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)].toFixed(0)
  console.log(
    `a stop answered: gone from the list after ${middle(shown)} ms, durable and said after ${middle(kept)} ms`,
  )
}
