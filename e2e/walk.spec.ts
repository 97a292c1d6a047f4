import { writeFileSync } from 'node:fs'
import type { Page } from '@playwright/test'
import { expect, open, test } from './support/test'

/** A finger drawn over the stop. */
async function swipe(page: Page, to: 'left' | 'right'): Promise<void> {
  await page.getByRole('article').evaluate(
    (target, [from, end]) => {
      const touch = (type: string, x: number) => {
        const point = new Touch({ identifier: 1, target, clientX: x, clientY: 420 })
        const touches = type === 'touchend' ? [] : [point]
        target.dispatchEvent(
          new TouchEvent(type, {
            bubbles: true,
            cancelable: true,
            touches,
            targetTouches: touches,
            changedTouches: [point],
          }),
        )
      }
      touch('touchstart', from!)
      for (let step = 1; step <= 5; step++) touch('touchmove', from! + ((end! - from!) * step) / 5)
      touch('touchend', end!)
    },
    to === 'left' ? [320, 60] : [60, 320],
  )
}

test('a round by keyboard: done, changed, put off, skipped, undone, and there after a restart @shared', async ({
  page,
  server,
}) => {
  await open(page, '/walk')
  const stops = page.getByRole('list', { name: 'Stops', exact: true }).getByRole('listitem')
  const entered = page.getByRole('list', { name: 'Recorded for this day' })
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^\d\d stops/)
  const all = Number.parseInt(await page.getByRole('heading', { level: 1 }).innerText())
  await expect(stops).toHaveCount(all)
  // What is lost by night is marked in its place.
  await expect(stops.filter({ hasText: 'before tonight' }).first()).toContainText(
    /Pot \d.*before tonight.*Give [\d.]+.L of water/,
  )
  // All of one place together, each place once.
  const places = (await stops.allInnerTexts()).map(
    (text) => /(?:Pot|Bed|Row) \w+|Tunnel|garden/.exec(text)![0],
  )
  const visits = places.filter((place, at) => place !== places[at - 1])
  expect(visits).toHaveLength(new Set(places).size)

  // Done: pot 1 flowers.
  await page.getByRole('button', { name: /Pot 1 .*first flower open/ }).click()
  await page.keyboard.press('k')
  await page.keyboard.press('j')
  await expect(page.getByRole('article')).toContainText('Pot 1 · Pocket Thistle')
  // Enter goes down the list; what was seen is answered.
  await page.keyboard.press('Enter')
  await expect(entered).toHaveCount(0)
  await page.keyboard.press('1')
  await expect(page.getByText('Pot 1: the first flower is open.')).toBeVisible()
  // The next stop is told of.
  await expect(page.getByRole('article').getByRole('heading', { level: 2 })).toBeFocused()
  await expect(entered).toContainText('Pot 1, Pocket Thistle: first flower open')
  await expect(page.getByRole('button', { name: /Pot 1 .*first flower open/ })).toHaveCount(0)
  const left = await stops.count()

  // Adjusted: hardening for four hours, not six.
  await page.getByRole('button', { name: /Harden off/ }).click()
  await page.keyboard.press('e')
  await page.getByRole('textbox', { name: 'Hours outside' }).fill('fourty')
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByRole('alert').filter({ hasText: 'From 0 to 24 hours' })).toBeVisible()
  await page.getByRole('textbox', { name: 'Hours outside' }).fill('4')
  await page.getByLabel('Note').fill('=SUM(A1) <b>windy</b> corner')
  await page.keyboard.press('Enter')
  await expect(entered).toContainText('hardened (=SUM(A1) <b>windy</b> corner)')
  await expect(stops).toHaveCount(left - 1)

  // Put off and declined.
  await page.getByRole('button', { name: /Pick what is ripe/ }).click()
  await page.keyboard.press('z')
  await page.keyboard.press('Enter')
  await expect(stops).toHaveCount(left - 2)
  await page.getByRole('button', { name: /Measure the soil temperature/ }).click()
  await page.keyboard.press('x')
  await page.keyboard.type('thermometer is broken')
  await page.keyboard.press('Enter')
  await expect(stops).toHaveCount(left - 3)

  // Undone: what was declined is asked again.
  await page.keyboard.press('Escape')
  await page.getByRole('heading', { level: 1 }).click()
  await page.keyboard.press('u')
  await expect(page.getByText('Undone: skipped.')).toBeVisible()
  await expect(stops).toHaveCount(left - 2)

  await server.stop('SIGKILL')
  await server.start()
  await open(page, '/walk')
  await expect(stops).toHaveCount(left - 2)
  await expect(entered).toContainText('Pot 1, Pocket Thistle: first flower open')
  await expect(entered).not.toContainText('thermometer is broken')
})

