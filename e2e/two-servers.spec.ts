import { FOLDER } from './support/lay-gardens'
import { LOCKED, lockDatabase, signInAs } from './support/locked'
import { expect, open, test as base } from './support/test'
import { TwoServers } from './support/two-servers'

/** Two servers that others reach, on one database server, with a passphrase. */
const test = base.extend<{ two: TwoServers }>({
  two: async ({ data }, use, { testId }) => {
    const two = await TwoServers.in(`${FOLDER}/two-${testId}`, LOCKED)
    await two.serve(data)
    await lockDatabase(two.data)
    await use(two)
    await two.close()
  },
  baseURL: async ({ two }, use) => use(two.address),
})

test('who signs in at one server is let in by the other, and signed out at both', async ({ page, two }) => {
  const [one, other] = two.each
  await page.goto(`${one.address}/walk`)
  await signInAs(page, 'Computer')
  await open(page, `${other.address}/garden/devices`)
  await expect(page.getByText('Computer', { exact: true })).toBeVisible()
  await page.getByRole('button', { name: 'Sign out', exact: true }).click()
  await page.goto(`${one.address}/walk`)
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Sign in to Prairie')
})

test('wrong tries count together, at whichever server they are made', async ({ page, two }) => {
  for (let tries = 0; tries < 5; tries++) {
    await page.goto(`${two.each[tries % 2]!.address}/walk`)
    await signInAs(page, 'x', 'some wrong words')
    await expect(page.getByText(/That passphrase is wrong|too many wrong/)).toBeVisible()
  }
  await page.goto(`${two.each[1].address}/walk`)
  await signInAs(page, 'x')
  await expect(page.getByText(/too many wrong passphrases. Try again in/)).toBeVisible()
})

test('one server is lost and the other goes on; the data are away, and what is entered waits', async ({
  page,
  two,
}) => {
  await page.goto('/walk')
  await signInAs(page, 'Computer')
  await two.each[0].stop('SIGKILL')
  await open(page, '/plantings/demo-2026-bed-4-1')
  const reading = page.getByRole('form', { name: 'Soil thermometer' })
  const save = async (degrees: number) => {
    await reading.getByLabel('Thermometer says').fill(`${degrees} °C`)
    await reading.getByRole('button', { name: 'Save reading' }).click()
  }
  const said = (degrees: number) => new RegExp(String.raw`^18 June: ${degrees}\s°C at 15\scm`)
  await save(21)
  await expect(page.getByText(said(21))).toBeVisible()
  await page.waitForLoadState('networkidle')
  await two.stopDatabase()
  await save(23)
  await expect(page.getByText(/Soil reading saved. Kept on this computer/)).toBeVisible()
  const away = await page.request.get('/walk')
  expect([away.status(), await away.text()]).toEqual([503, expect.stringContaining('cannot reach')])
  await two.startDatabase()
  await two.each[0].start()
  await expect(page.getByRole('complementary', { name: 'What waits on this device' })).toHaveCount(0)
  await page.reload()
  for (const degrees of [21, 23]) await expect(page.getByText(said(degrees))).toHaveCount(1)
})
