import { readFile } from 'node:fs/promises'
import { expect, open, test } from './support/test'

test('what happened is found, corrected and taken back, and both stay in the record @shared', async ({
  page,
}) => {
  await open(page, '/walk')
  await page.keyboard.press('l')
  await expect(page).toHaveURL(/logbook/)
  const heading = page.getByRole('heading', { level: 1 })
  await expect(heading).toHaveText(/^\d{3} entries$/)
  const find = page.getByRole('search')
  await find.getByLabel('Place').selectOption({ label: 'Bed 5' })
  await find.getByLabel('What').selectOption({ label: 'Fed' })
  await find.getByRole('button', { name: 'Find' }).click()
  await expect(heading).toHaveText('3 entries')

  const row = page.getByRole('listitem').filter({ hasText: '350 g of Green salts' }).first()
  await row.getByRole('button', { name: /^Correct/ }).click()
  const form = page.getByRole('form', { name: 'Correct Bed 5' })
  await form.getByLabel('Amount given').fill('a handful')
  await form.getByRole('button', { name: 'Save' }).click()
  await expect(form.getByRole('alert')).toBeVisible()
  await form.getByLabel('Amount given').fill('35 g')
  await form.getByLabel('Day').fill('2027-01-01')
  await form.getByRole('button', { name: 'Save' }).click()
  await expect(form.getByText('That day is still to come.')).toBeVisible()
  await form.getByLabel('Day').fill('2026-06-09')
  await form.getByLabel('Note').fill('a nought too many')
  await form.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByText('Corrected: Bed 5.')).toBeVisible()
  await expect(page.getByText(/: 35.g of Green salts 20–8–8/)).toBeVisible()
  await expect(heading).toHaveText('3 entries')

  await find.getByLabel('include undone entries').check()
  await find.getByRole('button', { name: 'Find' }).click()
  await expect(heading).toHaveText('4 entries')

  await page.goto('/logbook?words=a+nought+too+many')
  await page.getByRole('button', { name: /^Undo: Bed 5/ }).click()
  await expect(heading).toHaveText('No matching entries')
})

test('the logbook goes out as CSV and comes in again; a line at fault keeps the rest out until asked', async ({
  page,
}) => {
  await open(page, '/logbook')
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'All as CSV' }).click(),
  ])
  const csv = await readFile(await download.path(), 'utf8')
  const lines = csv.trimEnd().split('\r\n')
  const picker = page.getByLabel('Import a logbook (CSV)')
  const upload = (text: string) =>
    picker.setInputFiles({ name: 'log.csv', mimeType: 'text/csv', buffer: Buffer.from(text) })

  await upload(csv)
  await expect(page.getByText(/^0 new entries are imported; \d+ were already here\.$/)).toBeVisible()

  const own = lines.find((line) => line.includes(',watered,'))!
  const fresh = own.replace(/^[^,]+/, 'brought-in-1')
  const nowhere = own.replace(/^[^,]+/, 'brought-in-2').replace(/,demo-[a-z0-9-]+,/, ',nowhere,')
  await upload([lines[0], fresh, nowhere].join('\r\n'))
  const refused = page.getByRole('alert').filter({ hasText: 'Nothing was imported' })
  await expect(refused).toContainText('Line 3: It is about something that is not in this garden.')
  await refused.getByRole('button', { name: 'Take the 1 good ones' }).click()
  await expect(page.getByText(/^1 new entry is imported; 0 were already here\.$/)).toBeVisible()

  await upload('\u0000\u0001 not a table')
  await expect(refused).toContainText('This is not a logbook')
})

test('a day is taken from the calendar by keys, or said in a word', async ({ page }) => {
  await open(page, '/logbook')
  const find = page.getByRole('search', { name: 'Find in the logbook' })
  await find.getByRole('button', { name: 'Calendar' }).first().press('Enter')
  await expect(page.getByRole('grid', { name: 'June 2026' })).toBeVisible()
  await expect(page.getByRole('button', { name: /18th, 2026/ })).toBeFocused()
  await page.keyboard.press('ArrowUp')
  await page.keyboard.press('Enter')
  await expect(find.getByLabel('From', { exact: true })).toHaveValue('11 June 2026')
  await find.getByLabel('To', { exact: true }).fill('yesterday')
  await find.getByRole('button', { name: 'Find' }).click()
  await expect(page).toHaveURL(/to=yesterday/)
  await expect(page.getByRole('region', { name: '17 June 2026' })).toBeVisible()
  await expect(page.getByRole('region', { name: /\b10 June 2026/ })).toHaveCount(0)
  await expect(find.getByLabel('To', { exact: true })).toHaveValue('17 June 2026')
  // What is no day says so, and stays as typed.
  await find.getByLabel('To', { exact: true }).fill('31 June')
  await find.getByRole('button', { name: 'Find' }).click()
  await expect(find.getByRole('alert')).toHaveText('A date such as 18 June: all days are shown.')
  await expect(find.getByLabel('To', { exact: true })).toHaveValue('31 June')
})
