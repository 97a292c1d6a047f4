import { describe, expect, it } from 'vitest'
import { isoDate } from '../../../core/calendar'
import { dayOf } from '../../../core/garden-day'
import { demoState } from '../../../data/demo/demo-state'
import { mannerOf } from '../../../data/garden-row'
import { findPlanting } from '../queries'
import { seasonPart } from './season-part'

const partOf = (id: string, on = '2026-06-18', change: Parameters<typeof demoState>[0] = {}) => {
  const state = demoState(change)
  const outlook = dayOf(state, isoDate(on)).outlook
  return seasonPart(outlook, findPlanting(outlook, `demo-2026-${id}`)!, mannerOf(state.garden))
}

describe('how a planting goes through its season', () => {
  it('says seeds, cells, trays, mix and shelf, in the garden’s units', () => {
    const { needs } = partOf('row-b-1')
    expect(needs!.headline).toMatch(/^\d+ seeds, one to a cell: 1 tray of 72 cells$/)
    expect(needs!.lines).toHaveLength(2)
    expect(needs!.lines[0]).toMatch(
      /^In cells: \d+, [\d.]+\s(L|mL) of seedling mix, [\d.]+\s(m²|cm²) of shelf under light\.$/,
    )
    expect(partOf('row-b-1', '2026-06-18', { garden: { units: 'us' } }).needs!.lines[1]).toMatch(
      /gal .+ft² of shelf/,
    )
  })
  it('hardens off from the step that is next, each day with its weather and where that comes from', () => {
    const { hardening } = partOf('pot-6-1')
    expect(hardening.done).toBe('3 of 8 steps done, the last on 17 June.')
    expect(hardening.days.map(({ step }) => step)).toEqual(['4', '5', '6', '7', '8'])
    expect(hardening.days[0]).toMatchObject({
      date: 'Thu 18 June',
      where: 'Sun, out of the wind',
      source: 'simulated',
    })
    expect(hardening.days[1]!.where).toBe('Sun, open to the wind')
    for (const day of hardening.days) expect(day.hours === 0).toBe(day.rests)
  })
  it('does not harden what stands in the ground', () => {
    expect(partOf('bed-1-1').hardening.days).toEqual([])
    expect(partOf('bed-1-1').ways).toEqual([])
  })
  it('offers only the ways that are still open', () => {
    expect(partOf('tunnel-2').ways.map(({ way }) => way)).toEqual([
      'plug',
      'plant',
      'big-plant',
      'direct',
      'bought',
    ])
    expect(partOf('pot-6-1').ways.map(({ way }) => way)).toEqual(['plant', 'big-plant'])
    const [planned] = partOf('tunnel-2').ways.filter((way) => way.planned)
    expect(planned).toMatchObject({ way: 'plant', setOut: '3 August' })
    expect(planned!.effect).toMatch(/^as planned/)
    expect(partOf('tunnel-2').ways[0]!.sow).toBe('now')
  })
  it('says what follows a determinate, and nothing of a vine', () => {
    expect(partOf('row-a-1').succession).toMatch(/^It is done about \d+ (August|September)\./)
    expect(partOf('bed-1-1').succession).toBeNull()
  })
  it('runs a tunnel day by day, and no open bed', () => {
    const { cover } = partOf('tunnel-1')
    expect(cover!.today).toMatch(
      /^Open by \d+:(00|30), (shut by \d+:(00|30)|it can stay open)\. \d+\s°C inside by day, \d+\s°C by night\./,
    )
    expect(cover!.days).toHaveLength(4)
    expect(partOf('bed-1-1').cover).toBeNull()
  })
  it('knows no heat gap on the plain', () => expect(partOf('bed-1-1').shortSeasons).toBeNull())
})
