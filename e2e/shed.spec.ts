import { begin } from './support/begin'
import { expect, open, test } from './support/test'

test('a planting day of two kinds: checked, measured by taps, set out with what holds them', async ({
  page,
}) => {
  await open(page, '/walk')
  await page.getByRole('link', { name: 'Planting day', exact: true }).click()
  const heading = page.getByRole('heading', { level: 1 })
  const carry = page.getByRole('region', { name: 'Bring out first' })
  await expect(heading).toHaveText('Plant out 8 plants')
  await expect(page.getByText('Wait until about 22 June.')).toBeVisible()
  await expect(carry.getByText(/^Labels: 8$/)).toBeVisible()
  await expect(carry.getByText(/^Twine: \d+\sm$/)).toBeVisible()
  // Three days on, the pepper in its pot is ready too, and its stake is carried out with the rest.
  await open(page, '/planting-day?on=2026-06-21')
  await expect(heading).toHaveText('Plant out 9 plants of 2 plantings')
  await expect(carry.getByText(/^Stakes of at least /)).toBeVisible()
  await open(page, '/planting-day')
  await page
    .getByRole('region', { name: '8 Ditch Wren, Bed 4' })
    .getByRole('link', { name: 'Measure and plant out' })
    .click()

  // Four measures, each by a tap; the answer follows.
  await expect(heading).toHaveText(/^Bury 13\scm of stem$/)
  for (let tap = 0; tap < 6; tap++) await page.getByRole('button', { name: 'Height: a step more' }).click()
  await expect(page.getByLabel('Height', { exact: true })).toHaveValue('36 cm')
  await expect(heading).not.toHaveText(/^Bury 13\scm of stem$/)

  // What only the hand can tell.
  const look = page.getByRole('region', { name: 'Check before you plant' })
  await look.getByLabel('Squeeze some soil: how does it feel?').selectOption('wet')
  await expect(look.getByText(/Wait until a handful crumbles/)).toBeVisible()
  await look.getByLabel('Squeeze some soil: how does it feel?').selectOption('moist')
  await look.getByLabel('Roots circle the pot').check()
  await expect(look.getByText(/Tease the outer ones loose/)).toBeVisible()

  const hole = page.getByRole('region', { name: 'In the planting hole' })
  await hole.getByLabel('Feeding method').selectOption('soil-first')
  await expect(hole.getByText(/^Compost: .* per plant, .* for 8 plants\.$/)).toBeVisible()

  await page.getByRole('button', { name: 'Plant out all 8' }).click()
  await expect(page.getByText(/^Planted out: 8 plants/)).toBeVisible()
  await expect(page).toHaveURL(/\/plantings\/demo-2026-bed-4-1$/)

  // The next plants of the crop start from what these measured.
  await open(page, '/plantings/demo-2026-tunnel-2/set-out')
  await expect(page.getByLabel('Height', { exact: true })).toHaveValue('36 cm')
  await open(page, '/planting-day')
  await expect(heading).toHaveText('Not today')
})

test('a support is chosen from the side: sliders redraw it, and what it takes', async ({ page }) => {
  await open(page, '/plantings/demo-2026-bed-4-1')
  await page.getByRole('link', { name: 'Support' }).click()
  const heading = page.getByRole('heading', { level: 1 })
  await expect(heading).toHaveText(/^Twine weave: \d+ posts of /)
  const takes = page.getByRole('region', { name: 'What you need' })
  const twine = takes.getByRole('row', { name: /^Twine/ })
  const sections = await twine.textContent()
  const drawing = page.getByTestId('elevation').locator('svg')
  const before = await drawing.innerHTML()

  await page.getByRole('combobox', { name: /^Strings/ }).selectOption('continuous')
  await expect(twine).not.toHaveText(sections!)
  await expect(page.getByText(/If a string breaks, 8 of the plants fall/)).toBeVisible()
  await page.getByLabel('Plants per bay').focus()
  await page.keyboard.press('ArrowRight')
  await expect(heading).toHaveText(/: 3 posts of /)
  expect(await drawing.innerHTML()).not.toBe(before)

  // Every other way is worked out as well; the one that does not suit says so.
  const ways = page.getByRole('region', { name: 'Another way' })
  await ways.getByRole('button', { name: 'A string from a beam' }).click()
  await expect(page.getByText(/A string from a beam does not suit this plant/)).toBeVisible()
  await expect(page.getByText(/local building codes/)).toBeVisible()
  await ways.getByRole('button', { name: 'A cage' }).click()
  await page.getByRole('button', { name: 'Use this: a cage' }).click()
  await expect(page.getByText('A cage is their support from now on.')).toBeVisible()
  await page.reload()
  await expect(heading).toHaveText(/^A cage: 16 anchor rods/)
  await page.getByRole('button', { name: 'Undo' }).waitFor({ state: 'detached' })
})

