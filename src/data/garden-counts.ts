import { eq } from 'drizzle-orm'
import { reader } from './database'
import { logEntry, place, planting } from './schema'

/** How much a garden holds. */
export async function countsOf(
  gardenId: string,
): Promise<{ places: number; plantings: number; entries: number }> {
  const db = await reader()
  const [places, plantings, entries] = await Promise.all([
    db.$count(place, eq(place.gardenId, gardenId)),
    db.$count(planting, eq(planting.gardenId, gardenId)),
    db.$count(logEntry, eq(logEntry.gardenId, gardenId)),
  ])
  return { places, plantings, entries }
}
