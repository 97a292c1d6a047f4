import { copyFileSync } from 'node:fs'
import { strToU8, zipSync } from 'fflate'
import { bystander, DEMO, end, FOLDER, post, rows, serverOn } from './lib.mjs'
import { mutated } from './mutated.mjs'

const FILES = 5000
const SEED = 20260618

/** Broken garden files, zips of them and logbooks' CSVs against one server, while another visitor walks. */
export async function files({ result, has }) {
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
  const csv = (await (await fetch(`${server.at}/log.csv`)).text()).split('\r\n').slice(0, 80).join('\r\n')
  const slowestOf = bystander(server)
  let slowest = 0
  const send = async (address, body) => {
    const from = performance.now()
    const answer = await post(server, address, body)
    slowest = Math.max(slowest, performance.now() - from)
    return answer
  }
  // Files that were the worst ones once: many faults, deep, packed tight, many lines.
  const worst = [
    JSON.stringify({ ...whole, weather: Array.from({ length: 300_000 }, () => ({ date: 'x', tmin: 'y' })) }),
    '['.repeat(50_000_000),
    `{"format":"prairie-garden","x":[${'{"a":1},'.repeat(3_000_000)}1]}`,
    zipSync({ 'garden.json': strToU8(`[${' '.repeat(199_000_000)}`) }),
  ]
  const entries = () => rows(database, 'select count(*) from log_entry').then(([count]) => Number(count))
  let expected = await entries()
  for (const body of worst) await send('/import?way=beside', body)
  await send('/import/logbook', `${csv.split('\r\n')[0]}\r\n${'x,y,z\r\n'.repeat(3_000_000)}`)

  let seed = SEED
  const random = () => (seed = (seed * 1103515245 + 12345) % 2147483648) / 2147483648
  const [answers, faults] = [{}, []]
  let tried = 0
  while (tried < FILES && has() && !server.crashed) {
    const isCsv = tried % 3 === 0
    const text = mutated(isCsv ? csv : small, random)
    const answer = isCsv
      ? await send('/import/logbook?only=good', text)
      : await send('/import?way=beside', tried % 5 === 0 ? zipSync({ 'garden.json': strToU8(text) }) : text)
    answers[answer.status] = (answers[answer.status] ?? 0) + 1
    if (answer.status === 0 || answer.status >= 500) faults.push(answer.message ?? answer.status)
    if (answer.ok) expected += isCsv ? answer.taken : JSON.parse(text).log.length
    tried++
  }
  const bystanders = await slowestOf()
  const sound = (await rows(database, 'PRAGMA integrity_check'))[0] === 'ok'
  const dangling = (await rows(database, 'PRAGMA foreign_key_check')).length
  result('broken garden files, zips and logbooks', {
    tried: tried + worst.length + 1,
    answers,
    confirmed: answers[200] ?? 0,
    crashed: server.crashed ? 1 : 0,
    faults: faults.length,
    halfStored: (await entries()) === expected && sound && dangling === 0 ? 0 : 1,
    slowestAnswer: Math.round(slowest),
    slowestBystander: bystanders,
  })
  if (faults.length > 0) console.log(faults.slice(0, 5))
  await end(server)
}
