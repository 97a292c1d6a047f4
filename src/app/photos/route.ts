import { revalidatePath } from 'next/cache'
import { v7 } from 'uuid'
import { LARGEST } from '../../core/facts'
import { readPhoto } from '../../data/photo-content'
import { addPhoto } from '../../data/photos'
import { turnedAway } from '../admission'
import { readBody } from '../body'
import { databaseRefusal } from '../database-refusal'

export const dynamic = 'force-dynamic'

const ID = /^[\w.-]{1,64}$/

const answer = (status: number, message: string | null) =>
  Response.json(message === null ? { ok: true } : { ok: false, message }, {
    status,
    headers: { 'cache-control': 'no-store' },
  })

/** Gives an entry a photo: the body is the picture itself, `entry` names the entry, `id` the photo: twice it counts once. */
export async function POST(request: Request): Promise<Response> {
  const away = await turnedAway(request)
  if (away) return answer(away.status, away.message)
  const asked = new URL(request.url).searchParams
  const [entryId, id] = [asked.get('entry') ?? '', asked.get('id') ?? v7()]
  if (!ID.test(entryId) || !ID.test(id)) return answer(400, 'Choose which entry the photo belongs to.')
  const body = await readBody(request, LARGEST.photo)
  if ('problem' in body)
    return body.problem === 'too-large'
      ? answer(413, 'This photo is over 15 MB. Make it smaller first. It was not saved.')
      : answer(400, 'The photo did not arrive complete. It was not saved. Send it again.')
  const read = readPhoto(body.bytes)
  if ('problem' in read)
    return read.problem === 'not-a-photo'
      ? answer(415, 'Prairie cannot show this photo. Choose a JPEG, PNG or WebP file. It was not saved.')
      : answer(413, 'This photo has over 120 million pixels. Make it smaller first. It was not saved.')
  const kept = await addPhoto({ id, entryId, ...read }, body.bytes).catch((error: unknown) =>
    databaseRefusal(error, 'The photo was not saved.'),
  )
  if (typeof kept === 'object') return answer(kept.status, kept.message)
  if (kept === 'no-entry') return answer(404, 'That entry is gone. The photo was not saved.')
  if (kept === 'too-many')
    return answer(409, 'This entry already has twelve photos. Make another entry first.')
  revalidatePath('/', 'layout')
  return answer(200, null)
}
