import { expect, open, test } from './support/test'

test('a round of practice is done by keyboard alone, scored, and kept', async ({ page }) => {
  await open(page, '/walk')
  await page.keyboard.press('p')
  await expect(page).toHaveURL(/practice/)
  const levels = page.getByRole('region', { name: 'Every level' })
  await levels.getByRole('button', { name: /^One stem/ }).focus()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/You grow it on one stem/)
  const drawing = page.getByRole('application', { name: /^The plant to prune/ })
  await drawing.focus()
  await page.keyboard.press('ArrowUp')
  await page.keyboard.press('Enter')
  await expect(page.getByTestId('cut-mark')).toHaveCount(1)
  await page.keyboard.press('Enter')
  await expect(page.getByTestId('cut-mark')).toHaveCount(0)
  await page.keyboard.press('Enter')
  await page.keyboard.press('ArrowUp')
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: 'Judge 2 cuts' }).focus()
  await page.keyboard.press('Enter')
  const outcome = page.getByRole('region', { name: 'How it went' })
  await expect(outcome.getByRole('status')).toHaveText(/^\d+ of 100$/)
  await expect(outcome.getByRole('listitem').first()).toBeVisible()
  await expect(levels.getByRole('button', { name: /^One stem/ })).toContainText('1×')
  await page.reload()
  await expect(levels.getByRole('button', { name: /^One stem/ })).toContainText('1×')
})

test('the day’s five go from one to the next, parts are named, and a wet day wants patience', async ({
  page,
}) => {
  await open(page, '/practice')
  const five = page.getByRole('region', { name: 'Today’s five' })
  await expect(five.getByRole('listitem')).toHaveCount(5)
  const levels = page.getByRole('region', { name: 'Every level' })
  await levels.getByRole('button', { name: /^Find the leader/ }).click()
  const outcome = page.getByRole('region', { name: 'How it went' })
  await page.getByRole('group', { name: 'Part 1' }).getByLabel('leader').check({ force: true })
  await page.getByRole('group', { name: 'Part 2' }).getByLabel('leader').check({ force: true })
  await page.getByRole('button', { name: 'Check my answers' }).click()
  await expect(outcome.getByRole('status')).toHaveText('50 of 100')
  await expect(
    outcome.getByText(/goes on in the path of the main stem|began in the angle of a leaf/).first(),
  ).toBeVisible()
  await outcome.getByRole('button', { name: 'Next plant' }).click()
  await expect(outcome).toHaveCount(0)

  await five.getByRole('button').first().click()
  await page.getByRole('button', { name: /^(Cut nothing today|Check my answers \(\d left\))$/ }).click()
  await expect(five.getByText(/of 100/)).toHaveCount(1)
})

test('a plant is led through a season, and held against Prairie’s hand in the same weather', async ({
  page,
}) => {
  await open(page, '/practice')
  await page.getByRole('link', { name: 'A season' }).click()
  const heading = page.getByRole('heading', { level: 1 })
  await expect(heading).toHaveText('Lead one tomato through a season')
  await page.getByRole('button', { name: /^Five minutes/ }).click()
  await expect(heading).toHaveText(/what do you do for the next \d+ days\?$/)
  // A season that is always the same.
  await open(page, '/practice/season?length=short&seed=12')
  // What there is nothing of yet is not asked.
  await expect(page.getByLabel('Take out the suckers')).toHaveCount(0)
  await page.getByLabel('No water').check()
  await page.getByRole('button', { name: 'On to the next visit' }).click()
  const went = page.getByRole('region', { name: 'How it went' })
  await expect(went).toContainText('Water:')
  await expect(page.getByText('Visit 2 of 6')).toBeVisible()
  // It can be taken back, and goes on where it was left.
  await page.getByLabel(/^Every third day/).check()
  await page.getByLabel('Tie the stem').check()
  await page.getByRole('button', { name: 'On to the next visit' }).click()
  await expect(went).toContainText('Suckers: they ran on.')
  await page.getByRole('button', { name: 'Back' }).click()
  await expect(page.getByText('Visit 2 of 6')).toBeVisible()
  await page.getByLabel('Take out the suckers').check()
  await page.getByRole('button', { name: 'On to the next visit' }).click()
  await expect(page.getByText('Visit 3 of 6')).toBeVisible()
  await page.reload()
  await expect(page.getByText('Visit 3 of 6')).toBeVisible()
  for (const visit of [4, 5, 6, 7]) {
    await page.getByLabel(/^Every day/).check()
    await page.getByLabel('Cover it at night').check()
    // By keyboard.
    await page.getByRole('button', { name: 'On to the next visit' }).press('Enter')
    if (visit < 7) await expect(page.getByText(`Visit ${visit} of 6`)).toBeVisible()
  }
  await expect(heading).toHaveText(/^You picked .* in the same weather$/)
  await expect(page.getByRole('region', { name: 'Side by side' }).getByRole('row')).toHaveCount(8)
  await expect(page.getByRole('region', { name: 'What made the difference' })).toContainText('.')
  await page.getByRole('button', { name: 'The same weather again' }).click()
  await expect(page.getByText('Visit 1 of 6')).toBeVisible()
  await page.getByRole('button', { name: 'End', exact: true }).click()
  await expect(page.getByRole('button', { name: /^A whole season/ })).toBeVisible()
})
