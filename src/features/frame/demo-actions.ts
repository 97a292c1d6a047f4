'use server'

import { revalidatePath } from 'next/cache'
import { redirect } from 'next/navigation'
import { write } from '../../data/database'
import { DEMO_ID } from '../../data/demo/id'
import { removeGarden } from '../../data/garden-file'
import { allGardens, takeToWork } from '../../data/gardens'

/** Goes from the demo garden to one’s own, or to a first one; `remove`: the demo garden goes with all that is in it. */
export async function leaveDemo(remove: boolean): Promise<void> {
  const next = await write(async (tx) => {
    const own = (await allGardens(tx)).find(({ id }) => id !== DEMO_ID)
    if (remove) await removeGarden(tx, DEMO_ID)
    if (own) await takeToWork(tx, own.id)
    return own ? '/walk' : remove ? '/' : '/gardens/new'
  })
  revalidatePath('/', 'layout')
  redirect(next)
}
