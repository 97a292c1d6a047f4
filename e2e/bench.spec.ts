import { expect, open, test } from './support/test'

test('the pot that dries first is found before a holiday, watered, and looked at', async ({ page }) => {
  await open(page, '/walk')
  await page.keyboard.press('b')
  await expect(page).toHaveURL(/bench\/water/)
  const places = page.getByRole('navigation', { name: 'Places by need' })
  await expect(places.getByRole('listitem').first()).toContainText(/Pot \d.*now/)
  const away = page.getByRole('region', { name: 'Going away' })
  await expect(away.getByRole('listitem').first()).toContainText('Pot')
  await away.getByLabel('Days away').fill('14')
  await expect(away).toContainText(/14 days.*won’t survive without water|14 days.*every place survives/s)

  await places.getByRole('button', { name: /^Pot 3/ }).click()
  const heading = page.getByRole('heading', { level: 1 })
  await expect(heading).toHaveText(/L now$/)
  const form = page.getByRole('form', { name: 'Watered' })
  const given = form.getByLabel('Amount given')
  await given.fill('a lot')
  await form.getByRole('button', { name: 'Record watering' }).click()
  await expect(form.getByRole('alert')).toBeVisible()
  await given.fill('5 l')
  await form.getByRole('button', { name: 'Record watering' }).click()
  await expect(page.getByText(/^Entered: Pot 3 watered, 5.L\.$/)).toBeVisible()
  await expect(heading).not.toHaveText(/now$/)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(heading).toHaveText(/now$/)
  // What the finger finds goes before the estimate.
  await page.getByRole('region', { name: 'What you found' }).getByRole('button', { name: /^Wet/ }).click()
  await expect(page.getByText(/^Saved: Pot 3 is wet\./)).toBeVisible()
  await expect(heading).not.toHaveText(/now$/)
  // A meter counts as well, and says what it takes.
  const meter = page.getByRole('form', { name: 'Meter' })
  await meter.getByLabel('Or a meter reading, %').fill('lots')
  await meter.getByRole('button', { name: 'Save reading' }).click()
  await expect(meter.getByText('From 1 to 90 %, please.')).toBeVisible()
  await meter.getByLabel('Or a meter reading, %').fill('14 %')
  await meter.getByRole('button', { name: 'Save reading' }).click()
  await expect(page.getByText(/^Saved: Pot 3 holds 14.% of water/)).toBeVisible()
  await expect(heading).toHaveText(/now$/)
})

test('the glut of the overfed bed is seen, a feed is tried before it is given, and entered', async ({
  page,
}) => {
  await open(page, '/bench/feed')
  const heading = page.getByRole('heading', { level: 1 })
  await expect(heading).toHaveText('Too much nitrogen: give none')
  const places = page.getByRole('navigation', { name: 'Places by feed' })
  await expect(places.getByRole('link', { name: /^Bed 5/ })).toContainText('too much')
  await places.getByRole('link', { name: /^Pot 3/ }).click()
  await expect(heading).toHaveText(/of balanced granules in the coming weeks$/)
  await page.getByText('Blossom-end rot here').click()
  await expect(page.getByText(/drought slowed growth, so water evenly first/)).toBeVisible()
  const words = page.getByTestId('ledger-words')
  const before = await words.textContent()
  const form = page.getByRole('form', { name: 'Try a feed' })
  await form.getByLabel('For the whole place').fill('lots')
  await expect(form.getByRole('alert')).toBeVisible()
  await form.getByLabel('Product').selectOption({ label: 'Balcony feed 6–4–8' })
  await form.getByLabel('Mixed with water').fill('5 L')
  await form.getByLabel('Share of the label’s rate').selectOption('¼')
  await expect(page.getByTestId('made-up')).toHaveText(/^5.mL in 5.L, \d/)
  await form.getByLabel('Product').selectOption({ label: 'Balanced granules 10–10–10' })
  await form.getByLabel('For the whole place').fill('12 g')
  await form.getByRole('button', { name: 'Try it' }).click()
  await expect(page.getByRole('list', { name: 'Legend' }).first()).toContainText('with what you try')
  expect(await words.textContent()).not.toBe(before)
  // A weekly course of it moves the answer too: the gap is filled.
  await form.getByLabel('How often').selectOption('every week')
  await form.getByLabel('Times').fill('8')
  await form.getByRole('button', { name: 'Try it' }).click()
  await expect(heading).toHaveText(/^(They need no feed|Too much nitrogen)/)
  await form.getByLabel('How often').selectOption('once')
  await form.getByRole('button', { name: 'Record feeding' }).click()
  await expect(page.getByText(/^Entered: Pot 3 fed with 12 g of balanced granules\.$/)).toBeVisible()
  await expect(
    page.getByRole('region', { name: 'Given so far' }).getByRole('listitem').first(),
  ).toContainText('12 g')
  // A look ahead gives nothing.
  await open(page, '/bench/feed?place=demo-bed-2&on=2026-07-10')
  await expect(page.getByRole('button', { name: 'Record feeding' })).toHaveCount(0)
})

