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
  { name: 'garden', path: '/garden' },
  { name: 'planting', path: '/plantings/demo-2026-bed-1-1' },
  { name: 'planting-day', path: '/plantings/demo-2026-bed-4-1/set-out' },
  { name: 'first-garden', path: '/', empty: true },
]

ensureInstalled()
ensureChromium()
ensureBuilt()
mkdirSync('docs/screenshots', { recursive: true })
const browser = await chromium.launch({ executablePath: CHROMIUM, args: CHROMIUM_ARGS })
const servers = { demo: await demoServer('shots'), empty: await demoServer('shots-empty', { empty: true }) }
for (const { name, path, viewport = DESKTOP, theme = 'day', keys = [], empty = false } of SHOTS) {
  const page = await browser.newPage({ viewport })
  await page.addInitScript((chosen) => localStorage.setItem('theme', chosen), theme)
  await page.goto((empty ? servers.empty : servers.demo).address + path)
  await page.waitForLoadState('networkidle')
  for (const key of keys) await page.keyboard.press(key)
  await page.waitForTimeout(300)
  await page.screenshot({ path: `docs/screenshots/${name}.png` })
  await page.close()
  console.log(`docs/screenshots/${name}.png`)
}
await browser.close()
for (const server of Object.values(servers)) server.stop()
