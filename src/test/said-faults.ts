import type { Manner } from '../core/facts'
import { ELSEWHERE, NEVER, sentencesOf, wordsOf } from './plain-words'

/** Both kinds of units, both ways to write a decimal, both orders of a date. */
export const MANNERS: readonly Manner[] = (['metric', 'us'] as const).flatMap((units) =>
  (['point', 'comma'] as const).map((decimals) => ({
    units,
    decimals,
    dates: units === 'us' ? ('month-first' as const) : ('day-first' as const),
  })),
)

const GAP = '[ \\u00a0]'
const METRIC_UNIT = 'L|mL|g|kg|mg|cm|mm|m|km|m²|cm²|°C|km/h|L/h|g/m²|kg/m²|mm/h'
const US_UNIT = 'ft|gal|qt|oz|lb|°F|mph|tbsp|tsp|cups?|ft²|in²|mi'
const METRIC = new RegExp(`\\d${GAP}(${METRIC_UNIT})(?![\\w²/])`)
const US = new RegExp(`\\d(\\u00a0in|${GAP}(${US_UNIT}))(?![\\w²])`)
const DOUBLED = new RegExp(`(?<![\\w/])(${METRIC_UNIT}|${US_UNIT}|days?|weeks?|plants?|%)${GAP}\\1(?![\\w²])`)
const MONTH =
  '(?:January|February|March|April|May|June|July|August|September|October|November|December|Jan|Feb|Mar|Apr|Jun|Jul|Aug|Sep|Oct|Nov|Dec)'
/** One of what is named as many; verbs and words that end in s alike are none of those. */
const ONE_AS_MANY = new RegExp(
  `(?<![\\d.,–/−:][\\u200a]?)(?<!\\d |${MONTH} )1${GAP}(?!(?:indoors|is|was|has|does|less|suits|needs|sets|grows|as|its|this|truss|class|gas|across|pass|press)\\b)[a-z]{2,}s\\b(?!-)`,
)
const MANY_AS_ONE = new RegExp(
  `(?<![\\d.,/−:])([02-9]|[1-9]\\d+)${GAP}(plant|seed|post|sucker|leaf|tip|flower cluster|cluster|day|week|night|season|portion|cage|stake|clip|can|pot|line|row|hole|stem|fruit cluster)\\b(?![-s/])`,
)

/** What is wrong with a text as it is shown to a gardener of these habits, in words; nothing when it is well said. */
export function faultsOf(text: string, manner: Manner): string[] {
  const faults: string[] = []
  const check = (found: RegExpMatchArray | null, fault: string) => {
    if (found) faults.push(`${fault} “${found[0]}”`)
  }
  check(text.match(/[{}]|\b(undefined|NaN|null|Infinity)\b/), 'a value that is none:')
  check(text.match(ONE_AS_MANY), 'one as many:')
  check(text.match(MANY_AS_ONE), 'many as one:')
  check(text.match(DOUBLED), 'a unit twice:')
  check(text.match(manner.units === 'us' ? METRIC : US), 'a unit of the other kind:')
  check(
    text.match(manner.decimals === 'comma' ? /(?<![\d.])\d+\.\d+(?!\d|\.\d)/ : /(?<!\d)\d+,\d{1,2}(?!\d)/),
    'a decimal written the other way:',
  )
  for (const [phrase, instead] of NEVER) check(text.match(phrase), `say “${instead}” for`)
  check(text.match(ELSEWHERE), 'spelled as elsewhere:')
  return faults
}

/** The sentences of a text that cannot be said in a breath. */
export const longSentences = (text: string): string[] =>
  sentencesOf(text).filter((sentence) => wordsOf(sentence).length > 24)
