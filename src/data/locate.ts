import { mkdirSync } from 'node:fs'
import { dirname, resolve } from 'node:path'
import { fileURLToPath } from 'node:url'

/** Where the data are read: `DATABASE_URL`, or a file in `./data`. */
export function databaseUrl(): string {
  return process.env.DATABASE_URL ?? `file:${resolve('data/garden.db')}`
}

/** The server that the data are on; null: they are in a file here. */
export function serverUrl(): string | null {
  const url = databaseUrl()
  return process.env.DATABASE_SYNC_URL ?? (url.startsWith('file:') ? null : url)
}

/** The file that follows a server and is read in its stead, its folder made; null: there is none. */
export function replicaFile(): string | null {
  const url = databaseUrl()
  if (serverUrl() === null || !url.startsWith('file:')) return null
  return `file:${pathOf(url)}`
}

/** The path of the database file, its folder made; null when the data are on a server. */
export function databaseFile(): string | null {
  return serverUrl() === null ? pathOf(databaseUrl()) : null
}

function pathOf(url: string): string {
  const path = url.startsWith('file://') ? fileURLToPath(url) : resolve(url.slice('file:'.length))
  mkdirSync(dirname(path), { recursive: true })
  return path
}
