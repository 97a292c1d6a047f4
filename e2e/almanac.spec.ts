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

test('the forecasts of past seasons are made again, and the dates follow what they teach', async ({
  page,
}) => {
  await open(page, '/almanac')
  await page.getByRole('link', { name: 'How right it was' }).click()
  const came = page.getByRole('region', { name: 'What came of the forecasts' })
  await expect(came.getByRole('heading')).toHaveText(/than forecast$/)
  const fruit = page.getByRole('region', { name: 'First fruit picked, peppers' })
  await expect(fruit).toContainText(/It came \d+(\.\d)?\sdays later than forecast/)
  await expect(fruit.getByRole('row', { name: /^3 weeks ahead/ }).getByRole('listitem')).toHaveCount(5)
  await expect(page.getByRole('region', { name: 'Too few to judge' })).toContainText(
    'Soil temperature: 2 of 5',
  )

  const record = page.getByRole('region', { name: 'Your own record' })
  await record.getByRole('button', { name: 'Follow my own record' }).click()
  await expect(page.getByText('Dates now follow your own record.')).toBeVisible()
  await expect(record.getByRole('heading')).toHaveText(/^Your dates follow your own record since/)
  // A planting says which of its dates moved, and why.
  await open(page, '/plantings/demo-2026-bed-3-1')
  await expect(
    page.getByText(/later by your own record: in 5\sforecasts made 3\sweeks ahead/).first(),
  ).toBeVisible()

  await open(page, '/almanac/score')
  await record.getByRole('button', { name: 'Stop following it' }).click()
  await expect(record.getByRole('heading')).toHaveText('Your dates can follow your own record')
  await open(page, '/plantings/demo-2026-bed-3-1')
  await expect(page.getByText(/by your own record/)).toHaveCount(0)
})

test('making the forecasts again is stopped and begun anew', async ({ page }) => {
  // Held back, so that there is something to stop.
  let letGo = () => {}
  const held = new Promise<void>((go) => (letGo = go))
  await page.route('**/almanac/score/forecasts*', async (route) => {
    await held
    await route.continue().catch(() => {})
  })
  await open(page, '/almanac/score')
  await page.getByRole('button', { name: 'Stop', exact: true }).click()
  await expect(page.getByRole('status').filter({ hasText: 'Stopped.' })).toBeVisible()
  letGo()
  await page.getByRole('button', { name: 'Start again' }).click()
  await expect(page.getByRole('region', { name: 'What came of the forecasts' })).toBeVisible()
  // A forecast that cannot be fetched is told, and can be asked for once more.
  await page.unroute('**/almanac/score/forecasts*')
  await page.route('**/almanac/score/forecasts*', (route) => route.abort())
  await open(page, '/almanac/score')
  await expect(page.getByText('The forecasts could not be made.')).toBeVisible()
})
