import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { chromium, type Page } from '@playwright/test'
import { browser } from '../scripts/lib/chromium.mjs'
import { expect, open, test } from './support/test'

/** A phone that lets the application keep what it needs without the server. */
const PHONE = {
  viewport: { width: 390, height: 844 },
  hasTouch: true,
  isMobile: true,
  serviceWorkers: 'allow',
  reducedMotion: 'reduce',
  locale: 'en-GB',
} as const

const PICTURE = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
  'base64',
)

/** Waits until the garden is kept on the phone, also while a screen gives way to the server's. */
const isKept = (page: Page) =>
  expect
    .poll(() => page.evaluate(() => document.documentElement?.dataset.pocket).catch(() => null), {
      timeout: 60_000,
    })
    .toBe('kept')

/** Opens the round, and waits until the garden is kept on the phone. */
async function visit(page: Page): Promise<void> {
  await open(page, '/walk')
  await isKept(page)
}

interface Log {
  log: { id: string; kind: string; note: string; subject: { id: string }; data: Record<string, unknown> }[]
  photos: { entryId: string }[]
}
const exported = async (page: Page) => (await (await page.request.get('/export')).json()) as Log

const strip = (page: Page) => page.getByRole('complementary', { name: 'What waits on this device' })
const kept = (page: Page) => page.getByText(/^Offline/)
const stops = (page: Page) => page.getByRole('list', { name: 'Stops', exact: true }).getByRole('listitem')

/** Answers the stop that is shown, by its main button where that is all, else later. */
async function answerStop(page: Page): Promise<void> {
  const article = page.getByRole('article')
  const left = Number(/of\s(\d+)/.exec((await article.getByText(/^Stop\s\d+\sof\s\d+/).textContent())!)![1])
  const main = article.locator('[data-stop-bar] .btn-primary')
  const isForm = /Enter|Open|Planting day|Go to|Find out/.test((await main.textContent())!)
  if (isForm) {
    const later = article.getByRole('button', { name: /^Later/ })
    if ((await later.count()) > 0) {
      await later.tap()
      await page.getByRole('button', { name: 'In a week' }).tap()
    } else await article.getByRole('button', { name: /^Not yet/ }).tap()
  } else await main.tap()
  await expect(article.getByText(new RegExp(`^Stop\\s\\d+\\sof\\s${left - 1}(?!\\d)`))).toBeVisible()
}

test('a round without a network is kept on the phone, over its being shut, and is all there once', async ({
  server,
}) => {
  test.slow()
  const folder = mkdtempSync(join(tmpdir(), 'prairie-phone-'))
  const phone = () =>
    chromium.launchPersistentContext(folder, { ...browser(), ...PHONE, baseURL: server.address })
  let context = await phone()
  let page = context.pages()[0] ?? (await context.newPage())
  await visit(page)
  const before = (await exported(page)).log
  await server.stop('SIGKILL')

  const all = await stops(page).count()
  expect(all).toBeGreaterThanOrEqual(24)
  await stops(page).first().getByRole('button').tap()
  for (let done = 0; done < 12; done++) await answerStop(page)
  for (const note of ['a hole in the net', 'aphids under a leaf']) {
    await page.getByRole('button', { name: /^Note, photo/ }).tap()
    const form = page.getByRole('form', { name: 'Note or photo' })
    await form.getByLabel('What you noticed').fill(note)
    await form.getByLabel('Photo').setInputFiles({ name: 'p.png', mimeType: 'image/png', buffer: PICTURE })
    await form.getByRole('button', { name: 'Save' }).tap()
    await expect(form).toHaveCount(0)
  }
  await expect(kept(page)).toHaveText('Offline · 14 entries kept on this phone')

  // The phone is shut, and opened again where there still is no network.
  await context.close()
  context = await phone()
  page = context.pages()[0] ?? (await context.newPage())
  await open(page, '/walk')
  await expect(kept(page)).toHaveText('Offline · 14 entries kept on this phone')
  await expect(stops(page)).toHaveCount(all - 12)
  await stops(page).first().getByRole('button').tap()
  for (let done = 12; done < 24; done++) await answerStop(page)

  // A harvest on the scales, and the plants' water, worked out on the phone with what was entered on it.
  await page
    .getByRole('link', { name: 'More' })
    .or(page.getByText('More', { exact: true }))
    .first()
    .tap()
  await page.getByRole('link', { name: /^Basket/ }).tap()
  const scales = page.getByRole('form', { name: /^Weigh/ }).first()
  await scales.getByLabel('Weight').fill('1.5 kg')
  await scales
    .getByRole('button', { name: /^Save|^Enter/ })
    .first()
    .tap()
  await expect(page.getByText(/kept on this phone/i).first()).toBeVisible()
  await expect(kept(page)).toHaveText('Offline · 27 entries kept on this phone')

  await server.start()
  await expect(strip(page)).toHaveCount(0, { timeout: 60_000 })
  const after = await exported(page)
  const known = new Set(before.map(({ id }) => id))
  const fresh = after.log.filter(({ id }) => !known.has(id))
  expect(new Set(fresh.map(({ id }) => id)).size).toBe(fresh.length)
  expect(fresh.filter(({ kind, data }) => kind === 'picked' && data.mass === 1.5)).toHaveLength(1)
  expect(fresh.filter(({ note }) => note === 'a hole in the net')).toHaveLength(1)
  expect(after.photos).toHaveLength(2)
  expect(new Set(fresh.map(({ id }) => id.split('.')[0])).size).toBe(27)
  // The screens are the server's again by themselves, and say the same.
  await isKept(page)
  await open(page, '/walk')
  await expect(stops(page)).toHaveCount(all - 24)
  await context.close()
  rmSync(folder, { recursive: true, force: true })
})

