import { mkdirSync, rmSync } from 'node:fs'
import { freePort, nextServer } from './next-server.mjs'
import { must } from './prepare.mjs'

/** The production server on a free port, on a demo garden of its own, a large one, or none yet; `stop` ends it, and `start` goes on there. */
export async function demoServer(name, { empty = false, large = false } = {}) {
  mkdirSync('.scratch', { recursive: true })
  const file = `.scratch/${name}.db`
  for (const part of ['', '-wal', '-shm']) rmSync(file + part, { force: true })
  const env = { DATABASE_URL: `file:${file}` }
  if (!empty) must('node', ['--import', 'tsx', `scripts/seed-${large ? 'large' : 'demo'}.ts`], env)
  const port = await freePort()
  const address = `http://127.0.0.1:${port}`
  let child
  const start = async () => {
    ;({ child } = await nextServer(env, port))
  }
  const began = performance.now()
  await start()
  return { address, startup: performance.now() - began, file, start, stop: (signal) => child.kill(signal) }
}
