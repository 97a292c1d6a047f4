import { addMonths, dayNamed, parseDate, type IsoDate } from '../calendar'

/** A date as a line spells it, in one word, two or three. */
const MONTH = String.raw`[a-z]{3,9}`
const DAY_OF_MONTH = String.raw`\d{1,2}(?:st|nd|rd|th)?`
const SPELT = [
  /^\d{4}-\d\d-\d\d$/,
  new RegExp(`^(?:${DAY_OF_MONTH} ${MONTH}|${MONTH} ${DAY_OF_MONTH})$`, 'i'),
  new RegExp(String.raw`^(?:${DAY_OF_MONTH} ${MONTH}|${MONTH} ${DAY_OF_MONTH}) \d{4}$`, 'i'),
]

/** The day that is named among words, and the words without it. A day of the month to come is last year's. */
export function takeDate(
  words: readonly string[],
  { today, dates }: { today: IsoDate; dates: Parameters<typeof parseDate>[2] },
): { on: IsoDate | null; left: string[] } {
  const cut = (from: number, length: number) => {
    const isLed = from > 0 && /^(on|last|this)$/i.test(words[from - 1]!)
    return words.filter((_, at) => at < from - (isLed ? 1 : 0) || at >= from + length)
  }
  for (let at = 0; at < words.length; at++) {
    const word = words[at]!.toLowerCase()
    // What is told has happened.
    const named = word === 'tomorrow' ? null : dayNamed(word, today)
    if (named) return { on: named, left: cut(at, 1) }
    for (const length of [3, 2, 1]) {
      if (at + length > words.length) continue
      const text = words.slice(at, at + length).join(' ')
      if (!SPELT[length - 1]!.test(text)) continue
      const read = parseDate(text, today, dates)
      if (read === null) continue
      const hasYear = length === 3 || length === 1
      const on = !hasYear && read > today ? (addMonths(read, -12) as IsoDate) : read
      return { on, left: cut(at, length) }
    }
  }
  return { on: null, left: [...words] }
}
