import { expect, open, test } from './support/test'

test('a plant is seen from the side, its cuts are entered, seen after, and taken back', async ({ page }) => {
  await open(page, '/plantings/demo-2026-bed-1-1')
  await page.getByRole('navigation', { name: 'Each plant' }).getByRole('link', { name: '2' }).click()
  const heading = page.getByRole('heading', { level: 1 })
  await expect(heading).toHaveText(/^\d+ cuts? now$/)
  const now = (await heading.textContent())!
  const cuts = page.getByRole('region', { name: 'Cuts' })
  const drawing = page.getByRole('img', { name: /^The plant from the side/ })
  const before = await drawing.innerHTML()

  // Each cut says why, by key or by its mark on the drawing.
  await cuts.getByRole('listitem').first().getByRole('button').focus()
  await page.keyboard.press('Enter')
  await expect(cuts.getByText(/repeats the whole plant|touch soil/).first()).toBeVisible()
  await page.getByTestId('cut-mark').nth(1).click()
  await expect(cuts.getByRole('listitem').nth(1).getByRole('button')).toHaveAttribute('aria-pressed', 'true')

  await cuts.getByRole('button', { name: 'After' }).click()
  expect(await drawing.innerHTML()).not.toBe(before)
  await cuts.getByRole('button', { name: 'Before' }).click()

  await cuts.getByRole('button', { name: /(is|are) cut$/ }).click()
  await expect(page.getByText(/^Entered: \d+ parts? cut off\.$/)).toBeVisible()
  await expect(heading).not.toHaveText(now)
  await expect(page.getByRole('region', { name: 'Entered of it' }).getByRole('listitem')).toHaveCount(1)
  await page.getByRole('button', { name: 'Take back' }).click()
  await expect(heading).toHaveText(now)

  // Alike on all of the planting: the next plant has lost the same.
  await cuts.getByRole('button', { name: /^The same on all \d+ plants$/ }).click()
  await expect(page.getByText(/cut off on each of \d+\.$/)).toBeVisible()
  await open(page, '/plants/demo-2026-bed-1-1-3')
  await expect(page.getByRole('region', { name: 'Entered of it' }).getByRole('listitem')).toHaveCount(1)
  await open(page, '/plants/demo-2026-bed-1-1-2')

  // What is seen goes before what was worked out.
  const seen = page.getByRole('form', { name: 'What you see' })
  await seen.getByRole('button', { name: 'Draw it so' }).click()
  await expect(seen.getByRole('alert')).toHaveText('Say how many leaves or how high, or both.')
  await seen.getByLabel('Height of its tip').fill('tall')
  await seen.getByRole('button', { name: 'Draw it so' }).click()
  await expect(seen.getByText('A length such as 62 cm or 2 ft, or nothing.')).toBeVisible()
  await seen.getByLabel('Height of its tip').fill('60 cm')
  await seen.getByLabel(/^Leaves on the main stem/).fill('16')
  await seen.getByRole('button', { name: 'Draw it so' }).click()
  await expect(page.getByText(/: 60\scm high, 16 leaves on the main stem/)).toBeVisible()
  await expect(page.getByText('16 leaves, 60')).toBeVisible()

  // A bush keeps its suckers, and a look ahead enters nothing.
  await open(page, '/plants/demo-2026-row-a-1-1?on=2026-07-25')
  await expect(page.getByText(/A bush bears on its suckers/)).toBeVisible()
  await expect(page.getByText('In about')).toHaveCount(0)
  await expect(page.getByRole('button', { name: /(is|are) cut$/ })).toHaveCount(0)
  await page.goto('/plants/no-such')
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
})
