import 'fake-indexeddb/auto'
import { like } from 'drizzle-orm'
import fc from 'fast-check'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { POST } from '../../app/entries/route'
import type { IsoDate } from '../../core/calendar'
import { GARDEN_VERSION } from '../../core/facts'
import type { EntryDraft } from '../../core/log'
import { reader, write } from '../../data/database'
import { demoGarden } from '../../data/demo'
import { insertGardenFile } from '../../data/garden-file'
import { loadGarden, type GardenState } from '../../data/garden-state'
import { logEntry } from '../../data/records/entry'
import { withActs } from '../../pocket/garden-here'
import { scratchDatabase } from '../../test/scratch'
import { noteConnection } from './connection'
import { enterAct, noteGarden, undoEntered } from './enter'
import { actsHere, changeKept, forgetSent, keep, keptActs } from './kept'
import { noteCopy, sendKept } from './send-kept'

scratchDatabase()

const demo = demoGarden()
const ON = '2026-06-18' as IsoDate

/** What the network does with a request: carries it, loses it, loses its answer, or never lets it come back. */
type Weather = 'fair' | 'cut' | 'answer-lost' | 'hangs'
let weather: Weather = 'fair'
/** How often the server was asked. */
let asked = 0

const before = globalThis.fetch
beforeAll(() => {
  globalThis.fetch = async (address, options) => {
    asked++
    const now = weather
    if (now === 'cut') throw new TypeError('Failed to fetch')
    if (now === 'hangs') await new Promise(() => {})
    const answer = await POST(
      new Request(`http://localhost${String(address)}`, {
        ...options,
        headers: { ...options?.headers, host: 'localhost', 'sec-fetch-site': 'same-origin' },
      }),
    )
    if (now === 'answer-lost') throw new TypeError('Failed to fetch')
    return answer
  }
  // What a page has, and this runner has not.
  globalThis.navigator ??= {} as Navigator
})
afterAll(() => {
  globalThis.fetch = before
})

const note = (id: string, more: Partial<EntryDraft> = {}): EntryDraft =>
  ({
    id,
    subject: { type: 'garden', id: demo.garden.id },
    kind: 'note',
    on: ON,
    data: {},
    note: id,
    ...more,
  }) as EntryDraft

const told = { said: 'A note', on: ON }
const enterNotes = (...entries: EntryDraft[]) =>
  enterAct(entries, { ...told, sure: false, photo: null }, async () => null)

const lay = () => write((tx) => insertGardenFile(tx, demo))
async function begin(): Promise<void> {
  await lay()
  weather = 'fair'
  noteGarden(demo.garden.id)
  noteConnection('reached')
  for (const { seq } of await keptActs()) await changeKept(seq, () => null)
}
/** The entries that count, by a part that their ids begin with. */
const inLog = async (own = '') => {
  const rows = await (
    await reader()
  )
    .select({ id: logEntry.id, kind: logEntry.kind, voids: logEntry.voids })
    .from(logEntry)
    .where(like(logEntry.id, `${own}%`))
  const taken = new Set(rows.map(({ voids }) => voids))
  return rows.filter(({ id, kind }) => kind !== 'void' && !taken.has(id)).map(({ id }) => id)
}

let runs = 0