test('plants are tied and cut in one go but for one, a pot is watered by what it got, all of it taken back', async ({
  page,
}) => {
  await open(page, '/walk')
  const stops = page.getByRole('list', { name: 'Stops', exact: true }).getByRole('listitem')
  const entered = page.getByRole('list', { name: 'Recorded for this day' })
  const article = page.getByRole('article')

  await page.getByRole('button', { name: /Bed 2 .*Tie up 8 plants/ }).click()
  await expect(article).toContainText(/The stem has reached \d\d.cm\. Tie it at \d\d.cm\./)
  const byPlant = page.getByRole('region', { name: 'Plant by plant' })
  await expect(byPlant.getByRole('listitem')).toHaveCount(2)
  await page.keyboard.press('e')
  const form = page.getByRole('form', { name: 'On which plants' })
  for (const box of await form.getByRole('checkbox').all()) await box.uncheck()
  await expect(form.getByRole('alert')).toContainText('No plant is ticked')
  for (const box of await form.getByRole('checkbox').all()) await box.check()
  await form.getByRole('checkbox', { name: '7' }).uncheck()
  await form.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByText('Bed 2: done, but not on 1 plant.')).toBeVisible()
  await expect(entered).toContainText('Bed 2, Old Harrow: tied up')
  await expect(entered).toContainText('Bed 2, Old Harrow: pruned')
  await expect(page.getByRole('button', { name: /Bed 2 .*Tie up/ })).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByRole('button', { name: /Bed 2 .*Tie up/ })).toBeVisible()

  await page.getByRole('button', { name: /Pot 7 .*Give [\d.]+.L of water/ }).click()
  await page.keyboard.press('e')
  await page.getByLabel('Amount given').fill('0')
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByRole('alert').filter({ hasText: 'please' })).toBeVisible()
  await page.getByLabel('Amount given').fill('5 L')
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(entered).toContainText('Pot 7: watered')

  await page.getByRole('button', { name: /Pot 8 .*Feed [\d.]+.g/ }).click()
  await page.keyboard.press('e')
  await page.getByLabel('Amount given').fill('12')
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(entered).toContainText('Pot 8: fed')
  await page.goto('/bench/feed?place=demo-pot-8')
  await expect(page.getByRole('region', { name: 'Given so far' })).toContainText('10–10–10, 12 g')

  await open(page, '/walk')
  await expect(stops.first()).toBeVisible()
  const left = await stops.count()
  await page.getByRole('button', { name: /Open the tunnel/ }).click()
  await page.keyboard.press('Enter')
  await expect(entered).toContainText('Tunnel: tunnel opened')
  await expect(stops).toHaveCount(left - 1)
})

