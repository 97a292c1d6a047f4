import { beforeEach, expect, it } from 'vitest'
import type { Product } from '../../core/feeding'
import { write } from '../../data/database'
import { insertGardenFile } from '../../data/garden-file'
import { loadGarden } from '../../data/garden-state'
import { scratchDatabase } from '../../test/scratch'
import { southGarden } from '../../test/south-garden'
import { connectSensor, disconnectSensor, putProductBack } from './actions'

scratchDatabase()
const { garden, bed } = southGarden()
beforeEach(() => write((tx) => insertGardenFile(tx, garden.file)))
const devices = async () => (await loadGarden())!.devices

it('a sensor gets a secret once, and is taken away without an error however often', async () => {
  const answer = await connectSensor(bed.id)
  expect(answer).toMatchObject({ ok: true, token: expect.stringMatching(/.{20}/) })
  const [device] = await devices()
  expect(device).toMatchObject({ placeId: bed.id })
  // Only what can be checked against it is kept.
  expect(JSON.stringify(device)).not.toContain((answer as { token: string }).token)
  expect(await disconnectSensor(device!.id)).toEqual({ ok: true })
  expect(await disconnectSensor(device!.id)).toEqual({ ok: true })
  expect(await devices()).toEqual([])
  expect(await connectSensor('gone')).toMatchObject({
    ok: false,
    message: expect.stringMatching(/That place is gone/),
  })
})

it('a feed is put in, taken away and put back as it was, and nothing that is none', async () => {
  const feed: Product = {
    id: 'gull-meal',
    name: 'Gull meal',
    n: 8,
    p2o5: 4,
    k2o: 1,
    nitrogen: 'organic',
    liquid: false,
    release: 'meal',
    releaseDays: null,
    bulkDensity: 0.6,
    labelRate: null,
    labelPlant: null,
    pack: null,
    price: null,
  }
  const kept = async () => (await loadGarden())!.products
  expect(await putProductBack(feed.id, feed)).toEqual({ ok: true, before: null })
  expect(await kept()).toEqual([feed])
  expect(await putProductBack(feed.id, null)).toEqual({ ok: true, before: feed })
  expect(await kept()).toEqual([])
  expect(await putProductBack(feed.id, { ...feed, id: 'other' })).toMatchObject({ ok: false })
  expect(await putProductBack(feed.id, { ...feed, n: 99 })).toMatchObject({ ok: false })
  expect(await kept()).toEqual([])
})
