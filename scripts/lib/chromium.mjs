import { spawnSync } from 'node:child_process'
import { existsSync } from 'node:fs'

export const CHROMIUM = '/usr/bin/chromium'
export const CHROMIUM_ARGS = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
]

/** Installs Debian's Chromium where apt can; else says how. */
export function ensureChromium() {
  if (existsSync(CHROMIUM)) return
  console.log('Installing chromium …')
  const apt = (...args) =>
    spawnSync('apt-get', ['-qq', ...args], {
      stdio: ['ignore', 'ignore', 'inherit'],
      env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
    })
  apt('update')
  apt('install', '-y', 'chromium')
  if (existsSync(CHROMIUM)) return
  console.error(
    `The browser tests need Chromium at ${CHROMIUM}: install it as root with "apt-get install chromium", then run npm test again.`,
  )
  process.exit(1)
}
