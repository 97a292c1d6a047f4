import AxeBuilder from '@axe-core/playwright'
import { expect, open, test } from './support/test'

/** What the themes are looked at on: they differ in colour alone, and these screens have all of theirs. */
const COLOURED = [
  '/walk',
  '/season',
  '/ground',
  '/garden/weather',
  '/plantings/demo-2026-bed-4-1/set-out',
  '/plantings/demo-2026-bed-4-1/support',
  '/shed',
  '/practice',
  '/bench/water',
  '/basket',
  '/almanac',
  '/clinic',
  '/clinic/cases',
]

const SCREENS = [
  '/walk',
  '/walk/sheet',
  '/walk/paper',
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
  '/basket/next',
  '/almanac',
  '/almanac/workings',
  '/almanac/words',
  '/logbook',
]

for (const theme of ['day', 'sun', 'dusk'])
  test(`no serious fault for those who see or steer otherwise, in the ${theme} theme`, async ({ page }) => {
    // Looking through whole screens takes a small machine its time.
    test.slow()
    await page.addInitScript((chosen) => localStorage.setItem('theme', chosen), theme)
    for (const path of theme === 'day' ? SCREENS : COLOURED) {
      await open(page, path)
      const axe = new AxeBuilder({ page }).options({ resultTypes: ['violations'], iframes: false })
      const { violations } = await (theme === 'day' ? axe : axe.withRules('color-contrast')).analyze()
      const serious = violations.filter(({ impact }) => impact === 'serious' || impact === 'critical')
      expect(
        serious.map(({ id, nodes }) => `${path} ${id}: ${nodes.map(({ target }) => target).join(', ')}`),
      ).toEqual([])
    }
  })

test.describe('with nothing in it', () => {
  test.use({ data: 'empty' })
  test('the first questions have no serious fault either', async ({ page }) => {
    await page.goto('/')
    await page.getByRole('button', { name: 'Give me the first answer' }).click()
    await expect(page.getByRole('alert').first()).toBeVisible()
    const { violations } = await new AxeBuilder({ page }).analyze()
    expect(
      violations
        .filter(({ impact }) => impact === 'serious' || impact === 'critical')
        .map(({ id, nodes }) => `${id}: ${nodes[0]?.html}`),
    ).toEqual([])
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
