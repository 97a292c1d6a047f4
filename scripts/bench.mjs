import { build } from 'esbuild'
import { gzipSync } from 'node:zlib'
import { benchLoad } from './lib/bench-load.mjs'
import { benchBrowser } from './lib/bench-browser.mjs'
import { benchPocket } from './lib/bench-pocket.mjs'
import { benchScreens } from './lib/bench-screens.mjs'
import { ensureChromium } from './lib/chromium.mjs'
import { countLines } from './lib/count-lines.mjs'
import { demoServer } from './lib/demo-server.mjs'
import { ensureBuilt, ensureInstalled, must } from './lib/prepare.mjs'
import { SCREENS } from './lib/screens.mjs'

/** Times and sizes on this machine; nothing here passes or fails. */
ensureInstalled()
ensureChromium()
ensureBuilt()
const { code, tests, share, short } = countLines()
console.log(
  `${code} lines of code, ${tests} of tests (${(share * 100).toFixed(1)} %), ${short} source files under 15 lines`,
)
const server = await demoServer('bench')

const timed = async (path, at = server) => {
  const began = performance.now()
  const answer = await fetch(at.address + path)
  const text = await answer.text()
  return { ms: performance.now() - began, text }
}
const median = (values) => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]

console.log(`server ready after ${server.startup.toFixed(0)} ms`)
const WARM_UP = 10
console.log('route, first answer ms, warm median ms, html kB, first-load script kB gzipped')
for (const path of SCREENS) {
  const first = await timed(path)
  for (let turn = 0; turn < WARM_UP; turn++) await timed(path)
  const warm = []
  for (let turn = 0; turn < 15; turn++) warm.push((await timed(path)).ms)
  // Browsers that know modules leave `noModule` scripts alone.
  const tags = [...first.text.matchAll(/<script[^>]+src="([^"]+)"[^>]*>/g)].filter(
    ([tag]) => !/nomodule/i.test(tag),
  )
  const scripts = [...new Set(tags.map(([, src]) => src))]
  let size = 0
  for (const src of scripts) size += gzipSync(await (await fetch(server.address + src)).text()).length
  console.log(
    [
      path,
      first.ms.toFixed(0),
      median(warm).toFixed(0),
      (first.text.length / 1024).toFixed(0),
      (size / 1024).toFixed(0),
    ].join(', '),
  )
}
await benchBrowser(server.address)
await benchPocket(server, 'demo garden on a phone')
server.stop()
await benchLoad(server.file)

const large = await demoServer('bench-large', { large: true })
console.log('large garden (60 places, three seasons): route, first answer ms, warm median ms')
for (const path of [
  '/walk',
  '/season',
  '/ground',
  '/bench/water',
  '/bench/feed',
  '/shed',
  '/basket',
  '/basket/review',
  '/logbook',
  '/clinic',
  '/clinic/watch',
  '/clinic/cases',
  '/almanac',
]) {
  const first = (await timed(path, large)).ms
  const warm = []
  for (let turn = 0; turn < 15; turn++) warm.push((await timed(path, large)).ms)
  console.log([path, first.toFixed(0), median(warm).toFixed(0)].join(', '))
}
await benchScreens(large.address)
await benchPocket(large, 'large garden on a phone')
large.stop()
// Bundled as the application is: run from source, every small function would be named anew at each turn.
await build({
  entryPoints: ['scripts/bench-core.ts'],
  outfile: '.scratch/bench-core.mjs',
  // Found beside the script when it runs: it loads what the machine is built for.
  external: ['@libsql/client', 'libsql'],
  bundle: true,
  platform: 'node',
  format: 'esm',
})
must('node', ['.scratch/bench-core.mjs'])