describe('what is entered without a network', () => {
  it('arrives once and only once, whatever the network does meanwhile', async () => {
    await begin()
    const step = fc.oneof(
      { weight: 3, arbitrary: fc.record({ act: fc.constant('enter' as const), count: fc.nat({ max: 2 }) }) },
      { weight: 1, arbitrary: fc.record({ act: fc.constant('undo' as const), of: fc.nat({ max: 5 }) }) },
      { weight: 2, arbitrary: fc.record({ act: fc.constant('send' as const) }) },
      {
        weight: 3,
        arbitrary: fc.record({
          act: fc.constant('weather' as const),
          is: fc.constantFrom<Weather>('fair', 'cut', 'answer-lost', 'hangs'),
        }),
      },
    )
    await fc.assert(
      fc.asyncProperty(fc.array(step, { minLength: 2, maxLength: 9 }), async (steps) => {
        const own = `run-${++runs}`
        const wanted = new Map<string, string[]>()
        weather = 'fair'
        noteConnection('reached')
        for (const one of steps) {
          if (one.act === 'weather') weather = one.is
          else if (one.act === 'send') void sendKept()
          else if (one.act === 'undo') {
            const id = [...wanted.keys()][one.of]
            if (id === undefined) continue
            // A request that hangs is a page that waits: the next thing is done in another.
            if (weather === 'hangs') noteConnection('not-reached')
            await undoEntered({ id: `${id}-undo`, entry: id }, told)
            wanted.delete(id)
          } else {
            const id = `${own}-${wanted.size}-${steps.indexOf(one)}`
            const ids = Array.from({ length: one.count + 1 }, (_, at) => (at === 0 ? id : `${id}.${at + 1}`))
            if (weather === 'hangs') noteConnection('not-reached')
            const came = await enterNotes(...ids.map((each) => note(each)))
            expect(came.ok).toBe(true)
            wanted.set(id, ids)
          }
        }
        weather = 'fair'
        while ((await keptActs()).length > 0) await sendKept()
        expect((await inLog(`${own}-`)).sort()).toEqual([...wanted.values()].flat().sort())
      }),
      { numRuns: Number(process.env.SCHEDULES ?? 60) },
    )
  }, 120_000)
  it('is sent in the order in which it was entered', async () => {
    await begin()
    weather = 'cut'
    const four = ['in-order-d', 'in-order-a', 'in-order-c', 'in-order-b']
    for (const id of four) await enterNotes(note(id))
    expect((await keptActs()).map(({ id }) => id)).toEqual(four)
    weather = 'fair'
    await sendKept()
    const rows = await (await reader()).select().from(logEntry).where(like(logEntry.id, 'in-order-%'))
    const byMoment = rows.sort((one, two) => (one.at < two.at ? -1 : 1))
    expect(byMoment.map(({ id }) => id)).toEqual(four)
  })
  it('goes to the server in groups', async () => {
    await begin()
    weather = 'cut'
    const many = Array.from({ length: 60 }, (_, at) => `many-${String(at).padStart(2, '0')}`)
    for (const id of many) await enterNotes(note(id))
    weather = 'fair'
    asked = 0
    await sendKept()
    // A look whether the server is there, and two groups.
    expect(asked).toBe(3)
    expect((await inLog('many-')).sort()).toEqual(many)
    expect(await keptActs()).toEqual([])
  })
  it('stays in the garden here until that is fetched anew, once', async () => {
    await begin()
    noteCopy(true)
    weather = 'cut'
    await enterNotes(note('seen'))
    weather = 'fair'
    await sendKept()
    expect(await keptActs()).toEqual([])
    const state = (await loadGarden())!
    const before = { ...state, record: { ...state.record, entries: demo.log } }
    const seen = ({ record }: GardenState) => record.entries.filter(({ id }) => id === 'seen').length
    expect(seen(before)).toBe(0)
    expect(seen(withActs(before, await actsHere()))).toBe(1)
    expect(seen(withActs(state, await actsHere()))).toBe(1)
    await forgetSent(Date.now() + 1)
    expect(await actsHere()).toEqual([])
    noteCopy(false)
  })
  it('waits with its reason where the server refuses it, and lets what follows pass', async () => {
    await begin()
    weather = 'cut'
    await enterNotes(note('early', { on: '2026-12-24' as IsoDate }))
    await enterNotes(note('gone', { subject: { type: 'planting', id: 'nowhere' } }))
    await enterNotes(note('right'))
    weather = 'fair'
    await sendKept()
    expect((await keptActs()).map(({ id, refused }) => [id, refused?.message])).toEqual([
      ['early', 'That day is still to come. Nothing was saved.'],
      ['gone', 'What this is about is gone. Nothing was saved. Load the screen again.'],
    ])
    expect(await inLog()).toContain('right')
  })
  it('waits while another garden is at work', async () => {
    await begin()
    weather = 'cut'
    noteGarden('another')
    await enterNotes(note('theirs'))
    weather = 'fair'
    await sendKept()
    const [waiting] = await keptActs()
    expect(waiting!.refused!.message).toMatch(/^This is for another garden than “/)
    expect(await inLog()).not.toContain('theirs')
  })
  it('is taken from an earlier version, and told of where the server is the earlier one', async () => {
    await begin()
    const kept = { said: 'A note', on: ON, photo: null, isTried: false, isEntered: false }
    const act = (id: string, version: number) => ({
      garden: demo.garden.id,
      version,
      sure: false,
      entries: [note(id)],
    })
    await keep({ ...kept, id: 'old', act: act('old', GARDEN_VERSION - 3) })
    await keep({ ...kept, id: 'new', act: act('new', GARDEN_VERSION + 1) })
    await sendKept()
    expect(await inLog()).toContain('old')
    expect((await keptActs()).map(({ id }) => id)).toEqual(['new'])
    expect((await keptActs())[0]!.refused!.message).toContain('newer Prairie')
  })
  it('is asked about where it is hard to believe', async () => {
    await begin()
    weather = 'cut'
    const bed = demo.places[0]!
    await enterNotes(
      note('much', {
        subject: { type: 'place', id: bed.id },
        kind: 'watered',
        // 0.9 m deep: more than its soil holds, less than nobody gives.
        data: { litres: 900 * bed.length * bed.width },
      }),
    )
    weather = 'fair'
    await sendKept()
    const [{ seq, refused }] = (await keptActs()) as [Awaited<ReturnType<typeof keptActs>>[0]]
    expect(refused!.ask).toBe(true)
    await changeKept(seq, (now) => ({
      ...now,
      refused: null,
      act: { ...now.act, sure: true } as typeof now.act,
    }))
    await sendKept()
    expect(await inLog()).toContain('much')
  })
})
