import { begin } from './support/begin'
import { expect, open, test } from './support/test'

test('a harvest is weighed with its faults, refused where it cannot be, and stands in the season’s review @shared', async ({
  page,
}) => {
  await open(page, '/season')
  await page.keyboard.press('v')
  await expect(page).toHaveURL(/basket/)
  const heading = page.getByRole('heading', { level: 1 })
  // A third of a fruit has ripened since Pot 7 was picked: not worth a way there.
  await expect(heading).toHaveText('Nothing to pick today')
  const pot = page.getByRole('row').filter({ hasText: 'Pot 7, Ditch Wren' })
  await expect(pot).toContainText(/310.g of \d+.g \(\d+.g to \d+.g\), last 14.June/)

  const scales = page.getByRole('form', { name: 'Weigh a harvest' })
  await scales.getByLabel('Weight').fill('heaps')
  await scales.getByLabel('Number of fruit (optional)').fill('3')
  await scales.getByText('Fruit with a fault').click()
  await scales.getByLabel('cracked').fill('5')
  await scales.getByRole('button', { name: 'Save' }).click()
  await expect(scales.getByRole('alert')).toHaveCount(2)
  await expect(scales.getByText('More fruit with a fault than you counted.')).toBeVisible()
  // A weight in the wrong unit is refused with what would be right, and stays as typed.
  await scales.getByLabel('Weight').fill('450')
  await scales.getByLabel('cracked').fill('1')
  await scales.getByRole('button', { name: 'Save' }).click()
  await expect(scales.getByRole('alert')).toHaveText(/More than these plants can give at once/)
  await expect(scales.getByLabel('cracked')).toHaveValue('1')
  await scales.getByLabel('Weight').fill('450 g')
  await scales.getByLabel('cracked').fill('1')
  await scales.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByText(/^Entered: 450.g from Pot 7, Ditch Wren\.$/)).toBeVisible()
  await expect(pot).toContainText(/760.g of/)
  // Ready for the next one, of the same planting.
  await expect(scales.getByLabel('Weight')).toHaveValue('')
  await expect(scales.getByLabel('Picked from')).toContainText('Pot 7')

  await page.getByRole('link', { name: 'Seasons' }).click()
  await expect(heading).toHaveText(/^2025: 104.kg from 75 plants$/)
  await page.getByRole('link', { name: '2026' }).click()
  await expect(heading).toHaveText(/^2026: 760.g from 101 plants$/)
  const line = page.getByRole('table', { name: 'Plantings' }).getByRole('row').nth(1)
  await expect(line.getByRole('rowheader')).toContainText('Ditch Wren, Pot 7')
  await expect(line.getByRole('cell').nth(1)).toHaveText(/^760.g$/)
  await expect(line).toContainText(/83.%/)
  await line.getByRole('button', { name: 'Try otherwise' }).click()
  await expect(page.getByText('Ditch Wren next season: try otherwise.')).toBeVisible()
  await expect(line.getByRole('button', { name: 'Try otherwise' })).toHaveAttribute('aria-pressed', 'true')
})

test('a season that is over is put away: its log is closed until it is opened again @shared', async ({
  page,
}) => {
  await open(page, '/basket/review?season=2025')
  const part = page.getByRole('region', { name: 'Archive' })
  await part.getByRole('button', { name: 'Archive 2025' }).click()
  await expect(part).toContainText('Its log is closed through')
  await open(page, '/logbook?kind=picked&to=2025-12-31')
  await expect(page.getByText('season 2025 is archived').first()).toBeVisible()
  await expect(page.getByRole('button', { name: /^Undo: / })).toHaveCount(0)
  await open(page, '/basket/review?season=2025')
  await part.getByRole('button', { name: 'Open its log again' }).click()
  await expect(part.getByRole('button', { name: 'Archive 2025' })).toBeVisible()
  await open(page, '/basket/review?season=2026')
  await expect(part).toHaveCount(0)
})

