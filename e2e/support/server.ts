import { spawn, type ChildProcess } from 'node:child_process'
import { createServer, type AddressInfo } from 'node:net'

/** The production server on a free port with a database of its own. */
export class Server {
  private process?: ChildProcess
  private constructor(
    readonly port: number,
    readonly database: string,
  ) {}

  static async on(database: string): Promise<Server> {
    const server = new Server(await freePort(), database)
    await server.start()
    return server
  }

  get address(): string {
    return `http://127.0.0.1:${this.port}`
  }

  async start(): Promise<void> {
    this.process = spawn(
      'node',
      ['node_modules/next/dist/bin/next', 'start', '-H', '127.0.0.1', '-p', String(this.port)],
      {
        env: { ...process.env, DATABASE_URL: `file:${this.database}` },
        stdio: 'ignore',
      },
    )
    for (let tries = 0; tries < 200; tries++) {
      const answer = await fetch(`${this.address}/icon.svg`).catch(() => null)
      if (answer?.ok) return
      await new Promise((wait) => setTimeout(wait, 100))
    }
    throw new Error('The server did not start.')
  }

  /** Ends it as a power cut would, or politely. */
  async stop(signal: 'SIGKILL' | 'SIGTERM' = 'SIGTERM'): Promise<void> {
    const child = this.process
    if (!child || child.exitCode !== null || child.signalCode !== null) return
    const ended = new Promise((end) => child.once('exit', end))
    child.kill(signal)
    await ended
  }
}

function freePort(): Promise<number> {
  return new Promise((answer, fail) => {
    const probe = createServer()
    probe.once('error', fail)
    probe.listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as AddressInfo
      probe.close(() => answer(port))
    })
  })
}
