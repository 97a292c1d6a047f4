import { describe, expect, it } from 'vitest'
import { addDays, isoDate, type IsoDate } from '../calendar'
import { emptySeries } from '../climate'
import { plainPlace, type Place, type Planting } from '../facts'
import type { LogEntry } from '../log'
import { seasonOutlook } from '../season'
import { bed, entryOf, sampleGarden, sixSlicers, slicer } from '../../test/sample-garden'
import { daysToHeights, degreeDaysFrom, planOf, supportCasesOf } from '../support'
import { usualFeeding } from '../transplant'
import { gardenWater } from '../watering'
import { callsOf, pruningContextOf, type Call, type CallKind } from '.'
import { plantingCuts } from './planting-cuts'
import { walkingOrder } from './walking-order'

const house = { feeding: usualFeeding, watering: 'even', flowers: 'worked-out' } as const
const SITE = { latitude: 41, longitude: -97, elevation: 450 }
const planting: Planting = { ...sixSlicers, plannedSetOut: '2026-05-20' as IsoDate }
const planted = [
  entryOf('s', 'sown', '2026-03-30', { seeds: 11 }),
  entryOf('u', 'emerged', '2026-04-07', { count: 9 }),
  entryOf('o', 'set-out', '2026-05-20', {
    count: 6,
    method: 'upright',
    school: 'deep',
    stemBuried: 0.1,
    holeDepth: 0.2,
    leavesStripped: 2,
  }),
]
const ofPlace = (id: string, kind: LogEntry['kind'], on: string, data: object) =>
  entryOf(id, kind, on, data, { subject: { type: 'place', id: 'p' } })
const plants = Array.from({ length: 6 }, (_, index) => ({
  id: `a${index}`,
  plantingId: 'a',
  label: String(index + 1),
  x: 0.3 + index * 0.45,
  y: 0.6,
  from: null,
  to: null,
}))

function careOn(
  on: string,
  entries: LogEntry[] = [],
  change: {
    place?: Place
    tmax?: number
    wind?: number
    support?: Planting['support']
    raising?: Planting['raising']
    training?: Planting['training']
    before?: LogEntry[]
  } = {},
): Call[] {
  const { place = bed, tmax = 27, wind = 2, support = 'stake', raising = 'plant', before = planted } = change
  const { training = planting.training } = change
  const today = isoDate(on)
  const forecast = emptySeries((Date.parse(on) / 86_400_000) | 0, 7)
  for (let day = 0; day < 7; day++) {
    forecast.tmin[day] = 15
    forecast.tmax[day] = tmax
    forecast.dewPoint[day] = 12
    forecast.solar[day] = 24
    forecast.wind[day] = wind
  }
  const outlook = seasonOutlook(
    sampleGarden([...before, ...entries], {
      places: [place],
      plantings: [{ ...planting, support, raising, training }],
    }),
    today,
    forecast,
  )
  const garden = { site: SITE, soil: 'loam' as const, places: [place], readings: [] }
  return callsOf(outlook, {
    id: 'g',
    plants,
    water: gardenWater(outlook, garden, 14),
    wetness: 'medium',
    bears: () => 3,
    vigour: () => null,
    house,
  })
}
const find = (calls: Call[], kind: CallKind) => calls.find((call) => call.kind === kind)
const watered = (on: string) => ofPlace(`w${on}`, 'watered', on, { litres: 200 })
const cut = (on: string) => entryOf(`c${on}`, 'pruned', on, { cuts: [{ stem: 0, node: 0, organ: 'leaf' }] })

