'use server'

import type { Result } from '../../../core/result'
import { write } from '../../../data/database'
import { setFeedToken } from '../../../data/feeds'
import { currentGarden } from '../../../data/gardens'
import { newSecret } from '../../../data/secret'

const setFeed = (token: string | null): Promise<void> =>
  write(async (tx) => {
    const garden = await currentGarden(tx)
    if (garden) await setFeedToken(tx, garden.id, token)
  })

/** Opens the calendar's feed under a new secret, which is told only now; one that was open before is closed. */
export async function makeFeed(): Promise<Result<{ token: string }>> {
  const token = newSecret()
  await setFeed(token)
  return { ok: true, token }
}

/** Closes the calendar's feed. */
export async function dropFeed(): Promise<Result> {
  await setFeed(null)
  return { ok: true }
}
