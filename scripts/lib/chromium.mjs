import { existsSync } from 'node:fs'
import { ensureProgram } from './debian.mjs'

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
export const ensureChromium = () => ensureProgram(PACKAGES, 'The browser tests need Chromium')
