/** What of a stop is open below it. */
export type Open = 'adjust' | 'put-off' | 'decline' | 'note' | null

/** Why a look is asked again, as the log keeps it. */
export const NOT_YET = 'not yet'
export const CANT_TELL = 'can’t tell'

/** What can be done about a stop. */
export interface StopActs {
  open: Open
  setOpen: (open: Open) => void
  done: () => void
  keep: (numbers: Record<string, number | null>, note: string, minutes: number | null) => void
  tended: (except: readonly string[], note: string, minutes: number | null) => void
  note: (note: string, photo: Blob | null) => void
  /** A look that found nothing yet, or could not tell: asked again so many days later. */
  notYet: (days: number, why: string) => void
  putOff: (days: number) => void
  decline: (why: string) => void
}
