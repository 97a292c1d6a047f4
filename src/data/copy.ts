import { existsSync } from 'node:fs'
import type { Client } from '@libsql/client'
import { databaseFile } from './locate'

/**
 * Puts a whole copy of the database beside it, by `VACUUM INTO`, so that what is still in the write-ahead log
 * is in it too.
 *
 * @param why goes into the file's name
 * @returns the copy's path, or null when the data are on a server
 */
export async function copyDatabase(
  client: Client,
  why: 'before-update' | 'before-import' | 'before-removal',
): Promise<string | null> {
  const file = databaseFile()
  if (file === null) return null
  const stem = `${file.replace(/\.db$/, '')}.${why}-${new Date().toISOString().slice(0, 19).replaceAll(':', '')}`
  let path = `${stem}.db`
  for (let again = 2; existsSync(path); again++) path = `${stem}-${again}.db`
  await client.execute({ sql: 'VACUUM INTO ?', args: [path] })
  return path
}
