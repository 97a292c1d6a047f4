import type { Role } from '../core/facts'

/** What someone is here, and what that lets them do. */
export const ROLE_WORDS: Record<Role, { name: string; does: string }> = {
  keeper: { name: 'keeper', does: 'do everything' },
  helper: { name: 'helper', does: 'see everything, enter what you did, and undo your own entries' },
}

/** What a device is answered that is not, or no longer, signed in. */
export const SIGNED_OUT = 'This device is signed out. Nothing was saved. Load the page again and sign in.'

/** What a helper is answered who asks for more than helping. */
export const KEEPERS_ONLY = 'Only a keeper of the garden can change that. Nothing was saved.'

/** Why a server that others reach serves nobody. */
export const NO_PASSPHRASE =
  'Prairie cannot check who you are, so it shows nothing. On its computer, run npm run passphrase. If that fails, run npm start there to mend the file.'

/** Seconds as a wait, rounded up. */
export const sayWait = (seconds: number): string => {
  const minutes = Math.ceil(seconds / 60)
  if (seconds < 60) return seconds === 1 ? '1 second' : `${seconds} seconds`
  return minutes === 1 ? '1 minute' : `${minutes} minutes`
}
