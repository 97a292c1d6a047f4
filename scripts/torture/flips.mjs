import { closeSync, copyFileSync, openSync, readFileSync, statSync, writeSync } from 'node:fs'
import { DEMO, end, FOLDER, serverOn } from './lib.mjs'

const FLIPS = 20

/** Bytes of copies of the database overwritten, each served: told, or served sound; never a crash. */
export async function flips({ result, has }) {
  const told = { told: 0, served: 0, crashed: 0, written: 0 }
  let tried = 0
  for (let copy = 0; copy < FLIPS && has(); copy++) {
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
    else if (/damaged|cannot read the garden/.test(page)) told.told++
    else told.served++
    if (/damaged|cannot read the garden/.test(page) && !readFileSync(database).equals(before)) told.written++
    await end(server, 'SIGKILL')
    tried++
  }
  result('bytes flipped in copies', { tried, ...told })
}
