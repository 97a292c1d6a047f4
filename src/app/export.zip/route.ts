import { exportGarden } from '../../data/garden-file'
import { zipGarden } from '../../data/garden-zip'
import { currentState } from '../../data/request'

export const dynamic = 'force-dynamic'

/** The garden at work with its photos, as a zip file. */
export async function GET(): Promise<Response> {
  const state = await currentState()
  if (!state) return new Response('There is no garden yet.', { status: 404 })
  return new Response(await zipGarden(await exportGarden(state.garden.id)), {
    headers: {
      'content-type': 'application/zip',
      'content-disposition': 'attachment; filename="prairie-garden.zip"',
      'cache-control': 'no-store',
    },
  })
}
