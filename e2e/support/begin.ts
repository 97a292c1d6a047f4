import { expect, type Page } from '@playwright/test'
import { open } from './test'

interface Begun {
  units?: 'metric' | 'us'
  elevation?: string
  climate?: string
  lastFrost?: string
  hottest?: string
}

/** Makes a garden as a newcomer does: a town, of which the first that is found is taken, or coordinates. */
export async function begin(page: Page, where: string, begun: Begun = {}): Promise<void> {
  await page.goto('/')
  await page.getByRole('combobox', { name: 'Town or coordinates' }).fill(where)
  if (!/\d/.test(where)) await page.getByRole('option').first().click()
  await expect(page.getByRole('heading', { name: 'Does this look like your place?' })).toBeVisible()
  const { units, elevation, climate, lastFrost, hottest } = begun
  if (units || elevation) {
    await page.getByText('Change', { exact: true }).click()
    if (units) await page.getByLabel('Units').selectOption(units)
    if (elevation) await page.getByLabel('Elevation (rough is fine)').fill(elevation)
  }
  if (climate || lastFrost || hottest) {
    await page.getByText('None of these. I will enter it myself').click()
    if (climate) await page.getByLabel('A kind of climate').selectOption(climate)
    if (lastFrost) await page.getByLabel('Average last frost').fill(lastFrost)
    if (hottest) await page.getByLabel('Usual high in the hottest month').fill(hottest)
  }
  await page.getByRole('button', { name: 'Start my garden' }).click()
  await page.waitForURL('**/walk')
}

/** Holds the clock of the garden that was begun on a date. */
export async function holdClock(page: Page, date: string): Promise<void> {
  await page.waitForURL('**/walk')
  await open(page, '/garden')
  const site = page.getByRole('form', { name: 'Site' })
  await site.getByLabel('Pretend today is').fill(date)
  await site.getByRole('button', { name: 'Save the place' }).click()
  await expect(page.getByText('The place is saved')).toBeVisible()
  await open(page, '/walk')
}
