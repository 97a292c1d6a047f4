import { writeFileSync } from 'node:fs'
import { chromium } from '@playwright/test'
import { browser as installed } from './chromium.mjs'

const LINES = 7300
const FILE = '.scratch/bench-weather.csv'

/** Twenty years of made-up daily weather. */
function weatherFile() {
  const lines = ['date,tmin °C,tmax °C,rain mm']
  for (let day = 0; day < LINES; day++) {
    const date = new Date(Date.UTC(2006, 5, 1 + day)).toISOString().slice(0, 10)
    const warmth = 10 - 12 * Math.cos((2 * Math.PI * (day + 140)) / 365.25) + (day % 7)
    lines.push(`${date},${(warmth - 5).toFixed(1)},${(warmth + 6).toFixed(1)},${day % 5 === 0 ? 4.2 : 0}`)
  }
  writeFileSync(FILE, lines.join('\n'))
}

/** Times of what a hand sets off on the screens, in the browser, ms. */
export async function benchBrowser(address) {
  const browser = await chromium.launch(installed())
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  const ready = async (path) => {
    await page.goto(address + path)
    await page.waitForFunction(() => document.documentElement.dataset.keys === 'ready')
    await page.waitForLoadState('networkidle')
  }
  await ready('/season')
  await page.evaluate(() => {
    window.tasks = []
    new PerformanceObserver((list) =>
      list.getEntries().forEach(({ duration }) => window.tasks.push(duration)),
    ).observe({
      type: 'longtask',
    })
  })
  const handle = page.getByRole('slider', { name: /^Sow / }).first()
  await handle.focus()
  // Measured in the page: from the key to the frame that shows the new dates.
  const moves = []
  for (let press = 0; press < 12; press++)
    moves.push(
      await page.evaluate(async () => {
        const shown = () => document.querySelector('figure [role=status]')?.textContent ?? ''
        const [before, began] = [shown(), performance.now()]
        document.activeElement.dispatchEvent(
          new KeyboardEvent('keydown', { key: 'ArrowRight', bubbles: true }),
        )
        while (shown() === before) await new Promise((frame) => requestAnimationFrame(frame))
        return performance.now() - began
      }),
    )
  const odds = async () => {
    const began = performance.now()
    await page.getByTestId('odds').waitFor()
    return performance.now() - began
  }
  const first = await odds()
  await handle.press('ArrowRight')
  const again = await odds()
  moves.sort((a, b) => a - b)
  console.log(
    `a sowing date moved: single-line dates shown after ${moves[6].toFixed(0)} ms (slowest ${moves.at(-1).toFixed(0)})`,
  )
  console.log(
    `its odds, 200 seasons × 18 plantings in the worker: first ${first.toFixed(0)}, then ${again.toFixed(0)} ms, of which 250 wait for the hand to rest`,
  )
  const tasks = await page.evaluate(() => window.tasks)
  console.log(
    `main-thread tasks over 50 ms meanwhile: ${tasks.length}${tasks.length ? `, longest ${Math.max(...tasks).toFixed(0)} ms` : ''}`,
  )

  weatherFile()
  await ready('/garden/weather/import')
  const step = async (name, act, seen) => {
    const began = performance.now()
    await act()
    await seen.waitFor()
    return `${name} ${(performance.now() - began).toFixed(0)}`
  }
  const read = page.getByRole('button', { name: 'Read the lines' })
  const take = page.getByRole('button', { name: /^Take \d+ good days/ })
  const steps = [
    await step('opened', () => page.getByLabel('Weather file (CSV)').setInputFiles(FILE), read),
    await step('read', () => read.click(), take),
    await step('stored', () => take.click(), page.getByText('days are taken')),
  ]
  console.log(`${LINES} lines of weather: ${steps.join(', ')} ms`)
  await dragAmongMany(page, ready)
  await browser.close()
}

/** One of some five hundred plants dragged, the processor held to a quarter: script a move, and what is drawn anew. */
async function dragAmongMany(page, ready) {
  await ready('/ground')
  await page.getByLabel('Add to the plan').selectOption('rows')
  const form = page.getByRole('form', { name: 'Field row 1', exact: true })
  for (const [label, text] of [
    // Clear of all that stands there.
    ['Distance east', '60 m'],
    ['Length', '26 m'],
    ['Width', '6 m'],
  ])
    await form.getByLabel(label).fill(text)
  await form.getByRole('button', { name: 'Keep' }).click()
  await page.getByText('Field row 1 is kept.').waitFor()
  await page.getByRole('link', { name: 'Open' }).click()
  await page.getByLabel('Cultivar', { exact: true }).selectOption({ label: 'Barn Door' })
  await page.getByRole('button', { name: 'Place them all' }).click()
  await page.getByText(/^\d+ plants of Barn Door placed/).waitFor()
  await ready(new URL(page.url()).pathname)
  const plants = page.getByRole('button', { name: /^Plant \d+, Barn Door/ })
  const count = await plants.count()
  const box = await plants.nth(Math.floor(count / 2)).boundingBox()
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2]
  const cdp = await page.context().newCDPSession(page)
  await cdp.send('Emulation.setCPUThrottlingRate', { rate: 4 })
  await page.evaluate(() => {
    window.moves = []
    window.redrawn = new Set()
    let began = 0
    // From before the first listener to after the last: all script that a move sets off.
    window.addEventListener('pointermove', () => (began = performance.now()), true)
    window.addEventListener('pointermove', () => window.moves.push(performance.now() - began))
    new MutationObserver((changes) => changes.forEach(({ target }) => window.redrawn.add(target))).observe(
      document.querySelector('main'),
      { subtree: true, attributes: true, childList: true, characterData: true },
    )
  })
  await page.mouse.move(x, y)
  await page.mouse.down()
  await page.waitForTimeout(500)
  await page.evaluate(() => {
    window.moves.length = 0
    window.redrawn.clear()
  })
  for (let step = 1; step <= 40; step++) await page.mouse.move(x + step * 2, y - step)
  const { moves, redrawn } = await page.evaluate(() => ({
    moves: [...window.moves].sort((a, b) => a - b),
    redrawn: [...window.redrawn].map((node) => node.dataset?.piece ?? node.nodeName),
  }))
  await page.mouse.up()
  await cdp.send('Emulation.setCPUThrottlingRate', { rate: 1 })
  const plantsDrawn = redrawn.filter((name) => !['P', '#text'].includes(name)).length
  console.log(
    `a plant of ${count} dragged at a quarter of the processor: ${moves[Math.floor(moves.length / 2)].toFixed(1)} ms of script a move (slowest ${moves.at(-1).toFixed(1)}), ${plantsDrawn} drawn anew`,
  )
}