test('the shed: what is short is bought, printed and taken along as a table @shared', async ({ page }) => {
  await open(page, '/shed')
  const heading = page.getByRole('heading', { level: 1 })
  const season = page.getByRole('region', { name: 'Supplies for this season' })
  const cages = season.getByRole('row').filter({ hasText: /^Cages/ })
  await expect(cages.getByRole('cell').nth(2)).toHaveText('6')
  await cages.getByText('Cages', { exact: true }).click()
  await expect(cages.getByRole('listitem').first()).toBeVisible()
  const things = await heading.textContent()
  await season.getByRole('button', { name: 'Cages: bought' }).click()
  await expect(page.getByText('In the shed: 1 item.')).toBeVisible()
  await expect(cages.getByRole('cell').nth(2)).toHaveText('none')
  await expect(heading).not.toHaveText(things!)

  // A line of one's own: wrong first, kept as typed, then right.
  await page.getByRole('button', { name: 'Add to the shed' }).click()
  const form = page.getByRole('form', { name: 'Add to the shed' })
  await form.getByLabel('What it is').selectOption('clip')
  await form.getByLabel('How many').fill('a handful')
  await form.getByLabel('Price of a pack (optional)').fill('dear')
  await form.getByRole('button', { name: 'Save' }).click()
  await expect(form.getByRole('alert')).toHaveCount(2)
  await expect(form.getByLabel('How many')).toHaveValue('a handful')
  await form.getByLabel('How many').fill('500')
  await form.getByLabel('Amount in a pack').fill('100')
  await form.getByLabel('Price of a pack (optional)').fill('8,50')
  await form.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByText('Clips is saved.')).toBeVisible()
  await expect(
    season
      .getByRole('row')
      .filter({ hasText: /^Clips/ })
      .getByRole('cell')
      .nth(2),
  ).toHaveText('none')

  // Taken out, and put back.
  const there = page.getByRole('region', { name: 'In the shed' })
  await there.getByRole('button', { name: 'Take out Folded cages' }).click()
  await expect(cages.getByRole('cell').nth(2)).toHaveText('10')
  await page.getByRole('button', { name: 'Undo' }).first().click()
  await expect(cages.getByRole('cell').nth(2)).toHaveText('none')

  // Over more years, what lasts costs less in the first.
  const years = page.getByRole('region', { name: 'Over several years' })
  await years.getByLabel('Spread over').selectOption('5')
  await expect(years.getByRole('listitem')).toHaveCount(5)

  await page.getByLabel('A mesh cage, across').fill('50 cm')
  await expect(page.getByTestId('home-made')).toContainText(/Cut 1\.72\sm of mesh/)
  await page.getByLabel('A mesh cage, across').fill('9 m')
  await expect(page.getByRole('alert').filter({ hasText: /From 20\scm to 1\.5\sm/ })).toBeVisible()

  const table = await page.request.get('/buying.csv')
  expect(table.headers()['content-type']).toContain('text/csv')
  const [head, ...rows] = (await table.text()).trim().split('\r\n')
  expect(head).toBe('what,at least m long,unit,needed,in the shed,short,in a pack,packs,cost')
  expect(rows.some((row) => row.startsWith('Cages'))).toBe(false)

  await page.getByRole('link', { name: 'Print the buying list' }).click()
  await expect(page.getByText(/^To buy/)).toBeVisible()
  await page.emulateMedia({ media: 'print' })
  await expect(page.getByRole('link', { name: 'Shed' })).toBeHidden()
  await expect(page.locator('.paper').getByRole('row')).toHaveCount(rows.length + 2)
})

test.describe('with nothing planted', () => {
  test.use({ data: 'empty' })
  test('the shed and planting day say what to do first', async ({ page }) => {
    await begin(page, '41.2 N 97.6 W')
    await open(page, '/walk')
    await expect(page.getByRole('region', { name: 'First answer' })).toBeVisible()
    await page.keyboard.press('h')
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('You need nothing yet')
    await expect(page.getByText('You have listed nothing yet.')).toBeVisible()
    await open(page, '/planting-day')
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(
      'No plants are waiting to be planted out',
    )
  })
})

