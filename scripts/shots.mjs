import { mkdirSync } from 'node:fs'
import { chromium } from '@playwright/test'
import { CHROMIUM, CHROMIUM_ARGS, ensureChromium } from './lib/chromium.mjs'
import { demoServer } from './lib/demo-server.mjs'
import { ensureBuilt, ensureInstalled } from './lib/prepare.mjs'

/** Retakes the pictures in docs/screenshots from the demo garden. */
const DESKTOP = { width: 1280, height: 800 }
const PHONE = { width: 390, height: 844 }
const SHOTS = [
  { name: 'walk', path: '/walk' },
  { name: 'walk-phone', path: '/walk', viewport: PHONE },
  { name: 'walk-dusk', path: '/walk', theme: 'dusk', keys: ['j', 'j', 'j', 'j', 'j'] },
  { name: 'season', path: '/season' },
  { name: 'season-move', path: '/season', move: 'Sow Ditch Wren × 6, Tunnel' },
  { name: 'season-phone', path: '/season', viewport: PHONE },
  { name: 'ground', path: '/ground' },
  { name: 'ground-light', path: '/ground', layer: 'Light' },
  { name: 'ground-bed', path: '/ground/demo-tunnel', fit: 'Long Ember' },
  { name: 'ground-list', path: '/ground/list' },
  { name: 'garden', path: '/garden' },
  { name: 'weather', path: '/garden/weather' },
  { name: 'planting', path: '/plantings/demo-2026-bed-1-1' },
  { name: 'hardening', path: '/plantings/demo-2026-pot-6-1', to: 'Hardening off' },
  { name: 'planting-day', path: '/plantings/demo-2026-bed-4-1/set-out' },
  { name: 'support', path: '/plantings/demo-2026-row-a-1/support' },
  { name: 'shed', path: '/shed' },
  { name: 'plant', path: '/plants/demo-2026-tunnel-1-1' },
  { name: 'first-garden', path: '/', empty: true },
]

ensureInstalled()
ensureChromium()
ensureBuilt()
mkdirSync('docs/screenshots', { recursive: true })
const browser = await chromium.launch({ executablePath: CHROMIUM, args: CHROMIUM_ARGS })
const servers = { demo: await demoServer('shots'), empty: await demoServer('shots-empty', { empty: true }) }
for (const { name, path, viewport = DESKTOP, theme = 'day', keys = [], empty = false, ...acts } of SHOTS) {
  const page = await browser.newPage({ viewport })
  await page.addInitScript((chosen) => localStorage.setItem('theme', chosen), theme)
  await page.goto((empty ? servers.empty : servers.demo).address + path)
  await page.waitForLoadState('networkidle')
  for (const key of keys) await page.keyboard.press(key)
  if (acts.move) {
    await page.getByRole('slider', { name: acts.move }).focus()
    for (let day = 0; day < 5; day++) await page.keyboard.press('ArrowRight')
    await page.getByTestId('odds').waitFor()
  }
  if (acts.layer) {
    await page.getByText(acts.layer, { exact: true }).last().click()
    await page.locator('svg image').waitFor()
  }
  if (acts.fit) await page.getByLabel('Cultivar', { exact: true }).selectOption({ label: acts.fit })
  if (acts.to)
    await page
      .getByRole('region', { name: acts.to })
      .evaluate((part) => part.scrollIntoView({ block: 'center' }))
  await page.waitForTimeout(300)
  await page.screenshot({ path: `docs/screenshots/${name}.png` })
  await page.close()
  console.log(`docs/screenshots/${name}.png`)
}
await browser.close()
for (const server of Object.values(servers)) server.stop()
