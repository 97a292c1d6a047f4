import { mkdirSync } from 'node:fs'
import { dirname, resolve } from 'node:path'
import { fileURLToPath } from 'node:url'

/** Where the data are: `DATABASE_URL`, or a file in `./data`. */
export function databaseUrl(): string {
  return process.env.DATABASE_URL ?? `file:${resolve('data/garden.db')}`
}

/** The path of the database file, its folder made; null when the data are on a server. */
export function databaseFile(url: string = databaseUrl()): string | null {
  if (!url.startsWith('file:')) return null
  const path = url.startsWith('file://') ? fileURLToPath(url) : resolve(url.slice('file:'.length))
  mkdirSync(dirname(path), { recursive: true })
  return path
}
