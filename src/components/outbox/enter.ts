import { NO_ANSWER } from '../act/undoing'
import { GARDEN_VERSION } from '../../core/facts'
import type { IsoDate } from '../../core/calendar'
import type { EntryDraft } from '../../core/log'
import type { Refused } from '../../core/result'
import { sayKept } from '../../wording/kept'
import { sendPhoto } from '../photo/send-photo'
import { connection, noteConnection } from './connection'
import { dropUnsent, keep, nextWaiting, NotKept, type NewlyKept } from './kept'
import { sendKept, SYNC_TAG } from './send-kept'
import { NOT_REACHED, sendAct, type Answered, type Wanted } from './sent-act'

let garden: string | null = null

/** Notes the garden that the screens show: what is entered is for it. */
export const noteGarden = (id: string): void => void (garden = id)

/** What came of an act: as the server answered it, or kept on this device until it does. */
export type Came = Answered | { ok: true; kind: null; isKept: true }

interface Told {
  /** What the act is called, as in `Bed 2: watered, 40 L`. */
  said: string
  on: IsoDate
}

/** Whether acts go to this device first: the server is away, or others wait that go before them. */
const goesHere = async () => connection() !== 'reached' || (await nextWaiting(1)).length > 0

/**
 * Enters what one act entered: on the server, or where that does not answer on this device, from where it is sent
 * when it does.
 *
 * @param doubt what this device itself thinks of it, before it keeps it unseen by the server
 */
export async function enterAct(
  entries: EntryDraft[],
  { said, on, sure, photo }: Told & { sure: boolean; photo: NewlyKept['photo'] },
  doubt: (entries: readonly EntryDraft[]) => Promise<(Refused & { ask?: true }) | null>,
): Promise<Came> {
  const wanted = { entries, sure }
  const isHere = await goesHere()
  if (!isHere) {
    const answer = await sendAct({ version: GARDEN_VERSION, garden, ...wanted })
    if (answer !== NOT_REACHED && !isSignedOut(answer)) return answer
  }
  const own = sure ? null : await doubt(entries)
  if (own) return own
  return keepAct(wanted, { id: entries[0]!.id, said, on, photo, isTried: !isHere, isEntered: false })
}

function isSignedOut(answer: Answered): boolean {
  const isOut = !answer.ok && answer.signedOut === true
  if (isOut) noteConnection('signed-out')
  return isOut
}

/** Gives an entry that the server has a photo: there, or on this device until it takes that too. */
export async function enterPhoto(
  entryId: string,
  photo: NonNullable<NewlyKept['photo']>,
  { said, on }: Told,
): Promise<Came> {
  const problem = await sendPhoto(entryId, photo.picture, photo.id)
  if (problem === null) return { ok: true, kind: null }
  if (problem !== NOT_REACHED) return { ok: false, message: problem }
  const kept = { id: entryId, said, on, photo, isTried: true, isEntered: true }
  return keepAct({ entries: [], sure: true }, kept)
}

/** Takes back what is on the server, now or not at all; without `entry` what was entered last. */
export async function undoNow(undo: { id: string; entry?: string }): Promise<Answered> {
  const answer = await sendAct({ version: GARDEN_VERSION, garden, undo })
  return answer === NOT_REACHED ? NO_ANSWER : answer
}

/** Undoes what one act entered, wherever it is. */
export async function undoEntered(
  undo: { id: string; entry: string; alone?: boolean },
  { said, on }: Told,
): Promise<Came> {
  if (await dropUnsent(undo.entry, undo.alone === true)) return { ok: true, kind: null, isKept: true }
  const isHere = await goesHere()
  if (!isHere) {
    const answer = await sendAct({ version: GARDEN_VERSION, garden, undo })
    if (answer !== NOT_REACHED && !isSignedOut(answer)) return answer
  }
  return keepAct({ undo }, { id: undo.id, said, on, photo: null, isTried: !isHere, isEntered: false })
}

async function keepAct(wanted: Wanted, kept: Omit<NewlyKept, 'act'>): Promise<Came> {
  try {
    await keep({ ...kept, act: { version: GARDEN_VERSION, garden, ...wanted } })
  } catch (error) {
    if (!(error instanceof NotKept)) throw error
    return error.why === 'full' ? { ok: false, message: sayKept.full() } : NO_ANSWER
  }
  if (connection() === 'reached' && kept.isTried) noteConnection('not-reached')
  else if (connection() === 'reached') void sendKept()
  void askToSendLater()
  return { ok: true, kind: null, isKept: true }
}

/** Asks the browser to keep what waits when room is short, and to send it when the network is back, window or none. */
async function askToSendLater(): Promise<void> {
  await navigator.storage?.persist?.().catch(() => false)
  const registration = (await navigator.serviceWorker?.getRegistration()) as
    (ServiceWorkerRegistration & { sync?: { register: (tag: string) => Promise<void> } }) | undefined
  // Where the browser does not know how, it is sent when the application is opened.
  await registration?.sync?.register(SYNC_TAG).catch(() => undefined)
}
