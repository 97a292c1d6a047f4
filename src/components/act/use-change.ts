'use client'

import { useRouter } from '../offline'
import { useTransition } from 'react'
import { say, sayFault } from '../say'
import type { Refused, Result } from '../../core/result'
import { noteOwnChange } from './own-acts'
import { noAnswer, undoing } from './undoing'

type Done<Answer> = Extract<Answer, { ok: true }>

/** What a press changes, of what is kept besides the log. */
export interface Change<Answer extends Result> {
  send: () => Promise<Answer>
  /** What is said when it is durable, as a sentence; none: the screen shows it. */
  said?: string | ((answer: Done<Answer>) => string)
  /** How it is undone, and what it is called then, as in `the sowing date`. */
  undo?: { name: string; send: (answer: Done<Answer>) => Promise<Result>; button?: string }
  /** Shows it as done before it is durable: an optimistic update, gone again when nothing was saved. */
  atOnce?: () => void
}

/** The one way from a press to a change that is no entry: said when it is durable, and undone on asking. */
export function useChange() {
  const router = useRouter()
  const [busy, start] = useTransition()

  /** Makes it and answers what came of it; a refusal is left to the caller to show. */
  const put = <Answer extends Result>({
    send,
    said,
    undo,
    atOnce,
  }: Change<Answer>): Promise<Answer | Refused> =>
    new Promise((resolve) =>
      start(async () => {
        atOnce?.()
        const answer = await send().catch(noAnswer)
        resolve(answer)
        if (!answer.ok) return
        noteOwnChange()
        const takeBack = async ({ name, send: back }: NonNullable<typeof undo>) => {
          if (await undoing(name, () => back(answer as Done<Answer>))) router.refresh()
        }
        const told = typeof said === 'function' ? said(answer as Done<Answer>) : said
        if (told) say(told, undo && { label: undo.button ?? 'Undo', onClick: () => void takeBack(undo) })
        // Every screen may show what was changed.
        router.refresh()
      }),
    )

  /** Makes it, says so or why not, and answers what came of it. */
  const change = async <Answer extends Result>(wanted: Change<Answer>): Promise<Answer | Refused> => {
    const answer = await put(wanted)
    if (!answer.ok) sayFault(answer.message)
    return answer
  }
  return { busy, change, put }
}
