import ICAL from 'ical.js'
import { begin, holdClock } from './support/begin'
import { expect, open, test } from './support/test'
import type { Page } from '@playwright/test'

const sowHandle = (page: Page) => page.getByRole('slider', { name: 'Sow Ditch Wren × 6, Tunnel' })
const moved = (page: Page) => page.getByRole('status').filter({ hasText: 'Sow Ditch Wren' })

test('a sowing date is dragged, what follows moves with it, and it is kept @shared', async ({
  page,
  server,
}) => {
  await open(page, '/season')
  const handle = sowHandle(page)
  await handle.scrollIntoViewIfNeeded()
  await expect(handle).toHaveAttribute('aria-valuetext', '15 June 2026')
  const box = (await handle.boundingBox())!
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2]
  await page.mouse.move(x, y)
  await page.mouse.down()
  await page.mouse.move(x + 90, y, { steps: 6 })
  await page.mouse.up()
  await expect(moved(page)).toContainText(
    /Sow Ditch Wren × 6 on \d+ July; plant out .+later; first flower .+later/,
  )
  // The odds come from every simulated season, worked out beside the page.
  await expect(page.getByTestId('odds')).toContainText(
    /It ripens (\d+ years? in 10|every year|more than 9 years in 10|fewer than 1 year in 10)/,
  )

  const kept = (await handle.getAttribute('aria-valuetext'))!
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByText(/saved\.$/)).toBeVisible()
  await server.stop('SIGKILL')
  await server.start()
  await open(page, '/season')
  await expect(sowHandle(page)).toHaveAttribute('aria-valuetext', kept)
})

test('the arrow keys move it too; put back, it is as before', async ({ page }) => {
  await open(page, '/season')
  const handle = sowHandle(page)
  await handle.focus()
  for (let press = 0; press < 3; press++) await page.keyboard.press('ArrowRight')
  await expect(handle).toHaveAttribute('aria-valuetext', '18 June 2026')
  await page.keyboard.press('PageUp')
  await expect(handle).toHaveAttribute('aria-valuetext', '25 June 2026')
  await page.keyboard.press('Shift+ArrowLeft')
  await expect(handle).toHaveAttribute('aria-valuetext', '18 June 2026')
  await page.getByRole('button', { name: 'Cancel' }).click()
  await expect(moved(page)).toHaveCount(0)
  await expect(handle).toHaveAttribute('aria-valuetext', '15 June 2026')
})

test('the work on the odds can be stopped', async ({ page }) => {
  await open(page, '/season')
  await sowHandle(page).focus()
  await page.keyboard.press('ArrowRight')
  await page.getByRole('button', { name: 'Stop' }).click()
  await expect(page.getByRole('progressbar')).toHaveCount(0)
  await expect(page.getByTestId('odds')).toHaveCount(0)
  // The date itself stands, and the odds come when it is moved again.
  await sowHandle(page).focus()
  await page.keyboard.press('ArrowRight')
  await expect(page.getByTestId('odds')).toBeVisible()
})

test('hardening off is told day by day, with the weather’s verdict', async ({ page }) => {
  await open(page, '/plantings/demo-2026-pot-6-1')
  const days = page.getByRole('region', { name: 'Hardening off' }).getByRole('listitem')
  await expect(days).toHaveCount(5)
  await expect(days.first()).toContainText('step 4 of 8')
  await expect(days.first()).toContainText(/6\s?h out: sun, out of the wind/)
  await expect(days.first()).toContainText(
    /\d+\s°C by day, \d+\s°C in the night, wind up to \d+\skm\/h \(simulated\)/,
  )
  await expect(days.last()).toContainText('the night out')
})

test('another way of raising is chosen, and the dates follow', async ({ page }) => {
  await open(page, '/plantings/demo-2026-tunnel-2')
  const sow = page.locator('tr[data-stage="sow"] td').first()
  const before = await sow.textContent()
  const ways = page.getByRole('region', { name: 'Which size to plant' })
  await ways.getByRole('button', { name: 'Raise seed sown in place' }).click()
  await expect(sow).not.toHaveText(before!)
  await expect(page.locator('tr[data-stage="set-out"]')).toHaveCount(0)
  await expect(page.getByRole('region', { name: 'Seeds and trays' })).toContainText('seeds in 6 spots')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(sow).toHaveText(before!)
})

