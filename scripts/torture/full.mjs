import { spawnSync } from 'node:child_process'
import { copyFileSync, mkdirSync, readdirSync, statSync } from 'node:fs'
import { deflateSync } from 'node:zlib'
import { bystander, DEMO, end, FOLDER, post, rows, serverOn } from './lib.mjs'

const PICTURE = 200_000

/** A disk that runs full under photos and entries, and is given room again. */
export async function full({ result }) {
  const disk = `${FOLDER}/disk`
  mkdirSync(disk, { recursive: true })
  const room = (size, more = '') =>
    spawnSync('mount', ['-t', 'tmpfs', '-o', `size=${size}${more}`, 'tmpfs', disk]).status === 0
  const most = statSync(DEMO).size + 4_000_000
  if (!room(most)) return result('a full disk', { tried: 0, why: 'needs the right to mount one' })
  let server
  try {
    const database = `${disk}/garden.db`
    copyFileSync(DEMO, database)
    server = await serverOn(database)
    const slowestOf = bystander(server)
    const log = (await (await fetch(`${server.at}/export`)).json()).log
    const csv = (await (await fetch(`${server.at}/log.csv`)).text()).split('\r\n')
    const line = csv.slice(1).find((one) => one.includes(',note,'))
    const own = line.slice(0, line.indexOf(','))
    const [told, entered] = [{ 200: 0 }, []]
    let kept = 0
    const both = async (count) => {
      for (let at = 0; at < count; at++) {
        const photo = await post(server, `/photos?entry=${log[at % log.length].id}`, picture(at))
        told[photo.status] = (told[photo.status] ?? 0) + 1
        if (photo.status === 200) kept++
        const id = `full-${entered.length}-${kept}-${at}`
        const entry = await post(server, '/import/logbook', `${csv[0]}\r\n${line.replace(own, id)}`)
        told[entry.status] = (told[entry.status] ?? 0) + 1
        if (entry.ok) entered.push(id)
      }
    }
    await both(40)
    const refused = told[507] ?? 0
    const during = await fetch(`${server.at}/walk`).then((answer) => answer.status)
    room(most + 30_000_000, ',remount')
    const before = entered.length
    await both(3)
    const slowestBystander = await slowestOf()
    const ids = new Set(await rows(database, 'select id from log_entry'))
    const photos = await rows(database, 'select id from attachment')
    const pictures = readdirSync(`${disk}/garden.photos`)
    result('a full disk', {
      tried: Object.values(told).reduce((sum, count) => sum + count, 0),
      answers: told,
      confirmed: kept + entered.length,
      lost: entered.filter((id) => !ids.has(id)).length + (photos.length === kept ? 0 : 1),
      crashed: server.crashed ? 1 : 0,
      faults: Object.entries(told).reduce(
        (sum, [status, count]) => sum + (['200', '507'].includes(status) ? 0 : count),
        during === 200 && refused > 0 && entered.length === before + 3 ? 0 : 1,
      ),
      halfStored:
        pictures.length === photos.length && (await rows(database, 'PRAGMA integrity_check'))[0] === 'ok'
          ? 0
          : 1,
      slowestBystander,
    })
  } finally {
    if (server) await end(server)
    spawnSync('umount', ['-l', disk])
  }
}

/** A picture of one dot with so much beside it that it weighs what a small photo does; each is another. */
function picture(number) {
  const chunk = (type, data) => {
    const body = Buffer.concat([Buffer.from(type), data])
    const size = Buffer.alloc(4)
    size.writeUInt32BE(data.length)
    const sum = Buffer.alloc(4)
    sum.writeUInt32BE(crc(body))
    return Buffer.concat([size, body, sum])
  }
  const head = Buffer.from([0, 0, 0, 1, 0, 0, 0, 1, 8, 0, 0, 0, 0])
  return Buffer.concat([
    Buffer.from([137, 80, 78, 71, 13, 10, 26, 10]),
    chunk('IHDR', head),
    chunk('tEXt', Buffer.alloc(PICTURE, `beside ${number} `)),
    chunk('IDAT', deflateSync(Buffer.from([0, 200]))),
    chunk('IEND', Buffer.alloc(0)),
  ])
}

function crc(bytes) {
  let value = 0xffffffff
  for (const byte of bytes) {
    value ^= byte
    for (let bit = 0; bit < 8; bit++) value = value & 1 ? (value >>> 1) ^ 0xedb88320 : value >>> 1
  }
  return (value ^ 0xffffffff) >>> 0
}
