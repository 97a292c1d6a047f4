import { lengthOnPaper } from './support/paper'
import { begin } from './support/begin'
import { expect, open, test } from './support/test'
import type { Page } from '@playwright/test'

/** Adds a bed by the list, gives it measures and opens it. */
async function addBed(page: Page, measures: Record<string, string>) {
  await open(page, '/ground')
  await page.getByLabel('Add to the plan').selectOption('bed')
  const form = page.getByRole('form', { name: 'Bed 6' })
  await expect(page.getByText('Bed 6 is there')).toBeVisible()
  for (const [label, text] of Object.entries(measures)) await form.getByLabel(label).fill(text)
  await form.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByText('Bed 6 is saved.')).toBeVisible()
  await page.getByRole('complementary', { name: 'Selected' }).getByRole('link', { name: 'Open' }).click()
  await expect(page.getByRole('heading', { name: 'How many fit' }).or(page.getByTestId('fits'))).toBeVisible()
}
const fits = (page: Page) => page.getByTestId('fits')
const choose = (page: Page, label: string, option: string) =>
  page.getByLabel(label, { exact: true }).selectOption({ label: option })

test('a bed is laid out: the water binds, another line is laid, plants are placed, taken back and moved by keys', async ({
  page,
}) => {
  await addBed(page, {
    Length: '3 m',
    Width: '1.2',
    'Drip lines, from the south side': '0.3 m',
    'Distance between emitters': '50 cm',
    'First emitter': '25 cm',
  })
  await choose(page, 'Cultivar', 'Barn Door')
  // Peppers want 40 cm; with an emitter every 50 cm they stand 50 cm apart: six along the only line.
  await expect(fits(page)).toHaveText(/^6 fit, 40\scm apart$/)
  await expect(page.getByText(/The drip lines set the limit: an emitter every 50\scm/)).toBeVisible()
  await page.getByRole('button', { name: 'Plant it this way' }).click()
  await expect(fits(page)).toHaveText(/^12 fit, 40\scm apart$/)

  await page.getByRole('button', { name: 'Place them all' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('No more Barn Door fit beside the 12 here')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(fits(page)).toHaveText(/^12 fit, 40\scm apart$/)
  await page.getByRole('button', { name: 'Redo' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/beside the 12 here/)

  // By keys: the plant is chosen and moved; it cannot leave the bed.
  const plant = page.getByRole('button', { name: /^Plant 1, Barn Door/ })
  await plant.focus()
  await page.keyboard.press('Enter')
  await page.keyboard.press('ArrowRight')
  await expect(plant).toHaveAccessibleName(/30\scm from the west end/)
  await page.keyboard.press('Shift+ArrowLeft')
  await expect(plant).toHaveAccessibleName(/Plant 1, Barn Door: 5\scm from the west end/)
  await page.keyboard.press('Shift+ArrowLeft')
  await expect(page.getByText('Plant 1 would stand outside Bed 6.')).toBeVisible()
  await expect(plant).toHaveAccessibleName(/5\scm from the west end/)

  // Faster than it is answered: no move takes the one before for another hand's.
  for (let move = 0; move < 6; move++) await page.keyboard.press('ArrowRight')
  await expect(plant).toHaveAccessibleName(/35\scm from the west end/)
  await expect
    .poll(async () => (await page.request.get('/positions.csv')).text())
    .toMatch(/^Bed 6,1,Barn Door,0\.35,/m)
  await expect(page.getByRole('dialog')).toHaveCount(0)

  // What was confirmed is there after a reload, by the table too.
  await page.reload()
  await page.getByText('12 Barn Door').click()
  await expect(page.getByLabel('Plant 1, from the west end')).toHaveValue(/^35\scm$/)
})

test('a part of a bed is laid from one end, and as many fit beside it as before', async ({ page }) => {
  await addBed(page, { Length: '3 m', Width: '1.2' })
  await choose(page, 'Cultivar', 'Barn Door')
  await expect(fits(page)).toHaveText(/^21 fit, 40\scm apart$/)
  const some = page.getByRole('form', { name: 'Place some' })
  await some.getByLabel('Only this many').fill('99')
  await expect(some.getByText('A whole number from 1 to 21.')).toBeVisible()
  await some.getByLabel('Only this many').fill('6')
  await some.getByLabel('Laid').selectOption({ label: 'From one end' })
  await some.getByRole('button', { name: 'Place 6' }).click()
  await expect(fits(page)).toHaveText(/^15 fit, 40\scm apart$/)
  for (const [plant, west] of [
    ['1', 15],
    ['3', 15],
    ['4', 55],
    ['6', 55],
  ])
    await expect(page.getByRole('button', { name: `Plant ${plant}, Barn Door` })).toHaveAccessibleName(
      new RegExp(`: ${west}\\scm from the west end`),
    )
  // Another kind has the rest of the bed.
  await choose(page, 'Cultivar', 'Copperlace')
  await page.getByRole('button', { name: 'Place them all' }).click()
  await expect(page.getByText(/plants of Copperlace placed in Bed 6/)).toBeVisible()
})

test('plants are placed one by one, and rows change places for the sun @shared', async ({ page }) => {
  await addBed(page, { Length: '3 m', Width: '1.2 m', 'Drip lines, from the south side': '' })
  for (const [cultivar, spots] of [
    ['Barn Door', [1, 2]],
    ['Sparrow Lamp', [1, 2]],
  ] as const) {
    await choose(page, 'Cultivar', cultivar)
    for (const number of spots)
      await page.getByRole('checkbox', { name: new RegExp(`^Free spot ${number}:`) }).press(' ')
    await page.getByRole('button', { name: 'Place the 2 picked' }).click()
    await expect(page.getByText(`2 plants of ${cultivar} placed in Bed 6.`)).toBeVisible()
  }
  const sun = page.getByRole('region', { name: 'Sun' })
  await expect(sun.getByText(/Barn Door: [\d.]+ h per day/)).toBeVisible()
  const spot = async (name: RegExp) =>
    (await page.getByRole('button', { name }).first().getAttribute('aria-label'))!.split(', ').at(-1)
  const [south, north] = [await spot(/^Plant 1, Barn Door/), await spot(/^Plant 3, Sparrow Lamp/)]
  await sun.getByLabel('Swap two rows').selectOption({ label: 'Barn Door' })
  await sun.getByLabel('with').selectOption({ label: 'Sparrow Lamp' })
  const effect = page.getByTestId('swap-effect')
  if (south === north) await expect(sun.getByText(/only if each has its own lines/)).toBeVisible()
  else {
    await expect(effect).toHaveText(/Barn Door [\d.]+ → [\d.]+ h\. Sparrow Lamp [\d.]+ → [\d.]+ h\./)
    await sun.getByRole('button', { name: 'Swap them' }).click()
    await expect(page.getByText('The two rows are swapped.')).toBeVisible()
    expect(await spot(/^Plant 1, Barn Door/)).toBe(north)
    expect(await spot(/^Plant 3, Sparrow Lamp/)).toBe(south)
  }
})

test('places are dragged, and refuse to lie on another’s plants; what has a history is put away, not lost', async ({
  page,
}) => {
  await open(page, '/ground')
  const shed = page.getByRole('button', { name: /^Tool shed:/ })
  const where = await shed.getAttribute('aria-label')
  const box = (await shed.boundingBox())!
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2)
  await page.mouse.down()
  await page.mouse.move(box.x + box.width / 2 - 60, box.y + box.height / 2 + 10, { steps: 4 })
  await page.mouse.up()
  await expect(page.getByText('Tool shed is moved.')).toBeVisible()
  expect(await shed.getAttribute('aria-label')).not.toBe(where)
  await page.keyboard.press('Control+z')
  await expect(shed).toHaveAttribute('aria-label', where!)

  // By typed numbers, in the list: bed 1 onto bed 2's plants, and shorter than its own.
  await open(page, '/ground/list')
  await page.getByRole('button', { name: 'Change Bed 1' }).click()
  const form = page.getByRole('form', { name: 'Bed 1' })
  await form.getByLabel('Distance north').fill('4 m')
  await form.getByRole('button', { name: 'Save' }).click()
  await expect(
    page.getByText(/Bed 1 would lie on \d+ plants of Bed 2\. It stays where it was\./),
  ).toBeVisible()
  await form.getByLabel('Distance north').fill('2 m')
  await form.getByLabel('Length').fill('0')
  await form.getByRole('button', { name: 'Save' }).click()
  await expect(form.getByText(/From 5\scm to 1000\sm, please\./)).toBeVisible()
  await expect(form.getByLabel('Length')).toHaveValue('0')

  await page.getByRole('button', { name: 'Remove Row B' }).click()
  await expect(page.getByText(/24 plants grow in Row B: clear them/)).toBeVisible()
  await page.getByRole('button', { name: 'Remove Pear tree' }).click()
  await expect(page.getByText('Pear tree is removed.')).toBeVisible()
  await expect(page.getByRole('rowheader', { name: /Pear tree/ })).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo', exact: true }).click()
  await expect(page.getByRole('rowheader', { name: /Pear tree/ })).toBeVisible()
  // What lay there last year is not lost.
  await page.getByText('Removed: 1').click()
  await page.getByRole('button', { name: 'Bring back' }).click()
  await expect(page.getByRole('rowheader', { name: /Old bed/ })).toBeVisible()
})

test('a row is laid as runs, with the untried between trusted ones', async ({ page }) => {
  await open(page, '/ground')
  await page.getByLabel('Add to the plan').selectOption('rows')
  await expect(page.getByText('Field row 1 is there')).toBeVisible()
  await page.getByRole('complementary', { name: 'Selected' }).getByRole('link', { name: 'Open' }).click()
  const row = page.getByRole('region', { name: 'Row', exact: true })
  await row.getByRole('button', { name: 'Add a run' }).click()
  await row.getByRole('button', { name: 'Add a run' }).click()
  await row.getByLabel('Run 1, cultivar').selectOption({ label: 'Ridge Horn (new here)' })
  await row.getByLabel('Run 2, cultivar').selectOption({ label: 'Copperlace' })
  await expect(row.getByText(/Not next to a cultivar you trust: Ridge Horn/)).toBeVisible()
  await row.getByRole('button', { name: 'Put new cultivars between proven ones' }).click()
  await expect(
    row.getByRole('img', { name: '2 Copperlace, then 4 Ridge Horn, then 2 Copperlace' }),
  ).toBeVisible()
  // The middle run is taken by its handle with Space, moved down with an arrow, and left there.
  const handle = row.getByRole('button', { name: 'Move run 2, Ridge Horn' })
  await handle.press('Space')
  await expect(page.getByText('run 2, Ridge Horn: 2 of 3.')).toBeAttached()
  await handle.press('ArrowDown')
  await expect(page.getByText('run 2, Ridge Horn: 3 of 3.')).toBeAttached()
  await page.keyboard.press('Space')
  await expect(
    row.getByRole('img', { name: '2 Copperlace, then 2 Copperlace, then 4 Ridge Horn' }),
  ).toBeVisible()
  await row.getByRole('button', { name: 'Move run 3, Ridge Horn' }).press('Space')
  await expect(page.getByText('run 3, Ridge Horn: 3 of 3.')).toBeAttached()
  await page.keyboard.press('ArrowUp')
  await expect(page.getByText('run 3, Ridge Horn: 2 of 3.')).toBeAttached()
  await page.keyboard.press('Space')
  await row.getByLabel('Run 1, plants').fill('60')
  await expect(row.getByText(/too long for the row/)).toBeVisible()
  await row.getByRole('button', { name: 'Save the row' }).click()
  await expect(page.getByText(/longer than the row. Take out plants first/)).toBeVisible()
  await row.getByLabel('Run 1, plants').fill('3')
  await row.getByRole('button', { name: 'Save the row' }).click()
  await expect(page.getByText('Field row 1 is planted as shown.')).toBeVisible()
  await expect(page.getByRole('button', { name: /^Plant \d+, / })).toHaveCount(9)
})

test('what goes out as GeoJSON comes in again the same; another type is refused', async ({
  page,
  server,
}) => {
  const out = await (await page.request.get(`${server.address}/ground.geojson`)).text()
  await open(page, '/ground/papers')
  const give = (name: string, text: string) =>
    page
      .getByLabel('File of places')
      .setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(text) })
  await give('point.geojson', '{"type":"Point","coordinates":[0,0]}')
  await expect(page.getByText(/GeoJSON of another type \(Point\)/)).toBeVisible()
  await give('beds.csv', 'name,length,width\nHerbs,2 m,1 m\nNone,0,1\n')
  await expect(page.getByText(/Line 3: its size/)).toBeVisible()
  await expect(page.getByRole('button', { name: 'Import the 1 good ones' })).toBeVisible()
  await give('ground.geojson', out)
  await page.getByRole('button', { name: /^Take in \d+ places$/ }).click()
  await expect(page.getByText(/\d+ places imported\./)).toBeVisible()
  expect(await (await page.request.get(`${server.address}/ground.geojson`)).text()).toBe(out)
})

