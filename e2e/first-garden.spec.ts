import { begin, holdClock } from './support/begin'
import { countHands } from './support/hands'
import { expect, open, test } from './support/test'

test.use({ data: 'empty' })

test('a town leads to its climate and a first true answer', async ({ page }) => {
  await page.goto('/')
  await expect(page.getByRole('heading', { name: 'Where do you grow?' })).toBeVisible()
  const began = Date.now()
  await page.keyboard.type('portland or')
  await page.getByRole('option', { name: 'Portland Oregon, United States' }).waitFor()
  await page.keyboard.press('Enter')
  const climate = page.getByRole('region', { name: 'Climate' })
  await expect(climate).toContainText('Mild winters, warm summers, most rain in winter')
  await expect(climate).toContainText(/plant them out (about|by) /)
  await expect(climate).toContainText('From 2 places within')
  expect(Date.now() - began).toBeLessThan(60_000)
  // Another climate is one press away, and the answer follows.
  const answer = await climate.getByText(/plant them out/).textContent()
  await climate.getByRole('button', { name: /^Hotter summers/ }).click()
  await expect(climate.getByText(/plant them out/)).not.toHaveText(answer!)
  await climate.getByRole('button', { name: 'Yes, that’s it' }).click()
  await expect(climate.getByText(/plant them out/)).toHaveText(answer!)
  await page.getByRole('button', { name: 'Start my garden' }).click()
  const first = page.getByRole('region', { name: 'First answer' })
  await expect(first.getByRole('heading', { level: 2 })).toHaveText(answer!)
  // Units, dates and clock came with the town.
  await open(page, '/garden')
  const site = page.getByRole('form', { name: 'Site' })
  await expect(site.getByLabel('Units')).toHaveValue('us')
  await expect(site.getByLabel('Time zone')).toHaveValue('America/Los_Angeles')
})

test('from a town to a first true answer in a few touches, without coordinates', async ({ page }) => {
  const hands = await countHands(page)
  await page.goto('/')
  await page.keyboard.type('portland or')
  await page.getByRole('option', { name: 'Portland Oregon, United States' }).click()
  await expect(page.getByRole('region', { name: 'Climate' })).toContainText(/plant them out (about|by) /)
  await page.getByRole('button', { name: 'Start my garden' }).click()
  await expect(page.getByRole('region', { name: 'First answer' })).toBeVisible()
  expect(hands().clicks).toBeLessThanOrEqual(6)
})

test('a garden of eighteen plants in two beds and four pots goes in whole @shared', async ({ page }) => {
  const hands = await countHands(page)
  await page.goto('/')
  await page.keyboard.type('leeds')
  await page.getByRole('option').first().click()
  await page.getByLabel('Length').fill('2.4 m')
  await page.getByRole('radio', { name: /^Seeds or seedlings/ }).check()
  await page.getByRole('button', { name: 'Start my garden' }).click()
  await page.waitForURL('**/plantings/new?*')
  const form = page.getByRole('form', { name: 'New planting' })
  const cultivar = form.getByLabel('Cultivar', { exact: true })
  const save = async () => {
    await form.getByRole('button', { name: 'Save and show dates' }).click()
    await page.waitForURL(/made=/)
  }
  const another = async () => {
    await page.getByRole('link', { name: 'Add another planting' }).click()
    await page.waitForURL('**/plantings/new?*')
  }
  // Six vines: two in the bed, one in each of four pots.
  await cultivar.selectOption('typical:slicer')
  await form.getByLabel('How many plants').fill('2')
  await form.getByRole('button', { name: 'And in another place' }).click()
  await expect(form.getByLabel('Place', { exact: true }).nth(1)).toHaveValue('new:container')
  await form.getByLabel('How many pots').fill('4')
  await save()
  await expect(page.getByRole('status').filter({ hasText: 'Saved in 5 places' })).toBeVisible()
  // Four bushes beside them, and eight peppers in a second bed.
  await another()
  await cultivar.selectOption('typical:slicer-bush')
  await form.getByLabel('Place', { exact: true }).selectOption({ index: 0 })
  await form.getByLabel('How many plants').fill('4')
  await expect(form.getByText(/\d+ fit/)).toBeVisible()
  const anyway = form.getByRole('checkbox', { name: /^Plant them anyway/ })
  if (await anyway.isVisible()) await anyway.check()
  await save()
  await another()
  await cultivar.selectOption('typical:bell')
  await form.getByLabel('Place', { exact: true }).selectOption('new:bed')
  await form.getByLabel('Length').fill('2.4 m')
  await form.getByLabel('How many plants').fill('8')
  await save()
  const { places, plants } = await (await page.request.get('/export')).json()
  expect(plants).toHaveLength(18)
  expect(places.map(({ name }: { name: string }) => name).sort()).toEqual([
    'Bed 1',
    'Bed 2',
    'Pot 1',
    'Pot 2',
    'Pot 3',
    'Pot 4',
  ])
  const { clicks, fields } = hands()
  expect(clicks, `${clicks} clicks`).toBeLessThanOrEqual(45)
  expect(fields, `${fields} fields`).toBeLessThanOrEqual(25)
  // What is alike has one lane, with its parts.
  await open(page, '/season')
  const lanes = page.getByRole('list', { name: 'Plantings' })
  const pots = lanes.getByRole('listitem').filter({ hasText: 'Pot 1, Pot 2, Pot 3, Pot 4' })
  await pots.getByText('Red slicing tomato × 4').click()
  await pots.getByRole('link', { name: 'Pot 3 × 1' }).click()
  await expect(page.getByText('Red slicing tomato, 1 plant · Pot 3')).toBeVisible()
})

