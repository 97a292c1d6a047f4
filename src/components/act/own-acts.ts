import type { IsoDate } from '../../core/calendar'
import type { EntrySubject } from '../../core/entry'

/** An entry as others hear of it. */
export interface HeardEntry {
  id: string
  subject: EntrySubject
  kind: string
  on: IsoDate
  /** Who entered it, by name; null: someone without one. */
  by: string | null
  /** What it says, as in `Bed 2: watered 40 L`. */
  said: string
}

/** What was changed since a screen was made. */
export interface Changed {
  /** How many changes there are now. */
  changes: number
  /** The moment that this was known, UTC. */
  at: string
  /** What was entered since, by whomever. */
  entries: HeardEntry[]
}

type OwnEntry = Pick<HeardEntry, 'id' | 'subject' | 'kind' | 'on'> & { at: number }

const KEPT_AS = 'prairie-own-acts'
const MOST_REMEMBERED = 200

let remembered: OwnEntry[] | undefined

/** What this window entered, so that it is not told of it as news: also after it was loaded again. */
function own(): OwnEntry[] {
  try {
    remembered ??= JSON.parse(sessionStorage.getItem(KEPT_AS) ?? '[]') as OwnEntry[]
  } catch {
    remembered ??= []
  }
  return remembered
}

function remember(entries: OwnEntry[]): void {
  remembered = entries.slice(-MOST_REMEMBERED)
  try {
    sessionStorage.setItem(KEPT_AS, JSON.stringify(remembered))
  } catch {
    // Then it is forgotten when the page is loaded again.
  }
}

export const noteOwn = (drafts: readonly Omit<OwnEntry, 'at'>[]): void =>
  remember([
    ...own(),
    ...drafts.map(({ id, subject, kind, on }) => ({ id, subject, kind, on, at: Date.now() })),
  ])

const actOf = (id: string) => id.split('.')[0]!

/** An act that was undone is no longer one's own. */
export const forgetOwn = (id: string): void => remember(own().filter((one) => actOf(one.id) !== actOf(id)))

let lastChange = 0
/** Entries that a form's action makes, their ids unknown here, are on their way for so long, ms. */
const ON_THE_WAY = 6000

/** A form or a press here changed what is kept: what is entered with that is no news. */
export const noteOwnChange = (): void => void (lastChange = Date.now())

/** Whether an entry was made in this window. */
export const isOwn = (entry: HeardEntry): boolean =>
  own().some(({ id }) => id === entry.id) || (Date.now() - lastChange < ON_THE_WAY && ownLike(entry) === null)

/** Two do the same at once when the second did not yet see the first, ms. */
const AT_ONCE = 10 * 60_000

/** The entry of this window that says of the same subject and day what another's says, made at about the same time. */
export function ownLike({ subject, kind, on }: HeardEntry): string | null {
  const mine = own().find(
    (one) =>
      one.kind === kind &&
      one.on === on &&
      one.subject.id === subject.id &&
      Date.now() - one.at < AT_ONCE &&
      kind !== 'note',
  )
  return mine?.id ?? null
}
