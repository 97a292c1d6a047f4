/** Why the database cannot be used. Nothing was written to it. */
export type ProblemKind =
  | 'newer'
  /** No database at all. */
  | 'broken'
  /** A database with pages or texts that are damaged. */
  | 'damaged'
  | 'busy'
  | 'unreachable'
  /** The file is gone or empty, and copies of it lie beside it. */
  | 'missing'
  /** The file went away, or another took its place, while it was in use. */
  | 'replaced'
  | 'full'
  /** The store of the photos does not answer, or lets this one not in. */
  | 'pictures'

export class DatabaseProblem extends Error {
  constructor(
    readonly kind: ProblemKind,
    options?: ErrorOptions,
  ) {
    super(`The database is ${kind}.`, options)
  }

  static from(error: unknown): DatabaseProblem {
    return DatabaseProblem.within(error) ?? new DatabaseProblem('unreachable', { cause: error })
  }

  /** The problem with the database that an error comes from; null: it is no such problem. */
  static within(error: unknown): DatabaseProblem | null {
    for (let cause = error; cause instanceof Error; cause = cause.cause)
      if (cause instanceof DatabaseProblem) return cause
    const codes = codesOf(error)
    const has = (...wanted: string[]) => codes.some((code) => wanted.some((part) => code.includes(part)))
    const kind: ProblemKind | null = has('NOTADB', 'FORMAT')
      ? 'broken'
      : has('CORRUPT', 'MALFORMED')
        ? 'damaged'
        : has(...CONFLICTS)
          ? 'busy'
          : has('SQLITE_FULL', 'DISKISFULL', 'ENOSPC', 'IOERR')
            ? 'full'
            : has('CANTOPEN', 'READONLY', 'EACCES', 'EROFS', ...LINE_CUT)
              ? 'unreachable'
              : null
    return kind && new DatabaseProblem(kind, { cause: error })
  }
}

/** Another holds the lock, or a server gave the transaction up and undid it. */
const CONFLICTS = ['BUSY', 'LOCKED', 'STREAM_EXPIRED', 'TRANSACTION_TIMEOUT', 'TRANSACTION_CLOSED']
/** A server of the data does not answer, or lets this one not in. */
const LINE_CUT = [
  ...['FETCHFAILED', 'ECONNREFUSED', 'ECONNRESET', 'ENOTFOUND', 'EAI_AGAIN', 'UND_ERR', 'DUETOTIMEOUT'],
  ...['SERVER_ERROR', 'HRANA_', 'AUTH_'],
]

/** Codes and messages of an error and of everything that caused it. */
function codesOf(error: unknown): string[] {
  const found: string[] = []
  for (let cause = error; cause instanceof Error; cause = cause.cause) {
    const { code, extendedCode } = cause as { code?: unknown; extendedCode?: unknown }
    found.push(
      ...[code, extendedCode].filter((part) => typeof part === 'string'),
      cause.message.toUpperCase().replaceAll(' ', ''),
    )
  }
  return found.map((code) => (code.includes('FILEISNOTADATABASE') ? 'NOTADB' : code))
}
