import { expect, open, test } from './support/test'

test('a round by keyboard: done, adjusted, put off, declined, taken back, and there after a restart', async ({
  page,
  server,
}) => {
  await open(page, '/walk')
  const stops = page.getByRole('list', { name: 'Stops', exact: true }).getByRole('listitem')
  const entered = page.getByRole('list', { name: 'Entered for this day' })
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^23 stops/)
  await expect(stops).toHaveCount(23)
  // What is lost by night goes first.
  await expect(stops.first()).toContainText(/Pot 3.*before night.*Water: 4.L/)

  // Done: pot 1 flowers.
  await page.getByRole('button', { name: /Pot 2 .*first open flower/ }).click()
  await page.keyboard.press('j')
  await expect(page.getByRole('article')).toContainText('Pot 1 · Pocket Thistle')
  await page.keyboard.press('Enter')
  await expect(page.getByText('Pot 1: flowering.')).toBeVisible()
  await expect(stops).toHaveCount(23)
  await expect(entered).toContainText('Pot 1, Pocket Thistle: first flower')
  // A young pepper's first flower comes off: that is asked now.
  await expect(page.getByRole('button', { name: /Pot 1 .*ake trusses off/ })).toBeVisible()

  // Adjusted: hardening for four hours, not six.
  await page.getByRole('button', { name: /Harden off/ }).click()
  await page.keyboard.press('e')
  await page.getByRole('textbox', { name: 'Hours outside' }).fill('fourty')
  await page.getByRole('button', { name: 'Keep it' }).click()
  await expect(page.getByRole('alert').filter({ hasText: 'From 0 to 24 hours' })).toBeVisible()
  await page.getByRole('textbox', { name: 'Hours outside' }).fill('4')
  await page.getByLabel('Note').fill('=SUM(A1) <b>windy</b> corner')
  await page.keyboard.press('Enter')
  await expect(entered).toContainText('hardened (=SUM(A1) <b>windy</b> corner)')
  await expect(stops).toHaveCount(22)

  // Put off and declined.
  await page.getByRole('button', { name: /Pick what is ripe/ }).click()
  await page.keyboard.press('z')
  await page.keyboard.press('Enter')
  await expect(stops).toHaveCount(21)
  await page.getByRole('button', { name: /Read the soil/ }).click()
  await page.keyboard.press('x')
  await page.keyboard.type('thermometer is broken')
  await page.keyboard.press('Enter')
  await expect(stops).toHaveCount(20)

  // Taken back: what was declined is asked again.
  await page.keyboard.press('Escape')
  await page.getByRole('heading', { level: 1 }).click()
  await page.keyboard.press('u')
  await expect(page.getByText('Taken back: not doing.')).toBeVisible()
  await expect(stops).toHaveCount(21)

  await server.stop('SIGKILL')
  await server.start()
  await open(page, '/walk')
  await expect(stops).toHaveCount(21)
  await expect(entered).toContainText('Pot 1, Pocket Thistle: first flower')
  await expect(entered).not.toContainText('thermometer is broken')
})

