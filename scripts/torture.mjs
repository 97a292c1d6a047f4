import { mkdirSync, rmSync } from 'node:fs'
import { ensureBuilt, ensureInstalled, must } from './lib/prepare.mjs'
import { files } from './torture/files.mjs'
import { flips } from './torture/flips.mjs'
import { full } from './torture/full.mjs'
import { outbox } from './torture/outbox.mjs'
import { servers } from './torture/servers.mjs'
import { kills } from './torture/kills.mjs'
import { DEMO, FOLDER } from './torture/lib.mjs'
import { shared } from './torture/shared.mjs'

/**
 * Tries Prairie hard, on this machine's loopback alone and bounded in count and time: killed under writers, on a full
 * disk, its file flipped, locked, gone and shared, fed broken files, with many servers on one database. Prints what was tried, confirmed and lost. No part
 * of `npm test`. `npm run torture -- files` tries one part alone.
 */
const PARTS = { kills, shared, full, flips, files, outbox, servers }
/** ms from the start by which each part must have ended. */
const UNTIL = {
  kills: 150_000,
  shared: 200_000,
  full: 240_000,
  flips: 330_000,
  files: 570_000,
  outbox: 700_000,
  servers: 900_000,
}

ensureInstalled()
ensureBuilt()
rmSync(FOLDER, { recursive: true, force: true })
mkdirSync(FOLDER, { recursive: true })
must('node', ['--import', 'tsx', 'scripts/seed-demo.ts'], { DATABASE_URL: `file:${DEMO}` })

const began = Date.now()
const asked = process.argv.slice(2)
const results = []
const result = (what, found) => {
  results.push({ what, ...found })
  console.log(what, JSON.stringify(found))
}
for (const [name, part] of Object.entries(PARTS))
  if (asked.length === 0 || asked.includes(name))
    await part({ result, has: () => Date.now() - began < UNTIL[name] })
console.table(results.map(({ answers: _, ...row }) => row))
console.log(`${Math.round((Date.now() - began) / 1000)} s`)