test('the printed plan’s bar is as long as its scale says; labels carry a code each', async ({ page }) => {
  for (const paper of ['a4', 'letter']) {
    await open(page, `/ground/papers/plan?paper=${paper}`)
    const words = await page.getByText(/^[\d.]+\sm, 1 : \d+$/).textContent()
    const [, metres, scale] = /^([\d.]+)\sm, 1 : (\d+)$/.exec(words!)!
    const pdf = await page.pdf({ preferCSSPageSize: true })
    // The bar's own black: #010203.
    const length = lengthOnPaper(pdf, [1 / 255, 2 / 255, 3 / 255])
    expect(length).toBeCloseTo((Number(metres) * 1000) / Number(scale), 1)
  }
  await open(page, '/ground/papers/labels')
  const labels = page.getByRole('list', { name: 'Labels' }).getByRole('listitem')
  expect(await labels.count()).toBeGreaterThan(100)
  await expect(labels.first().getByRole('img', { name: 'Code for Copperlace, Bed 1, plant 1' })).toBeVisible()
})

test('pots, mixes and how many plants answer as one types', async ({ page }) => {
  await open(page, '/ground/pots')
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^8 pots: \d+\sL of mix, \d+\skg soaked$/)
  await page.getByLabel('Most it can carry').fill('100 kg')
  await expect(page.getByText(/more than the 100\skg the floor may carry/)).toBeVisible()
  await page.getByLabel('A bag holds').fill('nothing')
  await expect(page.getByText('“nothing” is not an amount.')).toBeVisible()
  await open(page, '/ground/how-many')
  const plants = page.getByRole('heading', { level: 1 })
  await expect(plants).toHaveText(/^\d+ tomato plants for/)
  const before = await plants.textContent()
  await page.getByLabel('Sauce', { exact: true }).fill('40 L')
  await expect(plants).not.toHaveText(before!)
  await page.getByLabel('People').fill('2.5')
  await expect(page.getByText('People: a whole number from 0 to 10000, please.')).toBeVisible()
  await open(page, '/ground/demo-pot-1')
  await expect(page.getByTestId('pot-lasts')).toHaveText(/When full, it lasts/)
})

