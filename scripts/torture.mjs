import { spawn } from 'node:child_process'
import {
  closeSync,
  copyFileSync,
  existsSync,
  mkdirSync,
  openSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
  statSync,
  writeSync,
} from 'node:fs'
import { createServer } from 'node:net'
import { createClient } from '@libsql/client'
import { strToU8, zipSync } from 'fflate'
import { ensureBuilt, ensureInstalled, must, NEXT } from './lib/prepare.mjs'

/**
 * Tries Prairie hard, on this machine's loopback alone and bounded in count and time: killed under writers, fed broken
 * files, its own file flipped, locked, gone and shared. Prints what was tried, confirmed and lost. No part of `npm test`.
 * `npm run torture -- files` tries one part alone.
 */
const FOLDER = '.scratch/torture'
const [KILLS, MUTATIONS, FLIPS] = [30, 5000, 20]
const began = Date.now()
/** ms from the start by which each part must have ended. */
const UNTIL = { kills: 180_000, files: 480_000, flips: 560_000 }
const has = (part) => Date.now() - began < UNTIL[part]

ensureInstalled()
ensureBuilt()
rmSync(FOLDER, { recursive: true, force: true })
mkdirSync(FOLDER, { recursive: true })
const DEMO = `${FOLDER}/demo.db`
must('node', ['--import', 'tsx', 'scripts/seed-demo.ts'], { DATABASE_URL: `file:${DEMO}` })

const wait = (ms) => new Promise((go) => setTimeout(go, ms))
const results = []
const result = (what, found) => {
  results.push({ what, ...found })
  console.log(what, JSON.stringify(found))
}
const freePort = () =>
  new Promise((answer) => {
    const probe = createServer().listen(0, '127.0.0.1', () => {
      const { port } = probe.address()
      probe.close(() => answer(port))
    })
  })

async function serverOn(database) {
  const port = await freePort()
  const child = spawn('node', [NEXT, 'start', '-H', '127.0.0.1', '-p', String(port)], {
    env: { ...process.env, DATABASE_URL: `file:${database}` },
    stdio: 'ignore',
  })
  const server = { at: `http://127.0.0.1:${port}`, child, ended: false, crashed: false }
  child.on('exit', () => (server.crashed = !server.ended))
  for (let tries = 0; tries < 400; tries++) {
    if ((await fetch(`${server.at}/icon.svg`).catch(() => null))?.ok) break
    await wait(50)
  }
  return server
}
const end = (server, signal = 'SIGTERM') =>
  new Promise((done) => {
    server.ended = true
    if (server.child.exitCode !== null || server.child.signalCode !== null) return done()
    server.child.once('exit', done)
    server.child.kill(signal)
  })
async function rows(database, sql) {
  const client = createClient({ url: `file:${database}` })
  const found = (await client.execute(sql)).rows.map((row) => String(row[0]))
  client.close()
  return found
}

async function kills() {
  const database = `${FOLDER}/kills.db`
  copyFileSync(DEMO, database)
  const confirmed = { entry: [], reading: [], photo: [], weather: [] }
  let times = 0
  while (times < KILLS && has('kills')) {
    const child = spawn('node', ['--import', 'tsx', 'scripts/torture-writer.ts'], {
      env: { ...process.env, DATABASE_URL: `file:${database}` },
      stdio: ['ignore', 'pipe', 'inherit'],
    })
    let told = ''
    child.stdout.on('data', (part) => (told += part))
    while (told === '' && child.exitCode === null) await wait(20)
    await wait(300 + Math.random() * 900)
    const ended = new Promise((done) => child.once('close', done))
    child.kill('SIGKILL')
    await ended
    times++
    // The last line may have been cut by the kill itself.
    for (const line of told
      .slice(0, told.lastIndexOf('\n') + 1)
      .split('\n')
      .filter(Boolean)) {
      const [kind, id] = line.split(' ')
      confirmed[kind].push(id)
    }
  }
  const there = {
    entry: new Set(await rows(database, 'select id from log_entry')),
    reading: new Set(await rows(database, 'select at from moisture_reading')),
    photo: new Set(await rows(database, 'select id from attachment')),
    weather: new Set(await rows(database, 'select date from weather_day')),
  }
  const lost = Object.keys(confirmed).flatMap((kind) => confirmed[kind].filter((id) => !there[kind].has(id)))
  const pictures = new Set(readdirSync(database.replace('.db', '.photos')))
  const noPicture = confirmed.photo.filter((id) => !pictures.has(`${id}.png`)).length
  result('killed under four writers', {
    tried: times,
    confirmed: Object.values(confirmed).flat().length,
    lost: lost.length + noPicture,
    halfStored: (await rows(database, 'PRAGMA integrity_check'))[0] === 'ok' ? 0 : 1,
  })
}

