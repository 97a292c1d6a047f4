import { execFileSync } from 'node:child_process'
import type { Page } from '@playwright/test'
import { begin } from './support/begin'
import { expect, open, test } from './support/test'

/** What the ribbon's two lines are drawn as. */
const curves = (page: Page) =>
  page
    .getByRole('slider', { name: 'Date of every screen' })
    .locator('svg path')
    .evaluateAll((paths) => paths.map((path) => path.getAttribute('d')))
const stage = (page: Page, name: string) =>
  page.locator(`tr[data-stage="${name}"] td`).first().locator('span').first()

const PLANTING = '/plantings/demo-2026-bed-4-1'

test('latitude, normals and thermometer change ribbon, dates and depth', async ({ page, server }) => {
  await open(page, '/garden')
  const before = await curves(page)
  const frostFree = page.getByRole('heading', { level: 1 })
  const heading = await frostFree.textContent()

  // The normals: a colder spring and autumn.
  const climate = page.getByRole('form', { name: 'Climate' })
  await climate.getByLabel('Apr low').fill('-3')
  await climate.getByLabel('May low').fill('3,5')
  await climate.getByRole('button', { name: 'Save the climate' }).click()
  await expect(frostFree).not.toHaveText(heading!)
  const colder = await curves(page)
  expect(colder).not.toEqual(before)

  // A month whose low is over its high is refused, and what was typed stays.
  await climate.getByLabel('Jul low').fill('40')
  await climate.getByRole('button', { name: 'Save the climate' }).click()
  await expect(page.getByText('The low must be below the high.')).toBeVisible()
  await expect(climate.getByLabel('Jul low')).toHaveValue('40')

  // The latitude: another half of the world for the months that nobody edited is another test's; here the light.
  await page.reload()
  await expect(page.getByText(/15\sh of daylight/)).toBeVisible()
  const site = page.getByRole('form', { name: 'Site' })
  await site.getByLabel('Coordinates').fill('55 N 97.6 W')
  await site.getByRole('button', { name: 'Save the place' }).click()
  await expect(page.getByText(/17(\.\d)?\sh of daylight/)).toBeVisible()

  // The thermometer: cold soil in bed 4 means waiting, for the very reason that the core gives.
  await open(page, `${PLANTING}/set-out`)
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^Bury/)
  await open(page, PLANTING)
  const reading = page.getByRole('form', { name: 'Soil thermometer' })
  await reading.getByLabel('Thermometer says').fill('53 °F')
  await reading.getByRole('button', { name: 'Save reading' }).click()
  await expect(page.getByTestId('soil-now')).toHaveText('12 °C')
  await open(page, `${PLANTING}/set-out`)
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^Wait until about \d+ (June|July)$/)

  const core = JSON.parse(
    execFileSync('node', ['--import', 'tsx', 'e2e/support/ask-core.ts', 'demo-2026-bed-4-1'], {
      env: { ...process.env, DATABASE_URL: `file:${server.database}` },
      encoding: 'utf8',
    }),
  ) as { reasons: string[]; firstFlower: string; firstRipe: string; suits: string }
  for (const reason of core.reasons) await expect(page.getByText(reason).first()).toBeVisible()
  await expect(page.getByRole('heading', { level: 1 })).toContainText(core.suits)
  await open(page, PLANTING)
  await expect(stage(page, 'first-flower')).toHaveText(core.firstFlower)
  await expect(stage(page, 'first-ripe')).toHaveText(core.firstRipe)
})

test('what is typed or chosen before the page is live is kept', async ({ page }) => {
  let release = () => {}
  const released = new Promise<void>((resolve) => (release = resolve))
  await page.route('**/*.js', async (route) => {
    await released
    await route.continue()
  })
  await page.goto('/garden', { waitUntil: 'commit' })
  const site = page.getByRole('form', { name: 'Site' })
  await expect(site.getByLabel('Coordinates')).toHaveValue('41.2 N 97.6 W')
  await site.getByLabel('Coordinates').fill('55 N 97.6 W')
  await site.getByLabel('Shelter from wind').selectOption('Walled')
  await site.getByLabel('Name').selectText()
  await expect(site.getByRole('button', { name: 'Save the place' })).toBeDisabled()
  release()
  await expect(site.getByRole('button', { name: 'Save the place' })).toBeEnabled()
  // What was marked when the page went live is still what the next letter replaces.
  await page.keyboard.type('North Lane')
  await site.getByRole('button', { name: 'Save the place' }).click()
  await expect(page.getByText(/17(\.\d)?\sh of daylight/)).toBeVisible()
  await expect(page.getByText('North Lane').first()).toBeVisible()
  await page.reload()
  await expect(site.getByLabel('Shelter from wind').locator('option:checked')).toHaveText('Walled')
})

test('a site that cannot be is refused beside the field, and stays as typed', async ({ page }) => {
  await open(page, '/garden')
  const site = page.getByRole('form', { name: 'Site' })
  const bad = {
    Name: ['', 'x'.repeat(10_000)],
    Coordinates: ['', 'behind the barn', '<script>alert(1)</script>', '91 N 10 E'],
    Elevation: ['9000 m', '5 kg', 'high'],
    'Time zone': ['', 'Mars/Olympus'],
    'Pretend today is': ['31 June', 'some day'],
  }
  for (const [label, values] of Object.entries(bad)) {
    const field = site.getByLabel(label)
    const before = await field.inputValue()
    for (const typed of values) {
      await field.fill(typed)
      await site.getByRole('button', { name: 'Save the place' }).click()
      await expect(site.getByRole('alert')).toHaveCount(1)
      await expect(field).toHaveValue(typed)
    }
    await field.fill(before)
  }
  await site.getByLabel('Name').fill('<b>Lane</b> & "Co"')
  await site.getByLabel('Units').selectOption('us')
  await site.getByRole('button', { name: 'Save the place' }).click()
  await expect(page.getByText('<b>Lane</b> & "Co"').first()).toBeVisible()
  await expect(page.getByText(/8\d\s°F \/ 6\d\s°F/)).toBeVisible()
})

test.describe('a garden of its own', () => {
  test.use({ data: 'empty' })

  test('moves its dates when it moves on earth', async ({ page }) => {
    await begin(page, '42 N 97.6 W')
    const answer = page.getByRole('region', { name: 'First answer' }).getByRole('heading', { level: 2 })
    const here = (await answer.textContent())!
    await open(page, '/garden')
    const curvesHere = await curves(page)
    await page.getByRole('form', { name: 'Site' }).getByLabel('Coordinates').fill('37 S 145 E')
    await page.getByRole('button', { name: 'Save the place' }).click()
    await expect.poll(() => curves(page)).not.toEqual(curvesHere)
    await open(page, '/walk')
    await expect(answer).not.toHaveText(here)
    const tomato = page.getByRole('region', { name: 'First answer' }).getByRole('row', { name: /^Tomato/ })
    await expect(tomato.getByRole('cell').nth(1)).toContainText(/(October|November|December)/)
  })
})
