import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { mergeRow } from '.'

const row = fc.record({ a: fc.nat(2), b: fc.nat(2), c: fc.array(fc.nat(1), { maxLength: 1 }) })

describe('two edits of one row', () => {
  it('keep both where the fields differ', () => {
    const seen = { name: 'Bed 1', mulch: 'bare', lines: [0.3] }
    expect(mergeRow(seen, { ...seen, mulch: 'straw' }, { ...seen, name: 'Long bed' })).toEqual({
      row: { name: 'Long bed', mulch: 'straw', lines: [0.3] },
      conflicts: [],
    })
  })
  it('conflict only where both changed a field to something else', () => {
    const seen = { name: 'Bed 1', lines: [0.3] }
    expect(mergeRow(seen, { ...seen, lines: [0.2] }, { ...seen, lines: [0.4] }).conflicts).toEqual(['lines'])
    expect(mergeRow(seen, { ...seen, lines: [0.2] }, { ...seen, lines: [0.2] }).conflicts).toEqual([])
  })
  it('lose no change of either, whatever was edited', () => {
    fc.assert(
      fc.property(row, row, row, (seen, mine, theirs) => {
        const merged = mergeRow(seen, mine, theirs)
        for (const key of ['a', 'b', 'c'] as const) {
          const [was, my, their] = [seen, mine, theirs].map((one) => JSON.stringify(one[key]))
          if (my === was) expect(JSON.stringify(merged.row[key])).toBe(their)
          else if (their === was || their === my) expect(JSON.stringify(merged.row[key])).toBe(my)
          else expect(merged.conflicts).toContain(key)
        }
      }),
    )
  })
})