/** Another visitor, in a process of its own: asks for the round again and again; the answer tells its slowest one, ms. */
function bystander(at) {
  const child = spawn('node', ['scripts/lib/bystander.mjs', `${at}/walk`], {
    stdio: ['pipe', 'pipe', 'inherit'],
  })
  let told = ''
  child.stdout.on('data', (part) => (told += part))
  return async () => {
    const ended = new Promise((done) => child.once('close', done))
    child.stdin.end()
    await ended
    return Number(told)
  }
}

/** A text with some bytes, or a number, or a list changed. */
function mutated(text, random) {
  const at = Math.floor(random() * text.length)
  switch (Math.floor(random() * 6)) {
    case 0:
      return text.slice(0, at)
    case 1:
      return text.slice(0, at) + String.fromCharCode(32 + Math.floor(random() * 90)) + text.slice(at + 1)
    case 2:
      return (
        text.slice(0, at) +
        text
          .slice(at)
          .replace(
            /-?\d+(\.\d+)?/,
            () => ['0', '-1', '1e9', '1e308', 'null', '"x"'][Math.floor(random() * 6)],
          )
      )
    case 3:
      return (
        text.slice(0, at) +
        text
          .slice(at)
          .replace(
            /"[a-z-]+"/,
            () => ['"constructor"', '"__proto__"', '""', 'null', '[]', '{}'][Math.floor(random() * 6)],
          )
      )
    case 4:
      return text.slice(0, at) + text.slice(at, at + 400) + text.slice(at)
    default:
      return text.slice(0, at) + '['.repeat(1 + Math.floor(random() * 5000)) + text.slice(at)
  }
}

async function files() {
  const database = `${FOLDER}/files.db`
  copyFileSync(DEMO, database)
  const server = await serverOn(database)
  const whole = await (await fetch(`${server.at}/export`)).json()
  const small = JSON.stringify({
    ...whole,
    weather: whole.weather.slice(0, 5),
    log: whole.log.slice(0, 60),
    readings: [],
  })
  const slowestOf = bystander(server.at)
  let seed = 20260618
  const random = () => (seed = (seed * 1103515245 + 12345) % 2147483648) / 2147483648
  const send = (body, way = 'beside') =>
    fetch(`${server.at}/import?way=${way}`, {
      method: 'POST',
      headers: { 'sec-fetch-site': 'same-origin', connection: 'close' },
      body,
    })
      .then(async (answer) => ({ status: answer.status, ...(await answer.json()) }))
      .catch((error) => ({ status: 0, message: String(error) }))
  // Files that were the worst ones once: many faults, deep, packed tight.
  const worst = [
    JSON.stringify({ ...whole, weather: Array.from({ length: 300_000 }, () => ({ date: 'x', tmin: 'y' })) }),
    '['.repeat(50_000_000),
    `{"format":"prairie-garden","x":[${'{"a":1},'.repeat(3_000_000)}1]}`,
    zipSync({ 'garden.json': strToU8(`[${' '.repeat(199_000_000)}`) }),
  ]
  let slowestRefusal = 0
  for (const body of worst) {
    const from = performance.now()
    await send(body)
    slowestRefusal = Math.max(slowestRefusal, performance.now() - from)
  }
  const before = (await rows(database, 'select count(*) from log_entry'))[0]
  const [answers, faults] = [{}, []]
  let tried = 0
  while (tried < MUTATIONS && has('files') && !server.crashed) {
    const text = mutated(small, random)
    const answer = await send(tried % 5 === 0 ? zipSync({ 'garden.json': strToU8(text) }) : text)
    answers[answer.status] = (answers[answer.status] ?? 0) + 1
    if (answer.status === 0 || answer.status >= 500) faults.push(answer.message ?? answer.status)
    tried++
  }
  const slowest = await slowestOf()
  const after = (await rows(database, 'select count(*) from log_entry'))[0]
  result('broken garden files against a server', {
    tried: tried + worst.length,
    answers,
    crashed: server.crashed ? 1 : 0,
    faults: faults.length,
    halfStored: before === after || answers[200] ? 0 : 1,
    slowestRefusalOfTheWorst: Math.round(slowestRefusal),
    slowestBystander: slowest,
  })
  await end(server)
}

