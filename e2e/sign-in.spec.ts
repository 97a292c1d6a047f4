import { readFileSync } from 'node:fs'
import { FOLDER } from './support/lay-gardens'
import { LOCKED, lockedServer, PASSPHRASE, signInAs } from './support/locked'
import { Server } from './support/server'
import { expect, open, test as base } from './support/test'

/** A server that others reach, on a copy of the demo garden with a passphrase. */
const test = base.extend<{ locked: Server }>({
  locked: async ({ data }, use, { testId }) => {
    const server = await lockedServer(data, `${FOLDER}/locked-${testId}`)
    await use(server)
    await server.stop()
  },
  baseURL: async ({ locked }, use) => use(locked.address),
})

const built = <Content>(file: string) => JSON.parse(readFileSync(`.next/${file}`, 'utf8')) as Content
const COOKIE = 'prairie_device'

test('no route and no action of the build answers a stranger, nor changes anything', async ({
  locked,
  request,
}) => {
  const routes = Object.values(built<Record<string, string>>('app-path-routes-manifest.json'))
  expect(routes.length).toBeGreaterThan(60)
  const forAll = ['/sign-in', '/join/[code]', '/icon.svg', '/apple-icon.png', '/manifest.webmanifest']
  const bySecret = ['/feed/[token]/calendar.ics', '/devices/readings']
  const faults: string[] = []
  for (const route of routes) {
    const path = route.replaceAll(/\[\w+\]/g, 'demo-bed-1')
    for (const method of ['GET', 'HEAD', 'POST', 'PUT', 'PATCH', 'DELETE', 'OPTIONS']) {
      const answer = await request.fetch(path, {
        method,
        headers: { accept: 'text/html', origin: locked.address, 'sec-fetch-site': 'same-origin' },
        maxRedirects: 0,
      })
      const status = answer.status()
      const isOpen = forAll.includes(route) && /GET|HEAD/.test(method) && status === 200
      const isWayIn =
        ['/sign-in/enter', '/join/enter'].includes(route) &&
        (method === 'POST' ? status === 303 : status === 401)
      const hasSecret = bySecret.includes(route) && [401, 404, 405, 204, 400].includes(status)
      const isAway =
        [401, 405].includes(status) ||
        (status === 307 && answer.headers().location!.startsWith('/sign-in')) ||
        // A method that no handler of an upload has, which the guard need not look at.
        (method === 'OPTIONS' && status === 204)
      if (!isOpen && !isWayIn && !hasSecret && !isAway) faults.push(`${method} ${path}: ${status}`)
    }
  }
  const actions = Object.keys(
    built<{ node: Record<string, unknown> }>('server/server-reference-manifest.json').node,
  )
  expect(actions.length).toBeGreaterThan(30)
  const doors = [
    ...['/walk', '/sign-in', '/sign-in/enter', '/icon.svg', '/import', '/photos', '/devices/readings'],
    ...['/feed/x/calendar.ics', '/_next/static/nothing.js', '/_not-found', '/import/nothing', '/nothing'],
  ]
  const before = readFileSync(locked.database)
  for (const action of actions)
    for (const door of action === actions[0] ? doors : ['/walk', '/sign-in', '/_next/static/nothing.js']) {
      const answer = await request.post(door, {
        headers: { 'next-action': action, 'content-type': 'text/plain', origin: locked.address },
        data: '["all"]',
        maxRedirects: 0,
      })
      const ran = answer.headers()['content-type']?.includes('x-component')
      if (ran || ![303, 400, 401, 403, 404, 405].includes(answer.status()))
        faults.push(`action at ${door}: ${answer.status()} ${answer.headers()['content-type']}`)
    }
  expect(faults).toEqual([])
  await locked.stop()
  // Tries to sign in are counted, and nothing else is written.
  expect(readFileSync(locked.database).byteLength).toBe(before.byteLength)
})

