import { flesch } from 'flesch'
import { syllable } from 'syllable'

/** What no screen says: words of a translation, each with what is said instead. */
export const NEVER: readonly [RegExp, string][] = [
  [/\bled as\b|\bled up\b|\bled on\b|\bled open\b/i, 'pruning style'],
  [/\bset(ting)? out\b/i, 'plant out'],
  [/\bbinds\b/i, 'sets the limit'],
  [/\bloops?\b/i, 'seedlings show'],
  [/\bto the work\b/i, 'main content'],
  [/\b(each|every) \d+ [a-z]+ \bin\b/i, 'every 10 days'],
  [/\beach (\d|\w+–\d)/i, 'every 10 days'],
  [/missing from (its|the) root zone|what is missing/i, 'short of water by'],
  [/°C d\b/, 'growing degree-days'],
  [/\bput away\b|\btake back\b|\btaken back\b|\btakes back\b/i, 'archive, undo'],
  [/% of seasons\b|\bseasons? (in|of) ten\b|\byears? (in|of) ten\b/i, 'years in 10'],
  [/\blanky\b/i, 'leggy'],
  [/\bit wants\b|\bthey want\b|\bis wanted\b|\bare wanted\b/i, 'it needs, you want'],
  [/\bfrom .+ on growth\b/i, 'growth slows once'],
  [/\blead (it|them|the (vine|plant))\b/i, 'keep as a stem'],
  [/\bstands? (here|there|in the log|still|about|on the)\b|\bwhat stands\b/i, 'grows, is'],
  [/\bis laid\b|\blaid anew\b/i, 'is planted'],
  [/\bwhat hangs\b/i, 'fruit on the plants'],
  [/\bit is (watered|given)\b|\bwas given, in all\b/i, 'record watering'],
  [/\bcan(not)? be kept\b|\bkeep it$/i, 'save'],
  [/\bhouse\b(?!hold)/i, 'method'],
  [/(?<!\{)\bschools?\b/i, 'method'],
  [/\btake (it|places|the garden) in\b|\btaken in\b/i, 'import'],
  [/\bhas not come yet\b/i, 'is still to come'],
  [/\bno longer there\b|\bnot there any more\b/i, 'is gone'],
  [/\bdegree-days a day\b|\b(cm|L|g|kg|plants?) an? (plant|day|visit|week|season)\b/i, 'per'],
  [/\bfortnight\b/i, 'two weeks'],
  [/(?<!\{[^}]*|\()\btruss(es)?\b/i, 'flower cluster'],
  [/\bhaste of\b/i, 'too much too fast'],
  [/\bsomewhere else meanwhile|elsewhere meanwhile\b/i, 'in another window'],
  [/, if (measured|counted|known|any)$/i, '(optional)'],
  [/\bempty: /, 'leave blank'],
  [/\bworking values?\b/i, 'typical values'],
  [/\bsay (which|how many|since)\b/i, 'choose, enter'],
]

/** Spelled as in the United States. */
export const ELSEWHERE =
  /(?<!\{)\b(colour\w*|neighbour\w*|favour\w*|flavour\w*|mould\w*|grey\w*|sulph\w*|(?:milli|centi|kilo)?metres?|litres?|practise[ds]?|labour\w*|centre\w*|maize|aubergines?|recognis\w*|mineralis\w*|organis\w*)\b/i

/** Words of a sentence as it is read: a value counts as one. */
export const wordsOf = (sentence: string): string[] =>
  sentence
    .replace(/\{[^}]*\}|…/g, ' some ')
    .split(/\s+/)
    .filter((word) => /\w/.test(word))

export const sentencesOf = (text: string): string[] => text.split(/(?<=[.?!:])\s+/).filter(Boolean)

/** Flesch's reading ease of all texts together: 60 to 70 is plain English, more is easier. */
export function easeOf(texts: readonly string[]): number {
  const words = texts.flatMap(wordsOf)
  return flesch({
    sentence: texts.flatMap(sentencesOf).length,
    word: words.length,
    syllable: words.reduce((sum, word) => sum + syllable(word), 0),
  })
}
