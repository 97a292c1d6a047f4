import { execFileSync } from 'node:child_process'
import { mkdirSync, rmSync } from 'node:fs'

const FOLDER = '.scratch/e2e'

/** Gardens that tests may have, each with what lays it: the demo, and one in the south in US units. */
const LAID = { demo: 'scripts/seed-demo.ts', south: 'e2e/support/seed-south.ts' }
export type LaidGarden = keyof typeof LAID

export const databaseOf = (garden: LaidGarden) => `${FOLDER}/${garden}.db`

/** Lays each garden once; every test that wants one gets a copy. */
export default function layGardens(): void {
  rmSync(FOLDER, { recursive: true, force: true })
  mkdirSync(FOLDER, { recursive: true })
  for (const [garden, script] of Object.entries(LAID))
    execFileSync('node', ['--import', 'tsx', script], {
      env: { ...process.env, DATABASE_URL: `file:${databaseOf(garden as LaidGarden)}` },
      stdio: 'pipe',
    })
}
