import { expect, open, test } from './support/test'

test.use({ data: 'south', locale: 'en-US' })

const WORKSPACES = [
  '/walk',
  '/season',
  '/ground',
  '/bench/water',
  '/bench/feed',
  '/bench/mix',
  '/shed',
  '/clinic',
  '/clinic/watch',
  '/basket',
  '/season/next',
  '/basket/review',
  '/practice',
  '/almanac',
  '/logbook',
  '/garden',
]
/** Metric measures. Nutrients are reckoned in g and mL everywhere, as labels and scales for feed show them. */
const METRIC = /\d (?:°C|cm|mm|m|kg|g|L|mL|km\/h|m²)(?![\w/])/g
const isFeed = (path: string) => /^\/bench\/(feed|mix)$/.test(path)

test('every workspace shows a garden of the south in its own units and dates', async ({ page }) => {
  for (const path of WORKSPACES) {
    await open(page, path)
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
    const text = (await page.locator('body').innerText()).replaceAll('\u00a0', ' ')
    expect(text, path).not.toMatch(/stumbled|NaN|undefined/)
    expect(
      text.match(METRIC)?.filter((found) => !(isFeed(path) && / (g|mL)$/.test(found))) ?? [],
      path,
    ).toEqual([])
  }
})

test('what was sown where it grows is walked, fed and picked like the rest', async ({ page }) => {
  await open(page, '/walk')
  await expect(page.getByRole('button', { name: /Shore Row/ }).first()).toBeVisible()
  await page.keyboard.press('/')
  const box = page.getByRole('dialog', { name: 'Command box' })
  const line = box.getByRole('combobox')
  await line.fill('shore row picked 2 lb 6 oz')
  await expect(box.getByRole('option', { selected: true })).toContainText('2,4')
  await page.keyboard.press('Enter')
  await expect(page.getByText(/Entered: Shore Row, Little Lantern Gold, picked: 2,\d+.lb/)).toBeVisible()
  await page.keyboard.press('/')
  await line.fill('north strip reef picked 12 oz')
  await expect(box.getByRole('option', { selected: true })).toContainText('Reef')
  await page.keyboard.press('Enter')
  await expect(page.getByText(/Entered: North Strip, Reef, picked: 12.oz/)).toBeVisible()
  const { log } = await (await page.request.get('/export')).json()
  const picked = log.filter(
    ({ kind, on }: { kind: string; on: string }) => kind === 'picked' && on === '2027-01-20',
  )
  expect(picked.map(({ data }: { data: { mass: number } }) => Math.round(data.mass * 1000))).toEqual([
    1077, 340,
  ])
})

test('a season that was put away stays as it was', async ({ page }) => {
  await open(page, '/logbook?from=2025-07-01&to=2026-06-30')
  await expect(page.getByText('Little Lantern').first()).toBeVisible()
  await expect(page.getByText('season 2025 is archived').first()).toBeVisible()
  await expect(page.getByRole('button', { name: /^(Correct|Undo):/ })).toHaveCount(0)
})