test('a stop is timed and noted with a photo, the round is summed up, and one key takes a whole act back @shared', async ({
  page,
}, info) => {
  await open(page, '/walk')
  const entered = page.getByRole('list', { name: 'Recorded for this day' })
  await page.getByRole('button', { name: /Bed 2 .*Tie up 8 plants/ }).click()
  await expect(page.getByRole('article')).toContainText('bring ties, snips and wipes')
  await expect(page.getByRole('article')).toContainText('on dry leaves')

  // A note with a photo leaves the stop where it is.
  await page.keyboard.press('o')
  const form = page.getByRole('form', { name: 'Note or photo' })
  await form.getByRole('button', { name: 'Save' }).click()
  await expect(form.getByRole('alert')).toContainText('Add a note or a photo first.')
  const big = info.outputPath('big.jpg')
  writeFileSync(big, Buffer.alloc(40 * 1024 * 1024))
  await form.getByLabel('Photo').setInputFiles(big)
  await expect(form.getByText('has 40 MB, and 15 MB is the most')).toBeVisible()
  await form.getByLabel('Photo').setInputFiles({
    name: 'list.jpg',
    mimeType: 'image/jpeg',
    buffer: Buffer.from('not a picture'),
  })
  await expect(form.getByText('is not a photo that Prairie can show')).toBeVisible()
  await expect(entered).toHaveCount(0)
  await form.getByLabel('Photo').setInputFiles({
    name: 'leaf.png',
    mimeType: 'image/png',
    buffer: await page.screenshot(),
  })
  await expect(form.getByAltText('The photo chosen')).toBeVisible()
  await form.getByLabel('What you noticed').fill('aphids on 4')
  await form.getByRole('button', { name: 'Save' }).click()
  await expect(entered).toContainText('Bed 2, Old Harrow: note (aphids on 4)')
  const photo = entered.getByAltText('aphids on 4')
  await photo.scrollIntoViewIfNeeded()
  await expect
    .poll(() => photo.evaluate((image: HTMLImageElement) => image.naturalWidth))
    .toBeGreaterThan(100)
  await expect(page.getByRole('button', { name: /Bed 2 .*Tie up 8 plants/ })).toBeVisible()

  // Done in 40 minutes: works, cuts and the time are one act.
  const before = await page
    .getByRole('button', { name: /Bed 1 .*inch out suckers/ })
    .first()
    .innerText()
  const usual = Number(/(\d+).min/.exec(before)?.[1])
  await page.getByRole('button', { name: /Bed 2 .*Tie up 8 plants/ }).click()
  await page.keyboard.press('e')
  await page.getByLabel('Minutes it took').fill('soon')
  await page.getByRole('form', { name: 'On which plants' }).getByRole('button', { name: 'Save' }).click()
  await expect(page.getByText('Enter whole minutes')).toBeVisible()
  await page.getByLabel('Minutes it took').fill('40')
  await page.getByRole('form', { name: 'On which plants' }).getByRole('button', { name: 'Save' }).click()
  await expect(entered).toContainText('Bed 2, Old Harrow: pruned')
  // What took longer here is planned longer elsewhere.
  const longer = page.getByRole('button', { name: /Bed 1 .*inch out suckers/ }).first()
  await expect
    .poll(async () => Number(/(\d+).min/.exec(await longer.innerText())?.[1]))
    .toBeGreaterThan(usual)

  await page.getByRole('button', { name: 'Sum up' }).click()
  const summary = page.getByRole('article', { name: 'The round so far' })
  await expect(summary).toContainText('Time taken: 40\u00a0min')
  await expect(summary.getByRole('region', { name: 'Done' })).toContainText('Tied up')
  await expect(summary.getByRole('region', { name: 'Notes' })).toContainText('aphids on 4')
  await page.keyboard.press('u')
  await expect(page.getByRole('button', { name: /Bed 2 .*Tie up 8 plants/ })).toBeVisible()
  await expect(entered).not.toContainText('pruned')
  await expect(summary).toContainText('Minutes you enter at a stop are added up here')
  await expect(entered).toContainText('aphids on 4')
})