describe('water', () => {
  it('is asked once the root zone nears its limit, with litres that fill it, and not after a watering', () => {
    const dry = find(careOn('2026-06-30'), 'water')!
    expect(dry.urgency).toBe('today')
    expect(dry.subject).toEqual({ type: 'place', id: 'p' })
    if (dry.advice.answer.kind !== 'water') throw new Error()
    expect(dry.advice.answer.litres).toBeGreaterThan(20)
    expect(dry.advice.answer.dripMinutes).toBeNull()
    expect(find(careOn('2026-06-30', [watered('2026-06-30')]), 'water')?.urgency).not.toBe('today')
  })
  it('of a dry pot, however crowded, is lost if it waits until morning', () => {
    const pot = { ...plainPlace({ id: 'p', name: 'P', kind: 'container', length: 0.4, width: 0.4 }) }
    expect(find(careOn('2026-06-30', [], { place: pot }), 'water')!.urgency).toBe('tonight')
  })
  it('says drip in minutes by its emitters', () => {
    const drip = { ...bed, dripLines: [0.6], emitterSpacing: 0.3, emitterFirst: 0.15 }
    const { answer } = find(careOn('2026-06-30', [], { place: drip }), 'water')!.advice
    if (answer.kind !== 'water') throw new Error()
    expect(answer.dripMinutes).toBeCloseTo((answer.litres / (10 * 2)) * 60, 6)
  })
})

describe('a few plants in a large bed', () => {
  const waterIn = (length: number, width: number) => {
    const large = { ...bed, length, width }
    const outlook = seasonOutlook(
      sampleGarden(planted, { places: [large], plantings: [planting] }),
      isoDate('2026-07-05'),
      null,
    )
    const garden = { site: SITE, soil: 'loam' as const, places: [large], readings: [] }
    return gardenWater(outlook, garden, 14)[0]!.water.course
  }
  it('drink from the ground that their roots fill, not from all of it', () => {
    // Six slicers on two stems: 1.2 × (0.65 + 0.3)² m² each.
    expect(waterIn(20, 3).area).toBeCloseTo(6 * 1.2 * 0.95 ** 2, 9)
    expect(waterIn(2.4, 1.2).area).toBeCloseTo(2.4 * 1.2, 9)
    const litres = ({ area, days }: ReturnType<typeof waterIn>) => (area * days.at(-1)!.et) / 6
    // Not the tens of litres that the whole bed loses.
    expect(litres(waterIn(20, 3))).toBeGreaterThan(1)
    expect(litres(waterIn(20, 3))).toBeLessThan(9)
  })
})

describe('a vine on a string', () => {
  const topOf = (support: Planting['support']) => {
    const own = { ...planting, training: 'single-stem' as const, support }
    const outlook = seasonOutlook(sampleGarden(planted, { plantings: [own] }), isoDate('2026-08-05'), null)
    const [standing] = outlook.plantings
    return {
      top: pruningContextOf(outlook, standing!, 'medium').supportTop,
      rules: plantingCuts(outlook, standing!, { plants, wetness: 'medium', vigour: () => null }).flatMap(
        ({ cuts }) => cuts.map(({ reason }) => reason.rule),
      ),
    }
  }
  it('is lowered at its wire, never topped there; on a stake it is', () => {
    expect(topOf('string').top).toBeNull()
    expect(topOf('string').rules).not.toContain('prune.top-support')
    expect(topOf('stake').top).toBe(1.8)
  })
  it('has its string, its lowerings and their dates end with the season', () => {
    const own = { ...planting, training: 'single-stem' as const, support: 'string' as const }
    const outlook = seasonOutlook(sampleGarden(planted, { plantings: [own] }), isoDate('2026-06-05'), null)
    const [standing] = outlook.plantings
    const site = { gust: 20, shelter: 'fenced' as const, wetness: 'low' as const }
    const [row] = supportCasesOf(standing!, plants, site)
    const { string, lowerings, aboveGround } = planOf('string', row!)
    // As long as it grows by its topping date: over the wire, but not by the year's end.
    expect(row!.stemLength).toBeGreaterThan(aboveGround)
    expect(lowerings.at(-1)).toBeLessThanOrEqual(row!.stemLength)
    expect(lowerings.at(-1)! + 0.35).toBeGreaterThan(row!.stemLength)
    expect(string).toEqual({
      length: expect.closeTo(aboveGround + 0.35 * lowerings.length + 0.5, 9) as number,
      reserve: expect.closeTo(0.35 * lowerings.length, 9) as number,
    })
    const growth = degreeDaysFrom(standing!)!
    const last = daysToHeights(row!.cultivar, 'single-stem', growth.sums, lowerings).at(-1)!
    expect(addDays(growth.from, last) <= standing!.dates.top.date!).toBe(true)
    const soil = (changed: Partial<Place>) =>
      supportCasesOf({ ...standing!, place: { ...bed, ...changed } }, plants, site)[0]!.soil
    // A post in open ground reaches under what was dug.
    expect(soil({ raised: false, soilDepth: 0.3 })).toBe('firm')
    expect([soil({ raised: true }), soil({ raised: false, soilDepth: 0.6 })]).toEqual(['loose', 'loose'])
  })
  it('is ended by a stop of its own when the season ends it, that names its trusses', () => {
    const own = { ...planting, training: 'single-stem' as const, support: 'string' as const }
    const on = (date: string, more: LogEntry[] = []) =>
      careOn(date, more, { support: own.support, training: own.training })
    const due = (calls: Call[]) => calls.filter(({ kind }) => kind === 'top')
    const [call] = due(on('2026-09-15'))
    expect(call!.advice.reasons.map(({ rule }) => rule)).toContainEqual(
      expect.stringMatching(/^prune.top-season-/),
    )
    const leaders = (calls: Call[]) =>
      calls.flatMap(({ advice: { answer } }) =>
        answer.kind === 'tend' ? answer.alike.flatMap(({ cuts }) => cuts) : [],
      )
    expect(leaders(on('2026-09-15')).filter(({ stem, organ }) => stem === 0 && organ === 'tip')).toEqual([])
    expect(due(on('2026-09-16', [entryOf('top', 'topped', '2026-09-15')]))).toEqual([])
  })
})

