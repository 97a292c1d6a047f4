'use client'

import { useOffline, useRouter } from '../offline'
import { useRef, useTransition } from 'react'
import { say, sayFault } from '../say'
import { v7 } from 'uuid'
import type { IsoDate } from '../../core/calendar'
import type { Manner } from '../../core/facts'
import type { Result } from '../../core/result'
import { formatDate } from '../../wording/dates'
import { sayKept } from '../../wording/kept'
import { enterAct, enterPhoto, undoEntered } from '../outbox/enter'
import { isForPast, whenSure } from '../question'
import { actDrafts, type NewEntry } from './act-drafts'
import { forgetOwn, noteOwn } from './own-acts'
import { NO_ANSWER, undoing } from './undoing'

/** The day that a screen shows, and the garden's own. */
export interface ActDay {
  on: IsoDate
  now: IsoDate
  manner: Manner
}

/** What a press enters: all of it or nothing. */
export interface NewAct {
  entries: readonly NewEntry[]
  /** What is said when it is durable, as a sentence; nothing: the screen shows it. */
  said: string
  /** What it is called where it was not saved; else by what would have been said. */
  name?: string
  /** Of the first entry. */
  photo?: Blob | null
  /** Called when nothing stands in its way, before it is sent. */
  begin?: () => void
  /** Shows it as done before it is durable: an optimistic update, gone again when nothing was saved. */
  atOnce?: () => void
}

/**
 * The one way from a press to the log: not ahead of the garden's day, with an earlier date only after asking, hard to
 * believe only after asking, said when it is durable, and undone on asking.
 */
export function useAct({ on, now, manner }: ActDay) {
  const router = useRouter()
  const { onKept, doubt } = useOffline()
  const [busy, start] = useTransition()
  /** Sent without an answer, it may be kept anyway: the same sent again bears the same ids, and counts once. */
  const unanswered = useRef<{ asked: string; drafts: ReturnType<typeof actDrafts> } | null>(null)

  /** Undoes what one act entered. @param entry one of its entries @param act what is undone, in a few words */
  const takeBack = (entry: string, act: string, alone = false) =>
    new Promise<void>((done) =>
      start(async () => {
        const undone = await undoing(act, () =>
          undoEntered({ id: v7(), entry, alone }, { said: `Undo: ${act}`, on }),
        )
        if (undone) {
          forgetOwn(entry)
          shown('isKept' in undone)
        }
        done()
      }),
    )

  /** Every screen may show what was written. Without a server there would be no screen to come back to. */
  const shown = (isKept: boolean) => (isKept ? onKept() : router.refresh())

  async function sent({ entries, said, name, photo = null }: NewAct): Promise<Result<{ isKept: boolean }>> {
    const asked = JSON.stringify([on, entries])
    const drafts = unanswered.current?.asked === asked ? unanswered.current.drafts : actDrafts(entries, on)
    const { id } = drafts[0]!
    // Before it is sent: it may be heard of as news before it is answered.
    noteOwn(drafts)
    const own = photo && { id: v7(), picture: photo }
    const told = { said: name ?? said.replace(/\.$/, '').replace(/^(Entered|Saved): /, ''), on }
    const answer = await whenSure((sure) => enterAct(drafts, { ...told, sure, photo: own }, doubt))
    unanswered.current = answer === NO_ANSWER ? { asked, drafts } : null
    if (!answer.ok) {
      if (answer !== NO_ANSWER) forgetOwn(id)
      return answer
    }
    let isKept = 'isKept' in answer
    if (own && !isKept) {
      const came = await enterPhoto(id, own, told)
      if (!came.ok) {
        await undoEntered({ id: v7(), entry: id }, told)
        return came
      }
      isKept = 'isKept' in came
    }
    if (said)
      say(isKept ? sayKept.onThisDevice(said) : said, {
        label: 'Undo',
        onClick: () => void takeBack(id, nameOfAct(said)),
      })
    return { ok: true, isKept }
  }

  /** Enters it and answers what came of it; a refusal is left to the caller to show. */
  async function put(act: NewAct): Promise<Result> {
    if (on > now) return { ok: false, message: 'That day is still to come.' }
    if (on < now && !(await isForPast(formatDate(on, manner, 'full')))) return { ok: false, message: '' }
    act.begin?.()
    return new Promise((answer) =>
      start(async () => {
        act.atOnce?.()
        const result = await sent(act)
        answer(result)
        if (result.ok) shown(result.isKept)
      }),
    )
  }

  /** Enters it, says so or why not, and answers whether it was saved. */
  async function act(wanted: NewAct): Promise<boolean> {
    const result = await put(wanted)
    if (!result.ok && result.message)
      sayFault(`${wanted.name ?? wanted.said.replace(/\.$/, '')}: not saved. ${result.message}`)
    return result.ok
  }

  return { busy, isAhead: on > now, act, put, takeBack }
}

/** A message as the name of what it tells of: without its capital and full stop. */
const nameOfAct = (said: string) => said.charAt(0).toLowerCase() + said.slice(1).replace(/\.$/, '')
