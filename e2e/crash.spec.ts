import { spawnSync } from 'node:child_process'
import { createServer } from 'node:net'
import { copyFileSync, readFileSync, statSync, writeFileSync } from 'node:fs'
import { createClient } from '@libsql/client'
import { Server } from './support/server'
import { expect, open, test } from './support/test'

test('every entry that was answered is there after the server was killed @shared', async ({
  page,
  server,
}) => {
  await open(page, '/plantings/demo-2026-bed-4-1')
  const answered: number[] = []
  // Entries go in by the real form as fast as they are answered, until the power goes.
  const power = new Promise((cut) => setTimeout(cut, 6_000)).then(() => server.stop('SIGKILL'))
  const reading = page.getByRole('form', { name: 'Soil thermometer' })
  const typed = reading.getByLabel('Thermometer says')
  const readings = page.getByText(/\s°C at 15\scm$/)
  for (let tenths = 150; tenths < 400; tenths++) {
    const degrees = Math.floor(tenths / 10) + 20
    try {
      await typed.fill(`${degrees}`, { timeout: 2500 })
      await reading.getByRole('button', { name: 'Save reading' }).click({ timeout: 2500 })
      // Answered, the field is ready for the next.
      await expect(typed).toHaveValue('', { timeout: 4000 })
      answered.push(degrees)
      if (await page.getByText(/^Offline/).isVisible()) break
    } catch {
      break
    }
  }
  await power
  expect(answered.length).toBeGreaterThan(2)
  await server.start()
  await open(page, '/plantings/demo-2026-bed-4-1')
  // What was confirmed as kept on this computer is on its way.
  await expect(page.getByRole('complementary', { name: 'What waits on this device' })).toHaveCount(0)
  // One reading was there from the start; what was just sent shows with the next look.
  await expect.poll(() => readings.count()).toBeGreaterThanOrEqual(answered.length + 1)
  for (const degrees of new Set(answered))
    await expect(page.getByText(new RegExp(`: ${degrees}\\s°C at 15\\scm$`)).first()).toBeVisible()
})

test('two servers keep one garden, and a clean stop leaves it whole in its one file', async ({
  server,
  request,
}) => {
  const other = await Server.on(server.database)
  const [head, ...lines] = (await (await request.get('/log.csv')).text()).split('\r\n')
  const note = lines.find((line) => line.includes(',note,'))!
  const ids = Array.from({ length: 24 }, (_, at) => `of-two-${at}`)
  const answers = await Promise.all(
    ids.map((id, at) =>
      request.post(`${(at % 2 ? server : other).address}/import/logbook`, {
        headers: { 'sec-fetch-site': 'same-origin' },
        data: `${head}\r\n${note.replace(/^[^,]*/, id)}`,
      }),
    ),
  )
  expect(answers.map((answer) => answer.status())).toEqual(ids.map(() => 200))
  await other.stop()
  await server.stop()
  // What still lay beside the file would be left behind by a copy of it.
  expect(statSync(`${server.database}-wal`, { throwIfNoEntry: false })?.size ?? 0).toBe(0)
  const copy = `${server.database}.copy.db`
  copyFileSync(server.database, copy)
  const client = createClient({ url: `file:${copy}` })
  const { rows } = await client.execute("select count(*) as n from log_entry where id like 'of-two-%'")
  client.close()
  expect(Number(rows[0]!.n)).toBe(ids.length)
})

test('what is entered while the server does not answer is kept, and sent when it does', async ({
  page,
  server,
}) => {
  await open(page, '/plantings/demo-2026-bed-4-1')
  const reading = page.getByRole('form', { name: 'Soil thermometer' })
  // The checks of a form and the voice come after the screen: without them there is nothing to try here.
  await page.waitForLoadState('networkidle')
  await server.stop('SIGKILL')
  await reading.getByLabel('Thermometer says').fill('21 °C')
  await reading.getByRole('button', { name: 'Save reading' }).click()
  await expect(
    page.getByText('Soil reading saved. Kept on this computer until it can be sent.'),
  ).toBeVisible()
  await expect(page.getByText('Offline · 1 entry kept on this computer')).toBeVisible()
  await server.start()
  await expect(page.getByRole('complementary', { name: 'What waits on this device' })).toHaveCount(0)
  const { log } = (await (await page.request.get('/export')).json()) as {
    log: { kind: string; data: { temperature?: number } }[]
  }
  expect(log.filter(({ kind, data }) => kind === 'soil-read' && data.temperature === 21)).toHaveLength(1)
})

