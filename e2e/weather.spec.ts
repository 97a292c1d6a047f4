import { writeFileSync } from 'node:fs'
import { expect, open, test } from './support/test'
import type { Page } from '@playwright/test'

const give = (page: Page, content: string | Buffer, name = 'station.csv') =>
  page
    .getByLabel('Weather file (CSV)')
    .setInputFiles({ name, mimeType: 'text/csv', buffer: Buffer.from(content as string) })

const DAYS = 60
/** Sixty days of 2024 with five wrong lines among them. */
function station(): string {
  const lines = ['Rain (mm);Max temp;Min temp;Datum']
  for (let day = 0; day < DAYS; day++) {
    const date = new Date(Date.UTC(2024, 3, 1 + day))
      .toISOString()
      .slice(0, 10)
      .split('-')
      .reverse()
      .join('.')
    lines.push(`0,4;${18 + (day % 7)},5;${7 + (day % 5)},5;${date}`)
  }
  lines[6] = '0,4;9,5;12,5;06.04.2024'
  lines[12] = '-2;19,5;9,5;12.04.2024'
  lines[20] = '0,4;warm;9,5;20.04.2024'
  lines[31] = lines[30]!
  lines[40] = '0,4;19,5;9,5;29.02.2023'
  return lines.join('\r\n')
}

