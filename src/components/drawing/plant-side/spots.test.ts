import { describe, expect, it } from 'vitest'
import { growPlant, plantTraits, USUAL_VINE } from '../../../core/crop'
import { applyCuts } from '../../../core/pruning'
import { drawnStems } from './shape'
import { cutOf, nearestSpot, partSpots, samePart, stepFrom, type PartSpot } from './spots'

const days = Array.from({ length: 62 }, () => ({ degreeDays: 10, tmin: 17, tmax: 24 }))
const plant = growPlant(plantTraits(USUAL_VINE), days, [])
const spots = partSpots(plant, drawnStems(plant))
const at = (from: PartSpot | null, ...keys: string[]) =>
  keys.reduce((here, key) => stepFrom(spots, here, key), from)!

describe('the parts of a drawn plant', () => {
  it('are all there, each where a tap finds it', () => {
    expect(new Set(spots.map(({ organ }) => organ))).toEqual(new Set(['leaf', 'sucker', 'truss', 'tip']))
    for (const spot of spots) {
      const found = nearestSpot(spots, spot.x, spot.y, 0.01)!
      expect(Math.hypot(found.x - spot.x, found.y - spot.y)).toBeLessThan(1e-9)
    }
    expect(nearestSpot(spots, 9, 9, 0.1)).toBeNull()
  })
  it('are cut close to their stem, on their own side, across the part', () => {
    const stems = drawnStems(plant)
    for (const { stem, node, organ } of spots) {
      const at = stems[stem]![node]!
      const { x, y, across } = cutOf(at, organ)
      const hangs = organ === 'truss' ? Math.max(at.y, 0.11) : at.y
      expect(Math.hypot(x - at.x, y - hangs)).toBeLessThan(0.02)
      if (organ === 'leaf' || organ === 'sucker') expect(Math.sign(x - at.x)).toBe(at.side)
      if (organ === 'truss') expect(Math.sign(x - at.x)).toBe(-at.side)
      // The blade goes across the way that the part grows.
      expect((x - at.x) * across.x + (y - hangs) * across.y).toBeCloseTo(0, 9)
    }
  })
  it('lie on their own leaf, however small it is', () => {
    const stems = drawnStems(plant)
    for (const { stem, node, organ, x, y } of spots) {
      if (organ !== 'leaf') continue
      const at = stems[stem]![node]!
      expect(Math.hypot(x - at.x, y - at.y)).toBeLessThan(at.leaf.length)
    }
  })
  it('go with what is cut', () => {
    const leaf = spots.find(({ organ }) => organ === 'leaf')!
    const less = applyCuts(plant, [leaf])
    expect(partSpots(less, drawnStems(less)).some((spot) => samePart(spot, leaf))).toBe(false)
  })
  it('are gone through by arrow keys: up and down a stem by the same organ, across a node, to another stem', () => {
    const first = at(null, 'ArrowUp')
    expect(first).toEqual(spots[0])
    const up = at(first, 'ArrowUp')
    expect(up).toMatchObject({ stem: first.stem, organ: first.organ })
    expect(up.node).toBeGreaterThan(first.node)
    expect(samePart(at(up, 'ArrowDown'), first)).toBe(true)
    const across = at(up, 'ArrowRight')
    expect(spots.indexOf(across)).toBe(spots.indexOf(up) + 1)
    expect(samePart(at(across, 'ArrowLeft'), up)).toBe(true)
    const other = at(up, 'PageUp')
    expect(other.stem).not.toBe(up.stem)
    expect(at(other, 'PageDown').stem).toBe(up.stem)
  })
  it('end where the plant ends: no key leads off it', () => {
    for (const key of ['ArrowUp', 'ArrowRight', 'PageUp']) {
      let here = spots[0]!
      for (let step = 0; step < spots.length; step++) here = at(here, key)
      expect(samePart(at(here, key), here)).toBe(true)
    }
    expect(stepFrom([], null, 'ArrowUp')).toBeNull()
  })
})
