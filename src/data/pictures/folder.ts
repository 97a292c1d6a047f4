import { link, mkdir, open, readdir, readFile, rename, rm, rmdir, stat } from 'node:fs/promises'
import { basename, dirname, join, resolve } from 'node:path'
import { v7 } from 'uuid'
import { ASIDE, type PictureStore } from './store'

/** Pictures in a folder; what is laid aside lies in folders beside it. @param path of the folder, made when needed */
export function folderStore(path: string): PictureStore {
  const folder = resolve(path)
  const pathOf = (name: string) => (name.startsWith(ASIDE) ? folder + name : join(folder, name))
  const remove = async (name: string) => {
    await rm(pathOf(name), { force: true })
    // The last one to leave what lies aside takes its folder along.
    if (name.startsWith(ASIDE)) await rmdir(dirname(pathOf(name))).catch(() => undefined)
  }
  return {
    put: async (name, content) => {
      // Beside its place first: one that lies there half, from when the power went, is replaced whole.
      const beside = `${pathOf(name)}.${v7()}`
      await write(beside, content)
      await rename(beside, pathOf(name))
      await sync(dirname(pathOf(name)))
    },
    read: (name) => readFile(pathOf(name)).then((content) => new Uint8Array(content), gone),
    size: (name) => stat(pathOf(name)).then(({ size }) => size, gone),
    remove,
    move: async (from, to) => {
      await mkdir(dirname(pathOf(to)), { recursive: true, mode: 0o700 })
      await link(pathOf(from), pathOf(to)).catch((error: NodeJS.ErrnoException) => {
        if (error.code !== 'EEXIST' && error.code !== 'ENOENT') throw error
      })
      await sync(dirname(pathOf(to)))
      await remove(from)
    },
    list: () => listed(folder, ''),
    listAside: async () => {
      const own = basename(folder) + ASIDE
      const folders = (await readdir(dirname(folder)).catch(() => [])).filter((name) => name.startsWith(own))
      const found = folders.map((name) =>
        listed(join(dirname(folder), name), `${name.slice(basename(folder).length)}/`),
      )
      return (await Promise.all(found)).flat()
    },
  }
}

async function listed(folder: string, before: string) {
  const names = await readdir(folder).catch(() => [])
  const found = names.map(async (name) => ({
    name: before + name,
    at: await stat(join(folder, name)).then(({ mtimeMs }) => mtimeMs, gone),
  }))
  return (await Promise.all(found)).flatMap(({ name, at }) => (at === null ? [] : [{ name, at }]))
}

function gone(error: NodeJS.ErrnoException): null {
  if (error.code === 'ENOENT' || error.code === 'ENOTDIR') return null
  throw error
}

/** Writes a new file so that its content is there after a crash. */
async function write(path: string, content: Uint8Array): Promise<void> {
  await mkdir(dirname(path), { recursive: true, mode: 0o700 })
  const file = await open(path, 'wx', 0o600)
  try {
    await file.writeFile(content)
    await file.sync()
  } catch (error) {
    await file.close()
    await rm(path, { force: true })
    throw error
  }
  await file.close()
}

/** A file's name is durable only when its folder is. */
async function sync(path: string): Promise<void> {
  const handle = await open(path, 'r')
  try {
    await handle.sync()
  } finally {
    await handle.close()
  }
}