test.describe('with nothing planted', () => {
  test.use({ data: 'empty' })

  test('says so, counts plants without a cultivar, and fills a new bed in feet', async ({ page }) => {
    await begin(page, '41.2 N 97.6 W', { units: 'us' })
    await expect(page.getByRole('region', { name: 'First answer' })).toBeVisible()

    await open(page, '/ground')
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('1 place, nothing planted yet')
    await page.getByLabel('Add to the plan').selectOption('bed')
    const bed = page.getByRole('form', { name: 'Bed 2' })
    await bed.getByLabel('Length').fill('8 ft')
    await bed.getByLabel('Width').fill('4 ft')
    await bed.getByRole('button', { name: 'Save' }).click()
    await expect(page.getByText('Bed 2 is saved.')).toBeVisible()
    await expect(page.getByText(/^24\sin$/)).toBeAttached()

    await open(page, '/ground/how-many')
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^[1-9]\d* tomato plants for \d+\slb$/)
    await open(page, '/ground/pots')
    await expect(page.getByLabel('For').locator('option:checked')).toHaveText(/^Bed/)

    await open(page, '/ground')
    await page
      .getByRole('button', { name: /^Bed 2/ })
      .first()
      .click()
    await page.getByRole('link', { name: 'Open' }).click()
    await page.getByRole('link', { name: 'Make a first planting' }).click()
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
    await expect(page).toHaveURL(/\/plantings\/new/)
  })
})

