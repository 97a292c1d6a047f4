import type { GardenState } from '../data/garden-state'
import { DatabaseProblem } from '../data/problem'
import { gardenOfRequest } from '../data/request'
import { PROBLEM_WORDS } from '../wording/database-problems'

/** A file as a download that nothing keeps a copy of. */
export function fileResponse(text: string, type: string, name: string): Response {
  return new Response(text, {
    headers: {
      'content-type': `${type}; charset=utf-8`,
      'content-disposition': `attachment; filename="${name}"`,
      'cache-control': 'no-store',
    },
  })
}

/** A file made of the garden at work. */
export async function gardenFile(
  make: (state: GardenState) => string | Promise<string>,
  type: string,
  name: string,
): Promise<Response> {
  const state = await gardenOfRequest()
  if (!state || state instanceof DatabaseProblem) return noGarden(state)
  return fileResponse(await make(state), type, name)
}

/** Why there is nothing to send. */
export function noGarden(problem: DatabaseProblem | null): Response {
  if (!problem) return new Response('You have no garden yet.', { status: 404 })
  const { what, next } = PROBLEM_WORDS[problem.kind]
  return new Response(`${what} ${next}`, { status: 503 })
}
