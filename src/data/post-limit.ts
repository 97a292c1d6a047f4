import { sql } from 'drizzle-orm'
import { writeApart } from './database'
import { devicePosts } from './records/apart'

/** Posts that a sensor may send in a minute. */
export const POSTS_A_MINUTE = 60
const MINUTE = 60_000

/** Whether a sensor may post now, whichever server it asks; a post within the limit is counted. */
export async function mayPost(deviceId: string, now: number): Promise<boolean> {
  const minute = Math.floor(now / MINUTE)
  const isNext = sql`${devicePosts.minute} <> ${minute}`
  const counted = await writeApart((tx) =>
    tx
      .insert(devicePosts)
      .values({ deviceId, minute, posts: 1 })
      .onConflictDoUpdate({
        target: devicePosts.deviceId,
        set: { minute, posts: sql`CASE WHEN ${isNext} THEN 1 ELSE ${devicePosts.posts} + 1 END` },
        setWhere: sql`${isNext} OR ${devicePosts.posts} < ${POSTS_A_MINUTE}`,
      })
      .returning(),
  )
  return counted.length > 0
}
