import { spawn } from 'node:child_process'
import { createServer } from 'node:net'
import { NEXT } from './prepare.mjs'

/** A port of this machine that nothing listens on. */
export const freePort = () =>
  new Promise((answer, fail) => {
    const probe = createServer()
    probe.once('error', fail)
    probe.listen(0, '127.0.0.1', () => {
      const { port } = probe.address()
      probe.close(() => answer(port))
    })
  })

/** The production server, once it answers; on a free port, or where another was. @param env where its data are */
export async function nextServer(env, at = 0) {
  const port = at || (await freePort())
  const address = `http://127.0.0.1:${port}`
  const child = spawn('node', [NEXT, 'start', '-H', '127.0.0.1', '-p', String(port)], {
    env: { ...process.env, ...env },
    stdio: 'ignore',
  })
  while (child.exitCode === null && !(await fetch(`${address}/icon.svg`).catch(() => null))?.ok)
    await new Promise((wait) => setTimeout(wait, 50))
  return { port, address, child }
}
