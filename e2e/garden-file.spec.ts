import { readFileSync } from 'node:fs'
import { zipSync } from 'fflate'
import { expect, open, test } from './support/test'

test('a garden goes out as a file, a cut one is refused, a whole one comes back', async ({ page }) => {
  await open(page, '/garden/files')
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Export the whole garden' }).click(),
  ])
  const text = readFileSync(await download.path(), 'utf8')
  const input = page.getByLabel('Import a garden file')
  const give = (content: string) =>
    input.setInputFiles({ name: 'garden.json', mimeType: 'application/json', buffer: Buffer.from(content) })
  const take = page.getByRole('button', { name: 'Import it' })
  const alert = page.getByRole('alert').filter({ hasText: 'Nothing was changed' })

  await give(text.slice(0, 20_000))
  await take.click()
  await expect(alert).toContainText(/stops or is damaged at line \d+, column \d+/)
  await give('{"format": "something else"}')
  await take.click()
  await expect(alert).toContainText('This is not a garden that Prairie exported')
  await give(text.replace('"latitude": 41.2', '"latitude": 412'))
  await take.click()
  await expect(alert).toContainText('garden.latitude')
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/Take your data with you/)

  await give(text.replace('"name": "Windrow Lane"', '"name": "Second Lane"'))
  await take.click()
  await expect(page.getByText('Second Lane').first()).toBeVisible()
  const again = await page.request.get('/export')
  expect(JSON.parse(await again.text())).toEqual(
    JSON.parse(text.replace('"name": "Windrow Lane"', '"name": "Second Lane"')),
  )
})

test('a garden with a photo is exported, wiped, and taken in again to equality @shared', async ({ page }) => {
  await open(page, '/logbook?kind=note')
  await page.getByRole('button', { name: /^Photos: Pot 3/ }).click()
  const part = page.getByRole('region', { name: /^Photos of Pot 3/ })
  await part
    .getByLabel('Photo')
    .setInputFiles({ name: 'pot.png', mimeType: 'image/png', buffer: await page.screenshot() })
  await part.getByRole('button', { name: 'Save the photo' }).click()
  await expect(page.getByRole('list', { name: 'Photos' })).toHaveCount(1)

  await open(page, '/garden/files')
  const before = await (await page.request.get('/export')).json()
  expect(before.photos).toHaveLength(1)
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Export it with its photo' }).click(),
  ])
  const zip = readFileSync(await download.path())

  await page.getByRole('link', { name: 'Gardens', exact: true }).click()
  const own = page.getByRole('listitem', { name: 'Windrow Lane' })
  await own.getByText('Remove it').click()
  await own.getByLabel('Type its name to confirm').fill('Windrow')
  await own.getByRole('button', { name: 'Remove this garden' }).click()
  await expect(own.getByRole('alert')).toContainText('Nothing was changed')
  await own.getByLabel('Type its name to confirm').fill('Windrow Lane')
  await own.getByRole('button', { name: 'Remove this garden' }).click()
  await expect(page.getByRole('heading', { name: 'Where do you grow?' })).toBeVisible()

  await page.getByText('I have a garden file already').click()
  const give = (buffer: Buffer) =>
    page
      .getByLabel('Import a garden file')
      .setInputFiles({ name: 'garden.zip', mimeType: 'application/zip', buffer })
  await give(zip.subarray(0, 30_000))
  await page.getByRole('button', { name: 'Import it' }).click()
  await expect(page.getByRole('alert').filter({ hasText: 'damaged or cut off' })).toBeVisible()
  await give(Buffer.from(zipSync({ 'notes.txt': new Uint8Array(3) })))
  await page.getByRole('button', { name: 'Import it' }).click()
  await expect(page.getByRole('alert').filter({ hasText: 'has no garden in it' })).toBeVisible()
  await give(zip)
  await page.getByRole('button', { name: 'Import it' }).click()
  await page.waitForURL('**/walk')
  expect(await (await page.request.get('/export')).json()).toEqual(before)
  expect((await page.request.get(`/photos/${before.photos[0].id}`)).headers()['content-type']).toBe(
    'image/png',
  )
})

test('another garden is made beside the first, and each keeps its own @shared', async ({ page }) => {
  await open(page, '/garden/gardens')
  await page.getByRole('link', { name: 'New garden' }).click()
  await expect(page.getByRole('heading', { name: 'Another garden' })).toBeVisible()
  await page.getByRole('combobox', { name: 'Town or coordinates' }).fill('34 S 151 E')
  await page.getByRole('button', { name: 'Start my garden' }).click()
  await page.waitForURL('**/walk')
  await expect(page.getByText('Garden 2').first()).toBeVisible()
  await open(page, '/garden/gardens')
  await page.getByRole('listitem', { name: 'Windrow Lane' }).getByRole('button', { name: 'Open it' }).click()
  await page.waitForURL('**/walk')
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^\d\d stops/)
})
