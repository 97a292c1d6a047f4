import { describe, expect, it } from 'vitest'
import { isoDate } from '../../core/calendar'
import { dayOf } from '../../core/garden-day'
import { southGarden } from '../../test/south-garden'
import { roundOf } from './queries'

const ON = '2027-01-20'
const sums = (enter: (of: ReturnType<typeof southGarden>) => void) => {
  const south = southGarden()
  enter(south)
  const { summary } = roundOf(dayOf(south.garden.state(1), isoDate(ON)))
  const plain = (texts: string[]) => texts.map((text) => text.replaceAll('\u00a0', ' '))
  return {
    ...summary,
    done: plain(summary.done),
    notes: plain(summary.notes),
    declined: plain(summary.declined),
  }
}

describe('what a round came to', () => {
  it('sums each kind of work, in the garden’s units', () => {
    const { done } = sums(({ garden, bed, row, raised, sown }) => {
      garden.enter(bed, 'watered', ON, { litres: 37.854 })
      garden.enter(row, 'watered', ON, { litres: 18.927 })
      garden.enter(raised, 'picked', ON, { mass: 0.9072, count: 20 })
      garden.enter(sown, 'picked', ON, { mass: 0.4536, count: null })
      garden.enter(raised, 'tended', ON, { works: ['tie'] })
      garden.enter(sown, 'tended', ON, { works: ['tie'] })
    })
    expect(done).toEqual(['Watered, 2 times: 15 gal', 'Picked, 2 times: 3 lb, 20 fruit', 'Tied up, 2 times'])
  })
  it('counts no note and nothing put off as work, and tells them apart', () => {
    const summary = sums(({ garden, bed, raised }) => {
      garden.enter(bed, 'note', ON, {}, { note: 'ants by the post' })
      garden.enter(raised, 'declined', ON, { call: 'x', why: 'not this year' })
    })
    expect(summary.done).toEqual([])
    expect(summary.notes).toEqual(['North Strip: ants by the post'])
    expect(summary.declined).toHaveLength(1)
    expect(summary.declined[0]).toMatch(/^North Strip, Little Lantern/)
  })
  it('names a plant by the planting that it is of, whatever its id', () => {
    const { notes } = sums(({ garden, sown }) =>
      garden.enter(garden.plantsOf(sown)[2]!, 'note', ON, {}, { note: 'leans' }),
    )
    expect(notes).toEqual(['Shore Row, Little Lantern Gold: leans'])
  })
  it('tells the time that was taken, and what is left', () => {
    const none = sums(() => {})
    expect(none.took).toBeNull()
    expect(none.left).toMatch(/^\d+ stops?, /)
    const timed = sums(({ garden, raised }) =>
      garden.enter(raised, 'timed', ON, { work: 'tend', minutes: 25, usual: 20 }),
    )
    expect(timed.took?.replaceAll('\u00a0', ' ')).toBe('25 min')
    // Time alone is no work done.
    expect(timed.done).toEqual([])
  })
})
