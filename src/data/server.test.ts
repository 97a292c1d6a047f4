import { execFile } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { promisify } from 'node:util'
import { createClient } from '@libsql/client'
import { eq } from 'drizzle-orm'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { databaseServer } from '../../scripts/stand-in/database-server.mjs'
import type { LogEntry } from '../core/log'
import { changes, closeDatabase, reader, write } from './database'
import { demoGarden } from './demo'
import { exportGarden, insertGardenFile } from './garden-file'
import { loadGarden } from './garden-state'
import { currentGarden } from './gardens'
import { importGarden } from './garden-import'
import { DatabaseProblem } from './problem'
import { garden } from './records/garden'
import { entryRecord } from './records/entry'

const run = promisify(execFile)
const TOKEN = 'a-token-of-tests'
const demo = demoGarden()
const lay = () => write((tx) => insertGardenFile(tx, demo))
const note = (id: string) =>
  ({ ...demo.log.at(-1)!, id, kind: 'note', data: {}, note: id, voids: null }) as LogEntry
const enter = (id: string) => write((tx) => entryRecord.insert(tx, demo.garden.id, [note(id)]))
const ids = async () => (await entryRecord.of(demo.garden.id)).map(({ id }) => id)

const kindOf = (error: unknown) => DatabaseProblem.within(error)?.kind

let folder: string
let standIn: Awaited<ReturnType<typeof databaseServer>>
let losesAnswer: (asked: { requests: unknown[] }) => boolean

const startServer = async (port = 0) => {
  standIn = await databaseServer({
    file: join(folder, 'server.db'),
    token: TOKEN,
    port,
    losesAnswer: (asked: { requests: unknown[] }) => losesAnswer(asked),
  })
}

/** Starts it again on the file that is there, at the address it had. */
const startAgain = () => startServer(Number(new URL(standIn.url).port))

beforeEach(async () => {
  folder = mkdtempSync(join(tmpdir(), 'prairie-server-'))
  losesAnswer = () => false
  await startServer()
  process.env.DATABASE_URL = standIn.url
  process.env.DATABASE_AUTH_TOKEN = TOKEN
})
afterEach(async () => {
  await closeDatabase()
  await standIn.stop()
  delete process.env.DATABASE_AUTH_TOKEN
  rmSync(folder, { recursive: true, force: true })
})

/** Another caller of the same server. */
const other = () => createClient({ url: standIn.url, authToken: TOKEN })

describe('a garden on a database server', () => {
  it('is the same as one in a file', async () => {
    await lay()
    expect((await currentGarden())?.name).toBe(demo.garden.name)
    expect((await exportGarden(demo.garden.id)).log).toEqual(demo.log)
    expect((await loadGarden())!.record.entries.length).toBeGreaterThan(0)
  })
  it('is taken in from a file, in place of the one that was there', async () => {
    await lay()
    const read = { file: { ...demo, garden: { ...demo.garden, name: 'Anew' } }, pictures: new Map() }
    expect(await importGarden(read)).toEqual({ gardenId: demo.garden.id })
    expect((await currentGarden())?.name).toBe('Anew')
    expect((await ids()).length).toBe(demo.log.length)
  })
  it('shows at once what another server wrote', async () => {
    await lay()
    expect((await loadGarden())!.garden.name).toBe(demo.garden.name)
    await other().batch(
      ["UPDATE garden SET name = 'Theirs'", 'UPDATE change_count SET count = count + 1'],
      'write',
    )
    expect((await loadGarden())!.garden.name).toBe('Theirs')
  })
  it('is not mixed up with one that was put back and written to as often', async () => {
    await lay()
    const put = (name: string) =>
      write((tx) => tx.update(garden).set({ name }).where(eq(garden.id, demo.garden.id)))
    const before = await other().execute('SELECT count, mark FROM change_count')
    await put('One')
    expect((await loadGarden())!.garden.name).toBe('One')
    await other().execute({
      sql: 'UPDATE change_count SET count = ?, mark = ?',
      args: [before.rows[0]!.count!, before.rows[0]!.mark!],
    })
    await put('Another')
    expect((await loadGarden())!.garden.name).toBe('Another')
  })
  it('waits for another server’s transaction, and then writes', async () => {
    await lay()
    const tx = await other().transaction('write')
    await tx.execute('UPDATE change_count SET count = count + 1')
    const writing = enter('after-theirs')
    expect((await ids()).length).toBe(demo.log.length)
    await tx.commit()
    await writing
    expect(await ids()).toContain('after-theirs')
  })
  it('begins a transaction again that the server gave up', async () => {
    await lay()
    let times = 0
    await write(async (tx) => {
      times++
      await entryRecord.insert(tx, demo.garden.id, [note(`try-${times}`)])
      if (times === 1) {
        // As after a restart: the stream is gone, and what it had begun with it.
        await standIn.stop()
        await startAgain()
      }
    })
    expect(times).toBe(2)
    expect((await ids()).filter((id) => id.startsWith('try-'))).toEqual(['try-2'])
  })
  it('keeps what was committed though the answer was lost, and says that it is not known', async () => {
    await lay()
    losesAnswer = ({ requests }) => JSON.stringify(requests).includes('"COMMIT"')
    await expect(enter('unheard')).rejects.toSatisfy((error) => kindOf(error) === 'unreachable')
    losesAnswer = () => false
    expect(await ids()).toContain('unheard')
  })
  it('says that the server is not reached, and goes on when it is', async () => {
    await lay()
    await standIn.stop()
    await expect(ids()).rejects.toSatisfy((error) => kindOf(error) === 'unreachable')
    await expect(enter('lost')).rejects.toSatisfy((error) => kindOf(error) === 'unreachable')
    await startAgain()
    await enter('kept')
    expect((await ids()).filter((id) => ['lost', 'kept'].includes(id))).toEqual(['kept'])
  })
  it('is not opened with a wrong token', async () => {
    process.env.DATABASE_AUTH_TOKEN = 'another'
    await expect(reader()).rejects.toMatchObject({ kind: 'unreachable' })
  })
})

describe('bringing a database to this version', () => {
  const opens = () =>
    run(process.execPath, [
      ...['--import', 'tsx', '-e'],
      "import('./src/data/database.ts').then(async (m) => { await m.reader(); process.exit(0) })",
    ])
  it('is done by one of several servers that start at once', async () => {
    await Promise.all([opens(), opens(), opens()])
    await lay()
    const { rows } = await other().execute('SELECT count(*), count(DISTINCT hash) FROM __drizzle_migrations')
    expect(rows[0]![0]).toBe(rows[0]![1])
    expect((await other().execute('SELECT * FROM migration_lock')).rows).toEqual([])
  })
  it('waits for no one who died at it', async () => {
    await other().batch([
      'CREATE TABLE migration_lock (id integer PRIMARY KEY, holder text NOT NULL, until integer NOT NULL)',
      "INSERT INTO migration_lock VALUES (1, 'someone', unixepoch() - 1)",
    ])
    await lay()
    expect((await currentGarden())?.name).toBe(demo.garden.name)
  })
  it('ends what an older server does with it', async () => {
    await lay()
    await other().execute(
      "INSERT INTO __drizzle_migrations (hash, created_at) VALUES ('later', 99999999999999)",
    )
    await expect(enter('old')).rejects.toMatchObject({ kind: 'newer' })
    await expect(changes()).rejects.toMatchObject({ kind: 'newer' })
    const { rows } = await other().execute("SELECT count(*) FROM log_entry WHERE id = 'old'")
    expect(Number(rows[0]![0])).toBe(0)
  })
})