describe('ties and cuts', () => {
  it('are asked together, with a call of their own for each thing that joins', () => {
    const both = find(careOn('2026-06-15'), 'tend')!
    const { answer } = both.advice
    if (answer.kind !== 'tend') throw new Error()
    expect(answer.works).toEqual(['tie'])
    expect(answer.cuts.sucker).toBeGreaterThan(0)
    expect(answer.alike).toHaveLength(1)
    expect(answer.alike[0]!.plants).toHaveLength(6)
    const tied = entryOf('t', 'tended', '2026-06-14', { works: ['tie'] })
    const only = find(careOn('2026-06-15', [tied]), 'tend')!
    if (only.advice.answer.kind !== 'tend') throw new Error()
    expect(only.advice.answer.works).toEqual([])
    expect(only.id).not.toBe(both.id)
    expect(only.minutes).toBeLessThan(both.minutes)
  })
  it('grow apart the plants that were cut otherwise', () => {
    const one = { ...cut('2026-06-08'), subject: { type: 'plant' as const, id: 'a3' } }
    const { answer } = find(careOn('2026-06-15', [one as LogEntry]), 'tend')!.advice
    if (answer.kind !== 'tend') throw new Error()
    expect(answer.alike.map(({ plants: alike }) => alike.map(({ label }) => label).join())).toEqual([
      '1,2,3,5,6',
      '4',
    ])
  })
  it('rest after a cutting, and are asked again as shoots grow', () => {
    const tied = (on: string) => entryOf(`t${on}`, 'tended', on, { works: ['tie'] })
    expect(find(careOn('2026-06-17', [cut('2026-06-16'), tied('2026-06-16')]), 'tend')).toBeUndefined()
    expect(find(careOn('2026-06-24', [cut('2026-06-15'), tied('2026-06-23')]), 'tend')).toBeDefined()
  })
  it('go first where wind comes that breaks what is not tied', () => {
    const calm = find(careOn('2026-06-15'), 'tend')!
    const storm = find(careOn('2026-06-15', [], { wind: 10 }), 'tend')!
    expect([calm.urgency, storm.urgency]).toEqual(['today', 'tonight'])
    expect(storm.advice.reasons.map(({ rule }) => rule)).toContain('call.storm')
  })
  it('ask a string of a weave, and nothing of a cage', () => {
    const works = (support: Planting['support']) => {
      const answer = find(careOn('2026-06-15', [], { support }), 'tend')?.advice.answer
      return answer?.kind === 'tend' ? answer.works : []
    }
    expect(works('weave')).toEqual(['tier'])
    expect(works('cage')).toEqual([])
  })
})

