import { currentGarden } from '../../../data/gardens'
import { findPhoto, pictureOf } from '../../../data/photos'

export const dynamic = 'force-dynamic'

/** A photo of the garden at work. */
export async function GET(_: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  const { id } = await params
  const garden = await currentGarden()
  const photo = garden && (await findPhoto(garden.id, id))
  const picture = photo && (await pictureOf(photo))
  if (!photo || !picture)
    return new Response('This photo does not exist, or it was deleted.', { status: 404 })
  return new Response(picture, {
    headers: {
      'content-type': photo.type,
      'content-length': String(picture.byteLength),
      // A photo never changes under its id.
      'cache-control': 'private, max-age=31536000, immutable',
      'content-security-policy': "default-src 'none'; sandbox",
    },
  })
}
