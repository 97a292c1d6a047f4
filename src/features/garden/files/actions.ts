'use server'

import { number, object } from 'yup'
import type { Reminders } from '../../../core/facts'
import type { Result } from '../../../core/result'
import { write } from '../../../data/database'
import { setFeedToken, setReminders } from '../../../data/feeds'
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

const hour = () => number().defined().nullable().integer().min(0).max(23)
const remindersSchema = object({ frost: hour(), water: hour(), round: hour() }).noUnknown().strict()

/** Has the calendar's feed remind at these hours. */
export async function keepReminders(chosen: Reminders): Promise<Result> {
  if (!remindersSchema.isValidSync(chosen))
    return { ok: false, message: 'Choose an hour of the day, or no reminder.' }
  return (await setReminders(chosen))
    ? { ok: true }
    : { ok: false, message: 'The feed is closed. Open it first. Nothing was saved.' }
}
