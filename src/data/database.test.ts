import {
  closeSync,
  copyFileSync,
  openSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
  statSync,
  writeFileSync,
  writeSync,
} from 'node:fs'
import { join } from 'node:path'
import { createClient } from '@libsql/client'
import { sql } from 'drizzle-orm'
import { describe, expect, it } from 'vitest'
import { scratchDatabase } from '../test/scratch'
import { copiesBeside, copiesKept, type DatabaseCopy } from './copy'
import { closeDatabase, copyBefore, reader, write } from './database'
import { demoGarden } from './demo'
import { exportGarden, insertGardenFile } from './garden-file'
import { loadGarden } from './garden-state'
import { currentGarden } from './gardens'
import { DatabaseProblem } from './problem'
import { beginAnew, goBackTo, rescueState } from './rescue'
import type { LogEntry } from '../core/log'
import { entryRecord } from './records/entry'
import { plantingRecord } from './records/planting'

const { folder, file } = scratchDatabase()
const demo = demoGarden()
const lay = () => write((tx) => insertGardenFile(tx, demo))
const note = (id: string) =>
  ({ ...demo.log.at(-1)!, id, kind: 'note', data: {}, note: id, voids: null }) as LogEntry
const enter = (id: string) => write((tx) => entryRecord.insert(tx, demo.garden.id, [note(id)]))

describe('a file that goes away', () => {
  it('is noticed before a write is confirmed, and nothing empty takes its place while copies lie there', async () => {
    await lay()
    await copyBefore('before-import')
    rmSync(file())
    await expect(enter('lost')).rejects.toMatchObject({ kind: 'replaced' })
    await expect(enter('lost')).rejects.toMatchObject({ kind: 'missing' })
    await expect(reader()).rejects.toMatchObject({ kind: 'missing' })
    const { copies, problem } = await rescueState()
    expect(problem).toBe('missing')
    expect(await goBackTo(copies[0]!.name)).toBe('returned')
    expect((await currentGarden())?.name).toBe(demo.garden.name)
  })
  it('is noticed when another takes its place, which is then read', async () => {
    await lay()
    await closeDatabase()
    copyFileSync(file(), join(folder(), 'other.db'))
    await enter('before')
    renameSync(join(folder(), 'other.db'), file())
    for (const part of ['-wal', '-shm']) rmSync(file() + part, { force: true })
    await expect(enter('lost')).rejects.toMatchObject({ kind: 'replaced' })
    expect((await entryRecord.of(demo.garden.id)).map(({ id }) => id)).not.toContain('before')
    await enter('kept')
    expect((await entryRecord.of(demo.garden.id)).map(({ id }) => id)).toContain('kept')
  })
  it('is not mixed up with another that was written to as often', async () => {
    const put = (name: string) => {
      for (const part of ['', '-wal', '-shm']) rmSync(file() + part, { force: true })
      renameSync(join(folder(), name), file())
    }
    const entered = async () => (await loadGarden())!.record.entries.at(-1)!.note
    await lay()
    await closeDatabase()
    copyFileSync(file(), join(folder(), 'theirs.db'))
    await enter('mine')
    await closeDatabase()
    copyFileSync(file(), join(folder(), 'mine.db'))
    put('theirs.db')
    await enter('theirs')
    expect(await entered()).toBe('theirs')
    put('mine.db')
    await expect(entered()).rejects.toMatchObject({ kind: 'replaced' })
    expect(await entered()).toBe('mine')
  })
  it('is not taken for a new garden when it is empty', async () => {
    writeFileSync(file(), '')
    await expect(reader()).rejects.toMatchObject({ kind: 'missing' })
    await beginAnew()
    expect(await currentGarden()).toBeNull()
    expect(readdirSync(folder()).some((name) => name.includes('.aside-'))).toBe(true)
  })
})

describe('a damaged file', () => {
  /** Turns a byte of the first place in the file where a text stands. */
  const damage = (text: string) => {
    const at = readFileSync(file()).indexOf(text)
    expect(at).toBeGreaterThan(0)
    const handle = openSync(file(), 'r+')
    writeSync(handle, Buffer.from([0xff]), 0, 1, at + 2)
    closeSync(handle)
  }
  it('is told before a text that is none is read, and not written to', async () => {
    await lay()
    await copyBefore('before-import')
    await closeDatabase()
    damage('Windrow Lane')
    const before = readFileSync(file())
    await expect(reader()).rejects.toMatchObject({ kind: 'damaged' })
    await expect(enter('no')).rejects.toMatchObject({ kind: 'damaged' })
    expect(readFileSync(file()).equals(before)).toBe(true)
    const { problem, copies } = await rescueState()
    expect(problem).toBe('damaged')
    expect(await goBackTo(copies[0]!.name)).toBe('returned')
    expect((await currentGarden())?.name).toBe('Windrow Lane')
  })
  it('is told when a page of it is broken', async () => {
    await lay()
    await closeDatabase()
    const handle = openSync(file(), 'r+')
    for (let page = 4; page < 20; page++) writeSync(handle, Buffer.alloc(64, 0x41), 0, 64, 4096 * page)
    closeSync(handle)
    await expect(reader()).rejects.toMatchObject({ kind: 'damaged' })
  })
})

