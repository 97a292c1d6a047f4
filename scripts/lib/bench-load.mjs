import { copyFileSync, rmSync } from 'node:fs'
import { databaseServer } from '../stand-in/database-server.mjs'
import { nextServer } from './next-server.mjs'
import { must } from './prepare.mjs'

const CLIENTS = 50
const SECONDS = 15
const PASSPHRASE = 'four plain garden words'
const TOKEN = 'a-token-of-the-bench'

/** Fifty who ask for the round at once: as it is at home, with sign-in, and past one machine. */
export async function benchLoad(demo) {
  console.log(`${CLIENTS} clients on /walk for ${SECONDS} s: requests/s, median ms, 99 % ms`)
  const file = demo.replace(/\.db$/, '-load.db')
  for (const part of ['', '-wal', '-shm']) rmSync(file + part, { force: true })
  copyFileSync(demo, file)
  const here = { DATABASE_URL: `file:${file}` }
  await load('one server, a file', [here])
  must('node', ['--import', 'tsx', 'scripts/passphrase.ts'], { ...here, PRAIRIE_PASSPHRASE: PASSPHRASE })
  await load('one server, a file, signed in', [{ ...here, PRAIRIE_SIGN_IN: '1' }])
  const database = await databaseServer({ file, token: TOKEN })
  const there = { DATABASE_URL: database.url, DATABASE_AUTH_TOKEN: TOKEN, PRAIRIE_SIGN_IN: '1' }
  await load('one server, a database server, signed in', [there])
  await load('two servers, a database server, signed in', [there, there])
  await database.stop()
}

async function load(name, environments) {
  const servers = await Promise.all(environments.map((env) => nextServer(env)))
  const cookie = environments[0].PRAIRIE_SIGN_IN ? await signedIn(servers[0].address) : ''
  const ask = async (turn) => {
    const began = performance.now()
    const answer = await fetch(`${servers[turn % servers.length].address}/walk`, { headers: { cookie } })
    await answer.arrayBuffer()
    if (!answer.ok) throw new Error(`${name}: /walk answered ${answer.status}`)
    return performance.now() - began
  }
  for (let turn = 0; turn < 20; turn++) await ask(turn)
  const times = []
  const until = performance.now() + SECONDS * 1000
  await Promise.all(
    Array.from({ length: CLIENTS }, async (_, client) => {
      for (let turn = client; performance.now() < until; turn++) times.push(await ask(turn))
    }),
  )
  times.sort((a, b) => a - b)
  const at = (share) => times[Math.floor((times.length - 1) * share)].toFixed(0)
  console.log([name, (times.length / SECONDS).toFixed(1), at(0.5), at(0.99)].join(', '))
  for (const { child } of servers) child.kill()
}

async function signedIn(address) {
  const answer = await fetch(`${address}/sign-in/enter`, {
    method: 'POST',
    redirect: 'manual',
    headers: { 'sec-fetch-site': 'same-origin' },
    body: new URLSearchParams({ passphrase: PASSPHRASE, name: 'Bench' }),
  })
  return answer.headers
    .getSetCookie()
    .map((one) => one.split(';')[0])
    .join('; ')
}
