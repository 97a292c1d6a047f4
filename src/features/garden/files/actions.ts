'use server'

import { randomBytes } from 'node:crypto'
import type { Result } from '../../../core/result'
import { write } from '../../../data/database'
import { setFeedToken } from '../../../data/feeds'
import { currentGarden } from '../../../data/gardens'

const SECRET_BYTES = 24

const setFeed = async (token: string | null): Promise<Result> => {
  await write(async (tx) => {
    const garden = await currentGarden(tx)
    if (garden) await setFeedToken(tx, garden.id, token)
  })
  return { ok: true }
}

/** Opens the calendar's feed under a new secret; one that was open before is closed. */
export async function makeFeed(): Promise<Result> {
  return setFeed(randomBytes(SECRET_BYTES).toString('base64url'))
}

/** Closes the calendar's feed. */
export async function dropFeed(): Promise<Result> {
  return setFeed(null)
}
