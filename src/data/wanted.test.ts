import { beforeEach, describe, expect, it } from 'vitest'
import { wantedIn } from '../core/facts'
import { scratchDatabase } from '../test/scratch'
import { southGarden } from '../test/south-garden'
import { write } from './database'
import { insertGardenFile } from './garden-file'
import { loadGarden } from './garden-state'
import { setWanted } from './wanted'

scratchDatabase()
const { garden, lantern, reef } = southGarden()
beforeEach(() => write((tx) => insertGardenFile(tx, garden.file)))
const linesOf = async (season: number) => {
  const { wanted, record } = (await loadGarden())!
  return wantedIn(season, wanted, record.plantings).map(({ cultivarId, count, placed, left }) => [
    cultivarId,
    count,
    placed,
    left,
  ])
}

describe('what is wanted', () => {
  it('is held against what is planted in its season', async () => {
    await setWanted(2026, [
      { cultivar: lantern.id, count: 10 },
      { cultivar: reef.id, count: 2 },
    ])
    // Three of the one stand; of the other four and one.
    expect(await linesOf(2026)).toEqual([
      [lantern.id, 10, 3, 7],
      [reef.id, 2, 5, 0],
    ])
    expect(await linesOf(2027)).toEqual([])
  })
  it('is set anew, taken off, and put back as it was', async () => {
    await setWanted(2027, [{ cultivar: reef.id, count: 6 }])
    const changed = await setWanted(2027, [{ cultivar: reef.id, count: 9 }])
    expect(changed).toEqual({ ok: true, before: [{ cultivar: reef.id, count: 6 }] })
    await setWanted(2027, [{ cultivar: reef.id, count: 0 }])
    expect(await linesOf(2027)).toEqual([])
    if (changed.ok) await setWanted(2027, changed.before)
    expect(await linesOf(2027)).toEqual([[reef.id, 6, 0, 6]])
  })
  it('can be of a type that the garden has no cultivar of yet', async () => {
    await setWanted(2027, [{ cultivar: 'paste', count: 5 }])
    const { record } = (await loadGarden())!
    const own = record.cultivars.find(({ name }) => name === 'Bush paste tomato')!
    expect(await linesOf(2027)).toEqual([[own.id, 5, 0, 5]])
  })
  it('is refused when it is no number of plants, and of what is no cultivar', async () => {
    expect(await setWanted(2027, [{ cultivar: reef.id, count: 1.5 }])).toMatchObject({ ok: false })
    expect(await setWanted(2027, [{ cultivar: 'gone', count: 1 }])).toMatchObject({ ok: false })
    expect(await linesOf(2027)).toEqual([])
  })
})
