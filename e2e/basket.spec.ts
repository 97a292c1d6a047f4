import { expect, open, test } from './support/test'

test('a harvest is weighed with its faults, refused where it cannot be, and stands in the season’s review', async ({
  page,
}) => {
  await open(page, '/season')
  await page.keyboard.press('k')
  await expect(page).toHaveURL(/basket/)
  const heading = page.getByRole('heading', { level: 1 })
  await expect(heading).toHaveText(/^Pick in Pot 7: about \d+.g$/)

  const scales = page.getByRole('form', { name: 'On the scales' })
  await scales.getByLabel('Weight').fill('heaps')
  await scales.getByLabel('Fruit, if counted').fill('3')
  await scales.getByText('Fruit with a fault').click()
  await scales.getByLabel('cracked').fill('5')
  await scales.getByRole('button', { name: 'Keep it' }).click()
  await expect(scales.getByRole('alert')).toHaveCount(2)
  await expect(scales.getByText('More with a fault than were counted.')).toBeVisible()
  await scales.getByLabel('Weight').fill('450 g')
  await scales.getByLabel('cracked').fill('1')
  await scales.getByRole('button', { name: 'Keep it' }).click()
  await expect(page.getByText(/^Entered: 450.g from Pot 7, Ditch Wren\.$/)).toBeVisible()
  await expect(heading).toHaveText('Nothing is due to be picked')
  // Ready for the next one, of the same planting.
  await expect(scales.getByLabel('Weight')).toHaveValue('')
  await expect(scales.getByLabel('Picked from')).toContainText('Pot 7')

  await page.getByRole('link', { name: 'Seasons' }).click()
  await expect(heading).toHaveText(/^2025: 98\.4.kg from 70 plants$/)
  await page.getByRole('link', { name: '2026' }).click()
  await expect(heading).toHaveText(/^2026: 760.g from 101 plants$/)
  const line = page.getByRole('region', { name: 'Plantings' }).getByRole('listitem').first()
  await expect(line).toContainText(/Ditch Wren, Pot 7: 760.g from 1/)
  await expect(line).toContainText(/sound: 83.%/)
  await line.getByRole('button', { name: 'Try otherwise' }).click()
  await expect(page.getByText('Ditch Wren next season: try otherwise.')).toBeVisible()
  await expect(line.getByRole('button', { name: 'Try otherwise' })).toHaveAttribute('aria-pressed', 'true')
})

test('a season that is over is put away: its log is closed until it is opened again', async ({ page }) => {
  await open(page, '/basket/review?season=2025')
  const part = page.getByRole('region', { name: 'Put away' })
  await part.getByRole('button', { name: 'Put 2025 away' }).click()
  await expect(part).toContainText('Its log is closed through')
  await open(page, '/logbook?kind=picked&to=2025-12-31')
  await page
    .getByRole('button', { name: /^Take back: / })
    .first()
    .click()
  await expect(page.getByText(/that season was put away/)).toBeVisible()
  await open(page, '/basket/review?season=2025')
  await part.getByRole('button', { name: 'Open its log again' }).click()
  await expect(part.getByRole('button', { name: 'Put 2025 away' })).toBeVisible()
  await open(page, '/basket/review?season=2026')
  await expect(part).toHaveCount(0)
})

test('nothing is picked before it was planted', async ({ page }) => {
  await open(page, '/logbook?kind=picked&from=2026-06-01')
  await page.getByRole('button', { name: /^Correct: Pot 7/ }).click()
  const form = page.getByRole('form', { name: 'Correct Pot 7, Ditch Wren' })
  await form.getByLabel('Day').fill('2026-02-01')
  await form.getByRole('button', { name: 'Keep it so' }).click()
  await expect(form.getByRole('alert')).toContainText(
    'Nothing of that planting stood in the ground by that day',
  )
  await expect(page.getByText(/picked: 310.g, 3 fruit/)).toBeVisible()
})

test.describe('with nothing planted', () => {
  test.use({ data: 'empty' })
  test('the basket says what will stand there', async ({ page }) => {
    await page.goto('/')
    await page.getByLabel('Coordinates').fill('50 N 10 E')
    await page.getByRole('button', { name: 'Give me the first answer' }).click()
    await page.waitForURL('**/walk')
    await open(page, '/basket')
    await expect(page.getByText('Nothing stands in the ground on this day.')).toBeVisible()
    await open(page, '/basket/review')
    await expect(page.getByText('No planting was set out yet.')).toBeVisible()
  })
})