describe('a tunnel and the garden', () => {
  const tunnel = { ...plainPlace({ id: 'p', name: 'P', kind: 'tunnel', length: 6, width: 2.4 }) }
  it('is opened on a warm day, once', () => {
    const open = find(careOn('2026-06-30', [], { place: tunnel }), 'vent')!
    expect(open.advice.answer).toMatchObject({ kind: 'vent' })
    const done = ofPlace('v', 'tended', '2026-06-30', { works: ['open-tunnel'] })
    expect(find(careOn('2026-06-30', [done], { place: tunnel }), 'vent')).toBeUndefined()
    expect(find(careOn('2026-06-30', [], { place: tunnel, tmax: 15 }), 'vent')).toBeUndefined()
    expect(find(careOn('2026-06-30'), 'vent')).toBeUndefined()
  })
  it('has its trusses shaken every day while they flower', () => {
    const shaken = (on: string) => ofPlace('k', 'tended', on, { works: ['shake'] })
    expect(find(careOn('2026-07-05', [], { place: tunnel }), 'shake')!.urgency).toBe('today')
    expect(find(careOn('2026-07-05', [shaken('2026-07-05')], { place: tunnel }), 'shake')!.urgency).toBe(
      'coming',
    )
    expect(find(careOn('2026-07-05'), 'shake')).toBeUndefined()
  })
  it('is shaded before scorching heat, and looked over by how hard wet leaves press', () => {
    expect(find(careOn('2026-06-30', [], { tmax: 35.5 }), 'shade')!.subject).toEqual({
      type: 'garden',
      id: 'g',
    })
    expect(find(careOn('2026-06-30', [], { tmax: 34 }), 'shade')).toBeUndefined()
    const scouted = entryOf(
      'l',
      'tended',
      '2026-06-26',
      { works: ['scout'] },
      { subject: { type: 'garden', id: 'g' } },
    )
    expect(find(careOn('2026-06-30'), 'scout')!.urgency).toBe('today')
    expect(find(careOn('2026-06-30', [scouted]), 'scout')!.window.due).toBe('2026-07-03')
  })
})

describe('a case', () => {
  const noticed = entryOf('k', 'noticed', '2026-06-24', { signs: ['target-rings'], cause: 'early-blight' })
  it('is looked at again three days after it was seen last, until it is closed', () => {
    expect(find(careOn('2026-06-25', [noticed]), 'follow')).toMatchObject({
      urgency: 'coming',
      window: { due: '2026-06-27' },
      advice: { answer: { case: 'k', cause: 'early-blight' } },
    })
    expect(find(careOn('2026-06-28', [noticed]), 'follow')!.urgency).toBe('today')
    const again = entryOf('k2', 'followed', '2026-06-28', { case: 'k', course: 'same' })
    expect(find(careOn('2026-06-28', [noticed, again]), 'follow')!.urgency).toBe('coming')
    const closed = entryOf('k3', 'closed', '2026-06-28', { case: 'k', outcome: 'gone' })
    expect(find(careOn('2026-06-29', [noticed, closed]), 'follow')).toBeUndefined()
  })
})

