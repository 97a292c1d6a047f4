import { describe, expect, it } from 'vitest'
import { easeOf, ELSEWHERE, NEVER, sentencesOf, wordsOf } from '../test/plain-words'
import { shownTexts } from '../test/texts'

/** Formulas, names of regions and statements to the database are no sentences. */
const NO_SENTENCE = /\/(workings\/workings|regions)\.ts:|weather-day\.ts:/
const TEXTS = ['src/wording', 'src/features', 'src/components', 'src/app', 'src/actions', 'src/data']
  .flatMap(shownTexts)
  .filter(({ where }) => !NO_SENTENCE.test(where))
/** Each text that breaks a rule, with where it stands. */
const where = (breaks: (text: string) => boolean) =>
  TEXTS.filter(({ text }) => breaks(text)).map(({ where, text }) => `${where} ${text}`)

describe('every text of the application', () => {
  it('is found at all', () => expect(TEXTS.length).toBeGreaterThan(1500))
  it.each(NEVER)('never says %s, but: %s', (phrase) => {
    expect(where((text) => phrase.test(text))).toEqual([])
  })
  it('is spelled as one country does', () => {
    expect(where((text) => ELSEWHERE.test(text))).toEqual([])
  })
  it('says no sentence that cannot be said in a breath', () => {
    expect(where((text) => sentencesOf(text).some((one) => wordsOf(one).length > 24))).toEqual([])
  })
  it('reads easily on the whole', () => {
    const sentences = TEXTS.map(({ text }) => text).filter((text) => /[.?!]$/.test(text))
    expect(easeOf(sentences)).toBeGreaterThanOrEqual(65)
  })
})
