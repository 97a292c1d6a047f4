import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterEach, beforeEach } from 'vitest'
import { closeDatabase } from '../data/database'

/** Gives each test of a file an empty database of its own; the answer tells its folder and file. */
export function scratchDatabase(): { folder: () => string; file: () => string } {
  let folder = ''
  const file = () => join(folder, 'garden.db')
  beforeEach(() => {
    folder = mkdtempSync(join(tmpdir(), 'prairie-'))
    process.env.DATABASE_URL = `file:${file()}`
  })
  afterEach(async () => {
    await closeDatabase()
    rmSync(folder, { recursive: true, force: true })
  })
  return { folder: () => folder, file }
}
