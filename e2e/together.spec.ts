import type { Page } from '@playwright/test'
import { expect, open, test } from './support/test'

const type = async (page: Page, line: string) => {
  await page.keyboard.press('/')
  await page.getByRole('dialog').getByRole('combobox').fill(line)
  await expect(page.getByText(/^Understood/)).toBeVisible()
  await page.keyboard.press('Enter')
  await expect(page.getByText(/^Entered: /)).toBeVisible()
}

test('a stop that is done on one phone leaves the round on the other, which is told @shared', async ({
  page,
  device,
}) => {
  await open(page, '/walk')
  const other = await device()
  await open(other, '/walk')
  const stop = (at: Page) => at.getByRole('button', { name: /Bed 2 .*Tie up 8 plants/ })
  await stop(page).click()
  await expect(stop(other)).toBeVisible()
  await page.getByRole('article').getByRole('button', { name: /^Done/ }).click()
  await expect(other.getByText(/^Another device entered: .*Bed 2/)).toBeVisible({ timeout: 10_000 })
  await expect(stop(other)).toHaveCount(0)
  // What is being typed stays, and the gardener says when to look.
  await open(other, '/garden')
  const name = other.getByRole('form', { name: 'Site' }).getByLabel('Name')
  await name.fill('Half a na')
  await type(page, 'bed 3 watered 30 l')
  await expect(other.getByText(/^Another device entered: Bed 3/)).toBeVisible({ timeout: 10_000 })
  await other.getByRole('button', { name: 'Show it' }).click()
  await expect(name).toHaveValue('Half a na')
})

test('the same done on both at once is told, both are kept, and one can be undone @shared', async ({
  page,
  device,
}) => {
  await open(page, '/walk')
  const other = await device()
  await open(other, '/walk')
  // The other hears nothing until it has done the same.
  await other.route('**/changes?*', (route) => route.abort())
  await type(page, 'bed 2 watered 40 l')
  await type(other, 'bed 2 watered 40 l')
  await other.unroute('**/changes?*')
  const told = other.getByText(/^Another device entered this too: Bed 2.*Both are kept\./)
  await expect(told).toBeVisible({ timeout: 10_000 })
  const logged = async () =>
    (
      (await (await page.request.get('/log.json')).json()) as {
        entries: { kind: string; data: { litres?: number } }[]
      }
    ).entries
  const waterings = async () =>
    (await logged()).filter(({ kind, data }) => kind === 'watered' && data.litres === 40)
  // One server hears of what another wrote a moment later.
  await expect.poll(waterings).toHaveLength(2)
  const voids = (await logged()).filter(({ kind }) => kind === 'void').length
  await other.getByRole('button', { name: 'Undo mine' }).click()
  await expect(other.getByText(/^Undone: /)).toBeVisible()
  await expect
    .poll(async () => (await logged()).filter(({ kind }) => kind === 'void'))
    .toHaveLength(voids + 1)
})
