import type { DatabaseProblem } from '../../data/problem'

const WORDS: Record<DatabaseProblem['kind'], { what: string; next: string }> = {
  newer: {
    what: 'This garden was kept by a newer Prairie than this one.',
    next: 'Start the newer version, or set DATABASE_URL to another file. The file was not touched.',
  },
  broken: {
    what: 'The garden’s file is not a database that Prairie can read.',
    next: 'Put a copy in its place: Prairie lays one beside it before every update and import. The file was not touched.',
  },
  busy: {
    what: 'Another program is holding the garden’s file.',
    next: 'Close the other Prairie, then load this page again.',
  },
  unreachable: {
    what: 'The garden’s database cannot be reached.',
    next: 'Check DATABASE_URL and that its folder can be written to, then load this page again.',
  },
}

/** What is shown in place of every screen while the database cannot be used. */
export function ProblemScreen({ kind }: { kind: DatabaseProblem['kind'] }) {
  const { what, next } = WORDS[kind]
  return (
    <main className="mx-auto max-w-xl px-6 py-20" role="alert">
      <h1 className="text-2xl font-semibold">{what}</h1>
      <p className="mt-3 text-lg">{next}</p>
      <form action="/">
        <button className="btn btn-primary mt-6 min-h-11">Try again</button>
      </form>
    </main>
  )
}
