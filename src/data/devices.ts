import { and, asc, eq } from 'drizzle-orm'
import { v7 } from 'uuid'
import type { SensorReading } from '../core/watering'
import { reader, write, type Reader, type Writer } from './database'
import { currentGarden } from './gardens'
import { todayIn } from './garden-row'
import { device } from './records/apart'
import { garden } from './records/garden'
import { place } from './records/place'
import { moistureReading, readingRecord } from './records/reading'
import { hashOfSecret, newSecret } from './secret'

/** A sensor that may post readings of a place. */
export interface Device {
  id: string
  placeId: string
}

/** Water content of a place, m³/m³; `at` in UTC, `on` the garden's own date then. */
export type MoistureReading = SensorReading

export async function devicesOf(gardenId: string, from?: Reader): Promise<Device[]> {
  const db = from ?? (await reader())
  const rows = await db.select().from(device).where(eq(device.gardenId, gardenId)).orderBy(asc(device.id))
  return rows.map(({ id, placeId }) => ({ id, placeId }))
}

/** Gives a place a sensor, and its secret, which is told only now; null: there is no such place. */
export async function connectDevice(placeId: string): Promise<string | null> {
  const token = newSecret()
  return write(async (tx) => {
    const own = await currentGarden(tx)
    if (!own || !(await hasPlace(tx, own.id, placeId))) return null
    await tx.insert(device).values({ id: v7(), gardenId: own.id, placeId, tokenHash: hashOfSecret(token) })
    return token
  })
}

const hasPlace = async (tx: Writer, gardenId: string, id: string) =>
  (
    await tx
      .select({ id: place.id })
      .from(place)
      .where(and(eq(place.id, id), eq(place.gardenId, gardenId)))
  ).length > 0

/** Takes a sensor's secret away; what it read stays. */
export const revokeDevice = (id: string): Promise<void> =>
  write(async (tx) => {
    const own = await currentGarden(tx)
    if (own) await tx.delete(device).where(and(eq(device.id, id), eq(device.gardenId, own.id)))
  })

/** The sensor that a secret belongs to; null: none, or no longer. */
export async function deviceOfToken(token: string): Promise<(Device & { gardenId: string }) | null> {
  const [found] = await (
    await reader()
  )
    .select()
    .from(device)
    .where(eq(device.tokenHash, hashOfSecret(token)))
  return found ? { id: found.id, placeId: found.placeId, gardenId: found.gardenId } : null
}

/**
 * Keeps what a sensor read; a reading that was sent before is kept once. Where another sensor of the place read
 * something else at that very moment, this one is put a little after it.
 */
export async function keepReadings(
  { placeId, gardenId }: { placeId: string; gardenId: string },
  readings: readonly { at: string; content: number }[],
): Promise<void> {
  await write(async (tx) => {
    const [own] = await tx.select().from(garden).where(eq(garden.id, gardenId))
    if (!own) return
    const before = await tx.select().from(moistureReading).where(eq(moistureReading.placeId, placeId))
    const there = new Map(before.map(({ at, content }) => [at, content]))
    const fresh: MoistureReading[] = []
    for (const { at, content } of readings) {
      let moment = new Date(at).toISOString()
      while (there.has(moment) && there.get(moment) !== content) moment = later(moment)
      if (there.has(moment)) continue
      there.set(moment, content)
      fresh.push({ placeId, at: moment, on: todayIn(own, new Date(moment)), content })
    }
    await readingRecord.insert(tx, gardenId, fresh)
  })
}

const later = (moment: string) => new Date(Date.parse(moment) + 1).toISOString()
