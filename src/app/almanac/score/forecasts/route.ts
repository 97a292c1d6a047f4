import { dayOf } from '../../../../core/garden-day'
import { DatabaseProblem } from '../../../../data/problem'
import { askedDate, gardenOfRequest } from '../../../../data/request'
import { hindcastsOf, scoreView } from '../../../../features/almanac/score/queries'
import type { ScoreNews } from '../../../../features/almanac/score/use-score'
import { noGarden } from '../../../file-response'

export const dynamic = 'force-dynamic'

/** The forecasts of the last seasons made again: how far it is, line by line, then what they say. */
export async function GET(request: Request): Promise<Response> {
  const state = await gardenOfRequest()
  if (!state || state instanceof DatabaseProblem) return noGarden(state)
  const day = dayOf(state, askedDate(state, new URL(request.url).searchParams.get('on') ?? undefined))
  let isStopped = false
  const lines = new TextEncoder()
  const stream = new ReadableStream<Uint8Array>({
    async start(out) {
      const tell = (news: ScoreNews) => out.enqueue(lines.encode(`${JSON.stringify(news)}\n`))
      const hindcasts = await hindcastsOf(
        day,
        (share) => !isStopped && tell({ share }),
        () => isStopped,
      )
      if (hindcasts === null) return
      tell({ score: scoreView(day, hindcasts) })
      out.close()
    },
    cancel() {
      isStopped = true
    },
  })
  return new Response(stream, {
    // Packed, the lines would come all at once at the end.
    headers: { 'content-type': 'application/x-ndjson', 'cache-control': 'no-store, no-transform' },
  })
}