test('a round goes on paper and comes back from it in one act', async ({ page }) => {
  await open(page, '/walk')
  await page.getByRole('link', { name: 'On paper' }).click()
  await expect(page.getByRole('heading', { name: 'Today’s round on paper' })).toBeVisible()
  expect(await page.getByRole('row').count()).toBeGreaterThan(20)
  await expect(page.getByRole('row', { name: /^\d+ Tunnel/ }).first()).toContainText('Open the tunnel')
  await page.getByRole('link', { name: 'Walk', exact: true }).first().click()
  await page.getByRole('link', { name: 'Enter from paper' }).click()
  const form = page.getByRole('form', { name: 'Enter from paper' })
  const row = (name: RegExp) => form.getByRole('listitem').filter({ hasText: name })
  await expect(form.getByRole('button', { name: 'Nothing is ticked' })).toBeDisabled()
  await row(/Pot 3: Give/)
    .getByRole('checkbox')
    .check()
  await row(/Pot 7: Give/)
    .getByRole('checkbox')
    .check()
  await row(/Pot 7: Give/)
    .getByLabel('Amount given')
    .fill('many')
  await row(/Bed 2: Tie/)
    .getByRole('checkbox')
    .check()
  await row(/Bed 2: Tie/)
    .getByLabel('Plants you left out (labels)')
    .fill('7, 99')
  await expect(row(/Bed 4: Plant out/).getByRole('checkbox')).toBeDisabled()
  await form.getByRole('button', { name: 'Enter 3 stops' }).click()
  await expect(row(/Pot 7: Give/).getByRole('alert')).toContainText('Amount given')
  await expect(row(/Bed 2: Tie/).getByRole('alert')).toContainText('No plant here is called 99')
  await row(/Pot 7: Give/)
    .getByLabel('Amount given')
    .fill('5 L')
  await row(/Bed 2: Tie/)
    .getByLabel('Plants you left out (labels)')
    .fill('7')
  await form.getByRole('button', { name: 'Enter 3 stops' }).click()
  await expect(page).toHaveURL(/\/walk$/)
  const entered = page.getByRole('list', { name: 'Recorded for this day' })
  await expect(entered).toContainText('Pot 3: watered')
  await expect(entered).toContainText('Bed 2, Old Harrow: tied up')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(entered).toHaveCount(0)
})

test('planting out from the round comes back to its next stop', async ({ page }) => {
  await open(page, '/walk')
  const rows = page.getByRole('list', { name: 'Stops', exact: true }).getByRole('listitem')
  await rows.filter({ hasText: 'Plant out 8 plants' }).getByRole('button').click()
  const article = page.getByRole('article')
  await expect(article).toContainText('Bed 4')
  await page.keyboard.press('j')
  await expect(article).not.toContainText('Bed 4')
  const next = await article.getByRole('heading', { level: 2 }).innerText()
  await page.keyboard.press('k')
  await expect(article).toContainText('Bed 4')
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: 'Plant out all 8' }).click()
  await expect(page).toHaveURL(/\/walk\?stop=/)
  await expect(article.getByRole('heading', { level: 2 })).toHaveText(next)
})

test('two tabs that write at once both keep what they wrote @shared', async ({ page, context }) => {
  await open(page, '/walk')
  const second = await context.newPage()
  await open(second, '/walk')
  await page.getByRole('button', { name: /Pot 1 .*first flower open/ }).click()
  await second.getByRole('button', { name: /Pot 2 .*first flower open/ }).click()
  await Promise.all([page.keyboard.press('1'), second.keyboard.press('1')])
  await expect(page.getByText('Pot 1: the first flower is open.')).toBeVisible()
  await expect(second.getByText('Pot 2: the first flower is open.')).toBeVisible()
  await open(page, '/walk')
  const entered = page.getByRole('list', { name: 'Recorded for this day' })
  await expect(entered).toContainText('Pot 1, Pocket Thistle: first flower open')
  await expect(entered).toContainText('Pot 2, Pocket Thistle: first flower open')
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
  await expect(page.getByRole('button', { name: /^Later/ })).toHaveCount(0)

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
  await page.getByRole('button', { name: /Pot 1 .*first flower open/ }).click()
  await page.keyboard.press('1')
  await expect(page.getByRole('heading', { name: /Enter this for/ })).toBeVisible()
  await page.getByRole('button', { name: 'Yes, for that day' }).click()
  await expect(page.getByText('Pot 1: the first flower is open.')).toBeVisible()
  await expect(page.getByRole('list', { name: 'Recorded for this day' })).toContainText(
    'Pot 1, Pocket Thistle: first flower open',
  )
})

