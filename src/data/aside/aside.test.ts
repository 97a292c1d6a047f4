import { readFileSync } from 'node:fs'
import { parse, unparse } from 'papaparse'
import { describe, expect, it } from 'vitest'
import { demoState, potEntry } from '../demo/demo-state'
import { logCsv } from '../../features/logbook/log-csv'
import { isoDate } from '../../core/calendar'
import { readGardenAside } from './read-garden'
import { readLogAside } from './read-log'

const bytes = (text: string) => new Uint8Array(new TextEncoder().encode(text))

describe('a logbook’s CSV, read aside', () => {
  const state = demoState({ entries: [potEntry('n', 'note', isoDate('2026-06-18'), { note: 'a\nb' })] })
  const csv = logCsv(state, null)
  it('is the same as it was written, however many come one after the other', async () => {
    for (let again = 0; again < 3; again++) {
      const read = await readLogAside(bytes(csv))
      expect(read?.faults).toEqual([])
      expect(read?.entries.map(({ entry }) => entry)).toEqual(state.record.entries)
    }
  })
  it('is read with the separator that a sheet gave it', async () => {
    const semicolons = unparse(parse<string[]>(csv).data, { delimiter: ';' })
    expect((await readLogAside(bytes(semicolons)))?.entries).toHaveLength(state.record.entries.length)
  })
  it('is read no further than a logbook is long, and nothing of it is offered after a thousand faults', async () => {
    const head = csv.split('\r\n')[0]!
    expect((await readLogAside(bytes(`${head}\r\n${'x,y\r\n'.repeat(200_000)}`)))?.faults).toEqual([
      { line: 100_002, kind: 'too-many', most: 100_000 },
    ])
    const read = await readLogAside(bytes(`${csv}\r\n${'x,y\r\n'.repeat(5000)}`))
    expect(read?.entries).toEqual([])
    expect(read?.faults).toHaveLength(1000)
  })
})

describe('a thread', () => {
  it('that is given rubbish reads the next file as ever', async () => {
    const picture = new Uint8Array(readFileSync('src/app/icon.svg'))
    expect(await readGardenAside(picture)).toMatchObject({ problem: { kind: 'not-json' } })
    const all = await Promise.all(['{}', '[', 'null'].map((text) => readGardenAside(bytes(text))))
    expect(all.map((read) => 'problem' in read && read.problem.kind)).toEqual([
      'not-a-garden',
      'not-json',
      'not-a-garden',
    ])
  })
})
