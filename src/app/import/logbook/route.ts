import { revalidatePath } from 'next/cache'
import { LARGEST } from '../../../core/facts'
import { readLogAside } from '../../../data/aside/read-log'
import { importEntries } from '../../../data/log-import'
import type { LogAnswer } from '../../../features/logbook/send-log'
import { sayLineFault } from '../../../features/logbook/say-line-fault'
import { turnedAway } from '../../admission'
import { readBody } from '../../body'
import { databaseRefusal } from '../../database-refusal'
import { NO_GARDEN } from '../../../wording/database-problems'

export const dynamic = 'force-dynamic'

const answer = (said: LogAnswer, status = 200) =>
  Response.json(said, { status, headers: { 'cache-control': 'no-store' } })
const refuse = (message: string, status: number) =>
  answer({ ok: false, message, faults: [], more: 0, good: 0 }, status)

/** Takes a logbook's CSV into the garden at work, all of it or, where `only` is good, what can be taken of it. */
export async function POST(request: Request): Promise<Response> {
  const away = await turnedAway(request)
  if (away) return refuse(away.message, away.status)
  const body = await readBody(request, LARGEST.logbook)
  if ('problem' in body)
    return body.problem === 'too-large'
      ? refuse(
          `This file is over ${LARGEST.logbook / 1024 / 1024} MB, too large for a logbook. Nothing was imported.`,
          413,
        )
      : refuse('The file did not arrive complete. Nothing was imported. Send it again.', 400)
  const read = await readLogAside(body.bytes)
  if (read === null) return refuse('This file has too much in it for a logbook. Nothing was imported.', 400)
  try {
    const taken = await importEntries(read, new URL(request.url).searchParams.get('only') === 'good')
    if ('problem' in taken) return refuse(NO_GARDEN, 400)
    if (taken.ok) {
      revalidatePath('/', 'layout')
      return answer(taken)
    }
    const { faults, more, good } = taken
    const message = `Nothing was imported: ${faults.length + more === 1 ? '1 line' : `${faults.length + more} lines`} cannot be.`
    const said = faults.map((fault) => `Line ${fault.line}: ${sayLineFault(fault)}`)
    return answer({ ok: false, message, faults: said, more, good }, 400)
  } catch (error) {
    const { message, status } = databaseRefusal(error, 'Nothing was imported.')
    return refuse(message, status)
  }
}