test('a tunnel says when to open and shut, and to shake the trusses', async ({ page }) => {
  await open(page, '/plantings/demo-2026-tunnel-1')
  const cover = page.getByRole('region', { name: 'Under cover' })
  await expect(cover).toContainText(/Open by \d+:\d\d/)
  await expect(cover).toContainText('Shake or tap every open flower cluster once a day')
})

test('the calendar is read by another under a secret address, until it is closed', async ({
  page,
  request,
  server,
}) => {
  await open(page, '/garden/files')
  await page.getByRole('button', { name: 'Open a feed' }).click()
  const field = page.getByLabel('Address for another calendar')
  await expect(field).toHaveValue(/\/feed\/[\w-]{32}\/calendar\.ics$/)
  const address = await field.inputValue()
  const read = async () => new ICAL.Component(ICAL.parse(await (await request.get(address)).text()))
  const events = (await read()).getAllSubcomponents('vevent').map((event) => new ICAL.Event(event))
  expect(events.length).toBeGreaterThan(50)
  const setOut = events.find(({ uid }) => uid === 'demo-2026-tunnel-2.set-out@prairie')!
  expect(setOut.startDate.toString()).toBe('2026-08-03')
  expect(setOut.startDate.isDate).toBe(true)

  await page.getByRole('button', { name: 'Make a new link' }).click()
  await expect(field).not.toHaveValue(address)
  expect((await request.get(address)).status()).toBe(404)
  const second = await field.inputValue()
  expect((await request.get(second)).status()).toBe(200)
  await page.getByRole('button', { name: 'Close the feed' }).click()
  await expect(page.getByRole('button', { name: 'Open a feed' })).toBeVisible()
  expect((await request.get(second)).status()).toBe(404)
  expect((await request.get(`${server.address}/calendar.ics`)).headers()['content-type']).toContain(
    'text/calendar',
  )
})

test.describe('a garden of its own', () => {
  test.use({ data: 'empty' })

  /** The calendar of a year is the same whenever the test runs: its clock is held. */
  test('in the south, from a template, has its whole season without any weather', async ({ page }) => {
    await begin(page, '37°48′S 144°57′E', { climate: 'southern-temperate' })
    await holdClock(page, '1 August 2026')
    await page.getByRole('link', { name: 'Plan the first planting' }).click()
    await page.getByLabel('Cultivar', { exact: true }).selectOption('new')
    await page.getByLabel('Name of the cultivar').fill('Fieldlight')
    await page.getByRole('button', { name: 'Save and show dates' }).click()
    await expect(page.locator('tr[data-stage="set-out"] td').first()).toHaveText(
      /(October|November|December)/,
    )
    await expect(page.locator('tr[data-stage="first-ripe"] td').first()).toHaveText(
      /(January|February|March|April)/,
    )
    await open(page, '/season')
    await expect(page.getByText('You have no weather record yet')).toBeVisible()
    await expect(page.getByRole('slider', { name: /^Sow Fieldlight/ })).toBeVisible()
    // The simulated station needs no set-up, and says what it is.
    await open(page, '/garden/weather')
    await page.getByRole('button', { name: 'Switch the simulated station on' }).click()
    await expect(page.getByText('Do not plant by it')).toBeVisible()
    await expect(page.getByText(/^simulated: (dry|rain)/)).toBeVisible()
  })

  test('near the equator no frost ends the season', async ({ page }) => {
    await begin(page, '1.3 S 36.8 E', { elevation: '1700 m' })
    await holdClock(page, '1 March 2026')
    await expect(page.getByRole('region', { name: 'First answer' })).toContainText(
      'In most years you have no frost here',
    )
    await page.getByRole('link', { name: 'Plan the first planting' }).click()
    await page.getByLabel('Cultivar', { exact: true }).selectOption('new')
    await page.getByLabel('Name of the cultivar').fill('Fieldlight')
    await page.getByRole('button', { name: 'Save and show dates' }).click()
    await expect(page.locator('tr[data-stage="first-ripe"] td').first()).toHaveText(/\d/)
    await expect(page.locator('tr[data-stage="last-flower-ripe"]')).toHaveCount(0)
  })
})