test('an address with a date that is none, or far off, shows today', async ({ page }) => {
  for (const on of ['1800-01-01', '2400-12-31', '2026-02-30', 'yesterday', '<script>']) {
    await open(page, `/walk?on=${encodeURIComponent(on)}`)
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^\d\d stops/)
  }
})

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true })

  test('a round by touch: swiped through, done, put off, skipped, summed up', async ({ page }) => {
    await open(page, '/walk')
    const article = page.getByRole('article')
    const rows = page.getByRole('list', { name: 'Stops', exact: true }).getByRole('listitem')
    const placeOf = async (turn: number) =>
      /(?:Pot|Bed|Row) \w+|Tunnel/.exec(await rows.nth(turn).innerText())![0]
    const [one, two, three, four] = [await placeOf(0), await placeOf(1), await placeOf(2), await placeOf(3)]
    await rows.first().getByRole('button').tap()
    await expect(article).toContainText(new RegExp(`Stop 1 of \\d+ · ${one}`))
    await swipe(page, 'left')
    await expect(article).toContainText(new RegExp(`Stop 2 of \\d+ · ${two}`))
    await swipe(page, 'right')
    await expect(article).toContainText(new RegExp(`Stop 1 of \\d+ · ${one}`))
    await expect(article.getByRole('button', { name: /^Watered, / })).toBeInViewport({ ratio: 1 })
    await page.getByRole('button', { name: /^Watered/ }).tap()
    // What comes next stands there at once.
    await expect(article).toContainText(new RegExp(`Stop 1 of \\d+ · ${two}`))
    await page.getByRole('button', { name: /^Later/ }).tap()
    await page.getByRole('button', { name: 'Tomorrow' }).tap()
    await expect(article).toContainText(new RegExp(`Stop 1 of \\d+ · ${three}`))
    await page.getByRole('button', { name: /^Skip/ }).tap()
    await page.getByLabel('Reason (optional)').fill('door is stuck')
    await page.getByRole('button', { name: 'Skip this' }).tap()
    await expect(article).toContainText(new RegExp(`Stop 1 of \\d+ · ${four}`))
    await page.getByRole('button', { name: 'Round' }).tap()
    await page.getByRole('button', { name: 'Sum up' }).tap()
    const summary = page.getByRole('article', { name: 'The round so far' })
    await expect(summary.getByRole('region', { name: 'Done', exact: true })).toContainText(
      /Watered: [\d.]+.L/,
    )
    await expect(summary.getByRole('region', { name: 'Later' })).toContainText(two)
    await expect(summary.getByRole('region', { name: 'Skipped' })).toContainText('door is stuck')
  })

  test('who goes back to the round before an answer has come stays there', async ({ page }) => {
    await open(page, '/walk')
    const article = page.getByRole('article')
    const rows = page.getByRole('list', { name: 'Stops', exact: true }).getByRole('listitem')
    const before = await rows.count()
    await rows.first().getByRole('button').tap()
    let release = () => {}
    const released = new Promise<void>((done) => (release = done))
    await page.route('**/entries', async (route) => {
      await released
      await route.continue()
    })
    await page.getByRole('button', { name: /^Skip/ }).tap()
    await page.getByRole('button', { name: 'Skip this' }).tap()
    await page.getByRole('button', { name: 'Round' }).tap()
    await expect(article).toBeHidden()
    release()
    await expect(page.getByText(/: skipped\.$/)).toBeVisible()
    await expect(rows).toHaveCount(before - 1)
    await expect(article).toBeHidden()
    await expect(page).toHaveURL(/\/walk$/)
  })

  test('a weight that cannot be is refused by the name of the stop, and stays typed', async ({ page }) => {
    await open(page, '/walk')
    await page.getByRole('button', { name: /Pot 7 .*Pick what is ripe/ }).tap()
    await page.getByRole('button', { name: 'Enter the picking' }).tap()
    const form = page.getByRole('form', { name: /^Details: Pick/ })
    await form.getByLabel('Weight').fill('300')
    await form.getByRole('button', { name: 'Save' }).tap()
    await expect(
      page.getByText(/^Pot 7: pick what is ripe, and weigh it: not saved\. That is more than/),
    ).toBeVisible()
    await expect(form.getByLabel('Weight')).toHaveValue('300')
  })

  test('Back leads from a stop to the list where it was left, and a look is asked again', async ({
    page,
  }) => {
    await open(page, '/walk')
    const looks = page.getByRole('button', { name: /Pot 1 .*first flower open/ })
    await looks.scrollIntoViewIfNeeded()
    const at = await page.evaluate(() => window.scrollY)
    expect(at).toBeGreaterThan(200)
    await looks.tap()
    const article = page.getByRole('article')
    await expect(article.getByText('Is the first flower open?')).toBeInViewport()
    await expect(page).toHaveURL(/stop=/)
    await page.goBack()
    await expect(article).toBeHidden()
    await expect.poll(() => page.evaluate(() => window.scrollY)).toBe(at)
    await looks.tap()
    await article.getByRole('button', { name: 'Not yet' }).tap()
    await expect(page.getByText('Pot 1: no flower is open yet. Look again on 20 June.')).toBeVisible()
    await expect(looks).toHaveCount(0)
    // The message lies above the acts of the next stop.
    const main = article.getByRole('button').filter({ visible: true })
    await expect(main.first()).toBeVisible()
    const message = (await page.getByText('no flower is open yet').boundingBox())!
    const bar = (await page.locator('[data-stop-bar]').boundingBox())!
    expect(message.y + message.height).toBeLessThanOrEqual(bar.y)
    // A stop has its own address.
    await page.reload()
    await expect(article).toBeVisible()
  })

  test('every stop of a round keeps its task and its main button in sight, without a scroll', async ({
    page,
  }) => {
    await open(page, '/walk')
    const rows = page.getByRole('list', { name: 'Stops', exact: true }).getByRole('listitem')
    await expect(rows.first()).toBeVisible()
    const all = await rows.count()
    await rows.first().getByRole('button').tap()
    const article = page.getByRole('article')
    const bar = page.locator('[data-stop-bar]')
    for (let turn = 0; turn < all; turn++) {
      await expect(article).toContainText(`Stop ${turn + 1} of ${all}`)
      await expect(article.getByRole('heading', { level: 2 })).toBeInViewport({ ratio: 1 })
      const main = bar.getByRole('button').first()
      await expect(main).toBeInViewport({ ratio: 1 })
      expect((await main.boundingBox())!.height).toBeGreaterThanOrEqual(56)
      for (const button of await bar.getByRole('button').all())
        expect((await button.boundingBox())!.height).toBeGreaterThanOrEqual(56)
      if (turn + 1 < all) await page.keyboard.press('j')
    }
  })

  test('one stop at a time, and nothing wider than the screen', async ({ page }) => {
    await open(page, '/walk')
    await expect(page.getByRole('article')).toBeHidden()
    await page.getByRole('button', { name: /Harden off/ }).tap()
    await expect(page.getByRole('article')).toBeVisible()
    await expect(page.getByRole('list', { name: 'Stops', exact: true })).toBeHidden()
    await page.getByRole('button', { name: /^Hardened today/ }).tap()
    await expect(page.getByText('Pot 6: hardened today.')).toBeVisible()
    for (const path of [
      '/walk',
      '/walk/paper',
      '/clinic',
      '/clinic/cases',
      '/clinic/watch',
      '/basket',
      '/logbook',
      '/almanac',
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

test('the places are put in order by dragging, the round follows, and it is undone', async ({ page }) => {
  await open(page, '/walk')
  await page.getByRole('link', { name: 'Order' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Walk your places in your own order')
  const places = page.getByRole('list', { name: 'Places' }).getByRole('listitem')
  const before = await places.allInnerTexts()
  const from = (await places.nth(3).getByRole('button').boundingBox())!
  const to = (await places.first().getByRole('button').boundingBox())!
  await page.mouse.move(from.x + 20, from.y + 20)
  await page.mouse.down()
  await page.mouse.move(from.x + 20, from.y - 40, { steps: 4 })
  await page.mouse.move(to.x + 20, to.y + 8, { steps: 8 })
  await page.mouse.up()
  await expect(page.getByText('The round follows this order.')).toBeVisible()
  const name = (text: string) => text.split('\n')[1]!
  await expect(places.first()).toContainText(name(before[3]!))
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByText('Undone: the order of the places.')).toBeVisible()
  await expect(places.first()).toContainText(name(before[0]!))
  await expect(page.getByRole('button', { name: 'Follow the plan again' })).toHaveCount(0)
})
