/** What is wrong with the database, and what to do; see `ProblemKind`. */
export const PROBLEM_WORDS = {
  newer: {
    what: 'This garden was kept by a newer Prairie than this one.',
    next: 'Start the newer version, or set DATABASE_URL to another file. The file was not touched.',
  },
  broken: {
    what: 'The garden’s file is not a database that Prairie can read.',
    next: 'Go back to a copy: Prairie lays one beside it before every update and import. The file was not touched.',
  },
  damaged: {
    what: 'The garden’s file is damaged.',
    next: 'Nothing is read from it or written to it, so that nothing gets worse. Go back to a copy, or save the file as it is. The file was not touched.',
  },
  busy: {
    what: 'Another program is holding the garden’s file.',
    next: 'Close the other program, then load this page again.',
  },
  unreachable: {
    what: 'The garden’s database cannot be reached.',
    next: 'Check DATABASE_URL and that its folder can be written to, then load this page again.',
  },
  missing: {
    what: 'The garden’s file is gone or empty.',
    next: 'Put it back, go back to a copy, or begin a new garden.',
  },
  replaced: {
    what: 'The garden’s file was removed or replaced while Prairie was running.',
    next: 'Nothing was saved just now. Load this page again to see what is there.',
  },
  full: {
    what: 'The disk is full, or the garden’s folder cannot be written to.',
    next: 'Make room, then try again.',
  },
} as const
