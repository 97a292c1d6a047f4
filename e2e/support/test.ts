import { copyFileSync } from 'node:fs'
import { test as base, expect, type Page } from '@playwright/test'
import { databaseOf, type LaidGarden } from './lay-gardens'
import { Server } from './server'

export { expect }

/** Each test has a server and a database of its own: empty, or a copy of a garden that was laid. */
export const test = base.extend<{ data: 'empty' | LaidGarden; server: Server }>({
  data: ['demo', { option: true }],
  server: async ({ data }, use, info) => {
    const database = `.scratch/e2e/${info.testId}-${info.retry}.db`
    if (data !== 'empty') copyFileSync(databaseOf(data), database)
    const server = await Server.on(database)
    await use(server)
    await server.stop()
  },
  baseURL: async ({ server }, use) => use(server.address),
})

/** Opens a screen and waits until its keys and buttons are live. */
export async function open(page: Page, path: string): Promise<void> {
  await page.goto(path)
  await page.waitForFunction(() => document.documentElement.dataset.keys === 'ready')
}
