import { execFileSync } from 'node:child_process'
import { mkdirSync, rmSync } from 'node:fs'

export const DEMO = '.scratch/e2e/demo.db'

/** Lays the demo garden once; every test that wants it gets a copy. */
export default function layDemo(): void {
  rmSync('.scratch/e2e', { recursive: true, force: true })
  mkdirSync('.scratch/e2e', { recursive: true })
  execFileSync('node', ['--import', 'tsx', 'scripts/seed-demo.ts'], {
    env: { ...process.env, DATABASE_URL: `file:${DEMO}` },
    stdio: 'pipe',
  })
}
