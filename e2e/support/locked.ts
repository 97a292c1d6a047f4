import { execFileSync } from 'node:child_process'
import { expect, type Page } from '@playwright/test'

export const PASSPHRASE = 'four plain garden words'

/** How a server is started that others reach: nobody is let in without the passphrase. */
export const LOCKED = { PRAIRIE_SIGN_IN: '1' }

/** Gives a database a passphrase, as `npm run passphrase` does. */
export function lockDatabase(file: string, passphrase = PASSPHRASE): void {
  execFileSync('node', ['--import', 'tsx', 'scripts/passphrase.ts'], {
    env: { ...process.env, DATABASE_URL: `file:${file}`, PRAIRIE_PASSPHRASE: passphrase },
    stdio: 'pipe',
  })
}

/** Fills the sign-in page, which is shown, and goes on to where it leads. */
export async function signInAs(page: Page, name: string, passphrase = PASSPHRASE): Promise<void> {
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Sign in to Prairie')
  await page.getByLabel('Passphrase').fill(passphrase)
  await page.getByLabel('Name of this device').fill(name)
  await page.getByRole('button', { name: 'Sign in' }).click()
}
