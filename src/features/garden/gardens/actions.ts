'use server'

import { revalidatePath } from 'next/cache'
import { copyBefore, write } from '../../../data/database'
import { allGardens, takeToWork } from '../../../data/gardens'
import { removeGarden } from '../../../data/garden-file'
import { sweepPhotos } from '../../../data/photos'

/** Opens another garden; false: it is no longer there. */
export async function openGarden(id: string): Promise<boolean> {
  const opened = await write(async (tx) => {
    const there = (await allGardens(tx)).some((garden) => garden.id === id)
    if (there) await takeToWork(tx, id)
    return there
  })
  revalidatePath('/', 'layout')
  return opened
}

/** Removes a garden, after a copy of the database; the answer says what is wrong, or how many are left. */
export async function dropGarden(id: string, typed: string): Promise<{ left: number } | { problem: string }> {
  const garden = (await allGardens()).find((one) => one.id === id)
  if (!garden) return { problem: 'That garden is gone. Load the screen again.' }
  if (String(typed).trim() !== garden.name)
    return { problem: `Type its name, ${garden.name}, to remove it. Nothing was changed.` }
  await copyBefore('before-removal')
  const left = await write(async (tx) => {
    await removeGarden(tx, id)
    return (await allGardens(tx)).length
  })
  await sweepPhotos()
  revalidatePath('/', 'layout')
  return { left }
}
