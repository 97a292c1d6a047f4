import { closeDatabase, reader } from './database'
import { settleLeftAside } from './photos'

/**
 * Opens the database when a server starts, with what an interrupted import left brought to its end, and closes it
 * whole when the server is asked to end. A problem is logged; the pages tell it.
 */
export async function startDatabase(): Promise<void> {
  // What is made here, the database and photos, is its owner's alone.
  process.umask(0o077)
  for (const signal of ['SIGTERM', 'SIGINT'] as const) process.once(signal, () => void closeDatabase())
  try {
    await reader()
    await settleLeftAside()
  } catch (error) {
    console.error(error)
  }
}