test('one plant is weighed, then a whole bed, and both are told apart', async ({ page }) => {
  await open(page, '/basket')
  const scales = page.getByRole('form', { name: 'Weigh a harvest' })
  await scales.getByLabel('Picked from').selectOption({ label: 'Bed 1, Copperlace' })
  await scales.getByLabel('Plant', { exact: true }).selectOption('3')
  await scales.getByLabel('Weight').fill('300 g')
  await scales.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByText(/^Entered: 300.g from Bed 1, Copperlace\.$/)).toBeVisible()
  await scales.getByLabel('Picked from').selectOption({ label: 'Bed 1, all of it' })
  await expect(scales.getByLabel('Plant', { exact: true })).toBeDisabled()
  await scales.getByLabel('Weight').fill('1 kg')
  await scales.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByText(/^Entered: 1.kg from Bed 1, all of it\.$/)).toBeVisible()
  await open(page, '/basket/review?season=2026')
  const line = page.getByRole('table', { name: 'Plantings' }).getByRole('row', { name: /^Copperlace, Bed 1/ })
  const picked = line.getByRole('cell').nth(1)
  await expect(picked).toHaveText(/^800.g$/)
  await expect(page.getByText(/By plant: 3 300.g/)).toBeVisible()
  await expect(line).toContainText(/\d.h/)
  // One key takes back the whole weighing of the bed.
  await page.keyboard.press('u')
  await expect(picked).toHaveText(/^300.g$/)
})

test('the next season is planned from this one, with its places and seed', async ({ page }) => {
  await open(page, '/basket/review?season=2026')
  const plantings = page.getByRole('table', { name: 'Plantings' })
  await plantings.getByRole('button', { name: 'Planting' }).press('Enter')
  await expect(plantings.getByRole('rowheader').first()).toContainText('Barn Door')
  const old = plantings.getByRole('row', { name: /^Old Harrow/ })
  await old.getByRole('button', { name: 'Drop' }).click()
  await expect(page.getByText('Old Harrow next season: drop.')).toBeVisible()
  await open(page, '/season')
  await page.getByRole('link', { name: 'Plan 2027 like 2026' }).click()
  const heading = page.getByRole('heading', { level: 1 })
  await expect(heading).toHaveText('2027: 17 of 18 plantings again')
  const bed = page.getByRole('listitem', { name: 'Copperlace, Bed 1' })
  await bed.getByRole('textbox', { name: 'Plants' }).fill('none')
  await page.getByRole('button', { name: 'Plan 17 plantings for 2027' }).click()
  await expect(
    page.getByRole('alert').filter({ hasText: 'Copperlace, Bed 1: plants are a whole number' }),
  ).toBeVisible()
  await bed.getByRole('textbox', { name: 'Plants' }).fill('4')
  const left = page.getByLabel('Seeds left of Copperlace')
  await left.fill('3')
  await left.press('Enter')
  await expect(page.getByText('Copperlace: 3 seeds are left.')).toBeVisible()
  await expect(page.getByRole('row', { name: /^Copperlace/ })).toContainText('8')
  await page.getByRole('button', { name: 'Plan 17 plantings for 2027' }).click()
  await expect(heading).toHaveText('2027 holds 17 plantings')
  await page.getByRole('link', { name: 'See 2027' }).click()
  await expect(page).toHaveURL(/season\?season=2027/)
  await expect(page.getByText('Copperlace').first()).toBeVisible()
})

test('nothing is picked before it was planted', async ({ page }) => {
  await open(page, '/logbook?kind=picked&from=2026-06-01')
  await page.getByRole('button', { name: /^Correct: Pot 7/ }).click()
  const form = page.getByRole('form', { name: 'Correct Pot 7, Ditch Wren' })
  await form.getByLabel('Day').fill('2026-02-01')
  await form.getByRole('button', { name: 'Save' }).click()
  await expect(form.getByRole('alert')).toContainText(
    'You had not planted out any of that planting by that day',
  )
  await expect(page.getByText(/picked: 310.g, 3 fruit/)).toBeVisible()
})

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true })
  test('a harvest is weighed by touch and stands in the review', async ({ page }) => {
    await open(page, '/basket')
    const scales = page.getByRole('form', { name: 'Weigh a harvest' })
    await scales.getByLabel('Weight').fill('600 g')
    await scales.getByRole('button', { name: 'Save' }).tap()
    await expect(page.getByText(/^Entered: 600.g from Pot 7, Ditch Wren\.$/)).toBeVisible()
    await page.getByRole('link', { name: 'Seasons' }).tap()
    await page.getByRole('link', { name: '2026' }).tap()
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^2026: 910.g from 101 plants$/)
  })
})

test.describe('with nothing planted', () => {
  test.use({ data: 'empty' })
  test('the basket says what will stand there', async ({ page }) => {
    await begin(page, '50 N 10 E')
    await open(page, '/basket')
    await expect(page.getByText('No plants are in the ground on this day.')).toBeVisible()
    await open(page, '/basket/review')
    await expect(page.getByText('You have not planted anything out yet.')).toBeVisible()
  })
})
