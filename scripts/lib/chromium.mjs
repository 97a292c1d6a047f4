import { spawnSync } from 'node:child_process'
import { existsSync } from 'node:fs'

/** Debian's packages of the browser: the one without a window first, which is lighter. */
const PACKAGES = ['chromium-headless-shell', 'chromium']
const pathOf = (name) => `/usr/bin/${name}`

/** The browser that tests, pictures and measurements run in. */
export const browser = () => ({
  executablePath: pathOf(PACKAGES.find((name) => existsSync(pathOf(name))) ?? PACKAGES[0]),
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
})

/** Installs Debian's Chromium where apt can; else says how. */
export function ensureChromium() {
  if (existsSync(pathOf(PACKAGES[0]))) return
  const apt = (...args) =>
    spawnSync('apt-get', ['-qq', ...args], {
      stdio: ['ignore', 'ignore', 'inherit'],
      env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
    })
  if (process.getuid?.() === 0) {
    console.log('Installing chromium …')
    apt('update')
    for (const name of PACKAGES)
      if (!PACKAGES.some((there) => existsSync(pathOf(there)))) apt('install', '-y', name)
  }
  if (PACKAGES.some((name) => existsSync(pathOf(name)))) return
  console.error(
    `The browser tests need Chromium at ${pathOf(PACKAGES[0])}: install it as root with "apt-get install ${PACKAGES[0]}", then run npm test again.`,
  )
  process.exit(1)
}
