import { expect, open, test } from './support/test'

const OVERGROWN = '/plants/demo-2026-bed-2-1-7'

test('a plant is seen from the side, its cuts are entered, seen after, and taken back @shared', async ({
  page,
}) => {
  await open(page, '/plantings/demo-2026-bed-2-1')
  await page.getByRole('navigation', { name: 'Each plant' }).getByRole('link', { name: '7' }).click()
  const heading = page.getByRole('heading', { level: 1 })
  await expect(heading).toHaveText(/^\d+ cuts? now$/)
  const now = (await heading.textContent())!
  const cuts = page.getByRole('region', { name: 'Cuts' })
  const drawing = page.getByRole('application', { name: /^The plant from the side/ })
  const before = await drawing.innerHTML()
  // Nobody cut it for weeks: it is rescued in sessions.
  await expect(page.getByText(/It is overgrown. Cut it back in \d sessions a week apart/)).toBeVisible()

  // Each cut says why, by key or by its mark on the drawing.
  await cuts.getByRole('listitem').first().getByRole('button').focus()
  await page.keyboard.press('Enter')
  await expect(cuts.getByText(/repeats the whole plant|touch soil/).first()).toBeVisible()
  await page.getByTestId('cut-mark').nth(1).click()
  await expect(cuts.getByRole('listitem').nth(1).getByRole('button')).toHaveAttribute('aria-pressed', 'true')

  const shown = cuts.getByRole('group', { name: 'Show the plant' })
  await shown.getByRole('button', { name: 'After', exact: true }).click()
  expect(await drawing.innerHTML()).not.toBe(before)
  await shown.getByRole('button', { name: 'Before' }).click()

  const entered = page.getByRole('region', { name: 'Your entries' })
  await cuts.getByRole('button', { name: /(is|are) cut$/ }).click()
  await expect(page.getByText(/^Entered: \d+ parts? cut off\.$/)).toBeVisible()
  await expect(heading).not.toHaveText(now)
  await expect(entered.getByRole('listitem')).toHaveCount(1)
  await entered.getByRole('button', { name: /^Undo/ }).click()
  await expect(heading).toHaveText(now)

  // Alike on others of the planting, but for an exception.
  await cuts.getByRole('button', { name: 'The same on others …' }).click()
  await cuts.getByLabel('3', { exact: true }).uncheck()
  await cuts.getByRole('button', { name: /^Cut on all \d+$/ }).click()
  await expect(page.getByText(/cut off on each of 7\.$/)).toBeVisible()
  await open(page, '/plants/demo-2026-bed-2-1-3')
  await expect(entered.getByRole('listitem')).toHaveCount(2)
  await open(page, '/plants/demo-2026-bed-2-1-4')
  await expect(entered.getByRole('listitem')).toHaveCount(3)
})

test('parts are gone through by key, marked, and refused with a reason', async ({ page }) => {
  await open(page, OVERGROWN)
  const drawing = page.getByRole('application', { name: /^The plant from the side/ })
  const part = page.getByRole('region', { name: 'The part' })
  await drawing.focus()
  await page.keyboard.press('ArrowUp')
  await expect(part).toContainText('from below')
  await page.keyboard.press('ArrowUp')
  await page.keyboard.press('ArrowUp')
  await expect(part).toContainText(/leaf \d+ from below|Leaf \d+ from below|The leaf/)
  await part.getByRole('button', { name: 'Sick' }).click()
  await expect(page.getByText(/^Saved: the leaf \d+ from below sick\.$/)).toBeVisible()
  await expect(page.getByRole('region', { name: 'Cuts' })).toBeVisible()

  // Up the stem to its end, and across to the tip: it is refused, with why.
  await drawing.focus()
  for (let step = 0; step < 30; step++) await page.keyboard.press('ArrowUp')
  for (let step = 0; step < 4; step++)
    if (!(await part.textContent())!.includes('growing tip')) await page.keyboard.press('ArrowRight')
  await expect(part).toContainText('growing tip')
  await expect(part).toContainText('Without it the stem ends here')
})

test('what is seen goes before what was worked out, and what cannot be is told', async ({ page }) => {
  await open(page, OVERGROWN)
  const seen = page.getByRole('form', { name: 'What you see' })
  await seen.getByRole('button', { name: 'Save and redraw' }).click()
  await expect(seen.getByRole('alert')).toHaveText(
    'Enter the number of leaves or open flower clusters, or the height.',
  )
  await seen.getByLabel('Height of the tip').fill('tall')
  await seen.getByRole('button', { name: 'Save and redraw' }).click()
  await expect(seen.getByText('A length such as 62 cm, or leave it blank.')).toBeVisible()
  await seen.getByLabel('Height of the tip').fill('60 cm')
  await seen.getByLabel('Leaves on the main stem').fill('16')
  await seen.getByLabel('Flower clusters open or older').fill('2')
  await seen.getByRole('button', { name: 'Save and redraw' }).click()
  await expect(page.getByText(/: 60\scm high, 16 leaves on the main stem/)).toBeVisible()
  const entered = page.getByRole('region', { name: 'Your entries' })
  await expect(entered.getByText(/16 leaves, 60.cm high, 2 flower clusters opened/)).toBeVisible()
  await seen.getByRole('button', { name: 'one more' }).click()
  await expect(page.getByText(/17 leaves on the main stem/).first()).toBeVisible()
  await seen.getByLabel('Flower clusters open or older').fill('12')
  await seen.getByRole('button', { name: 'Save and redraw' }).click()
  await expect(entered.getByRole('alert')).toContainText(
    'more or fewer flower clusters than its leaves allow',
  )
  await entered.getByRole('button', { name: /^Undo: .*12 flower clusters opened$/ }).click()
  await expect(entered.getByRole('alert')).toHaveCount(0)
})

test('ways to lead it are compared, a bush keeps its suckers, and a look ahead enters nothing', async ({
  page,
}) => {
  await open(page, OVERGROWN)
  const ways = page.getByRole('region', { name: 'Pruning styles' })
  await expect(ways.getByRole('row')).toHaveCount(6)
  await expect(ways.getByRole('row', { name: /your style/ })).toContainText('two stems')
  await open(page, '/plants/demo-2026-row-a-1-1?on=2026-07-25')
  await expect(page.getByText(/A bush fruits on its suckers/)).toBeVisible()
  await expect(ways.getByRole('row', { name: /pruned like a vine/ })).toBeVisible()
  await expect(page.getByText('In about')).toHaveCount(0)
  await expect(page.getByRole('button', { name: /(is|are) cut$/ })).toHaveCount(0)
  await page.goto('/plants/no-such')
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
})
