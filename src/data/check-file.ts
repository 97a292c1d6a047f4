import { execFile } from 'node:child_process'
import { resolve } from 'node:path'
import { promisify } from 'node:util'

const run = promisify(execFile)
/** ms that looking through a file takes at the most. */
const PATIENCE = 60_000

/**
 * Looks a database file through, page by page and text by text, in a process of its own.
 *
 * @returns what is wrong with it; null: it is sound
 */
export async function faultInFile(path: string): Promise<string | null> {
  try {
    const { stdout } = await run(process.execPath, [resolve(...['src', 'data', 'look-through.mjs']), path], {
      timeout: PATIENCE,
      env: { ...process.env, NODE_OPTIONS: '' },
    })
    return stdout.trim() === 'ok' ? null : stdout.trim()
  } catch (error) {
    return `looking it through failed: ${(error as Error).message.split('\n')[0]}`
  }
}
