import { countHands } from './support/hands'
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

test('the values of a chart are told as the garden writes numbers', async ({ page }) => {
  await open(page, '/bench/water')
  const chart = page.getByRole('figure', { name: 'Water by day' })
  await chart.getByText('Show the values').click()
  const values = chart.getByRole('region', { name: 'Water by day: values' })
  await expect(values.getByRole('columnheader')).toHaveText([
    'day',
    /^short of, (in|gal)$/,
    /^growth slows, (in|gal)$/,
    /^rain, (in|gal)$/,
    /^watered, (in|gal)$/,
  ])
  await expect(
    values
      .getByRole('cell')
      .filter({ hasText: /^\d+,\d+$/ })
      .first(),
  ).toBeVisible()
  await expect(values.getByRole('cell').filter({ hasText: /\d\.\d/ })).toHaveCount(0)
})

test('what was sown where it grows is walked, fed and picked like the rest @shared', async ({ page }) => {
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

test('twelve plants that grow already go in, and nothing behind them is asked', async ({ page }) => {
  const hands = await countHands(page)
  await open(page, '/plantings/new')
  const form = page.getByRole('form', { name: 'New planting' })
  const growing = form.getByRole('radio', { name: /^Already growing here/ })
  const add = async (cultivar: string, height: string, place: string, count: string) => {
    await growing.check()
    await form.getByLabel('How tall, roughly').fill(height)
    await form.getByLabel('They have').selectOption('green')
    await form.getByLabel('Cultivar', { exact: true }).selectOption(cultivar)
    await form.getByLabel('Place', { exact: true }).selectOption(place)
    if (place === 'new:container') await form.getByLabel('How many pots').fill('4')
    await form.getByLabel(/^(How many plants|Plants in each)$/).fill(count)
    await form.getByRole('button', { name: 'Save', exact: true }).click()
    await page.waitForURL(/made=/)
  }
  await add('typical:slicer', '4 ft', 'new:bed', '8')
  await expect(page.getByRole('heading', { level: 1 })).not.toHaveText(/[Ss]ow|[Hh]arden|lant out/)
  await page.getByRole('link', { name: 'Add another planting' }).click()
  await page.waitForURL('**/plantings/new?*')
  await add('typical:bell', '18 in', 'new:container', '1')
  expect(hands().clicks).toBeLessThanOrEqual(30)
  await open(page, '/walk')
  // Neither sowing nor hardening off lies behind them, and the first watering is one that cans can carry.
  const stops = page.getByRole('listitem').filter({ hasText: /Red slicing|Red bell/ })
  await expect(stops.first()).toBeVisible()
  for (const text of await stops.allInnerTexts()) {
    expect(text).not.toMatch(/late|Sow|Harden|Plant out/)
    const gallons = /Water: ([\d,]+)\s*gal/.exec(text)?.[1]
    if (gallons) expect(parseFloat(gallons.replace(',', '.'))).toBeLessThan(25)
  }
})

test('a plant taller than its age, and cages wider than the bed, are told so and stay as typed', async ({
  page,
}) => {
  await open(page, '/plantings/new?begins=growing')
  const form = page.getByRole('form', { name: 'New planting' })
  const alert = form.getByRole('alert')
  await form.getByLabel('Growing here since').fill('1/18/2027')
  await form.getByLabel('How tall, roughly').fill('10 ft')
  const save = form.getByRole('button', { name: 'Save', exact: true })
  await save.click()
  await expect(alert.filter({ hasText: 'Plants planted out that day cannot be so tall yet' })).toBeVisible()
  await expect(form.getByLabel('Growing here since')).toHaveValue('1/18/2027')
  await form.getByLabel('Growing here since').fill('')
  await form.getByLabel('How tall, roughly').fill('2 ft')
  await form.getByLabel('Cultivar', { exact: true }).selectOption('typical:slicer')
  await form.getByLabel('Place', { exact: true }).selectOption(
    (await form
      .locator('option')
      .filter({ hasText: /^Shore Row/ })
      .getAttribute('value'))!,
  )
  await form.getByLabel('Support').selectOption('cage')
  await form.getByText('Set your own distances').click()
  await form.getByLabel('Across a cage').fill('6 ft')
  await save.click()
  await expect(alert.filter({ hasText: 'wider than Shore Row' })).toBeVisible()
  await expect(form.getByLabel('Across a cage')).toHaveValue('6 ft')
  await form.getByLabel('Place', { exact: true }).selectOption('new:container')
  await form.getByLabel('How many pots').fill('500')
  await save.click()
  await expect(alert.filter({ hasText: 'A whole number from 1 to 60' })).toBeVisible()
})

test('a list is pasted with its columns in any order, faults are told by line, and it goes in whole', async ({
  page,
}) => {
  await open(page, '/plantings/table')
  const list = page.getByLabel('Your list')
  const columns = page.getByRole('region', { name: 'Columns' })
  await list.fill('qty\tvariety\twhere\n4\tTern\tLee\nmany\tReef\tLee')
  const save = columns.getByRole('button', { name: /^Save 2 plantings/ })
  await save.click()
  const alert = columns.getByRole('alert')
  await expect(alert).toContainText('Line 2: “Tern” is new here: say its type of fruit')
  await expect(alert).toContainText('Line 3: A whole number from 1')
  await expect(list).toHaveValue(/many/)
  await list.fill('qty\tvariety\twhere\tsort\n4\tTern\tLee\tslicing\n3\tReef\tLee\t')
  // A head that is not known is told by hand.
  await columns.getByLabel('Column 4, sort').selectOption({ label: 'type of fruit' })
  await save.click()
  await expect(
    page.getByRole('status').filter({ hasText: '2 plantings with 7 plants are saved.' }),
  ).toBeVisible()
  const { places, plants } = await (await page.request.get('/export')).json()
  expect(places.filter(({ name }: { name: string }) => name === 'Lee')).toHaveLength(1)
  expect(plants.length).toBeGreaterThan(7)
})

test('what is wanted keeps count of what has no place yet, the seed box first', async ({ page }) => {
  await open(page, '/shed')
  await page.getByRole('button', { name: 'Add to the shed' }).click()
  const shed = page.getByRole('form', { name: 'Add to the shed' })
  await shed.getByLabel('What it is').selectOption('seed')
  await shed.getByLabel('Your name for it').fill('Reef')
  await shed.getByLabel('How many').fill('24')
  await shed.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByText('Reef is saved.')).toBeVisible()
  await open(page, '/season?season=2027')
  const wanted = page.getByRole('region', { name: 'Wanted' })
  await wanted.getByRole('button', { name: 'Add to what you want' }).click()
  await wanted.getByLabel('Cultivar').selectOption({ label: 'Reef, 24 seeds' })
  await wanted.getByLabel('How many').fill('5')
  await wanted.getByRole('button', { name: 'Add to the list' }).click()
  await expect(wanted.getByRole('heading')).toHaveText('Wanted in 2027: 5 plants without a place yet')
  await wanted.getByRole('link', { name: 'Place 5 Reef' }).click()
  const form = page.getByRole('form', { name: 'New planting' })
  await expect(form.getByLabel('How many plants')).toHaveValue('5')
  await form.getByLabel('How many plants').fill('2')
  await form.getByRole('button', { name: 'Save and show dates' }).click()
  await page.waitForURL(/made=1/)
  await open(page, '/season?season=2027')
  await expect(wanted.getByRole('row', { name: /^Reef 5 2 3/ })).toBeVisible()
  await wanted.getByRole('button', { name: 'Remove Reef' }).click()
  await expect(wanted.getByRole('row', { name: /^Reef/ })).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(wanted.getByRole('row', { name: /^Reef 5 2 3/ })).toBeVisible()
})