test('a tablet signs in, is listed, and is signed out from the computer without losing what was typed', async ({
  page,
  device,
}) => {
  await page.goto('/season')
  await signInAs(page, 'Kitchen computer', 'not these words at all')
  await expect(page.getByText('That passphrase is wrong')).toBeVisible()
  expect(page.url()).not.toContain('words')
  await signInAs(page, 'Kitchen computer')
  await page.waitForURL('**/season')
  const round = await device({ viewport: { width: 1100, height: 800 }, hasTouch: true })
  await round.goto('/walk')
  await signInAs(round, 'Tablet in the shed')
  await round.waitForURL('**/walk')
  await open(round, '/walk')
  await open(page, '/garden/devices')
  const devices = page.getByRole('list', { name: 'Signed-in devices' })
  await expect(devices.getByRole('listitem')).toHaveText([
    /Tablet in the shed/,
    /Kitchen computer.*this device/,
  ])
  await round.getByRole('button', { name: /^Note, photo/ }).click()
  const note = round.getByRole('form', { name: 'Note or photo' })
  await note.getByLabel('What you noticed').fill('a hole in the net')
  await page.getByRole('button', { name: 'Sign out Tablet in the shed' }).click()
  await expect(page.getByText('Tablet in the shed is signed out.')).toBeVisible()
  await note.getByRole('button', { name: 'Save' }).click()
  await expect(round.getByText(/^Signed out · 1 entry kept/)).toBeVisible()
  await round.reload()
  await expect(round.getByRole('heading', { level: 1 })).toHaveText('Sign in to Prairie')
  const notes = async () =>
    ((await (await page.request.get('/export')).json()) as { log: { note: string }[] }).log.filter(
      (entry) => entry.note === 'a hole in the net',
    )
  expect(await notes()).toEqual([])
  await signInAs(round, 'Tablet in the shed')
  await expect.poll(async () => (await notes()).length).toBe(1)
  await open(page, '/garden/devices')
  await page.getByRole('button', { name: 'Sign out Tablet in the shed' }).click()
  await round.reload()
  await expect(round.getByRole('heading', { level: 1 })).toHaveText('Sign in to Prairie')
  // The way back in that the first wrong try left open is closed after five.
  for (let tries = 0; tries < 5; tries++) await signInAs(round, 'x', 'some wrong words')
  await signInAs(round, 'x')
  await expect(round.getByText(/too many wrong passphrases. Try again in/)).toBeVisible()
  await devices.getByRole('button', { name: 'Sign out', exact: true }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Sign in to Prairie')
})

test('a phone that is signed out keeps what was entered on it, and nothing else of the garden', async ({
  page,
  device,
}) => {
  await page.goto('/garden/devices')
  await signInAs(page, 'Kitchen computer')
  await page.waitForURL('**/garden/devices')
  const phone = await device({
    viewport: { width: 390, height: 844 },
    hasTouch: true,
    isMobile: true,
    serviceWorkers: 'allow',
  })
  await phone.goto('/bench/water')
  await signInAs(phone, 'Phone')
  await phone.waitForURL('**/bench/water')
  await open(phone, '/bench/water')
  await phone.waitForFunction(() => document.documentElement?.dataset.pocket === 'kept')
  await open(page, '/garden/devices')
  await page.getByRole('button', { name: 'Sign out Phone' }).click()
  await expect(page.getByText('Phone is signed out.')).toBeVisible()
  await phone.getByRole('button', { name: 'Record watering' }).tap()
  await expect(phone.getByText('Signed out · 1 entry kept on this phone')).toBeVisible()
  await phone.goto('/walk')
  await expect(phone.getByRole('heading', { level: 1 })).toHaveText('Sign in to Prairie')
  const stores = () =>
    phone.evaluate(async () => (await indexedDB.databases()).map(({ name }) => name).sort())
  await expect.poll(stores).toEqual(['prairie-outbox'])
})

test('the passphrase is changed by who knows it, and the other devices sign in again', async ({
  page,
  device,
}) => {
  await page.goto('/garden/devices')
  await signInAs(page, 'Computer')
  await page.waitForURL('**/garden/devices')
  await open(page, '/garden/devices')
  const form = page.getByRole('form', { name: 'Passphrase' })
  await form.getByLabel('Passphrase now').fill('never these words')
  await form.getByLabel('New passphrase').fill('short')
  await form.getByRole('button', { name: 'Change passphrase' }).click()
  await expect(form.getByText(/at least 10 characters, such as four words\./)).toBeVisible()
  await form.getByLabel('New passphrase').fill('five other words for it')
  await form.getByRole('button', { name: 'Change passphrase' }).click()
  await expect(form.getByText('That is not the passphrase in use.')).toBeVisible()
  await form.getByLabel('Passphrase now').fill(PASSPHRASE)
  await form.getByRole('button', { name: 'Change passphrase' }).click()
  await expect(page.getByText('The passphrase is changed.')).toBeVisible()
  const other = await device()
  await other.goto('/walk')
  await signInAs(other, 'Phone', 'five other words for it')
  await other.waitForURL('**/walk')
})

test('cookies of another server, forged ones and a passphrase in the address let nobody in', async ({
  request,
  locked,
}) => {
  const walk = (cookie: string) =>
    fetch(`${locked.address}/walk`, { headers: { cookie: `${COOKIE}=${cookie}` } }).then(
      ({ status }) => status,
    )
  const enter = (to: string, passphrase: string) =>
    request.post(`${to}/sign-in/enter`, {
      form: { passphrase, name: 'x' },
      headers: { origin: to },
      maxRedirects: 0,
    })
  const other = await lockedServer('south', `${locked.database}.other`)
  const theirs = /prairie_device=([^;]+); .*HttpOnly; SameSite=Strict/.exec(
    (await enter(other.address, PASSPHRASE)).headers()['set-cookie']!,
  )![1]!
  const mine = /prairie_device=([^;]+);/.exec(
    (await enter(locked.address, PASSPHRASE)).headers()['set-cookie']!,
  )![1]!
  await other.stop()
  expect(await walk(mine)).toBe(200)
  const at = mine.length - 30
  const forged = mine.slice(0, at) + (mine[at] === 'A' ? 'B' : 'A') + mine.slice(at + 1)
  for (const cookie of [theirs, forged, mine.slice(0, -4), 'x', '', 'a.b.c.d.e'])
    expect(await walk(cookie)).toBe(401)
  const said = new URLSearchParams({ passphrase: PASSPHRASE, name: 'x' }).toString()
  for (const path of ['/walk', '/sign-in/enter'])
    expect((await fetch(`${locked.address}${path}?${said}`)).status).toBe(401)
  // A form of another page, and one under a name that is not this server's.
  const foreign = { origin: 'http://elsewhere.example' }
  const form = { passphrase: PASSPHRASE, name: 'x' }
  expect((await request.post('/sign-in/enter', { form, headers: foreign })).status()).toBe(403)
  expect((await request.get('/sign-in', { headers: { host: 'elsewhere.example' } })).status()).toBe(421)
  // Headers that the server writes itself are not believed.
  const own = { 'x-prairie-device': 'mine', 'x-prairie-address': '10.0.0.1' }
  expect((await fetch(`${locked.address}/walk`, { headers: own })).status).toBe(401)
})

test('someone joins by a link that works once, helps, and cannot do a keeper’s work by hand either', async ({
  page,
  device,
  locked,
}) => {
  await page.goto('/garden/devices')
  await signInAs(page, 'Computer')
  await page.waitForURL('**/garden/devices')
  await open(page, '/garden/devices')
  const form = page.getByRole('form', { name: 'Add someone' })
  await form.getByRole('button', { name: 'Add and make a link' }).click()
  await expect(form.getByText('Type a name.')).toBeVisible()
  await form.getByLabel('Name').fill('Wren')
  await form.getByRole('button', { name: 'Add and make a link' }).click()
  const made = page.getByRole('status').filter({ hasText: 'A link for Wren' })
  const link = /\/join\/[\w-]+/.exec(await made.innerText())![0]
  const wren = await device({ viewport: { width: 390, height: 844 }, isMobile: true, hasTouch: true })
  await wren.goto(link)
  await expect(wren.getByRole('heading', { level: 1 })).toHaveText('Welcome, Wren')
  await wren.getByRole('button', { name: 'Join' }).click()
  await wren.waitForURL('**/walk')
  const late = await device()
  await late.goto(link)
  await expect(late.getByRole('heading', { level: 1 })).toHaveText('This link does not work')
  await open(page, '/garden/devices')
  await expect(page.getByRole('list', { name: 'Signed-in devices' })).toContainText('Used by Wren')
  // Enters by a line, which bears the name; and undoes it, but nothing of anyone else.
  await wren.setViewportSize({ width: 1100, height: 800 })
  const entered = async (text: string) => {
    await open(wren, '/walk')
    await wren.keyboard.press('/')
    await wren.getByRole('dialog').getByRole('combobox').fill(text)
    await expect(wren.getByText(/^Understood/)).toBeVisible()
    await wren.keyboard.press('Enter')
  }
  await entered('bed 2 watered 40 l')
  await expect(wren.getByText(/Entered: Bed 2/)).toBeVisible()
  await open(wren, '/logbook?by=Wren')
  await expect(wren.getByRole('heading', { level: 1 })).toHaveText('1 entry')
  await expect(wren.getByRole('listitem').filter({ hasText: 'Bed 2' })).toContainText('Wren')
  await open(wren, '/logbook')
  await wren
    .getByRole('button', { name: /^Undo: / })
    .last()
    .click()
  await expect(wren.getByText(/Someone else entered that/)).toBeVisible()
  // Planning is refused, in words; nothing of it is lost.
  await open(wren, '/garden')
  const site = wren.getByRole('form', { name: 'Site' })
  await site.getByLabel('Name').fill('Wren’s garden')
  await site.getByRole('button', { name: 'Save the place' }).click()
  await expect(wren.getByText('Only a keeper of the garden can change that.').first()).toBeVisible()
  await expect(site.getByLabel('Name')).toHaveValue('Wren’s garden')
  await open(wren, '/garden/devices')
  await expect(wren.getByRole('heading', { level: 1 })).toHaveText('You are signed in as Wren')
  // By hand: every action of the build, and every handler that writes.
  const cookie = (await wren.context().cookies()).map(({ name, value }) => `${name}=${value}`).join('; ')
  const send = (path: string, headers: Record<string, string> = {}, body = '[]') =>
    fetch(`${locked.address}${path}`, {
      method: 'POST',
      headers: { cookie, origin: locked.address, ...headers },
      body,
      redirect: 'manual',
    })
  const helping = ['enter', 'undo', 'correctEntry', 'commandIndex']
  const { node } = built<{ node: Record<string, { exportedName: string }> }>(
    'server/server-reference-manifest.json',
  )
  for (const [id, { exportedName }] of Object.entries(node)) {
    const answer = await send('/walk', { 'next-action': id, 'content-type': 'text/plain' })
    expect([exportedName, answer.status === 403]).toEqual([exportedName, !helping.includes(exportedName)])
  }
  // Without a script a browser names the action in the form.
  const anyId = Object.keys(node)[0]!
  expect(
    (
      await send(
        '/walk',
        { 'content-type': 'multipart/form-data; boundary=x' },
        `--x\r\nContent-Disposition: form-data; name="$ACTION_ID_${anyId}"\r\n\r\n\r\n--x--\r\n`,
      )
    ).status,
  ).toBe(403)
  for (const path of ['/import?way=instead', '/import/logbook']) expect((await send(path)).status).toBe(403)
  for (const path of ['/rescue', '/rescue/file'])
    expect((await fetch(`${locked.address}${path}`, { headers: { cookie } })).status).toBe(403)
  const people = page.getByRole('list', { name: 'People' })
  await people.getByRole('button', { name: 'Remove Wren' }).click()
  await page.getByRole('dialog').getByRole('button', { name: 'Yes, remove' }).click()
  await expect(page.getByText('Wren is removed.')).toBeVisible()
  await wren.reload()
  await expect(wren.getByRole('heading', { level: 1 })).toHaveText('Sign in to Prairie')
})

test('the round is shared out by person, and a phone shows its own part until it asks for all', async ({
  page,
  device,
  locked,
}) => {
  void locked
  await page.goto('/garden/devices')
  await signInAs(page, 'Computer')
  await page.waitForURL('**/garden/devices')
  await open(page, '/garden/devices')
  const form = page.getByRole('form', { name: 'Add someone' })
  await form.getByLabel('Name').fill('Wren')
  await form.getByRole('button', { name: 'Add and make a link' }).click()
  await page.getByRole('link', { name: 'Share out the round' }).click()
  await page.getByLabel('Who takes Bed 2').selectOption('Wren')
  await expect(page.getByText('Wren takes Bed 2.')).toBeVisible()
  const phone = await device({ viewport: { width: 390, height: 844 }, isMobile: true, hasTouch: true })
  await phone.goto('/walk')
  await signInAs(phone, 'Phone')
  await phone.waitForURL('**/walk')
  await open(phone, '/walk')
  const stops = phone.getByRole('list', { name: 'Stops', exact: true }).getByRole('button')
  const all = await stops.count()
  const own = await stops.filter({ hasText: 'Bed 2' }).count()
  expect(own).toBeGreaterThan(0)
  expect(own).toBeLessThan(all)
  await phone.getByLabel('Part of the round').selectOption({ label: `Wren (${own})` })
  await expect(stops).toHaveCount(own)
  await open(phone, '/walk')
  await expect(stops).toHaveCount(own)
  await stops.first().click()
  await expect(phone.getByText(`Stop 1 of ${own}`)).toBeVisible()
  // A link to somebody else's stop still leads to it; the computer goes on with the whole round.
  await open(page, '/walk')
  const every = page.getByRole('list', { name: 'Stops', exact: true }).getByRole('button')
  await every.filter({ hasNotText: 'Bed 2' }).first().click()
  const heading = page.getByRole('article').getByRole('heading', { level: 2 })
  const title = await heading.innerText()
  await open(phone, new URL(page.url()).pathname + new URL(page.url()).search)
  await expect(phone.getByRole('article').getByRole('heading', { name: title })).toBeVisible()
  await expect(every).toHaveCount(all)
})

base('a server that others reach shows nothing before it has a passphrase', async ({ server }) => {
  const other = await Server.on(server.database, LOCKED)
  for (const path of ['/walk', '/export', '/rescue', '/rescue/file'])
    expect((await fetch(`${other.address}${path}`)).status).toBe(503)
  await other.stop()
})
