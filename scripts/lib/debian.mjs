import { spawnSync } from 'node:child_process'
import { existsSync } from 'node:fs'

/**
 * Installs a program from Debian where apt can; else says how, and ends.
 *
 * @param packages that have it, the best first; each has its program under its own name @param need why it is wanted
 */
export function ensureProgram(packages, need) {
  const isThere = () => packages.some((name) => existsSync(`/usr/bin/${name}`))
  if (existsSync(`/usr/bin/${packages[0]}`)) return
  const apt = (...args) =>
    spawnSync('apt-get', ['-qq', ...args], {
      stdio: ['ignore', 'ignore', 'inherit'],
      env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
    })
  if (process.getuid?.() === 0) {
    console.log(`Installing ${packages.at(-1)} …`)
    apt('update')
    for (const name of packages) if (!isThere()) apt('install', '-y', '--no-install-recommends', name)
  }
  if (isThere()) return
  console.error(
    `${need} at /usr/bin/${packages[0]}: install it as root with "apt-get install ${packages[0]}", then run npm test again.`,
  )
  process.exit(1)
}