async function flips() {
  const told = { told: 0, served: 0, crashed: 0, written: 0 }
  let tried = 0
  for (let copy = 0; copy < FLIPS && has('flips'); copy++) {
    const database = `${FOLDER}/flip-${copy}.db`
    copyFileSync(DEMO, database)
    const handle = openSync(database, 'r+')
    const { size } = statSync(database)
    for (let flip = 0; flip < 2 ** (copy % 10); flip++)
      writeSync(
        handle,
        Buffer.from([Math.floor(Math.random() * 256)]),
        0,
        1,
        100 + Math.floor(Math.random() * (size - 100)),
      )
    closeSync(handle)
    const before = readFileSync(database)
    const server = await serverOn(database)
    const page = await fetch(`${server.at}/walk`)
      .then((answer) => answer.text())
      .catch(() => '')
    if (server.crashed) told.crashed++
    else if (/damaged|not a database/.test(page)) told.told++
    else told.served++
    if (/damaged|not a database/.test(page) && !readFileSync(database).equals(before)) told.written++
    await end(server, 'SIGKILL')
    tried++
  }
  result('bytes flipped in copies', { tried, ...told })
}

async function goneLockedShared() {
  const database = `${FOLDER}/gone.db`
  copyFileSync(DEMO, database)
  const [one, two] = [await serverOn(database), await serverOn(database)]
  const whole = await (await fetch(`${one.at}/export`)).json()
  const entry = whole.log[0].id
  const dot = Buffer.from(
    'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
    'base64',
  )
  const photo = (server, of = entry) =>
    fetch(`${server.at}/photos?entry=${of}`, {
      method: 'POST',
      headers: { 'sec-fetch-site': 'same-origin' },
      body: dot,
    }).then((answer) => answer.status)
  const both = await Promise.all(
    Array.from({ length: 60 }, (_, at) => photo(at % 2 ? one : two, whole.log[1 + (at >> 2)].id)),
  )
  const stored = (await rows(database, 'select id from attachment')).length
  result('two servers on one file', {
    tried: 60,
    confirmed: both.filter((status) => status === 200).length,
    lost: both.filter((status) => status === 200).length - stored,
  })
  const other = createClient({ url: `file:${database}` })
  const tx = await other.transaction('write')
  const writing = photo(one)
  const from = performance.now()
  await fetch(`${one.at}/logbook`).then((answer) => answer.text())
  const reading = Math.round(performance.now() - from)
  await wait(500)
  await tx.rollback()
  other.close()
  result('locked by another process', {
    confirmed: (await writing) === 200 ? 1 : 0,
    slowestBystander: reading,
  })
  await end(two)
  renameSync(database, `${database}.elsewhere`)
  const status = await photo(one)
  result('file gone while running', {
    tried: 1,
    confirmed: status === 200 ? 1 : 0,
    emptyInItsPlace: existsSync(database) ? 1 : 0,
  })
  await end(one)
}

const PARTS = { kills, files, flips, goneLockedShared }
const asked = process.argv.slice(2)
for (const [name, part] of Object.entries(PARTS)) if (asked.length === 0 || asked.includes(name)) await part()
console.table(results.map(({ answers: _, ...row }) => row))
console.log(`${Math.round((Date.now() - began) / 1000)} s`)