test('a mix is worked out, made to a ratio, refused where it cannot be, and sent to a place', async ({
  page,
}) => {
  await open(page, '/bench/mix')
  const blend = page.getByRole('region', { name: 'Blend' })
  await expect(blend.getByRole('heading', { level: 1 })).toHaveText(/^600.g of 4\.1 – 6\.6 – 6\.8$/)
  const bags = blend.getByRole('group', { name: 'Bag 1' })
  await bags.getByLabel('N, %').fill('99')
  await expect(bags.getByText('Over 100 % together.')).toBeVisible()
  await bags.getByLabel('N, %').fill('6')
  await bags.getByLabel('Bulk, g/mL').fill('0')
  await expect(bags.getByText(/^From 0\.05 to 5/)).toBeVisible()
  await bags.getByLabel('Bulk, g/mL').fill('0.6')
  const ratio = blend.getByRole('form', { name: 'Reach a ratio' })
  await ratio.getByRole('button', { name: 'Work it out' }).click()
  await expect(ratio.getByRole('status')).toContainText('These volumes give')
  await expect(blend.getByText('It holds 20 g of nitrogen')).toBeVisible()
  await ratio.getByLabel('N – P₂O₅ – K₂O').fill('20-1-1')
  await ratio.getByRole('button', { name: 'Work it out' }).click()
  await expect(ratio.getByRole('status')).toContainText('cannot reach it')
  const send = blend.getByRole('form', { name: 'Send to a place' })
  await send.getByLabel('All of it went to').selectOption('Bed 2')
  await send.getByRole('button', { name: 'Record feeding' }).click()
  await expect(page.getByText(/^Entered: Bed 2 fed with [\d.]+.k?g\.$/)).toBeVisible()

  await page.getByRole('button', { name: 'Can and tank' }).click()
  const dilute = page.getByRole('region', { name: 'Dilute' })
  await expect(dilute.getByRole('heading')).toHaveText(/^10 g or mL into 10.L$/)
  await dilute.getByLabel('1½').check({ force: true })
  await expect(dilute.getByRole('alert')).toContainText('Do not go above the label')
  const injector = page.getByRole('region', { name: 'Injector' })
  await expect(injector.getByRole('heading')).toHaveText('75 g per liter of stock')
  // The meter at the outlet shows less where the nitrogen is urea, and what the label says before that.
  await expect(injector.getByText(/^At the outlet: EC about 1\.3/)).toBeVisible()
  await injector.getByLabel('Its nitrogen is').selectOption('urea')
  await expect(injector.getByText(/^At the outlet: EC about 1 mS/)).toBeVisible()
  await injector.getByLabel('Its label’s EC at a gram per liter, mS/cm').fill('1.5')
  await expect(injector.getByText(/^At the outlet: EC about 1\.5.*by its label/)).toBeVisible()
  await injector.getByLabel('Its nitrogen, %').fill('0')
  await expect(injector.getByRole('alert')).toBeVisible()
  // Back at the blend, what was typed is still there.
  await page.getByRole('button', { name: 'Blend of bags' }).click()
  await expect(ratio.getByLabel('N – P₂O₅ – K₂O')).toHaveValue('20-1-1')
})

