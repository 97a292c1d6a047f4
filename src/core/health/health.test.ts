import { describe, expect, it } from 'vitest'
import { isoDate } from '../calendar'
import type { LogEntry } from '../log'
import {
  casesOf,
  CAUSE_IDS,
  CAUSES,
  diagnose,
  lookAlikesOf,
  severityOf,
  SIGN_IDS,
  SIGNS,
  tellingSign,
  textbookSigns,
  watchFor,
  type CauseId,
  type HealthContext,
  type PastWeather,
  type SignId,
} from '.'

const UNKNOWN: HealthContext = {
  crop: 'tomato',
  age: null,
  bush: false,
  grafted: false,
  proneness: 0.3,
  large: false,
  underCover: false,
  inPot: false,
  sandy: false,
  weather: null,
  water: null,
  feed: null,
  soil: null,
  rested: null,
  daysOut: null,
  climate: null,
  wasCut: false,
  guestsAbout: false,
}
const DRY: PastWeather = {
  severity: 0,
  blightOn: null,
  rain: 2,
  wettest: 0,
  sinceRain: 12,
  meanHigh: 33,
  hottest: 37,
  mean: 26,
  coldNights: 0,
  coldest: 16,
  windiest: 4,
  set: 0.5,
}
const WET: PastWeather = {
  severity: 2.2,
  blightOn: isoDate('2026-06-15'),
  rain: 80,
  wettest: 30,
  sinceRain: 0,
  meanHigh: 24,
  hottest: 27,
  mean: 19,
  coldNights: 5,
  coldest: 11,
  windiest: 5,
  set: 0.95,
}
const SETTINGS: Record<string, Partial<HealthContext>> = {
  'nothing known': {},
  'hot and dry': { weather: DRY, age: 'ripening', water: { dryDays: 4, dryNow: true, soaked: false } },
  'cool and wet': { weather: WET, age: 'bearing', water: { dryDays: 0, dryNow: false, soaked: true } },
  'a young plant under cover': { weather: DRY, age: 'young', underCover: true },
}
const cropOf = (cause: CauseId) => CAUSES[cause].crops[0]!
const top = (signs: readonly SignId[], context: HealthContext, absent: readonly SignId[] = []) =>
  diagnose({ signs, absent }, context).answer.ranked[0]?.cause

describe('the causes', () => {
  it.each(CAUSE_IDS)(
    '%s is known by two signs or more, and is taken for what both crops or its own have',
    (cause) => {
      expect(textbookSigns(cause).length).toBeGreaterThan(1)
      const others = CAUSES[cause].lookAlikes as readonly CauseId[]
      for (const other of others) expect(CAUSE_IDS).toContain(other)
      expect(others).not.toContain(cause)
      const own = CAUSES[cause].crops.flatMap((crop) => lookAlikesOf(cause, crop))
      expect(new Set(own)).toEqual(new Set(others))
    },
  )
  it('have a use for every sign', () => {
    const used = new Set(CAUSE_IDS.flatMap((cause) => Object.keys(CAUSES[cause].signs)))
    expect(SIGN_IDS.filter((sign) => !used.has(sign))).toEqual([])
  })
  it('are told from a look-alike by a sign of their own', () => {
    expect(tellingSign('early-blight', 'septoria')).toBe('target-rings')
    expect(tellingSign('septoria', 'early-blight')).toBe('grey-specks-dotted')
    expect(tellingSign('thirst', 'waterlogging')).toBe('dry-soil')
    expect(tellingSign('herbicide', 'mosaic-virus')).toBe('other-species-too')
  })
})

describe.each(Object.entries(SETTINGS))('a diagnosis where %s', (_, setting) => {
  it.each(CAUSE_IDS)('%s comes first by its own textbook signs', (cause) => {
    expect(top(textbookSigns(cause), { ...UNKNOWN, ...setting, crop: cropOf(cause) })).toBe(cause)
  })
})

