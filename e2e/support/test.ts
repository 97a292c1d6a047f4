import { copyFileSync } from 'node:fs'
import { test as base, expect, type Page } from '@playwright/test'
import { DEMO } from './lay-demo'
import { Server } from './server'

export { expect }

/** Each test has a server and a database of its own: empty, or a copy of the demo garden. */
export const test = base.extend<{ data: 'empty' | 'demo'; server: Server }>({
  data: ['demo', { option: true }],
  server: async ({ data }, use, info) => {
    const database = `.scratch/e2e/${info.testId}-${info.retry}.db`
    if (data === 'demo') copyFileSync(DEMO, database)
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
