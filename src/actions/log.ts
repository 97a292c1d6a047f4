'use server'

import type { Refused, Result } from '../core/result'
import { actor } from './actor'
import { enterEntries, undoAct, type EntryDraft, type Written } from '../data/log-writing'
import { sayDoubt } from '../wording/doubts'

/** What came of writing to the log, in words; `ask`: it is taken when the gardener says that it is so. */
export type Entered = Result<{ kind: (Written & { ok: true })['kind'] }> | (Refused & { ask?: true })

/** Adds entries to the log; see `enterEntries`. */
export async function enter(drafts: EntryDraft[], sure = false): Promise<Entered> {
  return said(await enterEntries(drafts, sure === true, await actor()))
}

/** Takes an act back; see `undoAct`. */
export async function undo(voiding: { id: string; entry?: string; alone?: boolean }): Promise<Entered> {
  return said(await undoAct(voiding, await actor()))
}

/** Answered as soon as it is durable: who sends it has the screen made anew after that. */
function said(answer: Written): Entered {
  return 'doubt' in answer ? { ok: false, ...sayDoubt(answer.doubt, answer.manner) } : answer
}
