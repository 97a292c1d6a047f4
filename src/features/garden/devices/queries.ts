import { matrixCode, type MatrixCode } from '../../../components/drawing/matrix-code'
import { hasPassphrase } from '../../../data/access/lock'
import { signedInDevices } from '../../../data/access/signed-in'
import type { Day } from '../../../data/garden-state'
import { todayIn } from '../../../data/gardens'
import { formatDate } from '../../../wording/dates'

export interface DeviceLine {
  id: string
  name: string
  /** When it signed in and was used last, in words. */
  used: string
  isHere: boolean
}

export interface DevicesView {
  /** Where others reach this Prairie; empty: it serves its own computer only. */
  addresses: { address: string; code: MatrixCode; isSecure: boolean }[]
  hasPassphrase: boolean
  devices: DeviceLine[]
}

/** @param here the device that asks @param asked the address that it asked under; null: on the computer itself */
export async function devicesView(
  { state, manner }: Day,
  { here, asked }: { here: string | null; asked: string | null },
): Promise<DevicesView> {
  const { garden } = state
  // By the real clock, also in a garden whose own is held on a day.
  const dayOf = (moment: string) =>
    formatDate(todayIn({ ...garden, clockDate: null }, new Date(moment)), { dates: manner.dates }, 'full')
  const today = dayOf(new Date().toISOString())
  const known = (process.env.PRAIRIE_ADDRESSES ?? '').split(',').filter((one) => one !== '')
  return {
    addresses: (asked === null ? known : [asked]).map((address) => ({
      address,
      code: matrixCode(address),
      isSecure: address.startsWith('https:'),
    })),
    hasPassphrase: await hasPassphrase(),
    devices: (await signedInDevices()).map(({ id, name, since, lastUsed }) => ({
      id,
      name,
      used: `Signed in ${dayOf(since)}, last used ${dayOf(lastUsed) === today ? 'today' : dayOf(lastUsed)}`,
      isHere: id === here,
    })),
  }
}
