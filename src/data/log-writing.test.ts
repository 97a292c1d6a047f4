import { describe, expect, it } from 'vitest'
import type { IsoDate } from '../core/calendar'
import type { EntryDraft, EntryData, EntryKind, LogEntry } from '../core/log'
import { scratchDatabase } from '../test/scratch'
import { archiveSeason, reopenSeason } from './archive'
import { write } from './database'
import { demoGarden } from './demo'
import { insertGardenFile } from './garden-file'
import { importEntries } from './log-import'
import { correctEntry, enterEntries, undoAct } from './log-writing'
import { entryRecord } from './records/entry'

scratchDatabase()
const demo = demoGarden()
const lay = (log: LogEntry[] = demo.log) => write((tx) => insertGardenFile(tx, { ...demo, log }))
const draft = <K extends EntryKind>(
  kind: K,
  data: EntryData[K],
  more: Partial<Pick<EntryDraft, 'id' | 'subject' | 'on' | 'note'>> = {},
): EntryDraft =>
  ({
    id: `new-${kind}`,
    subject: { type: 'place', id: 'demo-bed-1' },
    kind,
    on: '2026-06-18' as IsoDate,
    data,
    note: '',
    ...more,
  }) as EntryDraft
const kept = async () => (await entryRecord.of(demo.garden.id)).length

describe('what is entered', () => {
  it('is kept once however often it is sent, and refused when something else bears its id', async () => {
    await lay()
    const watered = draft('watered', { litres: 10 })
    expect(await enterEntries([watered])).toEqual({ ok: true, kind: 'watered' })
    expect(await enterEntries([watered])).toEqual({ ok: true, kind: 'watered' })
    expect(await enterEntries([{ ...watered, data: { litres: 11 } } as EntryDraft])).toMatchObject({
      ok: false,
    })
    expect(await kept()).toBe(demo.log.length + 1)
    const noted = draft('note', {}, { id: 'bit', note: 'as it was' })
    await Promise.all([1, 2, 3].map(() => enterEntries([noted])))
    expect(await kept()).toBe(demo.log.length + 2)
  })
  it('is asked about where a place cannot hold it, taken after a yes, and never beyond what can be', async () => {
    await lay()
    const water = (litres: number, sure = false) =>
      enterEntries([draft('watered', { litres }, { id: `w${litres}` })], sure)
    expect(await water(60)).toMatchObject({ ok: true })
    expect(await water(3000)).toMatchObject({
      ok: false,
      doubt: { why: 'over-place', refuse: false, litres: 3000 },
    })
    expect(await water(3000, true)).toMatchObject({ ok: true })
    expect(await water(60_000, true)).toMatchObject({ ok: false, doubt: { why: 'over-place', refuse: true } })
  })
  it('lies within the planting’s life', async () => {
    await lay()
    const about = { subject: { type: 'planting' as const, id: 'demo-2026-bed-1-1' } }
    const enter = (kind: EntryKind, on: string, data: object = {}) =>
      enterEntries([draft(kind, data as never, { ...about, id: `${kind}-${on}`, on: on as IsoDate })])
    expect(await enter('cleared', '1990-05-01')).toMatchObject({
      doubt: { why: 'outside-season', season: 2026 },
    })
    expect(await enter('emerged', '1990-01-01', { count: 3 })).toMatchObject({
      doubt: { why: 'outside-season' },
    })
    expect(await enter('cleared', '2026-02-01')).toMatchObject({ doubt: { why: 'before', kind: 'cleared' } })
    expect(
      await enter('set-out', '2026-06-18', {
        count: 100_000,
        method: 'upright',
        school: 'by-hand',
        stemBuried: 0,
        holeDepth: 0,
        leavesStripped: 0,
      }),
    ).toMatchObject({ doubt: { why: 'more-than-planned', refuse: false } })
    expect(await enter('cleared', '2026-06-17')).toMatchObject({ ok: true })
    expect(await enter('flowered', '2026-06-18')).toMatchObject({
      doubt: { why: 'after-cleared', refuse: true },
    })
    expect(await kept()).toBe(demo.log.length + 1)
  })
  it('is refused whole where one of it cannot be', async () => {
    await lay()
    for (const wrong of [
      draft('note', {}, { id: 'x', on: '2026-06-19' as IsoDate }),
      draft('note', {}, { id: 'x', subject: { type: 'place', id: 'nowhere' } }),
      draft('void', {}, { id: 'x' }),
      draft('watered', { litres: -1 }, { id: 'x' }),
    ])
      expect(await enterEntries([draft('note', {}, { id: 'good' }), wrong])).toMatchObject({ ok: false })
    expect(await kept()).toBe(demo.log.length)
  })
})

