import { spawn } from 'node:child_process'
import { mkdirSync, readFileSync, rmSync } from 'node:fs'
import { ensureInstalled, NEXT } from './lib/prepare.mjs'
import { ensureChromium } from './lib/chromium.mjs'
import { ensureProgram } from './lib/debian.mjs'

/** Everything that must hold before a change lands; ends with `N passed, M failed`. */
const REPORTS = '.scratch/reports'

ensureInstalled()
ensureChromium()
ensureProgram(['caddy'], 'The test of the encrypted way in needs Caddy')
rmSync(REPORTS, { recursive: true, force: true })
mkdirSync(REPORTS, { recursive: true })

let passed = 0
let failed = 0

/** Runs one check and shows what it printed when it failed. */
async function check(name, args, count) {
  const began = Date.now()
  const child = spawn('node', args, { env: { ...process.env, FORCE_COLOR: '0' } })
  let output = ''
  for (const stream of [child.stdout, child.stderr]) stream.on('data', (part) => (output += part))
  const code = await new Promise((end) => child.on('exit', end))
  const counted = count?.() ?? { passed: 0, failed: 0 }
  passed += counted.passed
  // A check that failed without a failing test of its own still counts.
  failed += code === 0 ? counted.failed : Math.max(1, counted.failed)
  const tests = count ? `, ${counted.passed} passed, ${counted.failed} failed` : ''
  const again = counted.flaky ? `, ${counted.flaky} only at the second try` : ''
  console.log(
    `${code === 0 ? 'ok    ' : 'FAILED'}  ${name} (${((Date.now() - began) / 1000).toFixed(0)} s${tests}${again})`,
  )
  if (code !== 0 || again) console.log(output)
  return code === 0
}

const report = (name) => {
  try {
    return JSON.parse(readFileSync(`${REPORTS}/${name}.json`, 'utf8'))
  } catch {
    return null
  }
}
const unitCount = () => {
  const { numPassedTests = 0, numFailedTests = 0 } = report('unit') ?? {}
  return { passed: numPassedTests, failed: numFailedTests }
}
const browserCount = () => {
  const { expected = 0, flaky = 0, unexpected = 0 } = report('browser')?.stats ?? {}
  return { passed: expected + flaky, failed: unexpected, flaky }
}

let isBuilt = false
const bin = (path) => `node_modules/${path}`
await Promise.all([
  (async () => {
    await check('formatting', [bin('prettier/bin/prettier.cjs'), '--check', '--log-level', 'warn', '.'])
    await check('lint', [bin('eslint/bin/eslint.js'), '--max-warnings', '0', '.'])
    await check('dead code', [bin('knip/bin/knip.js')])
  })(),
  (async () => {
    await check(
      'unit tests',
      [
        bin('vitest/vitest.mjs'),
        'run',
        '--reporter=json',
        '--reporter=default',
        `--outputFile.json=${REPORTS}/unit.json`,
      ],
      unitCount,
    )
    // It checks the types, too.
    isBuilt = await check('build', [NEXT, 'build'])
  })(),
])
if (isBuilt) await check('browser tests', [bin('@playwright/test/cli.js'), 'test'], browserCount)

console.log(`${passed} passed, ${failed} failed`)
process.exit(failed === 0 ? 0 : 1)
