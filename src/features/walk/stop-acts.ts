/** What of a stop is open below it. */
export type Open = 'adjust' | 'put-off' | 'decline' | 'note' | null

/** What can be done about a stop. */
export interface StopActs {
  open: Open
  setOpen: (open: Open) => void
  done: () => void
  keep: (numbers: Record<string, number | null>, note: string, minutes: number | null) => void
  tended: (except: readonly string[], note: string, minutes: number | null) => void
  note: (note: string, photo: Blob | null) => void
  putOff: (days: number) => void
  decline: (why: string) => void
}
