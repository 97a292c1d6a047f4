import fc from 'fast-check'
import { it } from 'vitest'
import { edgeGardens } from './edge-gardens'
import { EVERY_SCREEN } from './every-screen'
import { stateOfFile } from './state-of-file'
it('explores', { timeout: 600_000 }, () => {
  const found = new Map<string, number>()
  let n = 0
  const t0 = Date.now()
  let slow = ''
  fc.assert(
    fc.property(edgeGardens, (file) => {
      n++
      let state
      try {
        state = stateOfFile(file, 3)
      } catch (e) {
        const k = 'STATE ' + (e as Error).message.replace(/[-\d.e+]+/g, '#')
        found.set(k, (found.get(k) ?? 0) + 1)
        return
      }
      for (const [screen, ask] of Object.entries(EVERY_SCREEN)) {
        const t = Date.now()
        try {
          ask(state, state.now)
        } catch (e) {
          const st = (e as Error)
            .stack!.split('\n')
            .filter((l) => l.includes('/src/'))
            .slice(2, 6)
            .map((l) => l.replace(/.*\/src\//, '').replace(/\)$/, ''))
            .join(' < ')
          const k = (e as Error).message.slice(0, 120) + ' @ ' + st
          found.set(k, (found.get(k) ?? 0) + 1)
        }
        if (Date.now() - t > 3000) slow += `${screen} ${Date.now() - t}; `
      }
      if (Date.now() - t0 > Number(process.env.FOR ?? 60) * 1000) fc.pre(false)
    }),
    { numRuns: Number(process.env.N ?? 40), maxSkipsPerRun: 100000, seed: Number(process.env.SEED ?? 1) },
  )
  console.log(n, (Date.now() - t0) / 1000, 's', slow)
  for (const [k, c] of [...found].sort((a, b) => b[1] - a[1])) console.log(c, k)
})
