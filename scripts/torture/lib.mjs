import { spawn } from 'node:child_process'
import { createClient } from '@libsql/client'
import { nextServer } from '../lib/next-server.mjs'

/** Where everything that is tried lies, and the garden that it is tried on. */
export const FOLDER = '.scratch/torture'
export const DEMO = `${FOLDER}/demo.db`

export const wait = (ms) => new Promise((go) => setTimeout(go, ms))

/** A picture of one dot. */
export const DOT = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
  'base64',
)

/** A server of its own on a database, once it answers; on a free port, or where another was. */
export async function serverOn(database, at = 0) {
  const { port, address, child } = await nextServer({ DATABASE_URL: `file:${database}` }, at)
  const server = { at: address, port, child, ended: false, crashed: false }
  child.on('exit', () => (server.crashed = !server.ended))
  return server
}

export const end = (server, signal = 'SIGTERM') =>
  new Promise((done) => {
    server.ended = true
    if (server.child.exitCode !== null || server.child.signalCode !== null) return done()
    server.child.once('exit', done)
    server.child.kill(signal)
  })

/** The first column of what a database answers. */
export async function rows(database, sql) {
  const client = createClient({ url: `file:${database}` })
  const found = (await client.execute(sql)).rows.map((row) => String(row[0]))
  client.close()
  return found
}

/** Sends something as the application's own pages do; the answer, read as JSON where it is. Status 0: none came. */
export const post = (server, address, body) =>
  fetch(`${server.at}${address}`, {
    method: 'POST',
    headers: { 'sec-fetch-site': 'same-origin', connection: 'close' },
    body,
  })
    .then(async (answer) => ({ status: answer.status, ...(await answer.json().catch(() => ({}))) }))
    .catch((error) => ({ status: 0, message: String(error) }))

/** Another visitor, in a process of its own: asks for the round again and again; the answer tells its slowest one, ms. */
export function bystander({ at }) {
  const child = spawn('node', ['scripts/torture/bystander.mjs', `${at}/walk`], {
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
