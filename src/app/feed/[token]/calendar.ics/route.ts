import { gardenOfFeed } from '../../../../data/feeds'
import { stateOf } from '../../../../data/garden-state'
import { calendarFile } from '../../../../features/season/calendar-file'
import { fileResponse } from '../../../file-response'

export const dynamic = 'force-dynamic'

/** The season's calendar for whoever has its secret address. */
export async function GET(_: Request, { params }: { params: Promise<{ token: string }> }): Promise<Response> {
  const { token } = await params
  const feed = await gardenOfFeed(token)
  const state = feed && (await stateOf(feed.gardenId))
  if (!state) return new Response('This calendar link does not work, or no longer works.', { status: 404 })
  return fileResponse(calendarFile(state, new Date(), feed.reminders), 'text/calendar', 'prairie-season.ics')
}
