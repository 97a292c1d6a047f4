import { copyFileSync, mkdirSync, rmSync } from 'node:fs'
import { createServer, request, type IncomingMessage, type Server as Front } from 'node:http'
import { join } from 'node:path'
import { databaseServer } from '../../scripts/stand-in/database-server.mjs'
import { freePort } from '../../scripts/lib/next-server.mjs'
import { objectServer } from '../../scripts/stand-in/object-store.mjs'
import { databaseOf, type LaidGarden } from './lay-gardens'
import { Server, type Served } from './server'

const TOKEN = 'a-token-of-tests'

/** Two servers of Prairie behind one address, which asks them in turn; they share a database server and a photo store. */
export class TwoServers implements Served {
  private front?: Front
  private turn = 0
  private standIn?: Awaited<ReturnType<typeof databaseServer>>
  private constructor(
    readonly port: number,
    readonly database: string,
    private readonly databasePort: number,
    /** Where their data are, as the environment says it. */
    readonly data: Record<string, string>,
    /** Each by itself. */
    readonly each: readonly [Server, Server],
    private readonly photos: Awaited<ReturnType<typeof objectServer>>,
  ) {}

  static async in(folder: string, more: Record<string, string> = {}): Promise<TwoServers> {
    mkdirSync(folder, { recursive: true })
    const [port, databasePort] = [await freePort(), await freePort()]
    const photos = await objectServer({ bucket: 'photos', keyId: 'a-key' })
    const data = {
      DATABASE_URL: `http://127.0.0.1:${databasePort}`,
      DATABASE_AUTH_TOKEN: TOKEN,
      PHOTOS_URL: photos.url,
      PHOTOS_KEY_ID: 'a-key',
      PHOTOS_SECRET: 'a-secret',
    }
    const file = join(folder, 'shared.db')
    const each = [await Server.with({ ...data, ...more }), await Server.with({ ...data, ...more })] as const
    return new TwoServers(port, file, databasePort, data, each, photos)
  }

  get address(): string {
    return `http://127.0.0.1:${this.port}`
  }

  /** Puts a copy of a garden in place of what they served so far. */
  async serve(garden: LaidGarden): Promise<void> {
    await this.stopDatabase()
    for (const part of ['', '-wal', '-shm']) rmSync(this.database + part, { force: true })
    copyFileSync(databaseOf(garden), this.database)
    await this.start()
  }

  async start(): Promise<void> {
    await this.startDatabase()
    await Promise.all(this.each.map((server) => server.start()))
    this.front ??= await this.openFront()
  }

  async stop(signal?: 'SIGKILL' | 'SIGTERM'): Promise<void> {
    await Promise.all(this.each.map((server) => server.stop(signal)))
  }

  /** Ends them for good, with what they share. */
  async close(): Promise<void> {
    await this.stop()
    this.front?.closeAllConnections()
    this.front?.close()
    await this.stopDatabase()
    await this.photos.stop()
  }

  async startDatabase(): Promise<void> {
    this.standIn ??= await databaseServer({ file: this.database, token: TOKEN, port: this.databasePort })
  }

  async stopDatabase(): Promise<void> {
    const stopping = this.standIn
    delete this.standIn
    await stopping?.stop()
  }

  private async openFront(): Promise<Front> {
    const front = createServer((asked, answer) => {
      const parts: Buffer[] = []
      asked.on('data', (part: Buffer) => parts.push(part))
      asked.on(
        'end',
        () =>
          void this.pass(asked, Buffer.concat(parts)).then(
            (given) => {
              answer.writeHead(given.statusCode!, given.rawHeaders)
              given.pipe(answer)
            },
            () => asked.socket.destroy(),
          ),
      )
    })
    await new Promise<void>((ready) => front.listen(this.port, '127.0.0.1', ready))
    return front
  }

  /** Asks the one whose turn it is; if it is not there, the other. */
  private async pass(asked: IncomingMessage, body: Buffer): Promise<IncomingMessage> {
    const first = this.turn++
    const ask = (turn: number) =>
      new Promise<IncomingMessage>((given, fail) => {
        const { method, url, headers } = asked
        const port = this.each[turn % 2]!.port
        request({ host: '127.0.0.1', port, method, path: url, headers }, given).on('error', fail).end(body)
      })
    return ask(first).catch((error: NodeJS.ErrnoException) => {
      if (error.code !== 'ECONNREFUSED') throw error
      return ask(first + 1)
    })
  }
}
