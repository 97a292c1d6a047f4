import { spawn } from 'node:child_process'
import { copyFileSync } from 'node:fs'
import { databaseServer } from '../stand-in/database-server.mjs'
import { objectServer } from '../stand-in/object-store.mjs'
import { DEMO, FOLDER, rows, wait } from './lib.mjs'

const ROUNDS = 24
/** Of a hundred answers of the database server, so many are lost on their way while it is tried. */
const LOST_ANSWERS = 2
/** What a killed one had begun holds up the next for so long at the most, ms. */
const MOST_WAIT = 9000
const TOKEN = 'a-token-of-torture'

/** Two writers on one database server: killed, their answers lost, the database server and the photos' away. */
export async function servers({ result, has }) {
  const file = `${FOLDER}/servers.db`
  copyFileSync(DEMO, file)
  const photos = await objectServer({ bucket: 'photos', keyId: 'a-key' })
  let losing = 0
  const open = (port) =>
    databaseServer({ file, token: TOKEN, port, losesAnswer: () => Math.random() * 100 < losing })
  let database = await open(0)
  const port = Number(new URL(database.url).port)
  const env = {
    ...process.env,
    DATABASE_URL: database.url,
    DATABASE_AUTH_TOKEN: TOKEN,
    PHOTOS_URL: photos.url,
    PHOTOS_KEY_ID: 'a-key',
    PHOTOS_SECRET: 'a-secret',
  }
  const told = []
  const begin = () => {
    const child = spawn('node', ['--import', 'tsx', 'scripts/torture/writer.ts'], {
      env,
      stdio: ['ignore', 'pipe', 'ignore'],
    })
    const one = { child, said: '' }
    child.stdout.on('data', (part) => (one.said += part))
    told.push(one)
    return one
  }
  const end = (one) =>
    new Promise((done) => {
      if (one.child.exitCode !== null) return done()
      one.child.once('close', done)
      one.child.kill('SIGKILL')
    })
  const writers = [begin(), begin()]
  while (writers.some(({ said }) => said === '')) await wait(20)
  let [kills, cuts] = [0, 0]
  for (let round = 0; round < ROUNDS && has(); round++) {
    losing = round % 2 ? LOST_ANSWERS : 0
    await wait(400 + Math.random() * 800)
    if (round % 3 === 2) {
      await database.stop()
      await wait(Math.random() * 400)
      database = await open(port)
      cuts++
    } else {
      const at = round % 2
      await end(writers[at])
      writers[at] = begin()
      kills++
      for (const until = Date.now() + MOST_WAIT; writers[at].said === '' && Date.now() < until;)
        await wait(20)
    }
  }
  for (const one of writers) await end(one)
  await database.stop()
  const confirmed = told.flatMap(({ said }) =>
    said
      .slice(0, said.lastIndexOf('\n') + 1)
      .split('\n')
      .filter(Boolean),
  )
  const there = new Set([
    ...(await rows(file, "select 'entry ' || id from log_entry")),
    ...(await rows(file, "select 'reading ' || at from moisture_reading")),
    ...(await rows(file, "select 'photo ' || id from attachment")),
    ...(await rows(file, "select 'weather ' || date from weather_day")),
  ])
  const pictures = new Set(photos.names())
  const notes = await rows(file, "select note from log_entry where kind = 'note' and note = id")
  result('two writers on a database server', {
    tried: kills + cuts,
    confirmed: confirmed.length,
    lost:
      confirmed.filter((line) => !there.has(line)).length +
      confirmed.filter((line) => line.startsWith('photo ') && !pictures.has(`gardens/${line.slice(6)}.png`))
        .length,
    double: notes.length - new Set(notes).size,
    halfStored: (await rows(file, 'PRAGMA integrity_check'))[0] === 'ok' ? 0 : 1,
  })
  await photos.stop()
}