test('plants are tied and cut in one go but for one, a pot is watered by what it got, all of it taken back', async ({
  page,
}) => {
  await open(page, '/walk')
  const stops = page.getByRole('list', { name: 'Stops', exact: true }).getByRole('listitem')
  const entered = page.getByRole('list', { name: 'Entered for this day' })
  const article = page.getByRole('article')

  await page.getByRole('button', { name: /Bed 2 .*Tie, pinch suckers/ }).click()
  await expect(article).toContainText('The stem is at 54\u00a0cm; it is to be tied at 30\u00a0cm.')
  const byPlant = page.getByRole('region', { name: 'Plant by plant' })
  await expect(byPlant.getByRole('listitem')).toHaveCount(2)
  await page.keyboard.press('e')
  const form = page.getByRole('form', { name: 'On which plants' })
  for (const box of await form.getByRole('checkbox').all()) await box.uncheck()
  await expect(form.getByRole('alert')).toContainText('On none of them')
  for (const box of await form.getByRole('checkbox').all()) await box.check()
  await form.getByRole('checkbox', { name: '7' }).uncheck()
  await form.getByRole('button', { name: 'Keep it' }).click()
  await expect(page.getByText(/^Bed 2: tie, pinch suckers/)).toBeVisible()
  await expect(entered).toContainText('Bed 2, Old Harrow: tie')
  await expect(entered).toContainText('Bed 2, Old Harrow: pruned')
  await expect(page.getByRole('button', { name: /Bed 2 .*Tie/ })).toHaveCount(0)
  await page.getByRole('button', { name: 'Take back' }).click()
  await expect(page.getByRole('button', { name: /Bed 2 .*Tie/ })).toBeVisible()

  await page.getByRole('button', { name: /Pot 7 .*Water: 7.6.L/ }).click()
  await page.keyboard.press('e')
  await page.getByLabel('Given in all').fill('0')
  await page.getByRole('button', { name: 'Keep it' }).click()
  await expect(page.getByRole('alert').filter({ hasText: 'please' })).toBeVisible()
  await page.getByLabel('Given in all').fill('5 L')
  await page.getByRole('button', { name: 'Keep it' }).click()
  await expect(entered).toContainText('Pot 7: watered')

  await page.getByRole('button', { name: /Pot 8 .*Feed: 22.g/ }).click()
  await page.keyboard.press('e')
  await page.getByLabel('Given in all').fill('12')
  await page.getByRole('button', { name: 'Keep it' }).click()
  await expect(entered).toContainText('Pot 8: fed')
  await page.goto('/bench/feed?place=demo-pot-8')
  await expect(page.getByRole('region', { name: 'Given so far' })).toContainText('10–10–10, 12 g')

  await open(page, '/walk')
  await page.getByRole('button', { name: /Open the tunnel/ }).click()
  await page.keyboard.press('Enter')
  await expect(entered).toContainText('Tunnel: tunnel opened')
  await expect(stops).toHaveCount(20)
})

test('the ribbon moves the day and back; ahead acts are off, before they are asked about', async ({
  page,
}) => {
  await open(page, '/walk')
  const date = page.getByTestId('ribbon-date')
  await expect(date).toHaveText('Thu 18 June')
  await page.keyboard.press(']')
  await page.keyboard.press('}')
  await expect(date).toHaveText('Fri 26 June')
  await expect(page).toHaveURL(/on=2026-06-26/)
  await expect(page.getByText('This is a look ahead').first()).toBeVisible()
  await expect(page.getByRole('button', { name: /Put off/ })).toHaveCount(0)

  await page.keyboard.press('t')
  await expect(date).toHaveText('Thu 18 June')
  await expect(page).not.toHaveURL(/on=/)

  const slider = page.getByRole('slider', { name: 'Date of every screen' })
  const box = (await slider.boundingBox())!
  const marker =
    Number(await slider.getAttribute('aria-valuenow')) / Number(await slider.getAttribute('aria-valuemax'))
  await page.mouse.move(box.x + box.width * marker, box.y + 50)
  await page.mouse.down()
  await page.mouse.move(box.x + box.width * marker - 20, box.y + 50, { steps: 5 })
  await page.mouse.up()
  await expect(date).toHaveText(/1[2-5] June/)
  await expect(page).toHaveURL(/on=2026-06-1[2-5]/)

  await open(page, '/walk?on=2026-06-16')
  await page.getByRole('button', { name: /Pot 1 .*Look for the first open flower/ }).click()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: /Enter this for/ })).toBeVisible()
  await page.getByRole('button', { name: 'Yes, for that day' }).click()
  await expect(page.getByText('Pot 1: flowering.')).toBeVisible()
  await expect(page.getByRole('list', { name: 'Entered for this day' })).toContainText(
    'Pot 1, Pocket Thistle: first flower',
  )
})

test('an address with a date that is none, or far off, shows today', async ({ page }) => {
  for (const on of ['1800-01-01', '2400-12-31', '2026-02-30', 'yesterday', '<script>']) {
    await open(page, `/walk?on=${encodeURIComponent(on)}`)
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^23 stops/)
  }
})

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true })

  test('one stop at a time, and nothing wider than the screen', async ({ page }) => {
    await open(page, '/walk')
    await expect(page.getByRole('article')).toBeHidden()
    await page.getByRole('button', { name: /Harden off/ }).tap()
    await expect(page.getByRole('article')).toBeVisible()
    await expect(page.getByRole('list', { name: 'Stops', exact: true })).toBeHidden()
    await page.getByRole('button', { name: /Done today/ }).tap()
    await expect(page.getByText('Pot 6: done today.')).toBeVisible()
    for (const path of [
      '/walk',
      '/season',
      '/garden',
      '/plantings/new',
      '/plantings/demo-2026-bed-4-1/set-out',
    ]) {
      await open(page, path)
      const overflow = await page.evaluate(
        () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
      )
      expect(overflow, path).toBeLessThanOrEqual(0)
    }
  })
})
