/** Posts that a sensor may send in a minute. */
export const POSTS_A_MINUTE = 60
const MINUTE = 60_000
const MOST_REMEMBERED = 10_000

const posts = new Map<string, number[]>()

/** Whether a sensor may post now; a post within the limit is counted. */
export function mayPost(device: string, now: number): boolean {
  const recent = (posts.get(device) ?? []).filter((at) => at > now - MINUTE)
  if (recent.length >= POSTS_A_MINUTE) return false
  if (posts.size >= MOST_REMEMBERED) posts.clear()
  posts.set(device, [...recent, now])
  return true
}