test('of a hundred and fifty plants those one looks at are listed, down to the last', async ({ page }) => {
  await open(page, '/plantings/new')
  const form = page.getByRole('form')
  await form.getByLabel('Place', { exact: true }).selectOption('new:rows')
  await form.getByLabel('Name of the place').fill('Long rows')
  await form.getByLabel('Length').fill('80 m')
  await form.getByLabel('How many plants').fill('150')
  await form.getByRole('button', { name: 'Save and show dates' }).click()
  await page.waitForURL(/\/plantings\/[0-9a-f-]{36}\?made=1$/)
  await open(page, '/ground/list')
  await page.getByRole('link', { name: 'Long rows' }).click()
  await page.getByRole('region', { name: 'Plants' }).getByText(/^150 /).click()
  const table = page.getByRole('table', { name: /^Plants of/ })
  const rows = table.locator('tr[aria-rowindex]')
  await expect(rows.first()).toBeVisible()
  expect(await rows.count()).toBeLessThan(100)
  // Wherever one looks in it, a plant stands in the middle of the window.
  for (const share of [0.2, 0.5, 0.8, 0.98]) {
    await table.evaluate((element, part) => {
      const { top, height } = element.getBoundingClientRect()
      window.scrollTo(0, window.scrollY + top + height * part - window.innerHeight / 2)
    }, share)
    await expect
      .poll(() =>
        table.evaluate((element) => {
          const { left, width } = element.getBoundingClientRect()
          const there = document.elementFromPoint(left + width / 2, window.innerHeight / 2 + 5)
          return there?.closest('tr[aria-rowindex]') != null
        }),
      )
      .toBe(true)
  }
  await table.getByRole('columnheader', { name: 'plant' }).getByRole('button').click()
  await table.getByRole('columnheader', { name: 'plant' }).getByRole('button').click()
  await expect(table.locator('tr[aria-rowindex="2"]').getByRole('rowheader')).toHaveText(/150/)
})

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true })
  test('a pot too small for a finger is chosen by its name under the plan', async ({ page }) => {
    await open(page, '/ground')
    const pot = page
      .getByRole('list', { name: 'On the plan' })
      .getByRole('button', { name: 'Pot 3', exact: true })
    expect((await pot.boundingBox())!.height).toBeGreaterThanOrEqual(44)
    await pot.tap()
    await expect(page.getByRole('button', { name: /^Pot 3:/ })).toHaveAttribute('aria-pressed', 'true')
    await expect(
      page.getByRole('complementary', { name: 'Selected' }).getByRole('link', { name: 'Open' }),
    ).toBeVisible()
    // Of another day it is only looked at.
    await open(page, '/ground?on=2026-05-01')
    await page.getByRole('link', { name: 'Pot 3', exact: true }).tap()
    await expect(page).toHaveURL(/ground\/demo-pot-3\?on=2026-05-01/)
  })
})
