import { spawn } from 'node:child_process'
import { copyFileSync, readdirSync } from 'node:fs'
import { DEMO, FOLDER, rows, wait } from './lib.mjs'

const KILLS = 30

/** The writer of four kinds, killed again and again: what it was told is kept must be there. */
export async function kills({ result, has }) {
  const database = `${FOLDER}/kills.db`
  copyFileSync(DEMO, database)
  const confirmed = { entry: [], reading: [], photo: [], weather: [] }
  let times = 0
  while (times < KILLS && has()) {
    const child = spawn('node', ['--import', 'tsx', 'scripts/torture/writer.ts'], {
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
