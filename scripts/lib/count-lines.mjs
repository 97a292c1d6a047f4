import { readdirSync, readFileSync, statSync } from 'node:fs'
import { join } from 'node:path'

const CODE = /\.(ts|tsx|mjs)$/
const TEST = /\.(test|spec)\.|^e2e\/|^src\/test\//

const filesIn = (path) =>
  statSync(path).isDirectory() ? readdirSync(path).flatMap((name) => filesIn(join(path, name))) : [path]

/** Lines that are not blank, in what runs and in what tests it; files of what runs under 15 lines. */
export function countLines() {
  const counted = ['src', 'e2e', 'scripts']
    .flatMap(filesIn)
    .filter((path) => CODE.test(path))
    .map((path) => ({
      path,
      isTest: TEST.test(path),
      lines: readFileSync(path, 'utf8')
        .split('\n')
        .filter((line) => line.trim() !== '').length,
    }))
  const sum = (isTest) => counted.reduce((total, one) => total + (one.isTest === isTest ? one.lines : 0), 0)
  const [code, tests] = [sum(false), sum(true)]
  const short = counted.filter(({ path, isTest, lines }) => !isTest && path.startsWith('src/') && lines < 15)
  return { code, tests, share: tests / (code + tests), short: short.length }
}
