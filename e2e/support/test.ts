import {
  test as base,
  expect,
  type BrowserContext,
  type BrowserContextOptions,
  type Page,
} from '@playwright/test'
import { FOLDER, type LaidGarden } from './lay-gardens'
import { Server, type Served } from './server'
import { TwoServers } from './two-servers'

export { expect }

/** Each test has a garden of its own, a copy of one that was laid; the tests of a worker share its server. */
export const test = base.extend<
  { data: LaidGarden; server: Served; device: (options?: BrowserContextOptions) => Promise<Page> },
  { isShared: boolean; shared: Server | TwoServers }
>({
  data: ['demo', { option: true }],
  // Whether two servers answer in turn, on a database server: no test has to know it.
  isShared: [false, { option: true, scope: 'worker' }],
  shared: [
    async ({ isShared }, use, worker) => {
      const folder = `${FOLDER}/worker-${worker.workerIndex}`
      const server = await (isShared ? TwoServers : Server).in(folder)
      await use(server)
      await (server instanceof TwoServers ? server.close() : server.stop())
    },
    { scope: 'worker' },
  ],
  server: async ({ data, shared }, use) => {
    await shared.serve(data)
    await use(shared)
  },
  baseURL: async ({ server }, use) => use(server.address),
  // Another browser beside the first, with nothing of it; it is gone with the test.
  device: async ({ browser, baseURL }, use) => {
    const contexts: BrowserContext[] = []
    await use(async (options) => {
      const context = await browser.newContext({ baseURL, ...options })
      contexts.push(context)
      return context.newPage()
    })
    await Promise.all(contexts.map((context) => context.close()))
  },
})

/** Opens a screen and waits until its keys and buttons are live. */
export async function open(page: Page, path: string): Promise<void> {
  await page.goto(path)
  // The frame takes keys first; the screen in it comes, and answers, a little later.
  await page.waitForFunction(
    () =>
      document.documentElement.dataset.keys === 'ready' &&
      !document.querySelector('main .appear-late') &&
      [...document.querySelectorAll('main :is(h1, button, input, select)')].every((part) =>
        Object.keys(part).some((key) => key.startsWith('__reactFiber')),
      ),
  )
  await page.evaluate(() => new Promise((rest) => requestAnimationFrame(() => setTimeout(rest))))
}
