import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  advisePruning,
  dailySet,
  PRACTICE_LEVELS,
  practicePlant,
  practiceTask,
  scoreCuts,
  scoreNames,
} from '.'

const anyLevel = fc.constantFrom(...PRACTICE_LEVELS)
const anySeed = fc.integer({ min: 0, max: 5000 })

describe('a plant to practise on', () => {
  it('is the same for the same seed, and another for another', () => {
    expect(practicePlant(7, 'two-stems')).toEqual(practicePlant(7, 'two-stems'))
    const widths = new Set([1, 2, 3, 4, 5, 6].map((seed) => practicePlant(seed, 'single-stem').leafArea))
    expect(widths.size).toBeGreaterThan(2)
  })
  it('asks something that can be answered wholly', () => {
    fc.assert(
      fc.property(anySeed, anyLevel, (seed, level) => {
        const task = practiceTask(seed, level)
        if (task.named.length > 0) {
          expect(
            scoreNames(
              task,
              task.named.map(({ name }) => name),
            ).points,
          ).toBe(100)
          expect(
            scoreNames(
              task,
              task.named.map(() => null),
            ).points,
          ).toBe(0)
          return
        }
        const { answer } = advisePruning(task)
        const now = answer.filter(({ due }) => due === undefined)
        expect(now.length > 0).toBe(task.context.forecast[0]!.rain === 0)
        expect(scoreCuts(task.plant, now, task.system, task.context).points).toBe(100)
      }),
      { numRuns: 80 },
    )
  })
  it('has on each level what the level is about', () => {
    fc.assert(
      fc.property(anySeed, (seed) => {
        expect(practiceTask(seed, 'bush').plant.bush).toBe(true)
        expect(practiceTask(seed, 'pepper-fork').plant.stems[0]!.ended).toBe('fork')
        expect(advisePruning(practiceTask(seed, 'rescue')).answer.some(({ due }) => due)).toBe(true)
        expect(practiceTask(seed, 'find-the-leader').named).toHaveLength(2)
        const names = practiceTask(seed, 'name-the-part').named.map(({ name }) => name)
        expect(new Set(names)).toEqual(new Set(['leaf', 'sucker', 'truss', 'tip']))
        expect(practiceTask(seed, 'two-stems').plant.stems.length).toBeGreaterThan(1)
      }),
      { numRuns: 25 },
    )
  })
})

describe('the day’s set', () => {
  it('is the same all day, and brings what went worst', () => {
    expect(dailySet('2026-06-18', {})).toEqual(dailySet('2026-06-18', {}))
    const well = Object.fromEntries(PRACTICE_LEVELS.map((level) => [level, 100]))
    const days = Array.from({ length: 20 }, (_, day) => dailySet(`day ${day}`, { ...well, rescue: 0 }))
    for (const set of days) {
      expect(set).toHaveLength(5)
      expect(set.map(({ level }) => level)).toContain('rescue')
    }
  })
})