test('in July of the north, six plants that grow already ask for a first round that is sane', async ({
  page,
}) => {
  await begin(page, 'leeds')
  await holdClock(page, '14 July 2026')
  await page.setViewportSize({ width: 390, height: 844 })
  await open(page, '/plantings/new?begins=growing')
  const form = page.getByRole('form', { name: 'New planting' })
  await form.getByLabel('How tall, roughly').fill('1.1 m')
  await form.getByLabel('They have').selectOption('flowers')
  await form.getByLabel('Watered lately').selectOption('every-few-days')
  await form.getByLabel('Cultivar', { exact: true }).selectOption('typical:slicer')
  await form.getByLabel('Place', { exact: true }).selectOption('new:bed')
  await form.getByLabel('Length').fill('2.4 m')
  await form.getByLabel('How many plants').fill('6')
  await form.getByRole('button', { name: 'Save', exact: true }).click()
  await page.waitForURL(/made=/)
  await open(page, '/walk')
  const stops = page.getByRole('listitem').filter({ hasText: 'Red slicing tomato' })
  await expect(stops.first()).toBeVisible()
  for (const text of await stops.allInnerTexts()) {
    expect(text).not.toMatch(/late|Sow|Harden|Plant out/)
    const litres = /Water: ([\d.]+)\s*L/.exec(text)?.[1]
    // A bed of six vines, half dry at the most: some cans, not a bath.
    if (litres) expect(Number(litres)).toBeLessThan(120)
  }
  await open(page, '/season')
  await expect(page.getByRole('list', { name: 'Plantings' })).toContainText('Red slicing tomato')
})

test('units, dates and decimals are as they were chosen, whatever the browser speaks', async ({ page }) => {
  // A browser in English of the United States, and coordinates that tell no country.
  await begin(page, '52.4 N 4.9 E', { units: 'metric' })
  await open(page, '/season')
  await expect(page.getByText(/\d\u00a0°C/).first()).toBeVisible()
  await expect(page.getByText(/°F/)).toHaveCount(0)
})