describe('a diagnosis', () => {
  it.each(CAUSE_IDS)('of %s is not unseated by one misleading sign', (cause) => {
    const signs = textbookSigns(cause)
    const unseated = SIGN_IDS.filter((sign) => !signs.includes(sign)).filter(
      (sign) => top([...signs, sign], { ...UNKNOWN, crop: cropOf(cause) }) !== cause,
    )
    expect(unseated).toEqual([])
  })
  it('moves when the weather of the past weeks changes', () => {
    const seen = { signs: ['brown-stem-patches', 'many-small-spots'] as SignId[], absent: [] }
    const share = (weather: PastWeather | null, cause: CauseId) =>
      diagnose(seen, { ...UNKNOWN, weather }).answer.ranked.find((one) => one.cause === cause)?.likelihood ??
      0
    expect(share(WET, 'late-blight')).toBeGreaterThan(share(null, 'late-blight'))
    expect(share(null, 'late-blight')).toBeGreaterThan(share(DRY, 'late-blight'))
    expect(top(['limp-at-noon', 'stunted'], { ...UNKNOWN, rested: 0 })).not.toBe(
      top(['limp-at-noon', 'else-healthy'], { ...UNKNOWN, weather: DRY }),
    )
  })
  it('turns from one cause to the other on vague signs, by the weather alone', () => {
    const vague: SignId[] = ['brown-stem-patches']
    expect(top(vague, { ...UNKNOWN, weather: DRY })).toBe('early-blight')
    expect(top(vague, { ...UNKNOWN, weather: WET })).toBe('late-blight')
  })
  it('counts what was looked for and is not there', () => {
    const before = top(['from-below', 'yellow-halo'], UNKNOWN)
    expect(before).toBe('early-blight')
    expect(top(['from-below', 'yellow-halo'], UNKNOWN, ['target-rings'])).not.toBe('early-blight')
  })
  it('says nothing where nothing was seen, and is sure of nothing on one vague sign', () => {
    expect(diagnose({ signs: [], absent: [] }, UNKNOWN).answer).toEqual({ ranked: [], next: null })
    const { ranked } = diagnose({ signs: ['stunted'], absent: [] }, UNKNOWN).answer
    expect(ranked[0]!.likelihood).toBeLessThan(0.5)
  })
  it('never gives more than the whole, and leaves room for what it does not know', () => {
    for (const sign of SIGN_IDS) {
      const { ranked } = diagnose({ signs: [sign], absent: [] }, UNKNOWN).answer
      const sum = ranked.reduce((all, { likelihood }) => all + likelihood, 0)
      expect(sum).toBeLessThan(1)
      expect(ranked.map(({ likelihood }) => likelihood)).toEqual(
        ranked.map(({ likelihood }) => likelihood).toSorted((a, b) => b - a),
      )
    }
  })
  it('asks next for what tells the likeliest apart, never for what was answered', () => {
    const signs: SignId[] = ['from-below', 'yellow-halo']
    const { next } = diagnose({ signs, absent: [] }, UNKNOWN).answer
    expect(['target-rings', 'grey-specks-dotted', 'greasy-specks', 'many-small-spots']).toContain(next!.sign)
    expect(next!.ifSeen).not.toBe(next!.ifNot)
    const again = diagnose({ signs, absent: [next!.sign] }, UNKNOWN).answer
    expect(again.next?.sign).not.toBe(next!.sign)
  })
  it('follows its own questions to an answer: whatever a plant has, truthful answers find it', () => {
    const missed = CAUSE_IDS.filter((cause) => {
      const context = { ...UNKNOWN, crop: cropOf(cause) }
      const own = textbookSigns(cause)
      const seen = {
        signs: [own.toSorted((a, b) => SIGNS[b].chance - SIGNS[a].chance)[0]!],
        absent: [] as SignId[],
      }
      for (let asked = 0; asked < 12; asked++) {
        const { next } = diagnose(seen, context).answer
        if (!next) break
        ;(own.includes(next.sign) ? seen.signs : seen.absent).push(next.sign)
      }
      return top(seen.signs, context, seen.absent) !== cause
    })
    expect(missed).toEqual([])
  })
  it('says what fits, what is odd, and what the weather adds', () => {
    const { reasons } = diagnose(
      { signs: ['target-rings', 'stunted'], absent: ['from-below'] },
      { ...UNKNOWN, weather: WET },
    )
    expect(reasons.map(({ rule }) => rule)).toEqual([
      'health.fits',
      'health.is.wet-leaves',
      'health.missing',
      'health.odd',
    ])
  })
})

