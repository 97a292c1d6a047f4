import { sendPhoto } from '../photo/send-photo'
import { connection, look, noteConnection } from './connection'
import { changeKept, firstWaiting, keptActs, type KeptAct } from './kept'
import { NOT_REACHED, sendAct } from './sent-act'

const LOCK = 'prairie-outbox'
/** Under this name the browser calls the service worker when the network is back. */
export const SYNC_TAG = 'prairie-outbox'

/** Only one window sends at a time; where that cannot be seen to, the same sent twice counts once. */
const alone = async (work: () => Promise<void>): Promise<void> =>
  'locks' in navigator
    ? navigator.locks.request(LOCK, { ifAvailable: true }, (lock) => (lock ? work() : undefined))
    : work()

/** Sends what waits, in order, each when the one before it was answered; stops where there is no answer. */
export const sendKept = (): Promise<void> =>
  alone(async () => {
    // What was never sent can still be undone without a trace: it is not tried on the off chance.
    let next = await firstWaiting()
    if (!next || (connection() !== 'reached' && (await look()) !== 'reached')) return
    while (next && (await sendOne(next))) next = await firstWaiting()
  }).catch(() => undefined)

/** @returns whether there was an answer, whatever it was */
async function sendOne(kept: KeptAct): Promise<boolean> {
  const { seq, act, photo } = kept
  if (!kept.isEntered) {
    // Before it goes: when its answer is lost, it may have arrived.
    if (!kept.isTried) await changeKept(seq, (one) => ({ ...one, isTried: true }))
    const answer = await sendAct(act)
    if (answer === NOT_REACHED) return unreached()
    if (!answer.ok) {
      if (answer.signedOut) {
        noteConnection('signed-out')
        return false
      }
      noteConnection('reached')
      await refuse(kept, { message: answer.message, ...(answer.ask ? { ask: true } : {}) })
      return true
    }
    if (photo) await changeKept(seq, (one) => ({ ...one, isEntered: true }))
  }
  if (photo) {
    const answer = await sendPhoto(kept.id, photo.picture, photo.id)
    if (answer === NOT_REACHED) return unreached()
    if (answer !== null) {
      await refuse(kept, { message: answer })
      return true
    }
  }
  await changeKept(seq, () => null)
  noteConnection('reached')
  return true
}

function unreached(): false {
  noteConnection('not-reached')
  return false
}

/** What was not taken waits for the gardener; what was to be undone anyway is gone, with its undoing. */
async function refuse(kept: KeptAct, why: NonNullable<KeptAct['refused']>): Promise<void> {
  const undoing = (await keptActs()).find(({ act }) => 'undo' in act && act.undo.entry === kept.id)
  if (undoing && 'entries' in kept.act && !kept.isEntered) {
    await changeKept(kept.seq, () => null)
    await changeKept(undoing.seq, () => null)
  } else await changeKept(kept.seq, (one) => ({ ...one, refused: why }))
}
