import { expect, open, test } from './support/test'

test('a way is chosen for the house, the answers follow it, and a word is found', async ({ page }) => {
  await open(page, '/bench/water')
  const places = page.getByRole('navigation', { name: 'Places by need' })
  await places.getByRole('button', { name: /^Bed 5/ }).click()
  const heading = page.getByRole('heading', { level: 1 })
  await expect(heading).toHaveText(/by tomorrow$/)
  await page.keyboard.press('a')
  await expect(page).toHaveURL(/almanac/)
  const watering = page.getByRole('region', { name: 'When to water' })
  await expect(watering.getByRole('radio', { name: /^Even, by the water balance/ })).toBeChecked()
  await watering.getByRole('radio', { name: /^Dry down once rooted/ }).click()
  await expect(page.getByText('When to water: dry down once rooted.')).toBeVisible()
  await page.keyboard.press('b')
  await places.getByRole('button', { name: /^Bed 5/ }).click()
  await expect(heading).not.toHaveText(/by tomorrow$/)
  await expect(page.getByText('Dry-down · used here')).toBeVisible()

  await open(page, '/almanac')
  await expect(watering.getByRole('radio', { name: /^Dry down once rooted/ })).toBeChecked()
  await page.getByLabel('Find a word').fill('emitter')
  await expect(page.getByRole('region', { name: 'Words' }).getByRole('term')).toHaveText(['Emitter'])
  await expect(watering).toHaveCount(0)
  await page.getByLabel('Find a word').fill('zzz')
  await expect(page.getByRole('status').filter({ hasText: 'No match' })).toBeVisible()
})

test('every why leads to how it is worked out, with this garden’s own numbers', async ({ page }) => {
  await open(page, '/walk')
  await page.getByRole('button', { name: /Bed 1 .*Give 1\d\d/ }).click()
  await page.getByRole('article').getByRole('link', { name: 'water in the root zone' }).click()
  await expect(page).toHaveURL(/almanac\/workings#water/)
  const working = page.getByRole('region', { name: 'Water in the root zone' })
  await expect(working).toBeInViewport()
  await expect(working).toContainText('TAW = 1000 (θFC − θWP) Zr')
  await expect(working).toContainText('FAO-56')
  await expect(working).toContainText(/Due now: 1\d\d.L/)
  // A word is looked for in ways, workings, words and cautions alike.
  await page.getByLabel('Find a word').fill('Broms')
  await expect(page.getByRole('region', { name: 'Wind, posts and strings' })).toBeVisible()
  await page.getByLabel('Find a word').fill('eggshell')
  await expect(page.getByRole('region', { name: 'Against blossom-end rot' })).toContainText(
    'They work slowly, if at all',
  )
  await page.getByRole('link', { name: 'Words and cautions' }).click()
  await expect(page.getByRole('region', { name: 'Cautions' })).toBeVisible()
})