describe('where a plant grows', () => {
  const climate = (change: Partial<NonNullable<HealthContext['climate']>>): HealthContext => ({
    ...UNKNOWN,
    climate: { arid: false, humidSouth: false, coolMaritime: false, ...change },
  })
  it('moves what it is likely to be: mites in the arid west, blight of the stem in the humid south', () => {
    const bronzed: SignId[] = ['from-below', 'dry-hanging-leaves']
    const share = (signs: SignId[], cause: CauseId, context: HealthContext) =>
      diagnose({ signs, absent: [] }, context).answer.ranked.find((one) => one.cause === cause)?.likelihood ??
      0
    expect(share(bronzed, 'russet-mite', climate({ arid: true }))).toBeGreaterThan(
      2 * share(bronzed, 'russet-mite', climate({})),
    )
    expect(share(['stunted'], 'curly-top', climate({ arid: true }))).toBeGreaterThan(
      share(['stunted'], 'curly-top', climate({ humidSouth: true })),
    )
    expect(share(['limp-at-dawn'], 'southern-blight', climate({ humidSouth: true }))).toBeGreaterThan(
      share(['limp-at-dawn'], 'southern-blight', climate({ coolMaritime: true })),
    )
  })
  it('is told as weather only where that weather was: a frost, a gale, the first days outside', () => {
    const rules = (cause: CauseId, change: Partial<HealthContext>) =>
      diagnose({ signs: textbookSigns(cause), absent: [] }, { ...UNKNOWN, ...change }).reasons.map(
        ({ rule }) => rule,
      )
    expect(rules('cold-injury', { weather: { ...WET, coldest: 1 } })).toContain('health.is.frost-night')
    expect(rules('cold-injury', { weather: WET })).toContain('health.not.frost-night')
    expect(rules('wind-damage', { weather: { ...WET, windiest: 11 } })).toContain('health.is.strong-wind')
    expect(rules('transplant-shock', { daysOut: 4 })).toContain('health.is.just-planted')
    expect(rules('transplant-shock', { daysOut: 40 })).toContain('health.not.just-planted')
  })
  it('is rated by what it takes where nothing is done', () => {
    expect(severityOf('late-blight')).toBe('plant')
    expect(severityOf('septoria')).toBe('crop')
    expect(severityOf('zippering')).toBe('little')
    for (const cause of CAUSE_IDS)
      if (CAUSES[cause].kind === 'harmless') expect(severityOf(cause)).toBe('little')
  })
})

describe('what to watch for', () => {
  it('is what the weather brings', () => {
    const watched = (weather: PastWeather) =>
      watchFor({ ...UNKNOWN, age: 'ripening', weather }).map(({ cause }) => cause)
    expect(watched(DRY)).toContain('spider-mite')
    expect(watched(DRY)).not.toContain('late-blight')
    expect(watched(WET)).toContain('late-blight')
    expect(watched(WET)).toContain('early-blight')
  })
  it('is nothing that has no fruit to show on yet', () => {
    const { length } = watchFor({ ...UNKNOWN, age: 'seedling', weather: WET }).filter(
      ({ sign }) => SIGNS[sign].part === 'fruit',
    )
    expect(length).toBe(0)
  })
})

describe('a case', () => {
  const entry = (id: string, kind: string, on: string, data: object) =>
    ({
      id,
      kind,
      on: isoDate(on),
      at: `${on}T07:00:00.000Z`,
      subject: { type: 'planting', id: 'p' },
      data,
      note: '',
      voids: null,
    }) as unknown as LogEntry
  const log = [
    entry('a', 'noticed', '2026-06-01', { signs: ['target-rings'], absent: ['white-powder'] }),
    entry('b', 'followed', '2026-06-04', {
      case: 'a',
      course: 'worse',
      signs: ['white-powder'],
      absent: ['target-rings'],
      cause: 'powdery-mildew',
    }),
    entry('c', 'closed', '2026-06-20', { case: 'a', outcome: 'gone' }),
    entry('d', 'noticed', '2026-06-10', { signs: ['pecks'] }),
  ]
  it('holds the last word on each sign, its cause and its end', () => {
    const [own, other] = casesOf(log)
    expect(own).toMatchObject({
      id: 'a',
      signs: ['white-powder'],
      absent: ['target-rings'],
      cause: 'powdery-mildew',
      course: 'worse',
      lastSeen: '2026-06-20',
      closed: { on: '2026-06-20', outcome: 'gone' },
    })
    expect(own!.entries).toHaveLength(3)
    expect(other).toMatchObject({ id: 'd', closed: null, cause: null })
  })
  it('opens again when it comes back, and is the same however the log is ordered', () => {
    const again = [...log, entry('e', 'followed', '2026-07-01', { case: 'a', course: 'same' })]
    expect(casesOf(again)[0]!.closed).toBeNull()
    expect(casesOf(log.toReversed())).toEqual(casesOf(log))
  })
  it('is gone with the entry that began it', () => {
    expect(casesOf(log.slice(1)).map(({ id }) => id)).toEqual(['d'])
  })
})
