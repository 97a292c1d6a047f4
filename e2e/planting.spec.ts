import { begin } from './support/begin'
import { expect, open, test } from './support/test'
import type { Page } from '@playwright/test'

async function planAndSetOut(page: Page, cultivar: RegExp, count: number): Promise<string> {
  await open(page, '/plantings/new')
  const form = page.getByRole('form', { name: 'New planting' })
  await form.getByLabel('Place', { exact: true }).selectOption({ label: 'New bed …' })
  await form.getByLabel('Name of the place').fill(`Strip of ${count}`)
  const option = form.getByLabel('Cultivar', { exact: true }).locator('option').filter({ hasText: cultivar })
  await form.getByLabel('Cultivar', { exact: true }).selectOption((await option.getAttribute('value'))!)
  await form.getByLabel('How many plants').fill(String(count))
  await expect(form.getByText(/\d+ fit/)).toBeVisible()
  await form.getByRole('button', { name: 'Save and show dates' }).click()
  await page.waitForURL(/\/plantings\/[0-9a-f-]{36}\?made=1$/)
  const planting = new URL(page.url()).pathname

  await open(page, `${planting}/set-out`)
  return planting
}

test('six tomatoes and four peppers, through to the log @shared', async ({ page }) => {
  const tomatoes = await planAndSetOut(page, /^Copperlace/, 6)
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Bury 13 cm of stem')
  await expect(page.getByText('Hole 22 cm deep. Strip the 3 lowest leaves, keep 5.')).toBeVisible()
  await page.getByRole('button', { name: 'Plant out all 6' }).click()
  await page.waitForURL(`**${tomatoes}`)
  await expect(page.getByRole('list', { name: 'What you recorded' })).toContainText('18 JunePlanted out')

  const peppers = await planAndSetOut(page, /^Barn Door/, 4)
  await expect(page.getByText('Strip no leaf.').first()).toBeVisible()
  await page.getByRole('button', { name: 'Plant out all 4' }).click()
  await page.waitForURL(`**${peppers}`)
  await expect(page.getByRole('list', { name: 'What you recorded' })).toContainText('Planted out')

  await page.goto('/walk')
  const entered = page.getByRole('list', { name: 'Recorded for this day' })
  await expect(entered).toContainText('Strip of 6, Copperlace: planted out')
  await expect(entered).toContainText('Strip of 4, Barn Door: planted out')
})

test('the section answers to measures, schools and the hand', async ({ page }) => {
  await open(page, '/plantings/demo-2026-bed-4-1/set-out')
  const headline = page.getByRole('heading', { level: 1 })
  await expect(headline).toHaveText('Bury 13 cm of stem')

  await page.getByRole('textbox', { name: 'Height' }).fill('60 cm')
  await expect(headline).toHaveText('Lay it in a trench: 33 cm of stem')
  await page.getByRole('textbox', { name: 'Height' }).fill('12 in')
  await expect(headline).toHaveText('Bury 13 cm of stem')
  await page.getByRole('textbox', { name: 'True leaves' }).fill('many')
  await expect(page.getByRole('alert').filter({ hasText: 'A whole number' })).toBeVisible()
  await expect(headline).toHaveText('Bury 13 cm of stem')
  await page.getByRole('textbox', { name: 'True leaves' }).fill('8')

  await page.getByRole('button', { name: 'Shallow' }).click()
  await expect(headline).toHaveText('Bury 3 cm of stem')
  await page.getByRole('button', { name: 'Worked out' }).click()

  const handle = page.getByRole('slider', { name: 'Stem buried' })
  await handle.focus()
  await page.keyboard.press('PageDown')
  await expect(headline).toHaveText('Bury 18 cm of stem')
  await page.keyboard.press('PageDown')
  await expect(page.getByText('It has only 2 leaves')).toBeVisible()
  await page.getByRole('button', { name: 'Back to the advice' }).click()
  await expect(headline).toHaveText('Bury 13 cm of stem')
})

