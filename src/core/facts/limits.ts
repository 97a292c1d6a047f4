/** Bytes of the largest of each that is taken in. Stated once: for handlers, actions, and what stands before them. */
export const LARGEST = {
  /** A garden file, or a zip file with its photos. */
  garden: 512 * 1024 * 1024,
  /** The document of a garden file, unpacked. */
  document: 64 * 1024 * 1024,
  photo: 15 * 1024 * 1024,
  /** A logbook as CSV. */
  logbook: 30 * 1024 * 1024,
  /** A weather file as CSV: a year of readings every five minutes is 5 MB. */
  weather: 40 * 1024 * 1024,
  /** What a sensor posts at once. */
  devicePost: 64 * 1024,
} as const

/** Pixels of the largest photo. */
export const MOST_PIXELS = 120_000_000

/** Characters of the passphrase that others sign in with, at the least and at the most. */
export const PASSPHRASE_LENGTH = [10, 200] as const
