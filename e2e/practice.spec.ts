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
