import type { Answered, SentAct } from '../../components/outbox/sent-act'
import { GARDEN_VERSION, type Actor } from '../../core/facts'
import type { EntryDraft } from '../../core/log'
import { upgraded } from '../../data/garden-upgrade'
import { currentGarden } from '../../data/gardens'
import type { Written } from '../../data/log-answers'
import { enterActs, undoAct } from '../../data/log-writing'
import { actorOf } from '../../guard'
import { isOwnRequest } from '../../hosts'
import { sayDoubt } from '../../wording/doubts'
import { NEWER_ACT, sayElsewhere, UNREADABLE_ACT } from '../../wording/kept'
import { readBody } from '../body'
import { databaseRefusal } from '../database-refusal'

export const dynamic = 'force-dynamic'

/** Bytes of the largest group of acts: fifty, or one of five hundred entries. */
const LARGEST_SENT = 4 * 1024 * 1024
const MOST_ACTS = 50

const refuse = (message: string, status: number) =>
  new Response(message, {
    status,
    headers: { 'content-type': 'text/plain', 'cache-control': 'no-store' },
  })

/**
 * Enters what acts entered, or takes it back: one after the other, each by itself, answered when they are durable, and
 * harmless to send twice. When the database goes away, as many are answered as were carried out.
 */
export async function POST(request: Request): Promise<Response> {
  if (!isOwnRequest(request)) return refuse('Prairie did not send this. Nothing was saved.', 403)
  const body = await readBody(request, LARGEST_SENT)
  const sent = 'problem' in body ? null : read(new TextDecoder().decode(body.bytes))
  if (!sent) return refuse(UNREADABLE_ACT, 400)
  const actor = actorOf(request.headers)
  const answers: Answered[] = []
  for (const run of runsOf(sent.acts))
    try {
      answers.push(...(await carriedOut(run, actor)))
    } catch (error) {
      // The database is away: it is sent again when it is back.
      const { message, status } = databaseRefusal(error, 'Nothing was saved.')
      if (answers.length === 0) return refuse(message, status)
      break
    }
  return Response.json(sent.isOne ? answers[0] : { answers }, { headers: { 'cache-control': 'no-store' } })
}

type Entering = Extract<SentAct, { entries: unknown }>
const isEntering = (act: SentAct): act is Entering => 'entries' in act

/** Acts that enter something are carried out together as far as nothing is taken back between them. */
function runsOf(acts: readonly SentAct[]): SentAct[][] {
  const runs: SentAct[][] = []
  for (const act of acts) {
    const last = runs.at(-1)
    if (last && isEntering(act) && isEntering(last[0]!)) last.push(act)
    else runs.push([act])
  }
  return runs
}

async function carriedOut(acts: readonly SentAct[], actor: Actor): Promise<Answered[]> {
  const garden = await currentGarden()
  const against = acts.map((act): Answered | null =>
    act.version > GARDEN_VERSION
      ? { ok: false, message: NEWER_ACT }
      : act.garden !== null && garden?.id !== act.garden
        ? { ok: false, message: sayElsewhere(garden?.name ?? null), elsewhere: true }
        : null,
  )
  const free = acts.filter((_, at) => against[at] === null)
  const written = free.filter(isEntering).map(({ entries, version, sure }) => ({
    drafts: brought(entries, version),
    sure,
  }))
  const done =
    written.length > 0
      ? await enterActs(written, actor)
      : await Promise.all(
          free.map((act) => undoAct((act as Extract<SentAct, { undo: unknown }>).undo, actor)),
        )
  const answers = done.map(said)
  return against.map((answer) => answer ?? answers.shift()!)
}

/** The acts that were sent; a page that an earlier version made sends one by itself. null: they are none. */
function read(text: string): { acts: SentAct[]; isOne: boolean } | null {
  const found = parsed(text)
  const isOne = !(typeof found === 'object' && found !== null && 'acts' in found)
  const sent: unknown = isOne ? [found] : (found as { acts: unknown }).acts
  if (!Array.isArray(sent) || sent.length === 0 || sent.length > MOST_ACTS) return null
  const acts = sent.map(actOf)
  return acts.every((act) => act !== null) ? { acts, isOne } : null
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text)
  } catch {
    return null
  }
}

/** An act as it was sent; null: it is none. Its entries are looked at when they are entered. */
function actOf(sent: unknown): SentAct | null {
  if (typeof sent !== 'object' || sent === null) return null
  const { version, garden = null, entries, sure, undo } = sent as Record<string, unknown>
  if (typeof version !== 'number' || !(garden === null || typeof garden === 'string')) return null
  if (typeof undo === 'object' && undo !== null) {
    const { id, entry, alone } = undo as Record<string, unknown>
    if (typeof id !== 'string' || !(entry === undefined || typeof entry === 'string')) return null
    return { version, garden, undo: { id, entry, alone: alone === true } }
  }
  return Array.isArray(entries) ? { version, garden, entries, sure: sure === true } : null
}

/** Entries of an earlier version as this one has them. */
const brought = (entries: unknown[], version: number) =>
  upgraded({ version, log: entries }).log as EntryDraft[]

function said(written: Written): Answered {
  return 'doubt' in written ? { ok: false, ...sayDoubt(written.doubt, written.manner) } : written
}
