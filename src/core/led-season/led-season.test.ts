import { describe, expect, it } from 'vitest'
import { normalsFor, type ClimateTemplateId } from '../climate'
import { USUAL_VINE } from '../crop'
import { adviserActs, LED_LENGTHS, ledPlant, ledSeason, NOTHING, toldOf, visitAfter } from '.'
import type { LedActs, LedLength, LedSeason } from '.'

const humid = site('humid-warm-summer', 41, 450, 118, 270)
const dry = site('dry-summer-warm', 38, 100, 90, 280)
function site(id: ClimateTemplateId, latitude: number, elevation: number, setOut: number, end: number) {
  return { latitude, elevation, normals: normalsFor(id, { latitude, elevation }), setOut, end }
}
const led = (length: LedLength = 'medium', seed = 3, of = humid) => ledSeason(of, USUAL_VINE, length, seed)

/** A whole season by one way of deciding. */
function ledBy(season: LedSeason, decide: (acts: readonly LedActs[]) => LedActs) {
  const acts: LedActs[] = []
  for (let at = 0; at < season.visits.length; at++) acts.push(decide(acts))
  return { acts, end: visitAfter(season, acts) }
}
const advised = (season: LedSeason) => ledBy(season, (acts) => adviserActs(season, acts))

describe('a season to lead', () => {
  it('is the same for its seed, and another for another', () => {
    expect(led().series.tmin).toEqual(led().series.tmin)
    expect(led('medium', 4).series.tmin).not.toEqual(led().series.tmin)
  })
  it('has as many visits as its length says, all within it, the whole one a week apart', () => {
    for (const length of ['short', 'medium'] as const)
      expect(Math.abs(led(length).visits.length - LED_LENGTHS[length])).toBeLessThanOrEqual(1)
    const { visits, end } = led('whole')
    expect(visits.every((day, at) => at === 0 || day - visits[at - 1]! === 7)).toBe(true)
    expect(visits.at(-1)!).toBeLessThan(end)
    // A short season still has a visit a week at the most.
    expect(ledSeason({ ...humid, end: 140 }, USUAL_VINE, 'short', 1).visits.length).toBeLessThanOrEqual(4)
  })
  it('refuses a season without days, and a seed that is none', () => {
    expect(() => ledSeason({ ...humid, end: 118 }, USUAL_VINE, 'short', 1)).toThrow('end must be')
    expect(() => led('short', -1)).toThrow('seed must be')
  })
})

describe('leading a plant', () => {
  it('goes the same way however often it is looked at in between', () => {
    const season = led('whole')
    const { acts, end } = advised(season)
    expect(visitAfter(season, acts)).toEqual(end)
    for (let at = 1; at < acts.length; at++) {
      const [before, after] = [
        visitAfter(season, acts.slice(0, at - 1)),
        visitAfter(season, acts.slice(0, at)),
      ]
      expect(after.picked).toBeGreaterThanOrEqual(before.picked)
      expect(after.sight.season.litres).toBeGreaterThanOrEqual(before.sight.season.litres)
    }
  })
  it('bears hardly anything where nobody does a thing, and most by the adviser’s hand', () => {
    for (const of of [humid, dry]) {
      const season = led('medium', 3, of)
      const best = advised(season).end
      expect(ledBy(season, () => NOTHING).end.picked).toBe(0)
      for (const leaves of ['water', 'pick', 'tie'] as const) {
        const without = { ...NOTHING, [leaves]: leaves === 'water' ? ('none' as const) : false }
        const { end } = ledBy(season, (acts) => ({ ...adviserActs(season, acts), [leaves]: without[leaves] }))
        expect(end.picked, leaves).toBeLessThan(best.picked)
      }
      expect(best.picked).toBeGreaterThan(1)
    }
  })
  it('takes no more water than it wants: without rain it waters, on a wet plain less', () => {
    const [wet, arid] = [humid, dry].map((of) => advised(led('medium', 3, of)).end.sight.season.litres)
    expect(arid!).toBeGreaterThan(wet!)
  })
  it('counts every ripe kilogram once: picked, hanging, or spoiled', () => {
    const season = led('whole')
    const { acts } = advised(season)
    const some = acts.map((act, at) => ({ ...act, pick: at % 3 === 0 }))
    const { picked, ripe, spoiled, sight } = visitAfter(season, some)
    expect(picked + ripe + spoiled).toBeCloseTo(sight.season.sound, 8)
    expect(spoiled).toBeGreaterThan(0)
    const all = visitAfter(season, acts)
    expect(all.spoiled).toBe(0)
    expect(all.picked).toBeCloseTo(all.sight.season.sound, 8)
  })
  it('covers before a cold night, and a plant that was not covered in frost is gone', () => {
    const late = ledSeason({ ...humid, end: 330 }, USUAL_VINE, 'whole', 5)
    const { acts, end } = advised(late)
    expect(acts.some(({ cover }) => cover)).toBe(true)
    const bare = ledBy(late, (sofar) => ({ ...adviserActs(late, sofar), cover: false })).end
    expect(bare.sight.season.end!).toBeLessThanOrEqual(end.sight.season.end!)
    expect(bare.sight.stands).toBe(false)
  })
})

describe('what is told of a visit', () => {
  const season = led('medium', 3, dry)
  const { acts } = advised(season)
  const at = 6
  const before = visitAfter(season, acts.slice(0, at))
  const tell = (change: Partial<LedActs>, earlier: readonly LedActs[] = acts.slice(0, at)) => {
    const act = { ...acts[at]!, ...change }
    return toldOf(
      season,
      { acts: act, advised: acts[at]! },
      before,
      visitAfter(season, [...earlier, act]),
    ).map(({ rule, good }) => [rule, good])
  }
  it('is right where the adviser’s hand did it', () => {
    const rules = tell({})
    expect(rules.some(([rule]) => rule === 'water.right' || rule === 'water.hard')).toBe(true)
    expect(rules).toContainEqual(['prune.right', true])
    expect(rules.every(([, good]) => good)).toBe(true)
  })
  it('says what was left undone, and what was too much', () => {
    expect(tell({ water: 'none' })).toContainEqual(['water.dry', false])
    expect(tell({ prune: false })).toContainEqual(['prune.ran', false])
    expect(tell({ tie: false })).toContainEqual(['tie.fell', false])
    expect(tell({ cover: true })).toContainEqual(['cover.vain', false])
    const wet = led('medium', 3, humid)
    const soaked = [{ ...acts[0]!, water: 'daily' as const }]
    expect(
      toldOf(
        wet,
        { acts: soaked[0]!, advised: adviserActs(wet, []) },
        visitAfter(wet, []),
        visitAfter(wet, soaked),
      ).map(({ rule }) => rule),
    ).toContain('water.wasted')
  })
})

describe('the plant that is drawn', () => {
  it('has one stem where its suckers were taken, and more where they were not', () => {
    const season = led('whole')
    const upTo = 9
    const stems = (prune: boolean) =>
      ledPlant(
        season,
        Array.from({ length: upTo }, () => ({ ...NOTHING, prune })),
      ).stems.filter(({ nodes }) => nodes.length > 3).length
    expect(stems(true)).toBe(1)
    expect(stems(false)).toBeGreaterThan(3)
  })
})
