import AxeBuilder from '@axe-core/playwright'
import type { Page } from '@playwright/test'
import { expect, open, test } from './support/test'

/** What the themes are looked at on: they differ in colour alone, and these screens have all of theirs. */
const COLOURED = new Set([
  '/walk',
  '/season',
  '/ground',
  '/garden/weather',
  '/plantings/demo-2026-bed-4-1/support',
  '/bench/water',
  '/basket',
  '/clinic',
])

const SCREENS = [
  '/walk',
  '/walk/sheet',
  '/walk/paper',
  '/walk/order',
  '/garden/gardens',
  '/season',
  '/garden',
  '/garden/weather',
  '/garden/weather/import',
  '/garden/files',
  '/ground',
  '/ground/list',
  '/ground/demo-row-a',
  '/ground/demo-pot-1',
  '/ground/how-many',
  '/ground/pots',
  '/ground/papers',
  '/ground/papers/labels',
  '/plantings/new',
  '/plantings/table',
  '/plantings/demo-2026-bed-2-1',
  '/plantings/demo-2026-bed-4-1/set-out',
  '/plantings/demo-2026-bed-4-1/support',
  '/planting-day',
  '/plants/demo-2026-bed-1-1-1',
  '/shed',
  '/practice',
  '/bench/water',
  '/bench/feed',
  '/bench/mix',
  '/clinic',
  '/clinic/cases',
  '/clinic/watch',
  '/clinic/causes',
  '/basket',
  '/basket/review',
  '/season/next',
  '/almanac',
  '/almanac/workings',
  '/almanac/words',
  '/logbook',
]

/** What is serious of the faults that the rules find, each with where it is. */
async function seriousFaults(page: Page, rules?: string[]): Promise<string[]> {
  const axe = new AxeBuilder({ page }).options({ resultTypes: ['violations'], iframes: false })
  // The whole run in the page itself: the other way opens a page more for each.
  axe.setLegacyMode()
  if (rules) axe.withRules(rules)
  const { violations } = await axe.analyze()
  return violations
    .filter(({ impact }) => impact === 'serious' || impact === 'critical')
    .map(({ id, nodes }) => `${id}: ${nodes.map(({ target }) => target).join(', ')}`)
}

// A few screens a test: so both workers look, and a fault is named by its screens.
const AT_ONCE = 8
for (let from = 0; from < SCREENS.length; from += AT_ONCE) {
  const screens = SCREENS.slice(from, from + AT_ONCE)
  test(`no serious fault for those who see or steer otherwise: ${screens[0]} to ${screens.at(-1)}`, async ({
    page,
  }) => {
    for (const path of screens) {
      await open(page, path)
      expect(await seriousFaults(page), path).toEqual([])
      if (!COLOURED.has(path)) continue
      for (const theme of ['sun', 'dusk']) {
        await page.evaluate((chosen) => (document.documentElement.dataset.theme = chosen), theme)
        expect(await seriousFaults(page, ['color-contrast']), `${path}, ${theme}`).toEqual([])
      }
    }
  })
}

test('windows are called by what they show, and colors follow the device until some are chosen', async ({
  page,
}) => {
  await page.emulateMedia({ colorScheme: 'dark' })
  await open(page, '/plants/demo-2026-bed-2-1-7')
  await expect(page).toHaveTitle('Old Harrow 7, Bed 2 · Prairie')
  const html = page.locator('html')
  await expect(html).toHaveAttribute('data-theme', 'dusk')
  await open(page, '/walk')
  await expect(page).toHaveTitle('Walk: today’s round · Prairie')
  await page.getByLabel('Theme').selectOption('High contrast')
  await expect(html).toHaveAttribute('data-theme', 'sun')
  await page.reload()
  await expect(html).toHaveAttribute('data-theme', 'sun')
  await page.getByLabel('Theme').selectOption('As on this device')
  await expect(html).toHaveAttribute('data-theme', 'dusk')
})

test.describe('with nothing in it', () => {
  test.use({ data: 'empty' })
  test('the first questions have no serious fault either', async ({ page }) => {
    await page.goto('/')
    await page.getByRole('button', { name: 'Start my garden' }).click()
    await expect(page.getByRole('alert').first()).toBeVisible()
    expect(await seriousFaults(page)).toEqual([])
  })
})

test('nothing is asked of anyone else, and no script runs that is not ours', async ({ page, server }) => {
  const outside: string[] = []
  page.on('request', (request) => {
    if (!request.url().startsWith(server.address) && !request.url().startsWith('data:'))
      outside.push(request.url())
  })
  const response = await page.goto('/walk')
  const policy = response!.headers()['content-security-policy']!
  expect(policy).toContain("script-src 'self' 'nonce-")
  expect(policy).not.toMatch(/script-src[^;]*unsafe-inline/)
  await open(page, '/season')
  expect(outside).toEqual([])
})
