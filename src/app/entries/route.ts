import type { Answered, SentAct } from '../../components/outbox/sent-act'
import { GARDEN_VERSION } from '../../core/facts'
import type { EntryDraft } from '../../core/log'
import { upgraded } from '../../data/garden-upgrade'
import { currentGarden } from '../../data/gardens'
import { enterEntries, undoAct, type Written } from '../../data/log-writing'
import { actorOf } from '../../guard'
import { isOwnRequest } from '../../hosts'
import { sayDoubt } from '../../wording/doubts'
import { NEWER_ACT, sayElsewhere, UNREADABLE_ACT } from '../../wording/kept'
import { readBody } from '../body'
import { databaseRefusal } from '../database-refusal'

export const dynamic = 'force-dynamic'

/** Bytes of the largest act: five hundred entries. */
const LARGEST_ACT = 4 * 1024 * 1024

const answer = (said: Answered, status = 200) =>
  Response.json(said, { status, headers: { 'cache-control': 'no-store' } })

/** Enters what one act entered, or takes it back; answered when it is durable, and harmless to send twice. */
export async function POST(request: Request): Promise<Response> {
  if (!isOwnRequest(request))
    return answer({ ok: false, message: 'Prairie did not send this. Nothing was saved.' }, 403)
  const body = await readBody(request, LARGEST_ACT)
  const act = 'problem' in body ? null : read(new TextDecoder().decode(body.bytes))
  if (!act) return answer({ ok: false, message: UNREADABLE_ACT }, 400)
  if (act.version > GARDEN_VERSION) return answer({ ok: false, message: NEWER_ACT }, 409)
  try {
    const garden = act.garden === null ? null : await currentGarden()
    if (act.garden !== null && garden?.id !== act.garden)
      return answer({ ok: false, message: sayElsewhere(garden?.name ?? null), elsewhere: true }, 409)
    const actor = actorOf(request.headers)
    return answer(
      said(
        'undo' in act
          ? await undoAct(act.undo, actor)
          : await enterEntries(brought(act.entries, act.version), act.sure, actor),
      ),
    )
  } catch (error) {
    // The database is away: it is sent again when it is back.
    const refusal = databaseRefusal(error, 'Nothing was saved.')
    return new Response(refusal.message, {
      status: refusal.status,
      headers: { 'content-type': 'text/plain' },
    })
  }
}

/** An act as it was sent; null: it is none. Its entries are looked at when they are entered. */
function read(text: string): SentAct | null {
  try {
    const { version, garden = null, entries, sure, undo } = JSON.parse(text) as Record<string, unknown>
    if (typeof version !== 'number' || !(garden === null || typeof garden === 'string')) return null
    if (typeof undo === 'object' && undo !== null) {
      const { id, entry, alone } = undo as Record<string, unknown>
      if (typeof id !== 'string' || !(entry === undefined || typeof entry === 'string')) return null
      return { version, garden, undo: { id, entry, alone: alone === true } }
    }
    return Array.isArray(entries) ? { version, garden, entries, sure: sure === true } : null
  } catch {
    return null
  }
}

/** Entries of an earlier version as this one has them. */
const brought = (entries: unknown[], version: number) =>
  upgraded({ version, log: entries }).log as EntryDraft[]

function said(written: Written): Answered {
  return 'doubt' in written ? { ok: false, ...sayDoubt(written.doubt, written.manner) } : written
}
