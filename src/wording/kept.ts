/** What an act is answered that cannot be read. */
export const UNREADABLE_ACT =
  'Prairie could not read this entry. Nothing was saved. Load the page again, and enter it once more.'

/** What an act is answered that was made by a newer application than the server's. */
export const NEWER_ACT =
  'This was entered in a newer Prairie than the one on the server. Update the server, then try again.'

/** What an act for one garden is answered while another is at work. @param open that one's name */
export const sayElsewhere = (open: string | null): string =>
  open === null
    ? 'The server has no garden open now. Open yours in Garden, under Gardens, then try again.'
    : `This is for another garden than “${open}”, which is open now. Open yours in Garden, under Gardens, then try again.`

const acts = (count: number) => (count === 1 ? '1 entry' : `${count} entries`)

/** What one holds, or sits at. */
export const here = (): string =>
  typeof window !== 'undefined' && window.matchMedia('(pointer: coarse)').matches
    ? 'this phone'
    : 'this computer'

/** What is said of what waits on this device. */
export const sayKept = {
  /** Of one act, as it is said when it was saved. */
  onThisDevice: (said: string) => `${said} Kept on ${here()} until it can be sent.`,
  offline: (waiting: number) =>
    waiting === 0
      ? `Offline: what you enter is kept on ${here()}`
      : `Offline · ${acts(waiting)} kept on ${here()}`,
  sending: (waiting: number) => `Sending ${acts(waiting)} …`,
  signedOut: (waiting: number) =>
    waiting === 0 ? 'Signed out' : `Signed out · ${acts(waiting)} kept on ${here()}`,
  refused: (count: number) => `The server did not take ${acts(count)}`,
  full: () =>
    `The storage of ${here()} is full, so it can keep nothing more. Free some space, or try again where the server answers. What you typed is still here.`,
} as const
