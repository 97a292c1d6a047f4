import { rmSync } from 'node:fs'
import { createClient } from '@libsql/client'
import { begin } from './support/begin'
import { expect, open, test } from './support/test'

const OWN = { 'sec-fetch-site': 'same-origin' }
/** A dot of a picture, 1 × 1 px; what follows its end is not looked at. */
const picture = (bytes: number, mark: number) => {
  const dot = Buffer.from(
    'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
    'base64',
  )
  return Buffer.concat([dot, Buffer.alloc(bytes - dot.byteLength, mark % 251)])
}

test('a garden with 150 photos goes out, is wiped, and comes in again to equality', async ({
  server,
  request,
}) => {
  const before = (await (await request.get('/export')).json()) as { log: { id: string }[] }
  for (let number = 0; number < 150; number++) {
    const entry = before.log[Math.floor(number / 12)]!.id
    const answer = await request.post(`/photos?entry=${entry}`, {
      headers: OWN,
      data: picture(300_000, number),
    })
    expect(answer.status()).toBe(200)
  }
  const out = await (await request.get('/export')).json()
  const zip = await (await request.get('/export.zip')).body()
  expect(zip.byteLength).toBeGreaterThan(40_000_000)
  await server.stop()
  for (const part of ['', '-wal', '-shm']) rmSync(server.database + part, { force: true })
  rmSync(server.database.replace(/\.db$/, '.photos'), { recursive: true })
  await server.start()
  expect((await request.post('/import?way=instead', { headers: OWN, data: zip })).status()).toBe(200)
  expect(await (await request.get('/export')).json()).toEqual(out)
  const { photos } = out as { photos: { id: string; bytes: number }[] }
  const last = await (await request.get(`/photos/${photos.at(-1)!.id}`)).body()
  expect(last.byteLength).toBe(300_000)
})

test('what is uploaded arrives whole or is refused, and only from Prairie’s own pages', async ({
  server,
  request,
}) => {
  const { log } = (await (await request.get('/export')).json()) as { log: { id: string }[] }
  const send = (bytes: number) =>
    request.post(`/photos?entry=${log[0]!.id}`, { headers: OWN, data: picture(bytes, 7) })
  expect((await send(12_005_713)).status()).toBe(200)
  const { photos } = (await (await request.get('/export')).json()) as {
    photos: { id: string; bytes: number }[]
  }
  expect(photos[0]!.bytes).toBe(12_005_713)
  const kept = await request.get(`/photos/${photos[0]!.id}`)
  expect((await kept.body()).byteLength).toBe(12_005_713)
  expect(kept.headers()['content-security-policy']).toContain('sandbox')
  expect((await send(15 * 1024 * 1024 + 1)).status()).toBe(413)
  const post = (headers: Record<string, string>) =>
    request.post('/import?way=beside', { headers, data: '{}' }).then((answer) => answer.status())
  expect(await post({ origin: 'null' })).toBe(403)
  expect(await post({ origin: 'http://elsewhere.example' })).toBe(403)
  expect(await post(OWN)).toBe(400)
  const { hostname, port } = new URL(server.address)
  const foreign = await rawGet(hostname, Number(port), '/export', 'elsewhere.example')
  expect(foreign).toMatch(/^HTTP\/1.1 421 /)
  expect((await request.get('/walk')).headers()['cross-origin-opener-policy']).toBe('same-origin')
})

/** A request under another name than the browser would send. */
async function rawGet(hostname: string, port: number, path: string, host: string): Promise<string> {
  const { connect } = await import('node:net')
  return new Promise((answer, fail) => {
    const socket = connect(port, hostname, () =>
      socket.write(`GET ${path} HTTP/1.1\r\nHost: ${host}\r\nConnection: close\r\n\r\n`),
    )
    let text = ''
    socket.on('data', (part) => (text += part.toString()))
    socket.on('end', () => answer(text))
    socket.on('error', fail)
  })
}

test('a line is typed at once, asks about what a bed cannot hold, and takes it after a yes', async ({
  page,
}) => {
  await open(page, '/walk')
  await page.keyboard.press('/')
  await expect(page.getByRole('dialog').getByRole('combobox')).toBeFocused()
  await page.keyboard.type('bed 1 watered 60000 l')
  await page.keyboard.press('Enter')
  await expect(page.getByText(/more than anyone gives Bed 1/)).toBeVisible()
  await page.getByRole('dialog').getByRole('combobox').fill('bed 1 watered 2500 l yesterday')
  await expect(page.getByText(/Understood, for 17 June 2026/)).toBeVisible()
  await page.keyboard.press('Enter')
  const question = page.getByRole('dialog', { name: 'Is this right?' })
  await expect(question).toContainText('Is it')
  await question.getByRole('button', { name: 'Yes, save it so' }).click()
  await expect(page.getByText(/Entered: Bed 1/)).toBeVisible()
  await open(page, '/bench/water')
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
})