describe('the one file', () => {
  it('holds everything after a clean stop, and is its owner’s alone', async () => {
    await lay()
    await enter('last')
    await closeDatabase()
    copyFileSync(file(), join(folder(), 'alone.db'))
    const alone = createClient({ url: `file:${join(folder(), 'alone.db')}` })
    const found = await alone.execute("select count(*) as n from log_entry where id = 'last'")
    alone.close()
    expect(Number(found.rows[0]!.n)).toBe(1)
    expect(statSync(file()).mode & 0o777).toBe(0o600)
  })
  it('lets others read while another process holds the lock, and writes when it is free', async () => {
    await lay()
    const other = createClient({ url: `file:${file()}`, timeout: 2000 })
    const tx = await other.transaction('write')
    let isWritten = false
    const writing = enter('waits').then(() => (isWritten = true))
    expect((await entryRecord.of(demo.garden.id)).length).toBe(demo.log.length)
    expect(isWritten).toBe(false)
    await tx.rollback()
    other.close()
    await writing
    expect((await entryRecord.of(demo.garden.id)).map(({ id }) => id)).toContain('waits')
  })
  it('takes all of a write or nothing of it when the disk is full, and goes on when there is room', async () => {
    await lay()
    const pages = await write(async (tx) => {
      const [count] = await tx.all<[number]>(sql`PRAGMA page_count`)
      return Number(Object.values(count!)[0])
    })
    const limitTo = (most: number) => write((tx) => tx.all(sql.raw(`PRAGMA max_page_count = ${most}`)))
    await limitTo(pages + 4)
    const many = Array.from({ length: 5000 }, (_, at) => note(`full-${at}`))
    await expect(write((tx) => entryRecord.insert(tx, demo.garden.id, many))).rejects.toSatisfy(
      (error) => DatabaseProblem.within(error)?.kind === 'full',
    )
    expect((await entryRecord.of(demo.garden.id)).length).toBe(demo.log.length)
    await limitTo(pages * 20)
    await write((tx) => entryRecord.insert(tx, demo.garden.id, many))
    expect((await entryRecord.of(demo.garden.id)).length).toBe(demo.log.length + many.length)
  })
  it('is exported as it was at one moment, whatever is written meanwhile', async () => {
    await lay()
    const extra = (at: number) =>
      write(async (tx) => {
        const planting = { ...demo.plantings[0]!, id: `p${at}` }
        await plantingRecord.insert(tx, demo.garden.id, [planting])
        await entryRecord.insert(tx, demo.garden.id, [
          { ...note(`e${at}`), subject: { type: 'planting', id: planting.id } } as LogEntry,
        ])
      })
    for (let at = 0; at < 8; at++) {
      const [out] = await Promise.all([exportGarden(demo.garden.id), extra(at)])
      const plantings = new Set(out.plantings.map(({ id }) => id))
      for (const { id, subject } of out.log)
        if (id.startsWith('e')) expect(plantings.has(subject.id)).toBe(true)
    }
  })
})

describe('the copies', () => {
  const copy = (at: string): DatabaseCopy => ({ name: at, reason: 'before-import', at, bytes: 1 })
  it('that stay are the ten newest and one of each month', () => {
    const days = Array.from({ length: 28 }, (_, day) =>
      copy(`2026-06-${String(28 - day).padStart(2, '0')}T00:00:00Z`),
    )
    const kept = copiesKept([
      ...days,
      copy('2026-05-09T00:00:00Z'),
      copy('2026-05-02T00:00:00Z'),
      copy('2025-01-01T00:00:00Z'),
    ])
    expect(kept.size).toBe(12)
    expect(kept.has('2026-05-09T00:00:00Z') && kept.has('2025-01-01T00:00:00Z')).toBe(true)
    expect(kept.has('2026-05-02T00:00:00Z')).toBe(false)
  })
  it('bear their name only when they are whole, and empty ones are none', async () => {
    await lay()
    for (let again = 0; again < 12; again++) await copyBefore('before-import')
    expect(copiesBeside(file()).length).toBeLessThanOrEqual(10)
    expect(readdirSync(folder()).some((name) => name.endsWith('.making'))).toBe(false)
    writeFileSync(join(folder(), 'garden.before-import-2030-01-01T000000.db'), '')
    expect(copiesBeside(file()).some(({ at }) => at.startsWith('2030'))).toBe(false)
  })
})