test('a planting that cannot be is refused with what would be right', async ({ page }) => {
  await open(page, '/plantings/new')
  const form = page.getByRole('form', { name: 'New planting' })
  const go = form.getByRole('button', { name: 'Save and show dates' })
  const alert = form.getByRole('alert')
  const count = form.getByLabel('How many plants')
  for (const typed of ['', '0', '-3', '2.5', 'six', '9'.repeat(10_000)]) {
    await count.fill(typed)
    await go.click()
    await expect(alert.filter({ hasText: 'whole number from 1 to 2,000' })).toBeVisible()
    await expect(count).toHaveValue(typed)
  }
  await count.fill('900')
  await go.click()
  await expect(alert.filter({ hasText: /\d+ fit here at this spacing/ })).toBeVisible()
  await count.fill('4')
  await form.getByLabel('Cultivar', { exact: true }).selectOption({ label: 'A new cultivar …' })
  await form.getByLabel('Name of the cultivar').fill('x'.repeat(10_000))
  await form.getByLabel('Days to maturity').fill('3 weeks')
  await go.click()
  await expect(alert.filter({ hasText: 'At most 70 characters' })).toBeVisible()
  await expect(alert.filter({ hasText: 'Whole days from the packet' })).toBeVisible()
  await form.getByLabel('Name of the cultivar').fill('<script>alert("x")</script>')
  await form.getByLabel('Days to maturity').fill('')
  // The first bed is full: what stands there keeps its room.
  await form.getByLabel('Place', { exact: true }).selectOption({ label: 'New bed …' })
  await form.getByLabel('Name of the place').fill('Along the fence')
  await go.click()
  await expect(page.getByText('<script>alert("x")</script>, 4 plants')).toBeVisible()
})

test.describe('a small garden of its own', () => {
  test.use({ data: 'empty' })

  test('takes any number of cultivars in one bed, and more than fit if one insists', async ({ page }) => {
    await begin(page, '52.4 N 4.9 E')
    const add = async (name: string, crop: 'tomato' | 'pepper', count: string, anyway = false) => {
      await open(page, '/plantings/new')
      const form = page.getByRole('form', { name: 'New planting' })
      const known = form.getByLabel('Cultivar', { exact: true })
      await known.selectOption({ label: 'A new cultivar …' })
      await form.getByLabel('Name of the cultivar').fill(name)
      await form.getByLabel('Crop').selectOption(crop)
      await form.getByLabel('How many plants').fill(count)
      await expect(form.getByText(/\d+ fit/)).toBeVisible()
      if (anyway) await form.getByLabel(/^Plant them anyway, \d+.cm apart/).check()
      await form.getByRole('button', { name: 'Save and show dates' }).click()
      await page.waitForURL(/\/plantings\/[0-9a-f-]{36}\?made=1$/)
    }
    await add('Ditch Wren', 'tomato', '2')
    await add('Barn Door', 'pepper', '3')
    await add('Lantern Red', 'tomato', '1')
    await add('Crowded House', 'pepper', '30', true)
    await open(page, '/ground')
    await expect(page.getByRole('heading', { level: 1 })).toContainText('1 place')
    const { plantings, plants } = await (await page.request.get('/export')).json()
    expect(
      plantings.map(({ count }: { count: number }) => count).sort((a: number, b: number) => a - b),
    ).toEqual([1, 2, 3, 30])
    expect(plants).toHaveLength(36)
  })

  test('plans in its own year, and cage and style follow each other', async ({ page }) => {
    await begin(page, '52.4 N 4.9 E')
    await open(page, '/plantings/new')
    const form = page.getByRole('form', { name: 'New planting' })
    await form.getByLabel('Pruning style').selectOption('cage')
    await expect(form.getByLabel('Support')).toHaveValue('cage')
    const seasons = await form.getByLabel('Season').locator('option').allTextContents()
    await form.getByLabel('Season').selectOption(seasons[1]!)
    await form.getByLabel('Cultivar', { exact: true }).selectOption({ label: 'A new cultivar …' })
    await form.getByLabel('Name of the cultivar').fill('Hedge Sparrow')
    await form.getByText('Set your own distances').click()
    await form.getByLabel('Between plants in the row').fill('70 cm')
    await expect(form.getByText(/70.cm apart in the row/)).toBeVisible()
    await form.getByRole('button', { name: 'Save and show dates' }).click()
    await page.waitForURL(/\/plantings\/[0-9a-f-]{36}\?made=1$/)
    await expect(page.locator('tr[data-stage="set-out"] td').first()).toContainText(seasons[1]!)
    await open(page, `/season?season=${seasons[1]}`)
    await expect(page.getByRole('list', { name: 'Plantings' })).toContainText('Hedge Sparrow × 6')
    await open(page, `/season?season=${seasons[0]}`)
    await expect(page.getByText('Plan a planting, and its whole season shows here')).toBeVisible()
  })
})
