import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { format } from 'prettier'
import { evidence, evidenceTable } from './evidence'
import { workingValues, workingValuesTable } from './working-values'

const found = evidence()

describe('the evidence', () => {
  it.each(
    Object.values(found)
      .flat()
      .map((row) => [row.what, row.source, row] as const),
  )('%s agrees with %s', (_, __, { published, ours, within }) => {
    expect(Math.abs(ours - published)).toBeLessThanOrEqual(within + 1e-9)
  })
  it('stands in the documents as it is now', async () => {
    const table = await format(evidenceTable(found), { parser: 'markdown' })
    expect(readFileSync('docs/evidence.md', 'utf8')).toBe(table)
  })
})

describe('the values that no source gives', () => {
  it('are few, and each says what it was set against', () => {
    const values = workingValues()
    expect(values.length).toBeLessThanOrEqual(120)
    expect(values.filter(({ against }) => against === null)).toEqual([])
  })
  it('stand in the documents as they are now', async () => {
    const table = await format(workingValuesTable(), { parser: 'markdown' })
    expect(readFileSync('docs/working-values.md', 'utf8')).toBe(table)
  })
})
