import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, describe, expect, it } from 'vitest'
import { easeOf, sentencesOf, wordsOf } from './plain-words'
import { shownTexts } from './texts'

const folder = mkdtempSync(join(tmpdir(), 'texts-'))
afterAll(() => rmSync(folder, { recursive: true }))

describe('the texts of the sources', () => {
  it('are labels and sentences, with … for a value, and neither classes nor imports', () => {
    writeFileSync(
      join(folder, 'a.tsx'),
      `import { a } from 'some module here'
       const look = 'flex gap-2 min-h-11'
       const said = \`Give \${litres} of water\`
       export const Part = () => <p className="big red letters">Water <b>{name}</b> today.</p>`,
    )
    expect(shownTexts(folder).map(({ text }) => text)).toEqual(['Give … of water', 'Water … today.'])
    expect(shownTexts(folder)[0]!.where).toMatch(/a\.tsx:3$/)
  })
  it('are counted by word and sentence: a value is one word', () => {
    expect(wordsOf('Give {volume 4} to … plants.')).toHaveLength(5)
    expect(sentencesOf('Water it. Then wait: it needs time.')).toHaveLength(3)
    expect(easeOf(['Water it now. Then wait.'])).toBeGreaterThan(
      easeOf(['Considerable evapotranspiration necessitates supplementary irrigation.']),
    )
  })
})
