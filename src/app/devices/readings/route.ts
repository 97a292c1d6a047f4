import { array, number, object, string, ValidationError } from 'yup'
import { LARGEST } from '../../../core/facts'
import { deviceOfToken, keepReadings } from '../../../data/devices'
import { mayPost } from '../../../data/post-limit'
import { foreignHost, isOwnHost } from '../../../hosts'
import { readBody } from '../../body'

export const dynamic = 'force-dynamic'

const MOST_READINGS = 500

/** A sensor's clock may run ahead so far, ms. */
const CLOCK_OFF = 600_000

/** Whether a moment exists as it is written: 30 February does not, though it can be counted. */
const isMoment = (at: string) =>
  !Number.isNaN(Date.parse(at)) && new Date(at).toISOString().slice(0, 10) === at.slice(0, 10)

const postSchema = object({
  readings: array(
    object({
      at: string()
        .required()
        .matches(
          /^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(\.\d{1,3})?Z$/,
          '${path} must be a moment such as 2026-06-18T07:05:00Z',
        )
        .test('a-moment', '${path} must be a moment that exists', (at) => at !== undefined && isMoment(at))
        .test(
          'past',
          '${path} lies ahead: set the sensor’s clock',
          (at) => Date.parse(at ?? '') <= Date.now() + CLOCK_OFF,
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
  if (!isOwnHost(request.headers.get('host'))) return foreignHost()
  const token = /^Bearer ([\w-]{10,100})$/.exec(request.headers.get('authorization') ?? '')?.[1]
  const device = token === undefined ? null : await deviceOfToken(token)
  if (!device) return answer(401, 'This secret belongs to no sensor. Connect it again on the Water bench.')
  if (!(await mayPost(device.id, Date.now())))
    return answer(429, 'Too many posts. Nothing in this one was saved. Send it again in a minute.', {
      'retry-after': '60',
    })
  const body = await readBody(request, LARGEST.devicePost)
  if ('problem' in body)
    return body.problem === 'too-large'
      ? answer(413, 'A post can have at most 64 kB. Send fewer readings at once.')
      : answer(400, 'This post did not arrive complete. Nothing in it was saved. Send it again.')
  try {
    const text = new TextDecoder().decode(body.bytes)
    const { readings } = postSchema.validateSync(JSON.parse(text)) as {
      readings: { at: string; content: number }[]
    }
    await keepReadings(device, readings)
    return Response.json({ kept: readings.length }, { headers: { 'cache-control': 'no-store' } })
  } catch (error) {
    if (error instanceof SyntaxError) return answer(400, 'This is not JSON. Nothing was saved.')
    if (error instanceof ValidationError)
      return answer(400, `${error.message}. Nothing in this post was saved.`)
    throw error
  }
}
