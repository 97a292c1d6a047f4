import { readFileSync } from 'node:fs'
import { expect, open, test } from './support/test'

test('a garden goes out as a file, a cut one is refused, a whole one comes back', async ({ page }) => {
  await open(page, '/garden/files')
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Export the whole garden' }).click(),
  ])
  const text = readFileSync(await download.path(), 'utf8')
  const input = page.getByLabel('Take in a garden file')
  const give = (content: string) =>
    input.setInputFiles({ name: 'garden.json', mimeType: 'application/json', buffer: Buffer.from(content) })
  const take = page.getByRole('button', { name: 'Take it in' })
  const alert = page.getByRole('alert').filter({ hasText: 'Nothing was changed' })

  await give(text.slice(0, 20_000))
  await take.click()
  await expect(alert).toContainText(/breaks off or is damaged at line \d+, column \d+/)
  await give('{"format": "something else"}')
  await take.click()
  await expect(alert).toContainText('This is not a garden that Prairie exported')
  await give(text.replace('"latitude": 41.2', '"latitude": 412'))
  await take.click()
  await expect(alert).toContainText('garden.latitude')
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/yours to take along/)

  await give(text.replace('"name": "Windrow Lane"', '"name": "Second Lane"'))
  await take.click()
  await expect(page.getByText('Second Lane').first()).toBeVisible()
  const again = await page.request.get('/export')
  expect(JSON.parse(await again.text())).toEqual(
    JSON.parse(text.replace('"name": "Windrow Lane"', '"name": "Second Lane"')),
  )
})
