import { chromium } from '@playwright/test'
import { gzipSync } from 'node:zlib'
import { browser as installed } from './chromium.mjs'

const PHONE = { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true }
const THROTTLE = 4

/** A picture of 2 MB, as a phone sends it. */
const PICTURE = 2 * 1024 * 1024

const seen = (page) => page.locator('ol[aria-label="Stops"] li').first().waitFor()

/**
 * Times of a phone without a network, ms: its processor is slowed down four times where the screen is drawn; what
 * works out the garden beside it is not.
 *
 * @param server a garden that is stopped meanwhile, and started again
 */
export async function benchPocket(server, name) {
  const browser = await chromium.launch(installed())
  const context = await browser.newContext({ baseURL: server.address, ...PHONE })
  const first = await context.newPage()
  await first.goto('/walk')
  const began = performance.now()
  await first.waitForFunction(() => document.documentElement.dataset.pocket === 'kept', null, {
    timeout: 120_000,
  })
  console.log(`${name}: kept on the phone after ${(performance.now() - began).toFixed(0)} ms`)
  const sizes = await first.evaluate(async () => {
    const ask = async (has, version) => {
      const answer = await fetch('/pocket/garden', {
        method: 'POST',
        body: JSON.stringify({ version, has }),
      })
      return answer.text()
    }
    const whole = await ask([])
    const { pieces, version } = JSON.parse(whole)
    return [whole, await ask(Object.keys(pieces), version)]
  })
  const kB = (text) => (gzipSync(text).length / 1024).toFixed(1)
  console.log(`${name}: the garden ${kB(sizes[0])} kB gzipped, without a change ${kB(sizes[1])} kB`)
  await first.close()
  await server.stop()

  const opened = []
  for (let turn = 0; turn < 5; turn++) {
    const page = await context.newPage()
    const cdp = await context.newCDPSession(page)
    await cdp.send('Emulation.setCPUThrottlingRate', { rate: THROTTLE })
    const at = performance.now()
    await page.goto('/walk', { waitUntil: 'commit' })
    await seen(page)
    opened.push(performance.now() - at)
    await page.close()
  }
  console.log(`${name}: round open offline ${opened.map((ms) => ms.toFixed(0)).join(', ')}`)

  const page = await context.newPage()
  const cdp = await context.newCDPSession(page)
  await cdp.send('Emulation.setCPUThrottlingRate', { rate: THROTTLE })
  await page.goto('/walk')
  await seen(page)
  await page.waitForTimeout(3000)
  await page.locator('ol[aria-label="Stops"] li button').first().tap()
  await page.locator('article').waitFor()
  const [drawn, kept] = [[], []]
  for (let turn = 0; turn < 8; turn++) {
    // A stop with a form of its own is left for later.
    const times = await page.evaluate(async () => {
      const article = document.querySelector('article')
      const main = article?.querySelector('[data-stop-bar] .btn-primary')
      if (!main) return null
      const heading = () => document.querySelector('article h1, article h2')?.textContent
      const strip = () => document.querySelector('aside [role=status]')?.textContent
      const [stop, waits, began] = [heading(), strip(), performance.now()]
      const frame = () => new Promise((next) => requestAnimationFrame(next))
      main.click()
      while (heading() === stop && performance.now() - began < 3000) await frame()
      const drawn = performance.now() - began
      while (strip() === waits && performance.now() - began < 6000) await frame()
      return [drawn, performance.now() - began]
    })
    // It led to a screen of its own.
    if (!times) break
    if (times[0] >= 3000) {
      await page.getByRole('button', { name: /^Later/ }).tap()
      await page.getByRole('button', { name: 'In a week' }).tap()
      await page.waitForTimeout(500)
      continue
    }
    drawn.push(times[0])
    kept.push(times[1])
    await page.waitForTimeout(1500)
  }
  const said = (times) => times.map((ms) => ms.toFixed(0)).join(', ')
  console.log(`${name}: next stop drawn ${said(drawn)}`)
  console.log(`${name}: entry kept and told ${said(kept)}`)

  await page.evaluate(lay, [DOT, PICTURE])
  const at = performance.now()
  await server.start()
  const up = performance.now()
  await page.waitForFunction(
    () => /^(?!Offline)/.test(document.querySelector('aside [role=status]')?.textContent ?? ''),
    null,
    { timeout: 60_000, polling: 50 },
  )
  const noticed = performance.now()
  await page.waitForFunction(() => !document.querySelector('aside [role=status]'), null, {
    timeout: 120_000,
    polling: 50,
  })
  console.log(
    `${name}: server back after ${(up - at).toFixed(0)}, noticed after ${(noticed - up).toFixed(0)}, ${ACTS} acts and ${PHOTOS} photos sent in ${(performance.now() - noticed).toFixed(0)}`,
  )
  await browser.close()
}

const ACTS = 200
const PHOTOS = 20
/** A picture of one dot. */
const DOT = 'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg=='

/** Puts notes beside what waits on the phone, every tenth with a photo; runs in the page. */
async function lay([dot, size]) {
  const done = (asking) =>
    new Promise((answer, fail) => {
      asking.onsuccess = () => answer(asking.result)
      asking.onerror = () => fail(asking.error)
    })
  const db = await done(indexedDB.open('prairie-outbox'))
  const acts = db.transaction('acts', 'readwrite').objectStore('acts')
  const { seq: _, ...like } = (await done(acts.getAll())).find(({ act }) => act.entries)
  const { subject } = like.act.entries[0]
  const picture = () =>
    new Blob([Uint8Array.from(atob(dot), (one) => one.charCodeAt(0)), new Uint8Array(size)])
  for (let at = 0; at < 200; at++) {
    const id = `bench-${at}`
    const entries = [{ id, subject, kind: 'note', on: like.on, data: {}, note: `bench ${at}` }]
    const photo = at % 10 === 0 ? { id: `photo-${at}`, picture: picture() } : null
    acts.add({ ...like, id, isTried: false, act: { ...like.act, entries }, photo })
  }
}
