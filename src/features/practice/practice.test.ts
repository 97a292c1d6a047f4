import { describe, expect, it } from 'vitest'
import type { LogEntry } from '../../core/log'
import { demoState } from '../../data/demo/demo-state'
import { practiceView } from './queries'

const round = (id: string, on: string, level: string, seed: number, points: number): LogEntry =>
  ({
    ...{ id, kind: 'practised', on, at: `${on}T09:00:00.000Z`, subject: { type: 'garden', id: 'demo' } },
    ...{ data: { level, seed, points }, note: '', voids: null },
  }) as LogEntry

describe('practice', () => {
  it('begins with five tasks of the day, none done', () => {
    const { daily, levels } = practiceView(demoState())
    expect(daily).toHaveLength(5)
    expect(daily.every(({ points }) => points === null)).toBe(true)
    expect(levels.every(({ rounds, points }) => rounds === 0 && points === null)).toBe(true)
  })
  it('keeps the day’s set while it is done, and how each level goes', () => {
    const { daily } = practiceView(demoState())
    const [first] = daily
    const done = practiceView(
      demoState({ entries: [round('r1', '2026-06-18', first!.level, first!.seed, 60)] }),
    )
    expect(done.daily.map(({ level, seed }) => [level, seed])).toEqual(
      daily.map(({ level, seed }) => [level, seed]),
    )
    expect(done.daily[0]!.points).toBe(60)
    expect(done.levels.find(({ level }) => level === first!.level)).toMatchObject({ rounds: 1, points: 60 })
  })
  it('takes the mean of a level’s last five rounds', () => {
    const entries = [0, 0, 100, 100, 100, 100, 100].map((points, index) =>
      round(`r${index}`, `2026-06-1${index}`, 'bush', index, points),
    )
    expect(practiceView(demoState({ entries })).levels.find(({ level }) => level === 'bush')).toMatchObject({
      rounds: 7,
      points: 100,
    })
  })
})