describe('all calls', () => {
  it('are planned by the garden’s own times, and hold them against the working values', () => {
    const slow = entryOf('t', 'timed', '2026-06-01', { work: 'tend', minutes: 45, usual: 15 })
    const [before, after] = [find(careOn('2026-06-15'), 'tend')!, find(careOn('2026-06-15', [slow]), 'tend')!]
    expect(after.usualMinutes).toBe(before.usualMinutes)
    expect(after.minutes).toBeCloseTo(before.minutes * 2, 9)
  })
  it('come back exactly as they were when what answered them is taken back', () => {
    const before = careOn('2026-06-15')
    const call = find(before, 'tend')!
    const answers: [LogEntry['kind'], object][] = [
      ['declined', { call: call.id, why: '' }],
      ['put-off', { call: call.id, until: '2026-06-20' }],
      ['tended', { works: ['tie'] }],
      ['pruned', { cuts: [{ stem: 0, node: 0, organ: 'leaf' }] }],
      ['flowered', {}],
      ['noticed', { signs: ['target-rings'] }],
    ]
    for (const [kind, data] of answers) {
      const entry = entryOf('x', kind, '2026-06-15', data)
      const back = entryOf('y', 'void', '2026-06-15', {}, { voids: 'x' })
      expect(careOn('2026-06-15', [entry])).not.toEqual(before)
      expect(careOn('2026-06-15', [entry, back])).toEqual(before)
    }
  })
  it('are the same whatever the order in which equal entries came', () => {
    const entries = [
      watered('2026-06-20'),
      cut('2026-06-10'),
      entryOf('t', 'tended', '2026-06-12', { works: ['tie'] }),
    ]
    expect(careOn('2026-06-28', [...entries].reverse())).toEqual(careOn('2026-06-28', entries))
  })
  it('stay declined until something else is asked', () => {
    const call = find(careOn('2026-06-15'), 'tend')!
    const declined = entryOf('d', 'declined', '2026-06-15', { call: call.id, why: '' })
    expect(find(careOn('2026-06-15', [declined]), 'tend')).toBeUndefined()
    const tied = entryOf('t', 'tended', '2026-06-15', { works: ['tie'] })
    expect(find(careOn(addDays(isoDate('2026-06-15'), 1), [declined, tied]), 'tend')).toBeDefined()
  })
})

describe('the walk', () => {
  it('goes from the corner to the nearest place each time', () => {
    const at = (id: string, x: number, y: number) => ({
      ...plainPlace({ id, name: id, kind: 'bed', length: 2, width: 1 }),
      x,
      y,
    })
    expect(walkingOrder([at('far', 20, 0), at('mid', 8, 0), at('near', 0, 0), at('up', 0, 4)])).toEqual([
      'near',
      'up',
      'mid',
      'far',
    ])
    expect(walkingOrder([])).toEqual([])
    // In the grower's own order first; from its last place on to the nearest of the others.
    const told = [
      at('near', 0, 0),
      { ...at('far', 20, 0), walk: 1 },
      { ...at('mid', 8, 0), walk: 0 },
      at('next', 26, 0),
    ]
    expect(walkingOrder(told)).toEqual(['mid', 'far', 'next', 'near'])
  })
})

it('asks nothing of what was not set out', () => {
  const outlook = seasonOutlook(sampleGarden([], { cultivars: [slicer] }), isoDate('2026-06-15'), null)
  const calls = callsOf(outlook, {
    id: 'g',
    plants,
    water: [],
    wetness: 'low',
    bears: () => 3,
    vigour: () => null,
    house,
  })
  expect(calls.every(({ kind }) => kind === 'sow')).toBe(true)
})

describe('what stands', () => {
  const kindsOf = (on: string, change: Parameters<typeof careOn>[2]) =>
    [...new Set(careOn(on, [], change).map(({ kind }) => kind))].sort()
  const bought = { before: planted.filter(({ kind }) => kind === 'set-out') }
  const inPlace = {
    raising: 'direct' as const,
    before: [
      entryOf('s', 'sown', '2026-05-08', { seeds: 18 }),
      entryOf('u', 'emerged', '2026-05-20', { count: 6 }),
    ],
  }
  it('is cared for the same, whether it was raised, bought, or came up where it was sown', () => {
    const days = ['2026-06-20', '2026-07-10', '2026-08-10', '2026-09-20']
    for (const on of days) {
      expect(kindsOf(on, bought)).toEqual(kindsOf(on, {}))
      expect(kindsOf(on, inPlace)).toEqual(expect.arrayContaining(['scout', 'tend', 'water']))
    }
    // What came up in place is weeks behind what was raised: fed and picked later, but fed and picked.
    const all = (change: Parameters<typeof careOn>[2]) => new Set(days.flatMap((on) => kindsOf(on, change)))
    expect(all(inPlace)).toEqual(all({}))
  })
  it('asks for nothing any more once it was cleared', () => {
    for (const change of [{}, inPlace]) {
      const cleared = entryOf('z', 'cleared', '2026-08-01')
      expect(careOn('2026-08-10', [cleared], change)).toEqual([])
    }
  })
})