test('on the phone, screens that need the server say so, and what works without it is a tap away', async ({
  device,
  server,
}) => {
  const page = await device(PHONE)
  await visit(page)
  await server.stop('SIGKILL')
  await page.goto('/season')
  await expect(page.getByRole('heading', { name: 'This screen needs the server' })).toBeVisible()
  await page.getByRole('link', { name: 'Water, place by place' }).tap()
  await expect(page).toHaveURL(/\/bench\/water$/)
  await expect(page.getByRole('button', { name: 'Record watering' })).toBeVisible()
  await page.goBack()
  await expect(page.getByRole('heading', { name: 'This screen needs the server' })).toBeVisible()
  for (const [link, heading] of [
    ['Clinic: what’s wrong?', /What looks wrong/],
    ['Logbook of this season', /^\d+ entries|Logbook/],
    ['Planting day', /Plant out|Not today|No plants/],
  ] as const) {
    await page.getByRole('link', { name: link }).tap()
    await expect(page.getByRole('heading', { name: heading }).first()).toBeVisible()
    await page.goBack()
  }
  await server.start()
})

test('an act that is undone before it was sent is never sent', async ({ device, server }) => {
  const page = await device(PHONE)
  await visit(page)
  const { log } = await exported(page)
  const entries = log.length
  await server.stop('SIGKILL')
  await page.goto('/bench/water')
  await page.getByRole('button', { name: 'Record watering' }).tap()
  await expect(kept(page)).toHaveText('Offline · 1 entry kept on this phone')
  await page.getByRole('button', { name: 'Undo', exact: true }).tap()
  await expect(kept(page)).toHaveText('Offline: what you enter is kept on this phone')
  await server.start()
  await expect(strip(page)).toHaveCount(0)
  expect((await exported(page)).log).toHaveLength(entries)
})

test('what the server does not take waits with its reason, and is changed or discarded', async ({
  device,
  server,
}) => {
  const page = await device(PHONE)
  await visit(page)
  await server.stop('SIGKILL')
  await page.goto('/bench/water')
  for (const litres of ['3.1 L', '4.1 L']) {
    await page.getByLabel('Amount given').fill(litres)
    await page.getByRole('button', { name: 'Record watering' }).tap()
    await expect(page.getByLabel('Amount given')).not.toHaveValue(litres)
  }
  await expect(kept(page)).toHaveText('Offline · 2 entries kept on this phone')
  // By a phone whose clock ran a day ahead.
  await page.evaluate(
    () =>
      new Promise((done) => {
        const opening = indexedDB.open('prairie-outbox')
        opening.onsuccess = () => {
          const acts = opening.result.transaction('acts', 'readwrite').objectStore('acts')
          acts.openCursor().onsuccess = ({ target }) => {
            const cursor = (target as IDBRequest<IDBCursorWithValue | null>).result
            if (!cursor) return done(null)
            cursor.value.act.entries[0].on = '2026-06-19'
            cursor.update(cursor.value)
            cursor.continue()
          }
        }
      }),
  )
  await server.start()
  await expect(strip(page)).toContainText('The server did not take 2 entries')
  await strip(page).getByRole('button', { name: 'Show' }).tap()
  const list = page.getByRole('dialog', { name: /^Kept on/ })
  await expect(list.getByText('That day is still to come. Nothing was saved.')).toHaveCount(2)
  await list.getByRole('button', { name: 'Change' }).first().tap()
  await list.getByLabel('Day').fill('18 June 2026')
  await list.getByRole('button', { name: 'Save' }).tap()
  // It was sent, and the list has come to rest.
  await expect(strip(page).getByRole('status')).toHaveText('The server did not take 1 entry')
  await expect(list.getByText('Waiting to be sent')).toHaveCount(0)
  await expect(list.getByRole('button', { name: 'Change' })).toHaveCount(1)
  await list.getByRole('button', { name: 'Discard' }).tap()
  await page
    .getByRole('dialog', { name: 'Discard this entry?' })
    .getByRole('button', { name: 'Discard it' })
    .tap()
  await expect(strip(page)).toHaveCount(0)
  const { log } = await exported(page)
  expect(log.filter(({ kind, data }) => kind === 'watered' && data.litres === 3.1)).toHaveLength(1)
  expect(log.filter(({ kind, data }) => kind === 'watered' && data.litres === 4.1)).toHaveLength(0)
})

test('what cannot wait past tonight is notified on a phone that wants it, each once a day', async ({
  device,
}) => {
  const page = await device(PHONE)
  // The browser of the tests lets nobody notify: what it would show is noted instead.
  await page.addInitScript(() => {
    Object.defineProperty(Notification, 'permission', { get: () => 'granted' })
    ServiceWorkerRegistration.prototype.showNotification = async (title, options) => {
      const before = localStorage.getItem('shown') ?? ''
      localStorage.setItem('shown', `${before}${title}: ${options?.body}\n`)
    }
  })
  const shown = () => page.evaluate(() => localStorage.getItem('shown'))
  await visit(page)
  await open(page, '/garden/files')
  await page.getByRole('button', { name: 'Notify me here' }).tap()
  await expect(page.getByText('This device notifies you.')).toBeVisible()
  expect(await shown()).toBeNull()
  await visit(page)
  const told = /^Before tonight: Pot 3: Give .*\nPot 7: Give .*\nPot 8: Give .*\n$/
  await expect.poll(shown).toMatch(told)
  // Opened again, nothing is told twice.
  await visit(page)
  await open(page, '/garden/files')
  await page.getByRole('button', { name: 'Stop', exact: true }).tap()
  await expect(page.getByRole('button', { name: 'Notify me here' })).toBeVisible()
  expect(await shown()).toMatch(told)
})
