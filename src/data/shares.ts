import { eq } from 'drizzle-orm'
import { reader, write, type Reader } from './database'
import { currentGarden } from './gardens'
import { person, placeShare } from './records/apart'
import { place } from './records/place'

/** Whose a place is in the round, by the person's name. */
export interface PlaceShare {
  placeId: string
  name: string
}

export async function sharesOf(gardenId: string, from?: Reader): Promise<PlaceShare[]> {
  const db = from ?? (await reader())
  return db
    .select({ placeId: placeShare.placeId, name: person.name })
    .from(placeShare)
    .innerJoin(place, eq(place.id, placeShare.placeId))
    .innerJoin(person, eq(person.id, placeShare.personId))
    .where(eq(place.gardenId, gardenId))
    .orderBy(placeShare.placeId)
}

/** Gives a place of the garden at work to someone; null: to nobody. @returns whether both are still there */
export const sharePlace = (placeId: string, name: string | null): Promise<boolean> =>
  write(async (tx) => {
    const garden = await currentGarden(tx)
    const [found] = await tx.select({ of: place.gardenId }).from(place).where(eq(place.id, placeId))
    if (!garden || found?.of !== garden.id) return false
    const [who] = await tx
      .select({ id: person.id })
      .from(person)
      .where(eq(person.name, name ?? ''))
    if (name !== null && !who) return false
    await tx.delete(placeShare).where(eq(placeShare.placeId, placeId))
    if (who) await tx.insert(placeShare).values({ placeId, personId: who.id })
    return true
  })
