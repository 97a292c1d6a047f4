import { existsSync, mkdirSync, renameSync } from 'node:fs'
import { ensureBuilt, ensureInstalled, must, serve } from './lib/prepare.mjs'

/** Runs Prairie on the demo garden; `--fresh` starts over, after putting the old file aside. */
const FILE = 'data/demo.db'

ensureInstalled()
mkdirSync('data', { recursive: true })
if (process.argv.includes('--fresh') && existsSync(FILE)) {
  const aside = `data/demo.${new Date().toISOString().slice(0, 19).replaceAll(':', '')}`
  for (const part of ['', '-wal', '-shm'])
    if (existsSync(FILE + part)) renameSync(FILE + part, `${aside}.db${part}`)
  console.log(`The demo garden that was there is put aside as ${aside}.db`)
}
ensureBuilt()
const env = { DATABASE_URL: `file:${FILE}` }
if (!existsSync(FILE)) must('node', ['--import', 'tsx', 'scripts/seed-demo.ts'], env)
await serve({ env, command: 'npm run demo' })
