import { expect, open, test } from './support/test'

test('a line in plain words is understood, shown, kept and taken back; a name is gone to @shared', async ({
  page,
}) => {
  await open(page, '/walk')
  await page.keyboard.press('/')
  const box = page.getByRole('dialog', { name: 'Command box' })
  const line = box.getByRole('combobox')
  await line.fill('bed 2 fed fish 1:50 6 l by the fence')
  await expect(box.getByRole('option').first()).toContainText(
    /Bed 2: fed: 132.g of Fish feed 5–1–1.*by the fence/,
  )
  await page.keyboard.press('Enter')
  await expect(page.getByText(/^Entered: Bed 2, fed: 132.g of Fish feed/)).toBeVisible()
  await expect(box).toHaveCount(0)
  await expect(page.getByRole('list', { name: 'Recorded for this day' })).toContainText(
    'Bed 2: fed (by the fence)',
  )

  await page.keyboard.press('/')
  await line.fill('bed 1 picked 2 kg')
  await expect(box.getByRole('status')).toContainText('you grow Copperlace and Dusk Plum. Which one?')
  await line.fill('bed 1 dusk plum picked 2 kg 14 fruit 2 split')
  await expect(box.getByRole('option', { selected: true })).toContainText('14 fruit')
  await page.keyboard.press('Enter')
  await expect(
    page.getByText(/^Entered: Bed 1, Dusk Plum, picked: 2.kg, 14 fruit, 2 cracked\.$/),
  ).toBeVisible()

  await page.keyboard.press('u')
  await expect(page.getByText('Undone: picked.')).toBeVisible()

  await page.keyboard.press('/')
  await line.fill('copperlace 3')
  await box.getByRole('option', { name: /Copperlace 3, Bed 1/ }).click()
  await expect(page).toHaveURL(/\/plants\/demo-2026-bed-1-1-3/)
  await page.keyboard.press('/')
  await line.fill('bask')
  await expect(box.getByRole('option', { selected: true })).toHaveText(/^Basket/)
  await page.keyboard.press('Enter')
  await expect(page).toHaveURL(/\/basket/)
  await page.keyboard.press('/')
  await line.fill('<img src=x onerror=alert(1)>')
  await expect(box).toContainText('No match.')
  await page.keyboard.press('Escape')
  await expect(box).toHaveCount(0)
})

test('a line that is typed and sent before the garden’s names are here is kept', async ({ page }) => {
  await open(page, '/walk')
  let release = () => {}
  const released = new Promise<void>((resolve) => (release = resolve))
  await page.route('**/walk', async (route) => {
    if (route.request().method() === 'POST') await released
    await route.continue()
  })
  await page.route('**/*.js', async (route) => {
    await released
    await route.continue()
  })
  await page.keyboard.press('/')
  await page.keyboard.type('bed 1 watered 20 l')
  await page.keyboard.press('Enter')
  await expect(page.getByLabel('Go anywhere, or enter in plain words')).toHaveValue('bed 1 watered 20 l')
  release()
  await expect(page.getByText(/^Entered: Bed 1/)).toBeVisible()
})

test('looking ahead, a line only leads somewhere; looking back, it is entered for that day', async ({
  page,
}) => {
  await open(page, '/bench/water?on=2026-06-26')
  await page.keyboard.press('/')
  const box = page.getByRole('dialog', { name: 'Command box' })
  await box.getByRole('combobox').fill('bed 2 watered 12 l')
  await expect(box).toContainText('This is a look ahead')
  await page.keyboard.press('Escape')
  await open(page, '/walk?on=2026-06-16')
  await page.keyboard.press('/')
  await box.getByRole('combobox').fill('bed 2 watered 12 l')
  await expect(box.getByRole('option').first()).toContainText('for 16 June 2026')
  await page.keyboard.press('Enter')
  await expect(page.getByText(/^Entered: Bed 2, watered: 12.L\.$/)).toBeVisible()
  await expect(page.getByRole('list', { name: 'Recorded for this day' })).toContainText('Bed 2: watered')
})

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true })

  test('a line is entered by touch', async ({ page }) => {
    await open(page, '/walk')
    await page.getByRole('navigation', { name: 'Workspaces' }).getByText('More').tap()
    await page.getByRole('button', { name: 'Quick entry' }).last().tap()
    const box = page.getByRole('dialog', { name: 'Command box' })
    await box.getByRole('combobox').fill('row b hornworm 2')
    // A trouble that is named begins a case.
    await box
      .getByRole('option', { name: /Row B, Long Ember: symptoms seen: .*taken for hornworms.*2/ })
      .tap()
    await expect(page.getByText(/^Entered: Row B, Long Ember, symptoms seen/)).toBeVisible()
    await open(page, '/clinic/cases')
    await expect(page.getByRole('listitem', { name: 'Hornworms, Row B, Long Ember' })).toBeVisible()
  })
})
