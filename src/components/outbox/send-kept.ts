import { sendPhoto } from '../photo/send-photo'
import { connection, look, noteConnection } from './connection'
import { keptActs, nextWaiting, noteSending, noteTried, type Change, type KeptAct } from './kept'
import { NOT_REACHED, sendActs, type Answered } from './sent-act'

const LOCK = 'prairie-outbox'
/** Under this name the browser calls the service worker when the network is back. */
export const SYNC_TAG = 'prairie-outbox'

/** Acts that go to the server in one request. */
const GROUP = 50
const MOST_ENTRIES = 500
/** Photos that go to the server side by side. */
const PHOTOS_AT_ONCE = 4

/** Whether a copy of the garden is kept here, which shows later what was sent. */
let hasCopy = false
export const noteCopy = (has: boolean): void => void (hasCopy = has)

/** Only one window sends at a time; where that cannot be seen to, the same sent twice counts once. */
const alone = async (work: () => Promise<void>): Promise<void> =>
  'locks' in navigator
    ? navigator.locks.request(LOCK, { ifAvailable: true }, (lock) => (lock ? work() : undefined))
    : work()

/** Sends what waits, in order, each answered one by one; stops where there is no answer. */
export const sendKept = (): Promise<void> =>
  alone(async () => {
    // What was never sent can still be undone without a trace: it is not tried on the off chance.
    let next = await nextWaiting(GROUP)
    if (next.length === 0 || (connection() !== 'reached' && (await look()) !== 'reached')) return
    while (next.length > 0 && (await sendNext(next))) next = await nextWaiting(GROUP)
  }).catch(() => undefined)

/** @returns whether there was an answer, whatever it was */
async function sendNext(waiting: readonly KeptAct[]): Promise<boolean> {
  const entered = waiting.filter(({ isEntered }) => isEntered)
  return entered.length > 0 ? sendPhotos(entered) : sendGroup(groupOf(waiting))
}

/** The acts from the first on that may go together: what an undo takes back is answered before it. */
function groupOf(waiting: readonly KeptAct[]): readonly KeptAct[] {
  let entries = 0
  const end = waiting.findIndex(({ act }) => 'undo' in act || (entries += act.entries.length) > MOST_ENTRIES)
  return end < 0 ? waiting : waiting.slice(0, Math.max(1, end))
}

async function sendGroup(wanted: readonly KeptAct[]): Promise<boolean> {
  // Before they go: when their answer is lost, they may have arrived.
  const group = await noteTried(wanted)
  if (group.length === 0) return true
  const answers = await sendActs(group.map(({ act }) => act))
  if (answers === NOT_REACHED) return unreached()
  const answered = group.slice(0, answers.length)
  if (answers.some((answer) => !answer.ok && answer.signedOut)) {
    noteConnection('signed-out')
    return false
  }
  noteConnection('reached')
  const changes = new Map<number, Change>()
  for (const [at, kept] of answered.entries())
    for (const [seq, change] of await cameOf(kept, answers[at]!)) changes.set(seq, change)
  await noteSending(changes)
  return answered.length === group.length || unreached()
}

/** Photos whose entries are there: a few at once, for their order is that of their entries. */
async function sendPhotos(all: readonly KeptAct[]): Promise<boolean> {
  const some = all.slice(0, PHOTOS_AT_ONCE)
  const answers = await Promise.all(
    some.map(({ id, photo }) => photo && sendPhoto(id, photo.picture, photo.id)),
  )
  const changes = new Map<number, Change>()
  for (const [at, { seq }] of some.entries()) {
    const answer = answers[at]!
    if (answer !== NOT_REACHED) changes.set(seq, answer === null ? sent : refused({ message: answer }))
  }
  await noteSending(changes)
  if (changes.size < some.length) return unreached()
  noteConnection('reached')
  return true
}

/** What an answer makes of an act; with one that was to be undone and is refused, its undoing goes. */
async function cameOf(kept: KeptAct, answer: Answered): Promise<[number, Change][]> {
  if (answer.ok) return [[kept.seq, kept.photo ? entered : sent]]
  const undoing = (await keptActs()).find(({ act }) => 'undo' in act && act.undo.entry === kept.id)
  if (undoing && 'entries' in kept.act)
    return [
      [kept.seq, gone],
      [undoing.seq, gone],
    ]
  return [[kept.seq, refused({ message: answer.message, ...(answer.ask ? { ask: true } : {}) })]]
}

const entered: Change = (act) => ({ ...act, isEntered: true })
const sent: Change = (act) => (hasCopy ? { ...act, photo: null, sentAt: Date.now() } : null)
const gone: Change = () => null
const refused =
  (why: NonNullable<KeptAct['refused']>): Change =>
  (act) => ({ ...act, refused: why })

function unreached(): false {
  noteConnection('not-reached')
  return false
}