test('a sensor is connected, posts with its secret, is refused without it, and is taken off @shared', async ({
  page,
  request,
}) => {
  await open(page, '/bench/water')
  await page
    .getByRole('navigation', { name: 'Places by need' })
    .getByRole('button', { name: /^Bed 2/ })
    .click()
  const part = page.getByRole('region', { name: 'Sensor and timer' })
  await part.getByRole('button', { name: 'Connect a sensor' }).click()
  const secret = (await part.getByRole('status').locator('p').nth(1).textContent())!
  const heading = page.getByRole('heading', { level: 1 })
  await expect(heading).toHaveText(/by tomorrow$|now$/)

  const address = new URL('/devices/readings', page.url()).toString()
  const post = (token: string, data: unknown) =>
    request.post(address, { headers: { authorization: `Bearer ${token}` }, data: data as object })
  const readings = [{ at: '2026-06-18T17:00:00Z', content: 0.31 }]
  expect((await post('not-the-secret', { readings })).status()).toBe(401)
  const bad = await post(secret, { readings: [{ at: '2026-06-18T17:00:00Z', content: 7 }] })
  expect(bad.status()).toBe(400)
  expect(((await bad.json()) as { message: string }).message).toContain('content')
  const kept = await post(secret, { readings })
  expect(kept.status()).toBe(200)
  expect(await kept.json()).toEqual({ kept: 1 })
  // Wet through by its own word.
  await page.reload()
  await page
    .getByRole('navigation', { name: 'Places by need' })
    .getByRole('button', { name: /^Bed 2/ })
    .click()
  await expect(heading).not.toHaveText(/by tomorrow$|now$/)

  // A flood is held back; what was within the limit is kept.
  const answers = await Promise.all(
    Array.from({ length: 70 }, (_, minute) =>
      post(secret, {
        readings: [{ at: `2026-06-18T16:${String(minute % 60).padStart(2, '0')}:00Z`, content: 0.3 }],
      }),
    ),
  )
  const statuses = answers.map((answer) => answer.status())
  expect(statuses.filter((status) => status === 429).length).toBeGreaterThan(5)
  expect(statuses.every((status) => status === 200 || status === 429)).toBe(true)

  await part.getByRole('button', { name: 'Disconnect it' }).click()
  await expect(part.getByText('No sensor sends readings for Bed 2.')).toBeVisible()
  expect((await post(secret, { readings })).status()).toBe(401)

  const timer = (await (await request.get(new URL('/timer.json', page.url()).toString())).json()) as {
    runs: object[]
  }
  expect(timer.runs.length).toBeGreaterThan(0)
})

test('a feed is kept by its label, refused where it cannot be, and every bench goes by it', async ({
  page,
}) => {
  await open(page, '/bench/mix')
  await page.getByRole('button', { name: 'Your feeds' }).click()
  const feeds = page.getByRole('region', { name: 'Your feeds' })
  await feeds.getByRole('button', { name: 'Add a feed' }).click()
  const form = feeds.getByRole('form', { name: 'Add a feed' })
  await form.getByLabel('What it says on the bag').fill('Hill salts')
  for (const [label, value] of [
    ['N, %', '60'],
    ['P₂O₅, %', '30'],
    ['K₂O, %', '20'],
    ['Density, g/mL', '0'],
  ] as const)
    await form.getByLabel(label).fill(value)
  await form.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(form.getByText('From 0.1 to 5, please.')).toBeVisible()
  await form.getByLabel('Density, g/mL').fill('1.2')
  await form.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(form.getByText('Together 110 %. It cannot be over 100 %.')).toBeVisible()
  await form.getByLabel('N, %').fill('16')
  await form.getByLabel('Label’s full rate, g per liter').fill('3')
  await form.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(page.getByText('Hill salts is saved.')).toBeVisible()
  await expect(feeds.getByText('16–30–20')).toBeVisible()

  await page.getByRole('button', { name: 'Can and tank' }).click()
  const dilute = page.getByRole('region', { name: 'Dilute' })
  await dilute.getByLabel('Feed').selectOption({ label: 'Hill salts 16–30–20' })
  await expect(dilute.getByRole('heading')).toHaveText(/^15.g \(13.mL\) into 10.L$/)
  await page.getByRole('link', { name: 'Feed', exact: true }).click()
  const dose = page.getByRole('region', { name: 'For one plant' })
  await dose.getByLabel('Feed').selectOption({ label: 'Hill salts 16–30–20' })
  await dose.getByLabel('Nitrogen per plant, g').fill('1.6')
  await expect(dose.getByRole('status')).toContainText(/^10.g \(8.mL\) per plant/)

  await page.getByRole('link', { name: 'Mix', exact: true }).click()
  await page.getByRole('button', { name: 'Your feeds' }).click()
  await feeds.getByRole('button', { name: 'Take Hill salts away' }).click()
  await expect(feeds.getByText('16–30–20')).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(feeds.getByText('16–30–20')).toBeVisible()
})

