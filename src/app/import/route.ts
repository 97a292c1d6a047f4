import { revalidatePath } from 'next/cache'
import { IMPORT_WAYS, type ImportWay } from '../../core/facts'
import { importGarden } from '../../data/garden-file'
import { LARGEST_UPLOAD, readUpload } from '../../data/garden-zip'
import { sayImportProblem } from '../../features/garden/files/say-import-problem'
import type { ImportAnswer } from '../../components/garden-file/send-garden'
import { isOwnRequest, readBody } from '../own-request'

export const dynamic = 'force-dynamic'

const answer = (said: ImportAnswer, status = 200) =>
  Response.json(said, { status, headers: { 'cache-control': 'no-store' } })
const refuse = (message: string, status: number) => answer({ ok: false, message, faults: [] }, status)

/** Takes a whole garden in, as JSON or as a zip file with its photos; `way` says in whose place. */
export async function POST(request: Request): Promise<Response> {
  if (!isOwnRequest(request)) return refuse('This was not sent by Prairie. Nothing was changed.', 403)
  const way = new URL(request.url).searchParams.get('way') as ImportWay
  if (!IMPORT_WAYS.includes(way)) return refuse('Say whether the garden comes instead or beside.', 400)
  const body = await readBody(request, LARGEST_UPLOAD)
  if (!body) return refuse('This file is over 512 MB: no garden of Prairie is. Nothing was changed.', 413)
  const upload = readUpload(body)
  if (!upload)
    return refuse(
      'This zip file is damaged or cut off, or holds no garden. Nothing was changed. Export it again, or take an older copy.',
      400,
    )
  const result = await importGarden(upload.text, way, upload.pictures)
  if ('problem' in result) return answer({ ok: false, ...sayImportProblem(result.problem) }, 400)
  revalidatePath('/', 'layout')
  return answer({ ok: true })
}