test.describe('in a US garden', () => {
  test.use({ data: 'empty' })
  test('one’s own stakes are judged with their numbers: too short, too thin, and right', async ({ page }) => {
    await begin(page, 'Omaha')
    await open(page, '/plantings/new')
    await page.getByLabel('Place', { exact: true }).selectOption('new:bed')
    await page
      .getByLabel('Cultivar', { exact: true })
      .selectOption({ label: 'Red slicing tomato: indeterminate (vine), 75 days' })
    await page.getByRole('button', { name: 'Save and show dates' }).click()
    await page.waitForURL(/\/plantings\/(?!new)/)
    const planting = new URL(page.url()).pathname

    const keep = async (label: string, values: Record<string, string>, material: string) => {
      await open(page, '/shed')
      await page.getByRole('button', { name: 'Add to the shed' }).click()
      const form = page.getByRole('form', { name: 'Add to the shed' })
      await form.getByLabel('Your name for it').fill(label)
      for (const [name, value] of Object.entries(values)) await form.getByLabel(name).fill(value)
      await form.getByLabel('Made of').selectOption(material)
      await form.getByRole('button', { name: 'Save' }).click()
      await expect(page.getByText(`${label} is saved.`)).toBeVisible()
    }
    await keep('Old canes', { 'How many': '40', 'Length of each': '5 ft', Thickness: '5/8' }, 'bamboo')
    await expect(page.getByText(/5\sft long, ⅝\sin thick, bamboo/)).toBeVisible()
    await keep('Oak posts', { 'How many': '40', 'Length of each': '9 ft', Thickness: '3 in' }, 'hardwood')

    await open(page, `${planting}/support`)
    await page.getByRole('region', { name: 'Another way' }).getByRole('button', { name: 'A stake' }).click()
    const yours = page.getByRole('region', { name: 'Are yours strong enough?' })
    const canes = yours.getByRole('listitem').filter({ hasText: 'Old canes' })
    await expect(canes).toContainText(/^No/)
    await expect(canes).toContainText(/5\sft is .+ too short: 5\.9\sft above the ground and .+ in it make/)
    await expect(canes).toContainText(/bends too far in a gust of \d+\smph/)
    await expect(canes).toContainText(/What would work: Pieces of .+ are long enough/)
    await expect(yours.getByRole('listitem').filter({ hasText: 'Oak posts' })).toContainText(/^Yes/)
    // A harder gust is asked for, and less depth.
    await yours.getByLabel('Gust they must withstand').fill('40')
    await yours.getByLabel('Depth driven in').fill('0.3')
    await expect(yours.getByRole('listitem').filter({ hasText: 'Oak posts' })).toContainText(
      /^No.*they pull out of the ground in a gust of \d+\smph.*What would work:.*deep they hold/,
    )
  })
})

test('what the season takes is sorted by its headings, by key, dearest first, what has no price last', async ({
  page,
}) => {
  await open(page, '/shed')
  const takes = page.getByRole('table', { name: 'Supplies for this season' })
  const cost = takes.getByRole('columnheader', { name: 'cost' })
  await cost.getByRole('button').focus()
  await page.keyboard.press('Enter')
  await expect(cost).toHaveAttribute('aria-sort', 'ascending')
  await page.keyboard.press('Enter')
  await expect(cost).toHaveAttribute('aria-sort', 'descending')
  const cells = await takes.locator('tbody tr td:nth-child(6)').allTextContents()
  const priced = cells
    .map((cell) => Number.parseFloat(cell.replace('$', '')))
    .filter((value) => !Number.isNaN(value))
  expect(priced.length).toBeGreaterThan(3)
  expect(priced).toEqual([...priced].sort((a, b) => b - a))
  expect(cells.slice(priced.length).join(' ')).not.toMatch(/\d/)
})

test('costs are in the money that the garden has chosen', async ({ page }) => {
  await open(page, '/shed')
  const heading = page.getByRole('heading', { level: 1 })
  await expect(heading).toHaveText(/^\d+ items to buy: \$\d+\.\d\d \(\d+ have no price\)$/)
  await open(page, '/garden')
  const site = page.getByRole('form', { name: 'Site' })
  await site.getByLabel('Currency').selectOption({ label: 'Euro (EUR)' })
  await site.getByLabel('Decimals').selectOption('comma')
  await site.getByRole('button', { name: 'Save the place' }).click()
  await expect(page.getByText('The place is saved')).toBeVisible()
  await open(page, '/shed')
  await expect(heading).toHaveText(/^\d+ items to buy: €\d+,\d\d \(/)
  await page.getByRole('link', { name: 'Print the buying list' }).click()
  const list = page.getByRole('table')
  await expect(list.getByRole('row', { name: /^Stakes, 2,7.m/ })).toContainText(/€\d+,\d\d.*€\d+,\d\d/)
  // What has no price leaves room to write it.
  await expect(list.getByRole('row', { name: /^Wire/ })).toContainText('____')
})
