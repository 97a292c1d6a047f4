import { spawn } from 'node:child_process'
import { mkdirSync, rmSync } from 'node:fs'
import { createServer } from 'node:net'
import { must, NEXT } from './prepare.mjs'

/** The production server on a free port, on a demo garden of its own, a large one, or none yet; `stop` ends it, and `start` goes on there. */
export async function demoServer(name, { empty = false, large = false } = {}) {
  mkdirSync('.scratch', { recursive: true })
  const file = `.scratch/${name}.db`
  for (const part of ['', '-wal', '-shm']) rmSync(file + part, { force: true })
  const env = { DATABASE_URL: `file:${file}` }
  if (!empty) must('node', ['--import', 'tsx', `scripts/seed-${large ? 'large' : 'demo'}.ts`], env)
  const port = await new Promise((answer) => {
    const probe = createServer()
    probe.listen(0, '127.0.0.1', () => {
      const { port } = probe.address()
      probe.close(() => answer(port))
    })
  })
  const address = `http://127.0.0.1:${port}`
  let child
  const start = async () => {
    child = spawn('node', [NEXT, 'start', '-H', '127.0.0.1', '-p', String(port)], {
      env: { ...process.env, ...env },
      stdio: 'ignore',
    })
    for (;;) {
      const up = await fetch(`${address}/icon.svg`).catch(() => null)
      if (up?.ok) return
      await new Promise((wait) => setTimeout(wait, 50))
    }
  }
  const began = performance.now()
  await start()
  return { address, startup: performance.now() - began, start, stop: (signal) => child.kill(signal) }
}
