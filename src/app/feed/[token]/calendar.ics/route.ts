import { gardenOfFeed } from '../../../../data/feeds'
import { stateOf } from '../../../../data/garden-state'
import { calendarFile } from '../../../../features/season/calendar-file'
import { fileResponse } from '../../../file-response'

export const dynamic = 'force-dynamic'

/** The season's calendar for whoever has its secret address. */
export async function GET(_: Request, { params }: { params: Promise<{ token: string }> }): Promise<Response> {
  const { token } = await params
  const gardenId = await gardenOfFeed(token)
  const state = gardenId === null ? null : await stateOf(gardenId)
  if (!state) return new Response('This calendar link does not work, or no longer works.', { status: 404 })
  return fileResponse(calendarFile(state, new Date()), 'text/calendar', 'prairie-season.ics')
}