test('a weather file with five bad lines is read, its good days are taken, and taken again only as said @shared', async ({
  page,
}) => {
  await open(page, '/garden/weather/import')
  await give(page, station())
  await expect(page.getByLabel('Column 4, Datum')).toHaveValue('date')
  await expect(page.getByLabel('Column 2, Max temp')).toHaveValue('tmax')
  await expect(page.getByLabel('Decimals')).toHaveValue('comma')
  await page.getByRole('button', { name: 'Read the lines' }).click()
  await expect(page.getByText('55 good days, 5 wrong: 1 April 2024 to 30 May 2024')).toBeVisible()
  await expect(page.getByRole('list', { name: 'Wrong lines' }).getByRole('listitem')).toHaveText([
    'Line 7: the low, 12,5, is over the high, 9,5.',
    'Line 13: the rain, -2, is less than none.',
    'Line 21: the high, “warm”, is no number.',
    'Line 32: 2024-04-30 is on line 31 already.',
    'Line 41: “29.02.2023”: that year has no 29 February.',
  ])
  await page.getByRole('button', { name: 'Take the 55 good days' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('437 days on record, 1 April 2024')

  // Entered by hand, a day wins over the file until the person says otherwise.
  const hand = page.getByRole('form', { name: 'Enter a day by hand' })
  await hand.getByLabel('Day').fill('2 April 2024')
  await hand.getByLabel('Low').fill('3')
  await hand.getByLabel('High').fill('11.5')
  await hand.getByRole('button', { name: 'Save the day' }).click()
  await expect(page.getByText('The weather of 2 April is saved.')).toBeVisible()
  const day = page.locator('tr[data-date="2024-04-02"]')
  await open(page, '/garden/weather?month=2024-04')
  await expect(day).toContainText('by hand')

  await open(page, '/garden/weather/import')
  await give(page, station())
  await page.getByRole('button', { name: 'Read the lines' }).click()
  await expect(page.getByText('55 of these days are on record already, 1 of them by hand')).toBeVisible()
  await expect(page.getByRole('button', { name: 'No new days to import' })).toBeDisabled()
  await page.getByLabel('Replace imported days').check()
  await page.getByRole('button', { name: 'Take the 54 good days' }).click()
  await page.waitForURL(/\/garden\/weather$/)
  await open(page, '/garden/weather?month=2024-04')
  await expect(day).toContainText('11.5')
})

test('what is no weather file is refused with what to do, and nothing is stored', async ({ page }, info) => {
  await open(page, '/garden/weather/import')
  const alert = page.getByRole('alert').filter({ hasText: 'Nothing was saved' })
  const refused: [string | Buffer, RegExp][] = [
    ['', /empty/],
    ['{"weather": []}', /not a table of days/],
    ['one column\n1\n2\n3', /not a table of days/],
    [Buffer.from([80, 75, 3, 4, 20, 0, 0, 0, 8, 0, 65, 66, 0, 0, 9, 200]), /Save the sheet as CSV/],
  ]
  for (const [content, reason] of refused) {
    await give(page, content as string)
    await expect(alert).toContainText(reason)
  }
  const large = info.outputPath('large.csv')
  writeFileSync(large, Buffer.alloc(50 * 1024 * 1024, 'x'))
  await page.getByLabel('Weather file (CSV)').setInputFiles(large)
  await expect(alert).toContainText('This file is 50 MB')
  // A file in UTF-16 is read like any other.
  await give(page, Buffer.from('\uFEFFdate\tlow\thigh\n2024-05-01\t50\t77\n2024-05-02\t52\t79\n', 'utf16le'))
  await expect(page.getByLabel('Temperatures')).toHaveValue('f')
  await page.getByLabel('Column 2, low').selectOption('')
  await page.getByRole('button', { name: 'Read the lines' }).click()
  await expect(page.getByRole('alert').filter({ hasText: 'Choose which column holds the low' })).toBeVisible()
  await page.getByLabel('Column 2, low').selectOption('tmin')
  await page.getByRole('button', { name: 'Read the lines' }).click()
  await expect(page.getByText('2 good days, 0 wrong')).toBeVisible()
  await page.getByRole('button', { name: 'Cancel' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('382 days on record')
})

test('a day that cannot be is refused beside the field; a reading warms its bed', async ({ page }) => {
  await open(page, '/garden/weather')
  const hand = page.getByRole('form', { name: 'Enter a day by hand' })
  const keep = hand.getByRole('button', { name: 'Save the day' })
  for (const [label, typed, message] of [
    ['Low', '30', 'The low cannot be above the high'],
    ['Low', 'mild', 'From -60 to 45'],
    ['Rain', '-1', 'From 0 to 500'],
    ['Day', '31 June', 'A date such as'],
    ['Day', '2 July 2026', 'is still to come'],
  ] as const) {
    await hand.getByLabel('Day').fill('17 June 2026')
    await hand.getByLabel('Low').fill('12')
    await hand.getByLabel('High').fill('25')
    await hand.getByLabel('Rain').fill('')
    await hand.getByLabel(label).fill(typed)
    await keep.click()
    await expect(hand.getByRole('alert').filter({ hasText: message })).toBeVisible()
  }
  const soil = page.getByRole('form', { name: 'Soil thermometer' })
  await soil.getByLabel('Place').selectOption('Bed 2')
  await soil.getByLabel('Thermometer says').fill('68F')
  await soil.getByLabel('at a depth of').fill('10 cm')
  await soil.getByRole('button', { name: 'Save reading' }).click()
  await expect(page.getByRole('list', { name: 'Readings' })).toContainText(/18 June, Bed 2: 20\s°C at 10\scm/)
})

test('the record goes out as a table that comes in again', async ({ page }) => {
  const table = await (await page.request.get('/weather.csv')).text()
  expect(table.split('\r\n')).toHaveLength(383)
  await open(page, '/garden/weather/import')
  await give(page, table)
  await page.getByRole('button', { name: 'Read the lines' }).click()
  await expect(page.getByText('382 good days, 0 wrong')).toBeVisible()
})

test('a station’s hourly file is gathered into days, told in a sentence, and its days ahead are a forecast', async ({
  page,
}) => {
  const two = (value: number) => String(value).padStart(2, '0')
  const lines = ['Hill station;made up', '', 'Time;Air temp (°C);Rain (mm);Humidity %;Wind km/h']
  for (let day = 10; day <= 22; day++)
    for (let hour = 0; hour < (day === 10 ? 4 : 24); hour++)
      lines.push(
        `2026-06-${two(day)} ${two(hour)}:00;${hour === 5 ? 9.5 : hour === 15 ? 22.5 : 15};${hour === 3 ? '1.5' : 0};70;${day === 20 ? 120 : 9}`,
      )
  await open(page, '/garden/weather/import')
  await give(page, lines.join('\n'))
  const told = page.getByRole('region', { name: 'Columns' }).getByRole('status')
  await expect(told).toContainText(
    'Read as many readings a day, gathered into days, 292 rows, named on line 3. Temperature is “Air temp (°C)”',
  )
  await expect(told).toContainText(
    'Numbers are in °C, mm and km/h. Prairie adds up the rain of a day’s readings.',
  )
  await page.getByRole('button', { name: 'Read the lines' }).click()
  await expect(page.getByText('12 good days, 1 wrong: 11 June 2026 to 22 June 2026')).toBeVisible()
  await expect(page.getByText('4 days of them are still to come: a forecast')).toBeVisible()
  await expect(page.getByRole('list', { name: 'Wrong lines' })).toContainText(
    '2026-06-10 has 4 of 24 readings',
  )
  // What is guessed can be changed: the sentence follows.
  await page.getByLabel('A reading’s rain').selectOption('so-far')
  await expect(told).toContainText('Rain adds up through each day, so the last value of the day counts.')
  await page.getByLabel('A reading’s rain').selectOption('each')
  await page.getByLabel('Line with column names').selectOption('0')
  await expect(told).not.toContainText('named on line 3')
  await page.getByLabel('Line with column names').selectOption('2')
  await page.getByRole('button', { name: 'Read the lines' }).click()
  await page.getByRole('button', { name: /^Take the 12 good days|Take the \d+ good days/ }).click()
  await page.waitForURL(/\/garden\/weather$/)
  await expect(page.locator('tr[data-date="2026-06-20"]')).toContainText('forecast')
  await expect(page.locator('tr[data-date="2026-06-20"]')).toContainText('22.5')
})

test('a forecast by hand goes before the simulated station, in the advice as in the table', async ({
  page,
}) => {
  await open(page, '/walk')
  await expect(page.getByText('Simulated weather.')).toBeVisible()
  await page.getByRole('link', { name: 'Add a forecast' }).click()
  const form = page.getByRole('form', { name: 'Days ahead' })
  const keep = form.getByRole('button', { name: 'Save the forecast' })
  await form.getByLabel('High of 19 June').fill('12')
  await keep.click()
  await expect(form.getByRole('alert')).toHaveText('Enter the low too.')
  await form.getByLabel('Low of 19 June').fill('0.5')
  await form.getByLabel('Rain of 19 June').fill('0')
  await keep.click()
  await expect(page.getByText('The forecast of 1 day is saved.')).toBeVisible()
  await expect(page.locator('tr[data-date="2026-06-19"]')).toContainText('forecast')
  await expect(page.locator('tr[data-date="2026-06-20"]')).toContainText('simulated')
  // A frost that is foretold is to be met before night.
  await open(page, '/walk')
  await expect(page.getByRole('button', { name: /Cover/ }).first()).toBeVisible()
  await open(page, '/garden/weather')
  await expect(form.getByLabel('Low of 19 June')).toHaveValue('0.5')
  await form.getByLabel('Low of 19 June').fill('')
  await form.getByLabel('High of 19 June').fill('')
  await form.getByLabel('Rain of 19 June').fill('')
  await keep.click()
  await expect(page.getByText('The forecast is removed.')).toBeVisible()
  await expect(page.locator('tr[data-date="2026-06-19"]')).toContainText('simulated')
})
