import type { Advice, Reason } from '../advice'
import { name } from '../quantity'
import { CAUSES, causesOf, chanceOf, textbookSigns, type CauseId } from './causes'
import { CONDITIONS, weigh, type ConditionId, type HealthContext } from './conditions'
import { nextLook, type NextLook } from './next-look'
import type { SignId } from './signs'

export type HealthRule =
  'health.fits' | 'health.missing' | 'health.odd' | `health.is.${ConditionId}` | `health.not.${ConditionId}`

/** What was seen on a plant, and what was looked for and is not there. */
export interface Seen {
  signs: readonly SignId[]
  absent: readonly SignId[]
}

export interface RankedCause {
  cause: CauseId
  /** Share of all that it could be, 0–1. */
  likelihood: number
  reasons: Reason<HealthRule>[]
}

export interface Diagnosis {
  /** The likeliest first; empty: nothing was seen. */
  ranked: RankedCause[]
  /** What to look at next; null: nothing would change what is likeliest. */
  next: NextLook | null
}

/** Causes under this share are not told. */
const LEAST = 0.02
/** Something else altogether, that shows each sign as often as it is seen without its causes. */
const UNKNOWN = 0.02
/** From this share on a sign is a cause's own. */
const FITS = 0.25

/**
 * What is wrong with a plant: each cause's share by how often it shows what is seen and hides what is not, times how
 * often it is met under what is known of weather, place, cultivar and log.
 */
export function diagnose(seen: Seen, context: HealthContext): Advice<Diagnosis, HealthRule> {
  if (seen.signs.length === 0)
    return { answer: { ranked: [], next: null }, reasons: [], alternatives: [], cautions: [] }
  const causes = causesOf(context.crop)
  const weights = causes.map((cause) => prior(cause, context) * fit(cause, seen))
  const unknown = UNKNOWN * seen.signs.reduce((product, sign) => product * anyChance(sign), 1)
  const sum = weights.reduce((total, weight) => total + weight, unknown)
  const shares = causes
    .map((cause, index) => ({ cause, likelihood: weights[index]! / sum }))
    .sort((a, b) => b.likelihood - a.likelihood || (a.cause < b.cause ? -1 : 1))
  const ranked = shares
    .filter(({ likelihood }, index) => likelihood >= LEAST || index === 0)
    .map((one) => ({ ...one, reasons: reasonsFor(one.cause, seen, context) }))
  return {
    answer: { ranked, next: nextLook(shares, [...seen.signs, ...seen.absent]) },
    reasons: ranked[0]!.reasons,
    alternatives: [],
    cautions: [...CAUSES[ranked[0]!.cause].cautions],
  }
}

const anyChance = (sign: SignId) => Math.max(...CAUSE_SHARES.get(sign)!) / 4
const CAUSE_SHARES = new Map<SignId, number[]>()
for (const { signs } of Object.values(CAUSES))
  for (const [sign, share] of Object.entries(signs) as [SignId, number][])
    CAUSE_SHARES.set(sign, [...(CAUSE_SHARES.get(sign) ?? []), share])

const favouredBy = (cause: CauseId) => Object.entries(CAUSES[cause].favoured) as [ConditionId, number][]

/** How often a cause is met where this is known, against the others. */
export const prior = (cause: CauseId, context: HealthContext): number =>
  favouredBy(cause).reduce(
    (product, [condition, factor]) => product * weigh(factor, CONDITIONS[condition](context)?.holds ?? null),
    CAUSES[cause].common,
  )

const fit = (cause: CauseId, { signs, absent }: Seen): number =>
  signs.reduce((product, sign) => product * chanceOf(cause, sign), 1) *
  absent.reduce((product, sign) => product * (1 - chanceOf(cause, sign)), 1)

function reasonsFor(cause: CauseId, { signs, absent }: Seen, context: HealthContext): Reason<HealthRule>[] {
  const own = signs.filter((sign) => chanceOf(cause, sign) >= FITS)
  const usual = textbookSigns(cause)
  return [
    ...own.map((sign, index): Reason<HealthRule> => ({
      rule: 'health.fits',
      values: { sign: name(sign) },
      weight: index === 0 ? 'decides' : 'supports',
    })),
    ...conditionReasons(cause, context),
    ...absent
      .filter((sign) => usual.includes(sign))
      .map((sign): Reason<HealthRule> => ({
        rule: 'health.missing',
        values: { sign: name(sign) },
        weight: 'warns',
      })),
    ...signs
      .filter((sign) => !own.includes(sign))
      .map((sign): Reason<HealthRule> => ({
        rule: 'health.odd',
        values: { sign: name(sign) },
        weight: 'warns',
      })),
  ]
}

/** A condition that moves a cause less than this either way is not told. */
const TELLING = 1.25

/** What is known of weather, place, cultivar and log that makes a cause likelier, or less. */
export function conditionReasons(cause: CauseId, context: HealthContext): Reason<HealthRule>[] {
  return favouredBy(cause).flatMap(([condition, factor]): Reason<HealthRule>[] => {
    const found = CONDITIONS[condition](context)
    if (found === null) return []
    const moved = weigh(factor, found.holds)
    const rule = `health.${found.holds ? 'is' : 'not'}.${condition}` as const
    if (moved >= TELLING) return [{ rule, values: found.values, weight: 'supports' }]
    if (moved <= 1 / TELLING) return [{ rule, values: found.values, weight: 'warns' }]
    return []
  })
}
