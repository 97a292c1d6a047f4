import { revalidatePath } from 'next/cache'
import { IMPORT_WAYS, LARGEST, type ImportWay } from '../../core/facts'
import { importGarden } from '../../data/garden-import'
import { readGardenAside } from '../../data/aside/read-garden'
import { sayImportProblem } from '../../features/garden/files/say-import-problem'
import type { ImportAnswer } from '../../components/garden-file/send-garden'
import { turnedAway } from '../admission'
import { readBody } from '../body'
import { databaseRefusal } from '../database-refusal'

export const dynamic = 'force-dynamic'

const answer = (said: ImportAnswer, status = 200) =>
  Response.json(said, { status, headers: { 'cache-control': 'no-store' } })
const refuse = (message: string, status: number) => answer({ ok: false, message, faults: [] }, status)

/** Takes a whole garden in, as JSON or as a zip file with its photos; `way` says in whose place. */
export async function POST(request: Request): Promise<Response> {
  const away = await turnedAway(request)
  if (away) return refuse(away.message, away.status)
  const way = new URL(request.url).searchParams.get('way') as ImportWay
  if (!IMPORT_WAYS.includes(way))
    return refuse('Choose whether the garden replaces this one or opens beside it.', 400)
  const body = await readBody(request, LARGEST.garden)
  if ('problem' in body)
    return body.problem === 'too-large'
      ? refuse('This file is over 512 MB, too large for a garden. Nothing was changed.', 413)
      : refuse('The file did not arrive complete. Nothing was changed. Send it again.', 400)
  const read = await readGardenAside(body.bytes)
  if ('problem' in read) return answer({ ok: false, ...sayImportProblem(read.problem) }, 400)
  try {
    const result = await importGarden(read, way)
    if ('problem' in result) return answer({ ok: false, ...sayImportProblem(result.problem) }, 400)
  } catch (error) {
    const { message, status } = databaseRefusal(error, 'Nothing was changed.')
    return refuse(message, status)
  }
  revalidatePath('/', 'layout')
  return answer({ ok: true })
}