test('an emitter that was measured decides how long the drip runs', async ({ page }) => {
  await open(page, '/bench/water')
  const places = page.getByRole('navigation', { name: 'Places by need' })
  await places.getByRole('button', { name: /^Bed 2/ }).click()
  await expect(page.getByText(/16 emitters of 2.L\/h as usual/)).toBeVisible()
  await open(page, '/ground/list')
  await page.getByRole('button', { name: 'Change Bed 2' }).click()
  const form = page.getByRole('form', { name: /Bed 2/ })
  await form.getByLabel('Flow per emitter and hour').fill('0')
  await form.getByRole('button', { name: 'Save' }).click()
  await expect(form.getByRole('alert')).toBeVisible()
  await form.getByLabel('Flow per emitter and hour').fill('1 gal')
  await form.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByText('Bed 2 is saved.')).toBeVisible()
  await page.goto('/bench/water')
  await places.getByRole('button', { name: /^Bed 2/ }).click()
  await expect(page.getByText(/16 emitters of 3\.8.L\/h/)).toBeVisible()
})

test.describe('with no garden', () => {
  test.use({ data: 'empty' })
  test('a feed can be mixed, a pot watered and a drip set laid out anyway', async ({ page }) => {
    await page.goto('/')
    await page.getByRole('link', { name: 'the calculators' }).click()
    await page.getByRole('button', { name: 'Potting mix' }).click()
    const mix = page.getByRole('region', { name: 'Potting mix' })
    await mix.getByLabel('Pots', { exact: true }).fill('8')
    await expect(mix.getByRole('heading')).toHaveText(/^183.L of loose mix for 8 pots$/)
    await mix.getByLabel('Pots', { exact: true }).fill('-2')
    await expect(mix.getByRole('alert').first()).toBeVisible()
    await page.getByRole('button', { name: 'Can and tank' }).click()
    await expect(page.getByRole('region', { name: 'Injector' }).getByRole('heading')).toHaveText(
      /^75 g per liter/,
    )
    await expect(page.getByRole('form', { name: 'Send to a place' })).toHaveCount(0)

    await page.getByRole('link', { name: 'Water' }).click()
    const any = page.getByRole('region', { name: 'Any pot or bed' })
    await any.getByLabel('It is').selectOption('bed')
    await expect(any.getByRole('heading', { level: 1 })).toContainText('24 L per day')
    const drip = page.getByRole('region', { name: 'Plan a drip line' })
    await drip.getByLabel('Distance between emitters').fill('1 m')
    await expect(drip.getByRole('alert')).toContainText('are more than 8 cm')
    await drip.getByLabel('Height of the water above the line').fill('1 m')
    await expect(drip.getByText(/pressure is 9\.8 kPa/)).toBeVisible()
    await drip.getByLabel('Flow per emitter and hour').fill('0')
    await expect(drip.getByRole('alert')).toContainText('measure one with a cup')
    await page.getByRole('link', { name: 'In cups, gallons and feet' }).click()
    await expect(drip.getByLabel('Bed length')).toHaveValue('16 ft')

    await page.getByRole('link', { name: 'Feed', exact: true }).click()
    const want = page.getByRole('region', { name: 'A season’s want' })
    await want.getByLabel('Fruit per plant you hope for').fill('4 kg')
    await expect(want.getByRole('heading')).toHaveText(/^2\.2.oz of nitrogen/)
    await want.getByLabel('Plants').fill('none')
    await expect(want.getByRole('alert')).toBeVisible()
  })
})

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true })
  for (const [address, name, heading, chosen] of [
    ['/bench/water', 'Places by need', /now$/, /not in the next|by /],
    ['/bench/feed', 'Places by feed', /nitrogen: give none$/, /weeks$|give none$|No feed/],
  ] as const)
    test(`${address} opens on its answer, and another place is chosen from a list that closes`, async ({
      page,
    }) => {
      await open(page, address)
      const answer = page.getByRole('heading', { level: 1 })
      await expect(answer).toHaveText(heading)
      await expect(answer).toBeInViewport({ ratio: 1 })
      const places = page.getByRole('navigation', { name })
      await expect(places.getByRole('listitem').first()).toBeHidden()
      await places.getByRole('button', { name: /Change$/ }).tap()
      await places
        .getByRole('listitem')
        .filter({ hasText: /^Pot 1/ })
        .locator('a, button')
        .tap()
      await expect(places.getByRole('button', { name: /^Pot 1/ }).first()).toHaveAttribute(
        'aria-expanded',
        'false',
      )
      await expect(answer).toHaveText(chosen)
      await expect(page).toHaveURL(/place=/)
      // The address leads back to it.
      await page.reload()
      await expect(places.getByRole('button', { name: /^Pot 1.*Change$/ })).toBeVisible()
    })
})
