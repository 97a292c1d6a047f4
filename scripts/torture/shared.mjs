import { copyFileSync, existsSync, renameSync } from 'node:fs'
import { createClient } from '@libsql/client'
import { DEMO, DOT, end, FOLDER, post, rows, serverOn, wait } from './lib.mjs'

/** One file with two servers, locked by another process, and gone while it is served. */
export async function shared({ result }) {
  const database = `${FOLDER}/gone.db`
  copyFileSync(DEMO, database)
  const [one, two] = [await serverOn(database), await serverOn(database)]
  const whole = await (await fetch(`${one.at}/export`)).json()
  const entry = whole.log[0].id
  const photo = (server, of = entry) => post(server, `/photos?entry=${of}`, DOT).then(({ status }) => status)
  const both = await Promise.all(
    Array.from({ length: 60 }, (_, at) => photo(at % 2 ? one : two, whole.log[1 + (at >> 2)].id)),
  )
  const stored = (await rows(database, 'select id from attachment')).length
  result('two servers on one file', {
    tried: 60,
    confirmed: both.filter((status) => status === 200).length,
    lost: both.filter((status) => status === 200).length - stored,
  })
  await fetch(`${one.at}/logbook`).then((answer) => answer.text())
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
