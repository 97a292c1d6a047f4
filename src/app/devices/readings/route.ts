import { array, number, object, string, ValidationError } from 'yup'
import { deviceOfToken, keepReadings } from '../../../data/devices'
import { mayPost } from '../../../data/post-limit'

export const dynamic = 'force-dynamic'

const MOST_READINGS = 500
const MOST_BYTES = 64 * 1024

const postSchema = object({
  readings: array(
    object({
      at: string()
        .required()
        .matches(
          /^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(\.\d{1,3})?Z$/,
          '${path} must be a moment such as 2026-06-18T07:05:00Z',
        )
        .test(
          'a-moment',
          '${path} must be a moment that exists',
          (at) => !Number.isNaN(Date.parse(at ?? '')),
        ),
      content: number().required().min(0).max(0.9),
    }).noUnknown(),
  )
    .required()
    .min(1)
    .max(MOST_READINGS),
})
  .noUnknown()
  .strict()

const answer = (status: number, message: string, headers: Record<string, string> = {}) =>
  Response.json({ message }, { status, headers: { 'cache-control': 'no-store', ...headers } })

/**
 * Takes readings of a soil sensor, m³ of water in a m³ of soil. They are durable when it answers 200, and sent twice
 * they count once. See docs/devices.md.
 */
export async function POST(request: Request): Promise<Response> {
  const token = /^Bearer ([\w-]{10,100})$/.exec(request.headers.get('authorization') ?? '')?.[1]
  const device = token === undefined ? null : await deviceOfToken(token)
  if (!device) return answer(401, 'This secret belongs to no sensor: connect it again on the Water bench.')
  if (!mayPost(device.id, Date.now()))
    return answer(429, 'Too many posts: nothing of this one was kept. Send it again in a minute.', {
      'retry-after': '60',
    })
  const text = await request.text()
  if (text.length > MOST_BYTES) return answer(413, 'At most 64 kB in a post: send fewer readings at once.')
  try {
    const { readings } = postSchema.validateSync(JSON.parse(text)) as {
      readings: { at: string; content: number }[]
    }
    await keepReadings(device, readings)
    return Response.json({ kept: readings.length }, { headers: { 'cache-control': 'no-store' } })
  } catch (error) {
    if (error instanceof SyntaxError) return answer(400, 'This is not JSON: nothing was kept.')
    if (error instanceof ValidationError)
      return answer(400, `${error.message}: nothing of this post was kept.`)
    throw error
  }
}
