import { spawn, spawnSync } from 'node:child_process'
import { existsSync, readdirSync, statSync } from 'node:fs'
import { createServer } from 'node:net'
import { hostname, networkInterfaces } from 'node:os'
import { dirname, join, resolve } from 'node:path'
import { fileURLToPath } from 'node:url'

process.chdir(resolve(dirname(fileURLToPath(import.meta.url)), '../..'))
process.env.NEXT_TELEMETRY_DISABLED = '1'

export const NEXT = 'node_modules/next/dist/bin/next'

/** Runs a command to its end with its output shown; ends this program when it fails. */
export function must(command, args, env = {}) {
  const { status } = spawnSync(command, args, { stdio: 'inherit', env: { ...process.env, ...env } })
  if (status !== 0) process.exit(status ?? 1)
}

const modified = (path) => (existsSync(path) ? statSync(path).mtimeMs : 0)

/** Installs the packages when they are missing or older than the lock file. */
export function ensureInstalled() {
  if (modified('node_modules/.package-lock.json') >= modified('package-lock.json')) return
  console.log('Installing packages …')
  must('npm', ['ci', '--prefer-offline', '--no-audit', '--no-fund'])
}

const newest = (path) => {
  if (!existsSync(path)) return 0
  const { mtimeMs } = statSync(path)
  return statSync(path).isDirectory()
    ? Math.max(...readdirSync(path).map((name) => newest(join(path, name))), 0)
    : mtimeMs
}

const SOURCES = [
  'src',
  'drizzle',
  'package-lock.json',
  'next.config.ts',
  'postcss.config.mjs',
  'tsconfig.json',
]

/** Builds the application when a source is newer than the last build. */
export function ensureBuilt() {
  if (Math.max(...SOURCES.map(newest)) <= modified('.next/BUILD_ID')) return
  console.log('Building …')
  must('node', [NEXT, 'build'])
}

/** Whether a port of this machine is free. */
function isFree(port) {
  return new Promise((answer) => {
    const server = createServer()
    server.once('error', () => answer(false))
    server.listen(port, '127.0.0.1', () => server.close(() => answer(true)))
  })
}

/** Starts again after a crash so often within a minute. */
const MOST_CRASHES = 3

/** The names and addresses that others in the network reach this machine by. */
function namesInNetwork() {
  const addresses = Object.values(networkInterfaces())
    .flat()
    .filter(({ family, internal }) => family === 'IPv4' && !internal)
    .map(({ address }) => address)
  return { addresses, names: [hostname(), `${hostname()}.local`] }
}

/**
 * What a server that others reach is told: that nobody is let in without the passphrase, which is asked for here when
 * there is none yet, and under which names it answers.
 */
function lettingIn(port, env, names, addresses = []) {
  must('node', ['--import', 'tsx', 'scripts/passphrase.ts', '--ensure'], env)
  return {
    PRAIRIE_SIGN_IN: '1',
    PRAIRIE_HOSTS: [process.env.PRAIRIE_HOSTS, ...names].filter(Boolean).join(','),
    PRAIRIE_ADDRESSES: addresses.map((address) => `http://${address}:${port}`).join(','),
  }
}

/**
 * Starts the server, says where it is, and stays until it ends. It listens on 127.0.0.1 only; with `--lan` on the
 * network too, and with `--behind-proxy` for a web server on this machine, both with a passphrase.
 */
export async function serve({ env = {}, dev = false, command }) {
  const inNetwork = process.argv.includes('--lan')
  const port = Number(process.env.PORT ?? 3000)
  if (!Number.isInteger(port) || port < 1 || port > 65535) {
    console.error(`PORT must be a number from 1 to 65535, not ${process.env.PORT}.`)
    process.exit(1)
  }
  if (!(await isFree(port))) {
    console.error(`Port ${port} is taken by another program. Choose another: PORT=${port + 1} ${command}`)
    process.exit(1)
  }
  const { addresses, names } = namesInNetwork()
  const letIn = inNetwork
    ? lettingIn(port, env, [...addresses, ...names], addresses)
    : process.argv.includes('--behind-proxy')
      ? lettingIn(port, env, [])
      : {}
  // Only its hash is kept, and nothing that the server starts learns it.
  delete process.env.PRAIRIE_PASSPHRASE
  let server
  let isEnding = false
  const crashes = []
  const launch = () => {
    server = spawn(
      'node',
      [NEXT, dev ? 'dev' : 'start', '-H', inNetwork ? '0.0.0.0' : '127.0.0.1', '-p', String(port)],
      {
        stdio: ['inherit', dev ? 'inherit' : 'ignore', 'inherit'],
        env: { ...process.env, ...env, ...letIn },
      },
    )
    server.on('exit', (code, signal) => {
      // It was ended by nobody: everything confirmed is in its file, and it starts again.
      const isCrash = !isEnding && !dev && (code !== 0 || signal !== null)
      crashes.push(Date.now())
      if (!isCrash || crashes.filter((at) => at > Date.now() - 60_000).length > MOST_CRASHES)
        process.exit(code ?? (isEnding ? 0 : 1))
      console.error('Prairie stopped by itself and is started again. Everything that was confirmed is kept.')
      launch()
    })
  }
  for (const signal of ['SIGINT', 'SIGTERM'])
    process.on(signal, () => {
      isEnding = true
      server.kill(signal)
    })
  launch()
  const address = `http://127.0.0.1:${port}`
  while (server.exitCode === null) {
    const answered = await fetch(`${address}/icon.svg`).then(
      () => true,
      () => false,
    )
    if (answered) break
    await new Promise((wait) => setTimeout(wait, 150))
  }
  console.log(`Prairie is at ${address} (Ctrl+C ends it)`)
  if (inNetwork) await showAddresses(addresses.map((one) => `http://${one}:${port}`))
  // What the first page works out is there before the first visitor.
  if (!dev) await fetch(`${address}/walk`).catch(() => null)
}

/** Shows where a phone reaches the server, as a code that its camera reads. */
async function showAddresses(addresses) {
  if (addresses.length === 0) return console.log('This computer is in no network now: no phone can reach it.')
  console.log(`On a phone in this network: ${addresses.join(' or ')}`)
  const { default: QRCode } = await import('qrcode')
  console.log(await QRCode.toString(addresses[0], { type: 'terminal', small: true }))
}
