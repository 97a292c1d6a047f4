import { createInterface } from 'node:readline/promises'
import { dropPassphrase, hasPassphrase, requirePassphrase, setPassphrase } from '../src/data/access/lock'
import { isPassphrase } from '../src/data/access/passphrase'
import { PASSPHRASE_LENGTH } from '../src/core/facts'
import { closeDatabase } from '../src/data/database'

/**
 * Sets the passphrase that others sign in with, which signs all devices out; `--off` takes it away; `--ensure` asks only
 * when there is none. `PRAIRIE_PASSPHRASE` answers for whoever is asked.
 */
const TOO_SHORT = `A passphrase has at least ${PASSPHRASE_LENGTH[0]} characters and at most ${PASSPHRASE_LENGTH[1]}. Four words are easy to remember.`

async function asked(): Promise<string> {
  if (!process.stdin.isTTY) {
    console.error(
      'Prairie needs a passphrase before others may reach it. Set PRAIRIE_PASSPHRASE, or run npm run passphrase in a terminal.',
    )
    process.exit(1)
  }
  const terminal = createInterface({ input: process.stdin, output: process.stdout })
  try {
    for (;;) {
      const typed = await terminal.question('Choose a passphrase for Prairie (at least 10 characters): ')
      if (isPassphrase(typed)) return typed
      console.error(TOO_SHORT)
    }
  } finally {
    terminal.close()
  }
}

const told = process.env.PRAIRIE_PASSPHRASE
if (process.argv.includes('--off')) {
  await dropPassphrase()
  console.log('Prairie has no passphrase now, and serves its own computer only.')
} else if (told !== undefined && !isPassphrase(told)) {
  console.error(`PRAIRIE_PASSPHRASE is not taken. ${TOO_SHORT}`)
  process.exitCode = 1
} else if (told !== undefined) await requirePassphrase(told)
else if (!process.argv.includes('--ensure') || !(await hasPassphrase())) {
  await setPassphrase(await asked())
  console.log('The passphrase is set. Every device signs in with it.')
}
await closeDatabase()
