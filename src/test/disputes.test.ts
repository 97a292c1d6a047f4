import { readFileSync } from 'node:fs'
import { expect, it } from 'vitest'
import { disputesTable, settled } from './disputes'

it('settles every dispute in every climate, in numbers', () => {
  const all = settled(6, false)
  const asked = new Set(all.map(({ dispute }) => dispute))
  expect(asked.size).toBeGreaterThanOrEqual(8)
  expect(all).toHaveLength(asked.size * 4)
  const table = disputesTable(all)
  expect(table).not.toMatch(/NaN|undefined|Infinity/)
  // The document tells of the same disputes, in the same order.
  const headings = (text: string) => text.match(/^#.*$/gm)
  expect(headings(readFileSync('docs/disputes.md', 'utf8'))).toEqual(headings(table))
})
