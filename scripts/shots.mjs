import { mkdirSync } from 'node:fs'
import { chromium } from '@playwright/test'
import { browser as installed, ensureChromium } from './lib/chromium.mjs'
import { demoServer } from './lib/demo-server.mjs'
import { ensureBuilt, ensureInstalled } from './lib/prepare.mjs'

/** Retakes the pictures in docs/screenshots from the demo garden. */
const DESKTOP = { width: 1280, height: 800 }
const PHONE = { width: 390, height: 844 }
const SHOTS = [
  { name: 'walk', path: '/walk' },
  { name: 'walk-phone', path: '/walk', viewport: PHONE, stop: 'Pinch out suckers' },
  { name: 'season', path: '/season' },
  { name: 'ground', path: '/ground' },
  { name: 'ground-bed', path: '/ground/demo-tunnel', fit: 'Long Ember' },
  { name: 'bench-water', path: '/bench/water' },
  { name: 'bench-feed', path: '/bench/feed' },
  { name: 'trials', path: '/trials?planting=demo-2026-bed-1-1&ask=stems', until: 'Save as CSV' },
  { name: 'planting', path: '/plantings/demo-2026-bed-1-1' },
  { name: 'planting-day', path: '/plantings/demo-2026-bed-4-1/set-out' },
  { name: 'support', path: '/plantings/demo-2026-row-a-1/support' },
  { name: 'shed', path: '/shed' },
  { name: 'plant', path: '/plants/demo-2026-bed-1-1-1?on=2026-07-20' },
  { name: 'practice', path: '/practice', judge: 'One stem' },
  {
    name: 'clinic',
    path: '/clinic',
    press: ['Brown spots with rings, like a target', 'Yellow around the spots'],
  },
  { name: 'basket', path: '/basket' },
  { name: 'begin', path: '/', empty: true, town: 'Omaha' },
  { name: 'almanac', path: '/almanac/score', told: 'What came of the forecasts' },
  { name: 'garden', path: '/garden' },
]

ensureInstalled()
ensureChromium()
ensureBuilt()
mkdirSync('docs/screenshots', { recursive: true })
const browser = await chromium.launch(installed())
const servers = { demo: await demoServer('shots'), empty: await demoServer('shots-empty', { empty: true }) }
for (const { name, path, viewport = DESKTOP, theme = 'day', keys = [], empty = false, ...acts } of SHOTS) {
  const page = await browser.newPage({ viewport, hasTouch: viewport === PHONE, isMobile: viewport === PHONE })
  await page.addInitScript((chosen) => localStorage.setItem('theme', chosen), theme)
  await page.goto((empty ? servers.empty : servers.demo).address + path)
  await page.waitForLoadState('networkidle')
  for (const key of keys) await page.keyboard.press(key)
  if (acts.town) {
    await page.getByRole('combobox').fill(acts.town)
    await page.getByRole('option').first().click()
    await page.getByRole('heading', { name: 'Does this look like your place?' }).waitFor()
  }
  if (acts.told) await page.getByRole('region', { name: acts.told }).waitFor()
  if (acts.until) await page.getByRole('button', { name: acts.until }).waitFor()
  if (acts.fit) await page.getByLabel('Cultivar', { exact: true }).selectOption({ label: acts.fit })
  if (acts.stop) await page.getByRole('button', { name: acts.stop }).first().click()
  for (const name of acts.press ?? []) await page.getByRole('button', { name, exact: true }).click()
  if (acts.judge) {
    await page.getByRole('button', { name: acts.judge }).last().click()
    await page.getByRole('application').focus()
    for (const key of ['ArrowUp', 'Enter', 'ArrowUp', 'ArrowUp', 'ArrowUp', 'ArrowUp', 'Enter'])
      await page.keyboard.press(key)
    await page.getByRole('button', { name: /^Judge/ }).click()
  }
  await page.waitForTimeout(900)
  await page.screenshot({ path: `docs/screenshots/${name}.png` })
  await page.close()
  console.log(`docs/screenshots/${name}.png`)
}
await browser.close()
for (const server of Object.values(servers)) server.stop()
