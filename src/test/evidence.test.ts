import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { format } from 'prettier'
import { evidence, evidenceTable } from './evidence'

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
