import { describe, expect, it } from 'vitest'
import { nextPlaces, rotation } from '.'

const verdict = (years: number[], season = 2026) => rotation({ years, container: false }, season).answer

describe('rotation', () => {
  it('counts the whole seasons between', () => {
    expect(verdict([])).toEqual({ rested: null, verdict: 'never' })
    expect(verdict([2025])).toEqual({ rested: 0, verdict: 'again' })
    expect(verdict([2019, 2023])).toEqual({ rested: 2, verdict: 'short' })
    expect(verdict([2022])).toEqual({ rested: 3, verdict: 'rested' })
  })
  it('does not look at this season or later ones', () => {
    expect(verdict([2026, 2027])).toEqual({ rested: null, verdict: 'never' })
  })
  it('tells what to do where they must stand again: new mix in a pot, soil and graft in a bed', () => {
    const rules = (container: boolean) =>
      rotation({ years: [2025], container }, 2026).reasons.map(({ rule }) => rule)
    expect(rules(true)).toEqual(['rotation.again', 'rotation.new-mix'])
    expect(rules(false)).toContain('rotation.graft')
  })
  it('refuses what is no year', () => {
    expect(() => verdict([20])).toThrow(/years/)
    expect(() => verdict([], NaN)).toThrow(/season/)
  })
})

describe('places for the next season', () => {
  const place = (id: string, years: number[], area = 4, kind = 'bed') => ({ id, kind, area, years })
  it('are the longest rested of a kind, each once, the largest planting choosing first', () => {
    const places = [
      place('a', [2026]),
      place('b', [2022]),
      place('c', []),
      place('pot', [2026], 0.1, 'container'),
    ]
    const found = nextPlaces(
      [
        { id: 'p1', placeId: 'a' },
        { id: 'p2', placeId: 'b' },
        { id: 'p3', placeId: 'pot' },
      ],
      places,
      2027,
    )
    expect(found.get('p1')).toMatchObject({ placeId: 'c', rotation: { verdict: 'never' } })
    expect(found.get('p2')).toMatchObject({ placeId: 'b', rotation: { rested: 4 } })
    expect(found.get('p3')).toMatchObject({ placeId: 'pot' })
  })
  it('keep together what stood together, and leave it where nothing has rested longer', () => {
    const places = [place('a', [2026]), place('b', [2026])]
    const found = nextPlaces(
      [
        { id: 'p1', placeId: 'a' },
        { id: 'p2', placeId: 'a' },
        { id: 'p3', placeId: 'b' },
      ],
      places,
      2027,
    )
    expect([...found.values()].map(({ placeId }) => placeId)).toEqual(['a', 'a', 'b'])
  })
  it('are large enough, and stay where nothing else is left', () => {
    const places = [place('small', [], 2), place('own', [2026], 6)]
    expect(nextPlaces([{ id: 'p', placeId: 'own' }], places, 2027).get('p')).toMatchObject({
      placeId: 'own',
      rotation: { verdict: 'again' },
    })
  })
})
