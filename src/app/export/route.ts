import { currentGarden } from '../../data/gardens'
import { exportGarden } from '../../data/garden-file'

export const dynamic = 'force-dynamic'

/** The garden at work as one JSON document. */
export async function GET(): Promise<Response> {
  const garden = await currentGarden()
  if (!garden) return new Response('There is no garden yet.', { status: 404 })
  const document = await exportGarden(garden.id)
  return new Response(JSON.stringify(document, null, 1), {
    headers: {
      'content-type': 'application/json; charset=utf-8',
      'content-disposition': 'attachment; filename="prairie-garden.json"',
      'cache-control': 'no-store',
    },
  })
}
