import { expect, open, test } from './support/test'

test.use({ data: 'empty' })

test('four questions lead to a first true answer', async ({ page }) => {
  await page.goto('/')
  await expect(page.getByRole('heading', { name: 'Your first garden' })).toBeVisible()
  await page.getByLabel('Coordinates').fill('41.2 N 97.6 W')
  await page.getByLabel('Usual last frost').fill('5 May')
  await page.getByLabel('Units').selectOption('us')
  await expect(page.getByLabel('Length')).toHaveValue('10 ft')
  await page.getByRole('button', { name: 'Give me the first answer' }).click()

  const answer = page.getByRole('region', { name: 'First answer' })
  await expect(answer.getByRole('heading', { level: 2 })).toHaveText(
    /^Sow tomatoes about (March|April) \d+, set them out about (May|June) \d+\.$/,
  )
  // The climate was shifted until its median last frost fell on the day that was given.
  await expect(answer).toContainText(/The last frost comes about May [3-7];/)

  await answer.getByRole('link', { name: 'Plan the first planting' }).click()
  await page.getByLabel('Name of the cultivar').fill('Fieldlight')
  await page.getByLabel('Days to maturity').fill('74')
  await expect(page.getByText(/\d+ fit/)).toBeVisible()
  await page.getByRole('button', { name: 'Tell me when' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/Sow/)
  await expect(page.getByText('Of 11 seeds, 85 % come up and 90 % of those live')).toBeVisible()
})

test('bad answers are met beside the field, and stay as typed', async ({ page }) => {
  await page.goto('/')
  const where = page.getByLabel('Coordinates')
  const frost = page.getByLabel('Usual last frost')
  const length = page.getByLabel('Length')
  const go = page.getByRole('button', { name: 'Give me the first answer' })
  const alerts = page.getByRole('alert')

  await go.click()
  await expect(alerts.filter({ hasText: 'Say where the garden is' })).toBeVisible()

  for (const typed of ['<script>alert(1)</script>', '95 N 10 E', 'x'.repeat(10_000), '41.2 N 97.6 N']) {
    await where.fill(typed)
    await go.click()
    await expect(alerts.first()).toBeVisible()
    await expect(where).toHaveValue(typed)
  }
  await where.fill('41.2 N 97.6 W')
  await length.fill('5 kg')
  await frost.fill('31 June')
  await go.click()
  await expect(alerts.filter({ hasText: 'kg is a unit of mass' })).toBeVisible()
  await expect(alerts.filter({ hasText: 'A date such as' })).toBeVisible()

  // A frost that this climate cannot have is refused with what it could have.
  await length.fill('3 m')
  await frost.fill('20 August')
  await go.click()
  await expect(alerts.filter({ hasText: /the last frost of \d{4} could fall from/ })).toBeVisible()
  await expect(frost).toHaveValue('20 August')
})

test('a southern garden sows in its own spring', async ({ page }) => {
  await page.goto('/')
  await page.getByLabel('Coordinates').fill('37 S 145 E')
  await page.getByRole('button', { name: 'Give me the first answer' }).click()
  await expect(
    page.getByRole('region', { name: 'First answer' }).getByRole('heading', { level: 2 }),
  ).toHaveText(/set them out about \d+ (September|October|November|December)/)
})

test('an address that leads nowhere says so', async ({ page }) => {
  const response = await page.goto('/plantings/of/none')
  expect(response?.status()).toBe(404)
  await expect(page.getByRole('heading', { name: 'Nothing grows at this address.' })).toBeVisible()
})

test('the empty round can be walked by key', async ({ page }) => {
  await page.goto('/')
  await page.getByLabel('Coordinates').fill('50 N 10 E')
  await page.getByRole('button', { name: 'Give me the first answer' }).click()
  await page.waitForURL('**/walk')
  await open(page, '/walk')
  await page.keyboard.press('s')
  await expect(page.getByRole('heading', { name: 'Nothing is planned yet' })).toBeVisible()
  await page.keyboard.press('n')
  await expect(page.getByRole('heading', { name: /Frost-free|no frost/ })).toBeVisible()
  await page.keyboard.press('?')
  await expect(page.getByRole('dialog')).toContainText('undo the last entry')
})
