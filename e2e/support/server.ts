import { spawn, type ChildProcess } from 'node:child_process'
import { copyFileSync, mkdirSync, rmSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { freePort } from '../../scripts/lib/next-server.mjs'
import { databaseOf, type LaidGarden } from './lay-gardens'

/** What answers a test, wherever its data lie. */
export type Served = Pick<Server, 'address' | 'port' | 'database' | 'serve' | 'start' | 'stop'>

/** The production server on a free port, with a folder of its own for the database. */
export class Server {
  private process?: ChildProcess
  private constructor(
    readonly port: number,
    readonly database: string,
    private readonly env: Record<string, string> = {},
  ) {}

  /** Starts one on a database that is there, or beside another server. */
  static async on(database: string, env: Record<string, string> = {}): Promise<Server> {
    const server = new Server(await freePort(), database, env)
    await server.start()
    return server
  }

  /** One on data that lie elsewhere, not yet started. */
  static async with(env: Record<string, string>): Promise<Server> {
    return new Server(await freePort(), '', env)
  }

  /** One that has yet to be given a garden, see {@link serve}. */
  static async in(folder: string): Promise<Server> {
    return new Server(await freePort(), join(folder, 'garden.db'))
  }

  /** Puts a copy of a garden in place of what it served so far. */
  async serve(garden: LaidGarden): Promise<void> {
    const folder = dirname(this.database)
    // A page that is still open may have the server write beside its file meanwhile.
    rmSync(folder, { recursive: true, force: true, maxRetries: 10, retryDelay: 50 })
    mkdirSync(folder, { recursive: true })
    copyFileSync(databaseOf(garden), this.database)
    if (!this.isRunning) return this.start()
    // The first answer is that another file lies there; from the next on, it is read.
    for (let tries = 0; tries < 5; tries++)
      if ((await fetch(`${this.address}/log.csv`)).status !== 503) return
    throw new Error('The server does not read the garden that was put in its place.')
  }

  get address(): string {
    return `http://127.0.0.1:${this.port}`
  }

  async start(): Promise<void> {
    if (this.isRunning) return
    this.process = spawn(
      'node',
      ['node_modules/next/dist/bin/next', 'start', '-H', '127.0.0.1', '-p', String(this.port)],
      {
        env: { ...process.env, DATABASE_URL: `file:${this.database}`, ...this.env },
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
    if (!this.isRunning) return
    const ended = new Promise((end) => this.process!.once('exit', end))
    this.process!.kill(signal)
    await ended
  }

  private get isRunning(): boolean {
    return this.process !== undefined && this.process.exitCode === null && this.process.signalCode === null
  }
}
