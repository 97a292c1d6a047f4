import { execFile } from 'node:child_process'
import { copyFileSync, mkdirSync } from 'node:fs'
import { promisify } from 'node:util'
import { expect, type Page } from '@playwright/test'
import { databaseOf, type LaidGarden } from './lay-gardens'
import { Server } from './server'

const run = promisify(execFile)

export const PASSPHRASE = 'four plain garden words'

/** How a server is started that others reach: nobody is let in without the passphrase. */
export const LOCKED = { PRAIRIE_SIGN_IN: '1' }

/** Gives a database a passphrase, as `npm run passphrase` does. @param data where it is, as the environment says it */
export async function lockDatabase(data: Record<string, string>): Promise<void> {
  await run('node', ['--import', 'tsx', 'scripts/passphrase.ts'], {
    env: { ...process.env, ...data, PRAIRIE_PASSPHRASE: PASSPHRASE },
  })
}

/** A server that others reach, on a copy of a garden with a passphrase, in a folder of its own. */
export async function lockedServer(garden: LaidGarden, folder: string): Promise<Server> {
  mkdirSync(folder, { recursive: true })
  copyFileSync(databaseOf(garden), `${folder}/garden.db`)
  await lockDatabase({ DATABASE_URL: `file:${folder}/garden.db` })
  return Server.on(`${folder}/garden.db`, LOCKED)
}

/** Fills the sign-in page, which is shown, and goes on to where it leads. */
export async function signInAs(page: Page, name: string, passphrase = PASSPHRASE): Promise<void> {
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Sign in to Prairie')
  await page.getByLabel('Passphrase').fill(passphrase)
  await page.getByLabel('Name of this device').fill(name)
  await page.getByRole('button', { name: 'Sign in' }).click()
}
