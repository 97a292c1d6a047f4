import type { GardenState } from '../data/garden-state'
import { currentState } from '../data/request'

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
  const state = await currentState()
  if (!state) return new Response('There is no garden yet.', { status: 404 })
  return fileResponse(await make(state), type, name)
}