test('what was typed stays where neither the server answers nor the browser keeps it', async ({
  page,
  server,
}) => {
  await page.addInitScript(() => {
    // As a browser does that keeps nothing for pages.
    IDBFactory.prototype.open = () => {
      throw new DOMException('Closed', 'SecurityError')
    }
  })
  await open(page, '/plantings/demo-2026-bed-4-1')
  const reading = page.getByRole('form', { name: 'Soil thermometer' })
  await server.stop('SIGKILL')
  await reading.getByLabel('Thermometer says').fill('21 °C')
  await reading.getByRole('button', { name: 'Save reading' }).click()
  await expect(
    page.getByText('The server did not answer. What you typed is still here: try again.'),
  ).toBeVisible()
  await expect(reading.getByLabel('Thermometer says')).toHaveValue('21 °C')
  await server.start()
  await reading.getByRole('button', { name: 'Save reading' }).click()
  await expect(page.getByText('Soil reading saved.')).toBeVisible()
})

test('a part that cannot be fetched says so in its place, and comes when it can', async ({ page }) => {
  await open(page, '/bench/mix')
  await expect(page.getByRole('region', { name: 'Blend' })).toBeVisible()
  await page.route('**/*.js', (route) => route.abort())
  await page.getByRole('button', { name: 'Potting mix' }).click()
  await expect(page.getByText(/^This part did not load/)).toBeVisible()
  await page.unroute('**/*.js')
  await page.getByRole('button', { name: 'Try again' }).click()
  await expect(page.getByRole('region', { name: 'Potting mix' })).toBeVisible()
})

test('an act whose answer was lost is entered once, though it is sent again @shared', async ({ page }) => {
  await open(page, '/walk')
  let isLost = false
  await page.route('**/entries', async (route) => {
    if (isLost) return route.continue()
    isLost = true
    await route.fetch()
    await route.abort()
  })
  await page.keyboard.press('o')
  const form = page.getByRole('form', { name: 'Note or photo' })
  await form.getByLabel('What you noticed').fill('a hole in the net')
  await form.getByRole('button', { name: 'Save' }).click()
  await expect(form).toHaveCount(0)
  await expect(page.getByRole('complementary', { name: 'What waits on this device' })).toHaveCount(0)
  const { log } = (await (await page.request.get('/export')).json()) as { log: { note: string }[] }
  expect(log.filter(({ note }) => note === 'a hole in the net')).toHaveLength(1)
})

test('a broken database is told and not touched', async ({ page, server }) => {
  await server.stop()
  const rubbish = 'no garden here '.repeat(2000)
  writeFileSync(server.database, rubbish)
  await server.start()
  await page.goto('/walk')
  await expect(page.getByRole('alert').first()).toContainText('Prairie cannot read the garden’s file')
  await page.goto('/')
  await expect(page.getByRole('alert').first()).toContainText('The file is unchanged')
  expect(readFileSync(server.database, 'utf8')).toBe(rubbish)
})

test('a thrown error says that the data are safe, and lets one go on', async ({ page, server }) => {
  await server.stop()
  // A garden without its climate is a fault of ours that no form can make.
  const client = createClient({ url: `file:${server.database}` })
  await client.execute('DELETE FROM climate_normal WHERE month > 6')
  client.close()
  await server.start()
  await page.goto('/walk')
  await expect(page.getByRole('heading', { name: 'This screen stumbled.' })).toBeVisible()
  await expect(page.getByText('Everything you saved is safe.')).toBeVisible()
  await page.getByRole('button', { name: 'Try again' }).click()
  await expect(page.getByRole('heading', { name: 'This screen stumbled.' })).toBeVisible()
})

test('a port that is taken is told, with how to choose another', async () => {
  const holder = createServer()
  const port = await new Promise<number>((ready) =>
    holder.listen(0, '127.0.0.1', () => ready((holder.address() as { port: number }).port)),
  )
  const { status, stderr } = spawnSync('node', ['scripts/serve.mjs'], {
    env: { ...process.env, PORT: String(port) },
    encoding: 'utf8',
  })
  holder.close()
  expect(status).toBe(1)
  expect(stderr).toContain(
    `Port ${port} is taken by another program. Choose another: PORT=${port + 1} npm start`,
  )
})
