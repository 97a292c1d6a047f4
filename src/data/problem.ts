/** Why the database cannot be used. Nothing was written to it. */
export class DatabaseProblem extends Error {
  constructor(
    readonly kind: 'newer' | 'broken' | 'busy' | 'unreachable',
    options?: ErrorOptions,
  ) {
    super(`The database is ${kind}.`, options)
  }

  static from(error: unknown): DatabaseProblem {
    if (error instanceof DatabaseProblem) return error
    const codes = codesOf(error)
    const has = (...wanted: string[]) => codes.some((code) => wanted.some((part) => code.includes(part)))
    const kind = has('NOTADB', 'CORRUPT', 'FORMAT')
      ? 'broken'
      : has('BUSY', 'LOCKED')
        ? 'busy'
        : 'unreachable'
    return new DatabaseProblem(kind, { cause: error })
  }
}

/** Codes and messages of an error and of everything that caused it. */
function codesOf(error: unknown): string[] {
  const found: string[] = []
  for (let cause = error; cause instanceof Error; cause = cause.cause) {
    const { code, extendedCode } = cause as { code?: string; extendedCode?: string }
    found.push(
      ...[code, extendedCode].filter((part) => part !== undefined),
      cause.message.toUpperCase().replaceAll(' ', ''),
    )
  }
  return found.map((code) => (code.includes('FILEISNOTADATABASE') ? 'NOTADB' : code))
}
