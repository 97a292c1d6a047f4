import { DatabaseProblem } from '../data/problem'
import { PROBLEM_WORDS } from '../wording/database-problems'

/**
 * What a handler answers when the database did not take what was sent.
 *
 * @param kept what stayed as it was, as a sentence
 * @throws the error itself where the database is not the matter
 */
export function databaseRefusal(error: unknown, kept: string): { message: string; status: 503 | 507 } {
  const problem = DatabaseProblem.within(error)
  if (!problem) throw error
  const { what, next } = PROBLEM_WORDS[problem.kind]
  return { message: `${what} ${kept} ${next}`, status: problem.kind === 'full' ? 507 : 503 }
}