describe('what is undone', () => {
  it('is undone once, and says so the second time', async () => {
    await lay()
    await enterEntries([draft('watered', { litres: 10 })])
    expect(await undoAct({ id: 'u1', entry: 'new-watered' })).toMatchObject({ ok: true, kind: 'watered' })
    for (const alone of [true, false])
      expect(await undoAct({ id: `u2${alone}`, entry: 'new-watered', alone })).toEqual({
        ok: false,
        message: 'That is already undone.',
      })
    expect(await undoAct({ id: 'u1', entry: 'new-watered' })).toEqual({ ok: true, kind: null })
    expect(await kept()).toBe(demo.log.length + 2)
  })
})

describe('a closed season', () => {
  const old = demo.log.find(({ kind, on }) => kind === 'picked' && on < '2025-10-01')!
  it('takes no correction, no undo, and no entry moved in or out', async () => {
    await lay()
    await archiveSeason(2025)
    const data = { ...old.data }
    const same = { id: 'c', subject: old.subject, kind: old.kind, on: old.on, data, note: 'x' } as EntryDraft
    expect(await correctEntry(old.id, same, 'v')).toMatchObject({
      ok: false,
      message: expect.stringMatching(/Season 2025 is archived/),
    })
    // Out of it, and into it.
    expect(await correctEntry(old.id, { ...same, on: '2026-06-17' as IsoDate }, 'v')).toMatchObject({
      ok: false,
    })
    await enterEntries([draft('note', {}, { id: 'open', note: 'now' })])
    expect(
      await correctEntry('open', draft('note', {}, { id: 'c', on: '2025-07-01' as IsoDate }), 'v'),
    ).toMatchObject({ ok: false, message: expect.stringMatching(/2025/) })
    expect(await undoAct({ id: 'u', entry: old.id })).toMatchObject({ ok: false })
    expect(await kept()).toBe(demo.log.length + 1)
  })
  it('takes no undo from a file that is dated later', async () => {
    await lay()
    await archiveSeason(2025)
    const entry = {
      ...old,
      id: 'late-void',
      kind: 'void',
      on: '2026-06-18',
      data: {},
      voids: old.id,
    } as unknown as LogEntry
    expect(await importEntries({ entries: [{ line: 2, entry }], faults: [] }, false)).toMatchObject({
      ok: false,
      faults: [{ line: 2, kind: 'closed', season: 2025 }],
    })
  })
  it('opens again by itself, while a later one stays closed', async () => {
    await lay()
    await archiveSeason(2025)
    await reopenSeason(2025)
    const data = { ...old.data }
    expect(
      await correctEntry(
        old.id,
        { id: 'c', subject: old.subject, kind: old.kind, on: old.on, data, note: 'ok' } as EntryDraft,
        'v',
      ),
    ).toMatchObject({ ok: true })
  })
  it('clears what was sown where it grew, too', async () => {
    const direct = demo.plantings.find(({ id }) => id === 'demo-2025-bed-2-1')!
    const sown = demo.log
      .filter(({ subject }) => subject.id !== direct.id)
      .concat({
        ...old,
        id: 'came-up',
        kind: 'emerged',
        subject: { type: 'planting', id: direct.id },
        on: '2025-06-01',
        data: { count: 4 },
      } as LogEntry)
    await write((tx) =>
      insertGardenFile(tx, {
        ...demo,
        log: sown,
        plantings: demo.plantings.map((one) => (one.id === direct.id ? { ...one, raising: 'direct' } : one)),
      }),
    )
    await archiveSeason(2025)
    const log = await entryRecord.of(demo.garden.id)
    expect(log.filter(({ kind, subject }) => kind === 'cleared' && subject.id === direct.id)).toHaveLength(1)
  })
})
