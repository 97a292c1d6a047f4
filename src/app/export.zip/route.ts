import { exportGarden } from '../../data/garden-file'
import { zipGarden } from '../../data/garden-zip'
import { DatabaseProblem } from '../../data/problem'
import { gardenOfRequest } from '../../data/request'
import { noGarden } from '../file-response'

export const dynamic = 'force-dynamic'

/** The garden at work with its photos, as a zip file. */
export async function GET(): Promise<Response> {
  const state = await gardenOfRequest()
  if (!state || state instanceof DatabaseProblem) return noGarden(state)
  return new Response(await zipGarden(await exportGarden(state.garden.id)), {
    headers: {
      'content-type': 'application/zip',
      'content-disposition': 'attachment; filename="prairie-garden.zip"',
      'cache-control': 'no-store',
    },
  })
}
