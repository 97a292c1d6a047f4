import { townsAsked } from '../../features/begin/towns'

export const dynamic = 'force-dynamic'

/** Towns by the beginning of their name: `/towns?q=portl`. */
export function GET(request: Request): Response {
  const asked = new URL(request.url).searchParams.get('q') ?? ''
  return Response.json(townsAsked(asked), { headers: { 'cache-control': 'private, max-age=600' } })
}
