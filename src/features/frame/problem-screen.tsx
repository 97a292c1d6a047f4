import { Link } from '../../components/link'
import type { ProblemKind } from '../../data/problem'
import { PROBLEM_WORDS } from '../../wording/database-problems'

/** What is shown in place of every screen while the database cannot be used. */
export function ProblemScreen({ kind }: { kind: ProblemKind }) {
  const { what, next } = PROBLEM_WORDS[kind]
  return (
    <main className="mx-auto max-w-xl px-6 py-20" role="alert">
      <h1 className="text-2xl font-semibold">{what}</h1>
      <p className="mt-3 text-lg">{next}</p>
      <div className="mt-6 flex flex-wrap gap-2">
        <form action="/">
          <button className="btn btn-primary min-h-11">Try again</button>
        </form>
        <Link className="btn min-h-11" href="/rescue">
          Copies and ways back
        </Link>
      </div>
    </main>
  )
}
