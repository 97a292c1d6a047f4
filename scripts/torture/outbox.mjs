import { chromium } from '@playwright/test'
import { spawnSync } from 'node:child_process'
import { copyFileSync } from 'node:fs'
import { browser as installed, ensureChromium } from '../lib/chromium.mjs'
import { DEMO, DOT, end, FOLDER, rows, serverOn, wait } from './lib.mjs'

const SCHEDULES = 500
const ACTS = 60
const KILLS = 8

/** What waits on a phone: the network cut, answers lost, sends that hang, and the server killed while it is sent. */
export async function outbox({ result, has }) {
  const { status, stdout } = spawnSync(
    'node',
    [
      'node_modules/vitest/vitest.mjs',
      'run',
      '--reporter=json',
      'src/components/outbox',
      '-t',
      'once and only once',
    ],
    { env: { ...process.env, SCHEDULES: String(SCHEDULES) }, encoding: 'utf8' },
  )
  const { numPassedTests = 0 } = JSON.parse(stdout.slice(stdout.indexOf('{')))
  result('schedules of an outbox', { tried: SCHEDULES, held: status === 0 && numPassedTests === 1 })
  if (has()) await killed({ result })
}

/** A phone sends what it kept while its server is killed again and again. */
async function killed({ result }) {
  ensureChromium()
  const file = `${FOLDER}/outbox.db`
  copyFileSync(DEMO, file)
  let server = await serverOn(file)
  const browser = await chromium.launch(installed())
  const page = await browser.newPage()
  await page.goto(`${server.at}/walk`)
  await page.waitForFunction(() => document.documentElement.dataset.pocket === 'kept')
  await end(server, 'SIGKILL')
  await page.evaluate(keepMany, [ACTS, DOT.toString('base64')])
  let kills = 0
  for (; kills < KILLS; kills++) {
    server = await serverOn(file, server.port)
    await page.evaluate(() => window.dispatchEvent(new Event('online')))
    await wait(80 + 150 * Math.random())
    await end(server, 'SIGKILL')
  }
  server = await serverOn(file, server.port)
  await page.evaluate(() => window.dispatchEvent(new Event('online')))
  await page.waitForFunction(() => !document.querySelector('aside [role=status]'), null, { timeout: 60_000 })
  await browser.close()
  await end(server)
  const there = await rows(file, "select id from log_entry where id like 'kept-%'")
  const photos = await rows(file, "select id from attachment where id like 'photo-%'")
  result('acts kept on a phone, its server killed while they are sent', {
    tried: ACTS,
    kills,
    confirmed: ACTS,
    lost: ACTS - there.length + (ACTS / 10 - photos.length),
    doubled: there.length - new Set(there).size,
  })
}

/** Keeps notes as the screens do, every tenth with a photo; runs in the page. */
async function keepMany([count, dot]) {
  const done = (asking) =>
    new Promise((answer, fail) => {
      asking.onsuccess = () => answer(asking.result)
      asking.onerror = () => fail(asking.error)
    })
  const pocket = await done(indexedDB.open('prairie-pocket'))
  const { garden } = await done(pocket.transaction('garden').objectStore('garden').get('garden'))
  const db = await done(indexedDB.open('prairie-outbox'))
  const acts = db.transaction('acts', 'readwrite').objectStore('acts')
  const picture = () => new Blob([Uint8Array.from(atob(dot), (one) => one.charCodeAt(0))])
  for (let at = 0; at < count; at++) {
    const id = `kept-${at}`
    const entry = {
      id,
      subject: { type: 'garden', id: garden },
      kind: 'note',
      on: '2026-06-18',
      data: {},
      note: id,
    }
    acts.add({
      id,
      act: { version: 1, garden, entries: [entry], sure: false },
      said: id,
      on: entry.on,
      at: Date.now(),
      photo: at % 10 === 0 ? { id: `photo-${at}`, picture: picture() } : null,
      isTried: false,
      isEntered: false,
      refused: null,
    })
  }
}
