/** What is wrong with the database, and what to do; see `ProblemKind`. */
export const PROBLEM_WORDS = {
  newer: {
    what: 'A newer Prairie saved this garden.',
    next: 'Start the newer version, or set DATABASE_URL to another file. The file is unchanged.',
  },
  broken: {
    what: 'Prairie cannot read the garden’s file.',
    next: 'Go back to a copy. Prairie makes one beside it before every update and import. The file is unchanged.',
  },
  damaged: {
    what: 'The garden’s file is damaged.',
    next: 'Prairie no longer reads or writes it, so that nothing gets worse. Go back to a copy, or save the file as it is. The file is unchanged.',
  },
  busy: {
    what: 'Another program is using the garden’s file.',
    next: 'Close the other program, then load this page again.',
  },
  unreachable: {
    what: 'Prairie cannot reach the garden’s database.',
    next: 'Check DATABASE_URL, and that its folder can be written to or its server answers, then load this page again.',
  },
  missing: {
    what: 'The garden’s file is missing or empty.',
    next: 'Put it back, go back to a copy, or begin a new garden.',
  },
  replaced: {
    what: 'The garden’s file was removed or replaced while Prairie was running.',
    next: 'Nothing was saved just now. Load this page again to see what is there.',
  },
  pictures: {
    what: 'Prairie cannot reach the place where the photos are.',
    next: 'Check PHOTOS_URL and its keys, then try again.',
  },
  full: {
    what: 'The disk is full, or the garden’s folder cannot be written to.',
    next: 'Make room, then try again.',
  },
} as const

/** What an act is answered where nothing is kept yet. */
export const NO_GARDEN = 'You have no garden yet. Start one first.'
