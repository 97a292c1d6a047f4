import { readFile } from 'node:fs/promises'
import AxeBuilder from '@axe-core/playwright'
import { expect, open, test } from './support/test'

const heading = { level: 1 } as const

test('a question is asked by keyboard, answered as seasons grow, used and undone', async ({ page }) => {
  await open(page, '/walk')
  await page.keyboard.press('r')
  await expect(page).toHaveURL(/trials/)
  await page.getByLabel('Planting', { exact: true }).selectOption({ label: 'Ditch Wren, Bed 4' })
  await expect(page.getByRole('link', { name: 'Ditch Wren, Bed 4' })).toBeVisible()
  await page.getByLabel('Question', { exact: true }).selectOption({ label: 'Which mulch?' })
  await expect(page).toHaveURL(/ask=mulch/)
  await expect(page.getByRole('heading', heading)).toHaveText(/difference|more in \d+ of 200|gives the most/)
  await expect(page.getByRole('figure', { name: 'Every season as a dot' })).toContainText('8 years in 10')
  const use = page.getByRole('button', { name: 'Use: bare soil' })
  await expect(use).toBeVisible()
  await expect(page.getByRole('figure', { name: 'Ripe fruit by week' })).toBeVisible()
  await use.click()
  await expect(page.getByText('Ditch Wren, Bed 4: bare soil from now on.')).toBeVisible()
  await expect(
    page
      .getByRole('link', { name: 'Compare: straw' })
      .or(page.getByRole('link', { name: 'Leave out: straw' })),
  ).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByRole('link', { name: 'Leave out: bare soil' })).toBeVisible()
})

test('a trial has an address with ways of one’s own, says what cannot be, and is saved as a table', async ({
  page,
}) => {
  await open(
    page,
    '/trials?planting=demo-2026-bed-1-1&ask=stems&way=stems.cage~mulch.dark-film&way=stems.pepper&way=pot.20',
  )
  await expect(page.getByRole('alert').filter({ hasText: 'There is no such choice' })).toBeVisible()
  await expect(page.getByText(/20\sL per plant: It is planted out already/)).toBeVisible()
  const save = page.getByRole('button', { name: 'Save as CSV' })
  await expect(save).toBeVisible()
  await expect(page.getByText(/^This (holds even|turns with)/)).toBeVisible()
  await expect(page.getByRole('region', { name: 'What each way gives and takes' })).toContainText(
    'In a cage, dark film',
  )
  const [download] = await Promise.all([page.waitForEvent('download'), save.click()])
  const lines = (await readFile(await download.path(), 'utf8')).trim().split(/\r?\n/)
  expect(lines).toHaveLength(201)
  expect(lines[0]).toContain('In a cage, dark film'.replace('In', 'in'))
})

test('a way is left out and another put in, and what Prairie does not plan is noted', async ({ page }) => {
  await open(page, '/trials?planting=demo-2026-bed-1-1&ask=shade')
  await page.getByRole('link', { name: 'Leave out: 50 % shade cloth' }).click()
  await expect(page.getByRole('link', { name: 'Compare: 50 % shade cloth' })).toBeVisible()
  await page.getByLabel('Also change: 30 % shade cloth').selectOption({ label: 'dark film' })
  await expect(page).toHaveURL(/shade\.30%7Emulch\.dark-film/)
  await page.getByRole('button', { name: 'Note: 30 % shade cloth, dark film' }).click()
  await expect(page.getByText(/Noted for Copperlace/)).toBeVisible()
  await page.goto('/logbook')
  await expect(page.getByText(/30 % shade cloth, dark film\./).first()).toBeVisible()
})

test('a decision elsewhere opens its trial already asked, and it can be stopped and run again', async ({
  page,
}) => {
  await open(page, '/bench/water')
  await page
    .getByRole('link', { name: /^How to water\?/ })
    .first()
    .click()
  await expect(page).toHaveURL(/ask=watering/)
  await expect(page.getByLabel('Question', { exact: true })).toHaveValue('watering')
  // Where it is over before a hand can stop it, there is nothing to stop.
  const stop = page.getByRole('button', { name: 'Stop', exact: true })
  const done = page.getByRole('button', { name: 'Save as CSV' })
  await expect(stop.or(done)).toBeVisible()
  await expect(done).toBeVisible()
  const answer = await page.getByRole('heading', heading).textContent()
  await page.reload()
  await expect(done).toBeVisible()
  await expect(page.getByRole('heading', heading)).toHaveText(answer!)
})

test('the trial reads on a phone and passes axe', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await open(page, '/trials?planting=demo-2026-bed-1-1&ask=stems')
  await expect(page.getByRole('button', { name: 'Save as CSV' })).toBeVisible()
  await expect(page.getByRole('figure', { name: 'Ripe fruit by week' })).toBeVisible()
  expect(await page.evaluate(() => document.documentElement.scrollWidth - innerWidth)).toBeLessThanOrEqual(0)
  const { violations } = await new AxeBuilder({ page }).analyze()
  expect(violations.map(({ id, nodes }) => `${id}: ${nodes[0]?.html}`)).toEqual([])
})

test('a trial is kept, opened again from the list and undone in the logbook', async ({ page }) => {
  await open(page, '/trials?planting=demo-2026-bed-1-1&ask=stems&way=stems.cage')
  await page.getByRole('button', { name: 'Keep this trial' }).click()
  await expect(page.getByText('This trial is kept.')).toBeVisible()
  await page.goto('/trials?planting=demo-2026-bed-4-1&ask=mulch')
  const kept = page.getByRole('region', { name: 'Kept trials' })
  await kept.locator('summary').first().click()
  await expect(kept.getByText(/^Two stems \(now\): .* per plant, 8 years in 10/)).toBeVisible()
  await kept.getByRole('link', { name: 'Run it again as things are now' }).first().click()
  await expect(page).toHaveURL(/way=stems\.cage/)
  await expect(kept.getByText(/the trial you see/).first()).toBeVisible()
})
