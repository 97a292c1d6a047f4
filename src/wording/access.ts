/** What a device is answered that is not, or no longer, signed in. */
export const SIGNED_OUT = 'This device is signed out. Nothing was saved. Load the page again and sign in.'

/** Why a server that others reach serves nobody. */
export const NO_PASSPHRASE =
  'Prairie cannot check who you are, so it shows nothing. On its computer, run npm run passphrase. If that fails, run npm start there to mend the file.'

/** Seconds as a wait, rounded up. */
export const sayWait = (seconds: number): string => {
  const minutes = Math.ceil(seconds / 60)
  if (seconds < 60) return seconds === 1 ? '1 second' : `${seconds} seconds`
  return minutes === 1 ? '1 minute' : `${minutes} minutes`
}
