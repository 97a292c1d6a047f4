import { execFileSync } from 'node:child_process'
import { mkdirSync, rmSync } from 'node:fs'

export const FOLDER = '.scratch/e2e'

/** Gardens that tests may have: the demo, the same in US units with decimal commas, one in the south, and none yet. */
export type LaidGarden = 'demo' | 'demo-us' | 'south' | 'empty'

export const databaseOf = (garden: LaidGarden) => `${FOLDER}/${garden}.db`

/** Lays each garden once; every test gets a copy of one. */
export default function layGardens(): void {
  rmSync(FOLDER, { recursive: true, force: true })
  mkdirSync(FOLDER, { recursive: true })
  execFileSync('node', ['--import', 'tsx', 'e2e/support/seed.ts'], { stdio: 'pipe' })
}
