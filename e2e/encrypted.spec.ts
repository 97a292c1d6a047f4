import { spawn } from 'node:child_process'
import { createClient } from '@libsql/client'
import { freePort } from '../scripts/lib/next-server.mjs'
import { FOLDER } from './support/lay-gardens'
import { lockedServer, signInAs } from './support/locked'
import type { Server } from './support/server'
import { expect, open, test as base } from './support/test'

/** The server behind the web server of `deploy/Caddyfile`, which makes its own certificate. */
const test = base.extend<{ behind: { server: Server; address: string } }>({
  behind: async ({ data }, use, { testId }) => {
    const folder = `${FOLDER}/encrypted-${testId}`
    const server = await lockedServer(data, folder)
    const [port, plain] = [await freePort(), await freePort()]
    const caddy = spawn('caddy', ['run', '--config', 'deploy/Caddyfile', '--adapter', 'caddyfile'], {
      env: {
        ...process.env,
        PORT: String(server.port),
        PRAIRIE_NAME: `localhost:${port}`,
        PRAIRIE_HTTP_PORT: String(plain),
        XDG_DATA_HOME: `${process.cwd()}/${folder}/caddy`,
      },
      stdio: 'ignore',
    })
    await use({ server, address: `https://localhost:${port}` })
    caddy.kill()
    await server.stop()
  },
  baseURL: async ({ behind }, use) => use(behind.address),
})
test.use({ ignoreHTTPSErrors: true })

test('behind a web server that encrypts, a phone signs in, enters, and sends a photo', async ({
  page,
  request,
  behind,
}) => {
  await expect(async () => expect((await request.get('/icon.svg')).status()).toBe(200)).toPass()
  await page.goto('/walk')
  await signInAs(page, 'Phone', 'not these words at all')
  await expect(page.getByText('That passphrase is wrong')).toBeVisible()
  await signInAs(page, 'Phone')
  await page.waitForURL('**/walk')
  const [cookie] = await page.context().cookies()
  expect(cookie).toMatchObject({ httpOnly: true, secure: true, sameSite: 'Strict' })
  expect(await page.evaluate(() => window.isSecureContext)).toBe(true)
  await open(page, '/walk')
  await page.getByRole('button', { name: /^Note, photo/ }).click()
  const note = page.getByRole('form', { name: 'Note or photo' })
  await note.getByLabel('What you noticed').fill('seen through the web server')
  await note.getByRole('button', { name: 'Save' }).click()
  await expect(note).toHaveCount(0)
  await open(page, '/garden/devices')
  await expect(page.getByText('The connection is encrypted.')).toBeVisible()
  await expect(page.getByText(behind.address, { exact: true })).toBeVisible()
  const csv = await (await page.request.get('/log.csv')).text()
  expect(csv).toContain('seen through the web server')
  const entry = csv.split('\r\n').find((line) => line.includes('seen through the web server'))!
  const dot = Buffer.from(
    'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
    'base64',
  )
  const kept = await page.request.post(`/photos?entry=${entry.split(',')[0]}`, {
    headers: { origin: behind.address },
    data: Buffer.concat([dot, Buffer.alloc(12_000_000)]),
  })
  expect(await kept.json()).toEqual({ ok: true })
  // Who said that he comes from elsewhere is counted where he comes from.
  await request.post('/sign-in/enter', {
    form: { passphrase: 'not these words at all', name: 'x' },
    headers: { origin: behind.address, 'x-forwarded-for': '10.9.9.9' },
    maxRedirects: 0,
  })
  const client = createClient({ url: `file:${behind.server.database}` })
  const { rows } = await client.execute('SELECT address FROM sign_in_try ORDER BY address')
  client.close()
  expect(rows.map(({ address }) => address)).toEqual(['*', expect.stringMatching(/^(127\.0\.0\.1|::1)$/)])
})
