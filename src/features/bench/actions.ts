'use server'

import { revalidatePath } from 'next/cache'
import { idField } from '../../data/entry-schema'
import { connectDevice, revokeDevice } from '../../data/devices'

/** Gives a place a sensor; its secret is told only now. */
export async function connectSensor(placeId: string): Promise<{ token: string } | { message: string }> {
  const token = idField().required().isValidSync(placeId) ? await connectDevice(placeId) : null
  if (token === null) return { message: 'This place is no longer there. Load the screen again.' }
  revalidatePath('/', 'layout')
  return { token }
}

/** Takes a sensor's secret away; what it read stays. */
export async function disconnectSensor(id: string): Promise<void> {
  if (!idField().required().isValidSync(id)) return
  await revokeDevice(id)
  revalidatePath('/', 'layout')
}
