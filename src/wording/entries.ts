import { sayGrade } from './doses'
import type { Crop } from '../core/crop'
import type { Manner } from '../core/facts'
import type { Verdict } from '../core/harvest'
import type { LogEntry } from '../core/log'
import type { CauseId } from '../core/health'
import { formatMeasure } from '../core/quantity'
import { AS_FOUND } from '../core/season'
import { CARRIES_NAMES } from './beginnings'
import { CALL_NAMES, sayMinutes, sayWorks } from './calls'
import { formatDate } from './dates'
import { CAUSE_WORDS, COURSE_NAMES, OUTCOME_NAMES } from './health'
import { SIGN_NAMES } from './health/signs'
import { nameOf } from './names'
import { sayTold } from './pruning'
import { sayCount, sayLength, sayTemperature } from './say'
import { ENTRY_NAMES } from './stages'

export const VERDICT_NAMES: Record<Verdict, string> = {
  keep: 'keep',
  'try-again': 'try otherwise',
  drop: 'drop',
}

const causeName = (cause: CauseId) => CAUSE_WORDS[cause].name.toLowerCase()

const FEELS = { wet: 'wet', moist: 'moist', dry: 'dry', dust: 'as dust' } as const

/** What an entry says, with its numbers: `picked 1.2 kg, 9 fruit`. */
export function sayEntry(entry: LogEntry, crop: Crop, manner: Manner): string {
  const name = ENTRY_NAMES[entry.kind]
  const details = detailsOf(entry, crop, manner)
  return details === '' ? name : entry.kind === 'tended' ? details : `${name}: ${details}`
}

/** The numbers and words of an entry, without its name. */
export function detailsOf(entry: LogEntry, crop: Crop, manner: Manner): string {
  const volume = (value: number) => formatMeasure({ kind: 'volume', value }, manner)
  const mass = (value: number) => formatMeasure({ kind: 'mass', value }, manner)
  const listed = (...parts: (string | null | undefined | false)[]) => parts.filter(Boolean).join(', ')
  switch (entry.kind) {
    case 'sown':
      return sayCount(entry.data.seeds, 'seed')
    case 'emerged':
      return sayCount(entry.data.count, 'plant')
    case 'potted-up':
      return `${sayCount(entry.data.count, 'plant')} into ${volume(entry.data.potVolume)}`
    case 'hardened':
      return `step ${entry.data.day}, ${formatMeasure({ kind: 'count', value: entry.data.hours }, manner)} h`
    case 'soil-read':
      return `${sayTemperature(entry.data.temperature, manner)} at ${sayLength(entry.data.depth, manner)}`
    case 'met': {
      const { as, height, leaves, potVolume, carries } = entry.data
      return listed(
        as === 'bought' ? 'bought' : 'already growing here',
        height !== null && `${sayLength(height, manner)} high`,
        leaves !== null && sayCount(leaves, 'leaf', 'leaves'),
        potVolume !== undefined && `in pots of ${volume(potVolume)}`,
        CARRIES_NAMES[carries],
      )
    }
    case 'set-out':
      return listed(
        sayCount(entry.data.count, 'plant'),
        entry.data.school !== AS_FOUND.school && entry.data.method,
        entry.data.school !== AS_FOUND.school && `${sayLength(entry.data.stemBuried, manner)} of stem buried`,
        entry.data.support && nameOf(entry.data.support),
      )
    case 'covered':
      return `for ${sayTemperature(entry.data.nightLow, manner)}`
    case 'picked':
      return listed(
        mass(entry.data.mass),
        entry.data.count !== null && sayCount(entry.data.count, 'fruit', 'fruit'),
        ...Object.entries(entry.data.faults ?? {}).map(([fault, count]) => count > 0 && `${count} ${fault}`),
      )
    case 'judged':
      return VERDICT_NAMES[entry.data.verdict]
    case 'seen':
    case 'pruned':
    case 'marked':
      return listed(
        sayTold(entry, crop, manner),
        entry.kind === 'pruned' &&
          entry.data.except &&
          `not on ${sayCount(entry.data.except.length, 'plant')}`,
      )
    case 'practised':
      return `${entry.data.points} points`
    case 'tried':
      return entry.data.said
    case 'watered':
      return volume(entry.data.litres)
    case 'fed': {
      const { name, grams } = entry.data
      return `${mass(grams / 1000)} of ${name} ${sayGrade(entry.data, manner)}`
    }
    case 'moisture-read':
      return entry.data.feel
        ? `${FEELS[entry.data.feel]}, by ${entry.data.method}`
        : `${formatMeasure({ kind: 'share', value: entry.data.content ?? 0 }, manner)} of water, by ${entry.data.method}`
    case 'soil-tested':
      return `pH ${entry.data.ph}, ${entry.data.organicMatter} % organic matter, EC ${entry.data.ec} dS/m`
    case 'tended':
      return listed(
        sayWorks(entry.data.works),
        entry.data.except && `not on ${sayCount(entry.data.except.length, 'plant')}`,
      )
    case 'noticed':
      return listed(
        ...entry.data.signs.map((sign) => SIGN_NAMES[sign].toLowerCase()),
        entry.data.cause && `taken for ${causeName(entry.data.cause)}`,
      )
    case 'followed':
      return listed(
        COURSE_NAMES[entry.data.course],
        ...(entry.data.signs ?? []).map((sign) => SIGN_NAMES[sign].toLowerCase()),
        entry.data.cause && `taken for ${causeName(entry.data.cause)}`,
      )
    case 'closed':
      return listed(OUTCOME_NAMES[entry.data.outcome], entry.data.cause && causeName(entry.data.cause))
    case 'timed':
      return `${CALL_NAMES[entry.data.work]}, ${sayMinutes(entry.data.minutes)}`
    case 'put-off':
      return `until ${formatDate(entry.data.until, manner)}`
    case 'declined':
      return entry.data.why
    case 'flowered':
    case 'topped':
    case 'cleared':
    case 'note':
    case 'void':
      return ''
  }
}
