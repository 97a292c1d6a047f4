import { openDB, type DBSchema } from 'idb'
import type { IsoDate } from '../../core/calendar'
import { TONIGHT, sayTonight } from '../../wording/round'

/** Whether this device tells what cannot wait: it cannot, its browser was told not to, or the gardener chose. */
export type Notices = 'impossible' | 'blocked' | 'off' | 'on'

/** A stop of the round that does not bear waiting past tonight. */
export interface Pressing {
  call: string
  place: string
  title: string
}

interface State {
  isWanted: boolean
  /** What was told already, and on which day. */
  on: IsoDate | null
  told: string[]
}
interface Store extends DBSchema {
  state: { key: string; value: State }
}

const KEY = 'notices'
// Read by the service worker too, which sees nothing else that a page keeps.
const database = () =>
  openDB<Store>('prairie-notices', 1, { upgrade: (db) => void db.createObjectStore('state') })

const state = async (): Promise<State> =>
  (await (await database()).get('state', KEY)) ?? { isWanted: false, on: null, told: [] }
const keep = async (now: State) => void (await (await database()).put('state', now, KEY))

export async function noticesHere(): Promise<Notices> {
  if (typeof Notification === 'undefined' || !navigator.serviceWorker?.controller) return 'impossible'
  if (Notification.permission === 'denied') return 'blocked'
  return Notification.permission === 'granted' && (await state()).isWanted ? 'on' : 'off'
}

/** Turns them on or off here; the browser asks the gardener the first time. */
export async function wantNotices(isWanted: boolean): Promise<Notices> {
  if (isWanted) await Notification.requestPermission()
  await keep({ ...(await state()), isWanted })
  return noticesHere()
}

/** Tells what cannot wait past tonight, each once a day, where the gardener wants it. @param on the garden's date */
export async function tellTonight(
  stops: readonly Pressing[],
  on: IsoDate,
  registration: ServiceWorkerRegistration,
): Promise<void> {
  if (typeof Notification === 'undefined' || Notification.permission !== 'granted') return
  const now = await state()
  if (!now.isWanted) return
  const told = now.on === on ? now.told : []
  const fresh = stops.filter(({ call }) => !told.includes(call))
  if (fresh.length === 0) return
  await keep({ ...now, on, told: [...told, ...fresh.map(({ call }) => call)] })
  await registration.showNotification(TONIGHT, {
    body: sayTonight(fresh),
    tag: 'tonight',
    icon: '/icons/prairie-192.png',
  })
}