test('what is known of a place bends its climate, and leads to the first planting', async ({ page }) => {
  await begin(page, '41.2 N 97.6 W', { units: 'us', lastFrost: '5 May' })
  const answer = page.getByRole('region', { name: 'First answer' })
  // The climate was shifted until its median last frost fell on the day that was given.
  await expect(answer).toContainText(/The last frost comes about ([1-9]|10) May/)
  await answer.getByRole('link', { name: 'Plan the first planting' }).click()
  await page.getByLabel('Cultivar', { exact: true }).selectOption({ label: 'A new cultivar …' })
  await page.getByLabel('Name of the cultivar').fill('Fieldlight')
  await page.getByLabel('Days to maturity').fill('74')
  await expect(page.getByText(/\d+ fit/)).toBeVisible()
  await page.getByRole('button', { name: 'Save and show dates' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/[Ss]ow/)
  await expect(page.getByText('Of 11 seeds, 85 % sprout and 90 % of those live')).toBeVisible()
})

test('bad answers are met beside the field, and stay as typed', async ({ page }) => {
  await page.goto('/')
  const where = page.getByRole('combobox', { name: 'Town or coordinates' })
  const go = page.getByRole('button', { name: 'Start my garden' })
  const alerts = page.getByRole('alert')

  await go.click()
  await expect(alerts.filter({ hasText: 'Say where you grow' })).toBeVisible()

  for (const [typed, said] of [
    ['Qwxzz', 'No town starts with that'],
    ['95 N 10 E', 'Latitude goes from'],
    ['41.2 N 97.6 N', 'One number must be north or south'],
    ['<script>alert(1)</script>', 'is not a place'],
  ] as const) {
    await where.fill(typed)
    await expect(alerts.filter({ hasText: said })).toBeVisible()
    await go.click()
    await expect(where).toHaveValue(typed)
    await expect(page).toHaveURL(/\/$/)
  }
  await where.fill('97201')
  await expect(alerts.filter({ hasText: 'The list has no ZIP codes' })).toBeVisible()

  await where.fill('41.2 N 97.6 W')
  await expect(page.getByRole('heading', { name: 'Does this look like your place?' })).toBeVisible()
  const length = page.getByLabel('Length')
  await length.fill('5 kg')
  await page.getByText('None of these. I will enter it myself').click()
  const frost = page.getByLabel('Average last frost')
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

test('the poles and the date line have a climate too', async ({ page }) => {
  await page.goto('/')
  const where = page.getByRole('combobox', { name: 'Town or coordinates' })
  for (const spot of ['90 N 0 E', '90 S 0 E', '17.8 S 180 E', '17.8 S 180 W']) {
    await where.fill(spot)
    await expect(page.getByRole('region', { name: 'Climate' })).toContainText(spot)
  }
})

test('the demo garden is looked around in, and goes in one press', async ({ page }) => {
  await page.goto('/')
  await page.getByRole('button', { name: 'Look around the demo garden' }).click()
  await page.waitForURL('**/walk')
  const bar = page.getByRole('complementary', { name: 'Demo garden' })
  await expect(bar).toContainText('This garden is made up')
  await bar.getByRole('button', { name: 'To my own garden' }).click()
  await expect(page.getByRole('heading', { name: 'Another garden' })).toBeVisible()
  await page.goto('/walk')
  await bar.getByRole('button', { name: 'Remove the demo garden' }).click()
  await expect(page.getByRole('heading', { name: 'Where do you grow?' })).toBeVisible()
})

test('a first week’s list ticks itself and can be sent away', async ({ page }) => {
  await begin(page, '45.5 N 122.7 W')
  const week = page.getByRole('region', { name: 'Your first week' })
  await week.getByRole('link', { name: /^Check the size of Bed 1/ }).click()
  await page.waitForURL('**/ground/*')
  await open(page, '/walk')
  await expect(week.getByRole('link', { name: /^Check the size of Bed 1 on the plan.*done$/ })).toBeVisible()
  await week.getByRole('button', { name: 'Hide this list' }).click()
  await expect(week).toHaveCount(0)
})

test('a southern garden sows in its own spring', async ({ page }) => {
  await begin(page, '37 S 145 E')
  const tomato = page.getByRole('region', { name: 'First answer' }).getByRole('row', { name: /^Tomato/ })
  await expect(tomato.getByRole('cell').nth(1)).toContainText(/(September|October|November|December)/)
})

test('an address that leads nowhere says so', async ({ page }) => {
  const response = await page.goto('/plantings/of/none')
  expect(response?.status()).toBe(404)
  await expect(page.getByRole('heading', { name: 'Nothing grows at this address.' })).toBeVisible()
})

test('the empty round can be walked by key', async ({ page }) => {
  await begin(page, '50 N 10 E')
  await open(page, '/walk')
  await page.keyboard.press('s')
  await expect(page.getByRole('heading', { name: /^Nothing is planned for \d{4} yet$/ })).toBeVisible()
  await page.keyboard.press('n')
  await expect(page.getByRole('heading', { name: /Frost-free|no frost/ })).toBeVisible()
  await page.keyboard.press('?')
  await expect(page.getByRole('dialog')).toContainText('undo the last entry')
})