test('a workspace that stumbles keeps the ribbon and the rail, and Rescue undoes without working anything out', async ({
  page,
  server,
}) => {
  await server.stop()
  const client = createClient({ url: `file:${server.database}` })
  // A fault that no form lets in: an entry of a kind that is none.
  await client.execute(
    `INSERT INTO log_entry (id, garden_id, subject_type, subject_id, kind, "on", at, data, note, voids)
     SELECT 'bad', id, 'place', 'demo-bed-1', 'watered', '2026-06-17', '2026-06-18T23:00:00.000Z', '{}', '', NULL FROM garden`,
  )
  client.close()
  await server.start()
  await page.goto('/walk')
  await expect(page.getByRole('heading', { name: /stumbled/ })).toBeVisible()
  await expect(page.getByRole('navigation', { name: 'Workspaces' })).toBeVisible()
  await page.getByRole('link', { name: 'Rescue' }).first().click()
  await page
    .getByRole('button', { name: /^Undo: / })
    .first()
    .click()
  await expect(page.getByText('Undone.')).toBeVisible()
  await open(page, '/walk')
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/stops/)
})

test('a note that the server does not take now is kept, and shows when it has it', async ({
  page,
  server,
}) => {
  await open(page, '/walk')
  await page.getByRole('button', { name: /^Note, photo/ }).click()
  const form = page.getByRole('form', { name: 'Note or photo' })
  await form.getByLabel('What you noticed').fill('a hole in the net')
  await page.waitForLoadState('networkidle')
  await server.stop('SIGKILL')
  await form.getByRole('button', { name: 'Save' }).click()
  await expect(form).toHaveCount(0)
  await expect(page.getByText('Offline · 1 entry kept on this computer')).toBeVisible()
  await server.start()
  await expect(page.getByRole('complementary', { name: 'What waits on this device' })).toHaveCount(0)
  await expect(page.getByText('a hole in the net').first()).toBeVisible()
})

test('two hands at one bed: other fields are merged, the same field is asked about @shared', async ({
  page,
  context,
}) => {
  const other = await context.newPage()
  for (const tab of [page, other]) {
    await open(tab, '/ground')
    await tab
      .getByRole('button', { name: /^Bed 1\b/ })
      .first()
      .click()
  }
  const form = (tab: typeof page) => tab.getByRole('form', { name: 'Bed 1' })
  await form(page).getByLabel('Mulch').selectOption('dark-film')
  await form(page).getByRole('button', { name: 'Save' }).click()
  await expect(page.getByText('Bed 1 is saved.')).toBeVisible()
  await form(other).getByLabel('Mulch').selectOption('clear-film')
  await form(other).getByRole('button', { name: 'Save' }).click()
  const question = other.getByRole('dialog', { name: /was changed in another window/ })
  await expect(question).toContainText('Mulch')
  await question.getByRole('button', { name: 'Keep theirs' }).click()
  await expect(other.getByText('Bed 1 is saved.')).toBeVisible()
  const { places } = await (await page.request.get('/export')).json()
  expect(places.find(({ id }: { id: string }) => id === 'demo-bed-1').mulch).toBe('dark-film')
})

test.describe('a garden of its own, in US units', () => {
  test.use({ data: 'empty', locale: 'en-US' })

  test('takes its first pepper, and its round ends where today ends', async ({ page }) => {
    await begin(page, '34 S 151 E', { units: 'us' })
    await open(page, '/plantings/new')
    const form = page.getByRole('form', { name: 'New planting' })
    await form.getByLabel('Cultivar', { exact: true }).selectOption({ label: 'A new cultivar …' })
    await form.getByLabel('Name of the cultivar').fill('Ember Bell')
    await form.getByLabel('Crop').selectOption('pepper')
    await form.getByLabel('How many plants').fill('2')
    await form.getByRole('button', { name: 'Save and show dates' }).click()
    await page.waitForURL('**/plantings/*-*')
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
    await open(page, '/walk')
    await expect(page.getByText('Ember Bell').first()).toBeVisible()
  })
})
