import { beforeEach, describe, expect, it } from 'vitest'
import { addDays } from '../../../core/calendar'
import { dayOf } from '../../../core/garden-day'
import type { PlantingOutlook } from '../../../core/season'
import { write } from '../../../data/database'
import { demoGarden } from '../../../data/demo'
import { insertGardenFile } from '../../../data/garden-file'
import { loadGarden } from '../../../data/garden-state'
import { scratchDatabase } from '../../../test/scratch'
import { plantingView } from '../../plantings/queries'
import { followRecord, leaveRecord } from './actions'
import { biasesFound, followedOf, hindcastsOf, scoreView } from './queries'

scratchDatabase()

const dayNow = async () => {
  const state = (await loadGarden())!
  return dayOf(state, state.now)
}

describe('the score of a garden', () => {
  beforeEach(() => write((tx) => insertGardenFile(tx, demoGarden())))

  it('is told kind by kind, with every forecast, and what there is too little of', async () => {
    const day = await dayNow()
    const shares: number[] = []
    const hindcasts = (await hindcastsOf(day, (share) => shares.push(share)))!
    expect(shares.every((share) => share > 0 && share <= 1)).toBe(true)
    const view = scoreView(day, hindcasts)
    expect(view.rows.map(({ name }) => name)).toEqual(
      expect.arrayContaining([
        'Seedlings show, tomatoes',
        'First flower, tomatoes',
        'First fruit picked, tomatoes',
      ]),
    )
    for (const { lines } of view.rows)
      for (const { dots, count } of lines) {
        expect(dots.length).toBeLessThanOrEqual(count)
        for (const { at } of dots) expect(Math.abs(at)).toBeLessThanOrEqual(1)
      }
    expect(view.few.join()).toMatch(/Soil temperature: \d of 5/)
    expect(JSON.stringify(view)).not.toMatch(/NaN|undefined|Infinity/)
    // Asked once more, it is known.
    expect(await hindcastsOf(day)).toBe(hindcasts)
  })

  it('ends where it is stopped, and says nothing then', async () => {
    expect(await hindcastsOf(await dayNow(), undefined, () => true)).toBeNull()
  })

  it('moves the dates as long as it is followed', async () => {
    const found = biasesFound((await hindcastsOf(await dayNow()))!)
    expect(found.length).toBeGreaterThan(0)
    const [bias] = found
    const stage = bias!.of === 'seedlings' ? 'emerge' : bias!.of
    const isAhead = ({ cultivar, dates }: PlantingOutlook, on: string) =>
      cultivar.crop === bias!.crop && dates[stage].how === 'expected' && (dates[stage].date ?? '') > on
    const first = await dayNow()
    const { planting } = first.outlook.plantings.find((own) => isAhead(own, addDays(first.on, 25)))!
    const shown = async () => {
      const line = plantingView(await dayNow(), planting.id)!.stages.find((one) => one.stage === stage)!
      return { date: line.date, why: line.why }
    }
    const before = await shown()
    expect(await followRecord()).toEqual({ ok: true })
    const day = await dayNow()
    expect(day.state.garden.ownRecord).toEqual({ on: day.on, biases: found })
    expect(followedOf(day)!.moves).toHaveLength(found.length)
    const after = await shown()
    expect(after.date).not.toBe(before.date)
    expect([before.why, after.why].map((why) => why.includes('by your own record'))).toEqual([false, true])
    expect(await leaveRecord()).toEqual({ ok: true })
    expect((await dayNow()).state.garden.ownRecord).toBeNull()
    expect(await shown()).toEqual(before)
  })
})

it('of no garden says so', async () => {
  expect(await followRecord()).toMatchObject({ ok: false })
  expect(await leaveRecord()).toMatchObject({ ok: false })
})
