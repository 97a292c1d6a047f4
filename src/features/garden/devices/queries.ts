import { matrixCode, type MatrixCode } from '../../../components/drawing/matrix-code'
import { hasPassphrase } from '../../../data/access/lock'
import { people, type Person } from '../../../data/access/people'
import { signedInDevices } from '../../../data/access/signed-in'
import type { Day } from '../../../data/garden-state'
import { todayIn } from '../../../data/garden-row'
import { formatDate } from '../../../wording/dates'

export interface DeviceLine {
  id: string
  name: string
  /** When it signed in and was used last, in words. */
  used: string
  isHere: boolean
  /** Whose it is, by name; null: a keeper's without one. */
  person: string | null
}

export interface DevicesView {
  /** Where others reach this Prairie; empty: it serves its own computer only. */
  addresses: { address: string; code: MatrixCode; isSecure: boolean }[]
  hasPassphrase: boolean
  devices: DeviceLine[]
  people: Person[]
}

/** @param here the device that asks */
export async function devicesView(
  { state, manner }: Day,
  { here, reached }: { here: string | null; reached: readonly string[] },
): Promise<DevicesView> {
  const { garden } = state
  // By the real clock, also in a garden whose own is held on a day.
  const dayOf = (moment: string) =>
    formatDate(todayIn({ ...garden, clockDate: null }, new Date(moment)), { dates: manner.dates }, 'full')
  const today = dayOf(new Date().toISOString())
  return {
    addresses: reached.map((address) => ({
      address,
      code: matrixCode(address),
      isSecure: address.startsWith('https:'),
    })),
    hasPassphrase: await hasPassphrase(),
    people: await people(new Date()),
    devices: (await signedInDevices()).map(({ id, name, since, lastUsed, person }) => ({
      id,
      name,
      used: `Signed in ${dayOf(since)}, last used ${dayOf(lastUsed) === today ? 'today' : dayOf(lastUsed)}`,
      isHere: id === here,
      person,
    })),
  }
}
