'use client'

import { useRouter } from 'next/navigation'
import { useTransition } from 'react'
import { toast } from 'sonner'
import { v7 } from 'uuid'
import type { IsoDate } from '../core/calendar'
import type { EntrySubject } from '../core/entry'
import type { EntryData, EntryKind, LogEntry } from '../core/log'
import { actDrafts, type NewEntry } from './act-drafts'
import { sendPhoto } from './photo/prepare-photo'
import { whenSure, type Asked } from './sure'
import { undoing } from './undoing'

/** How the log is written: entries added, one act taken back; answered when they are durable. */
export interface LogWriting {
  enter: (drafts: Omit<LogEntry, 'at' | 'voids'>[], sure: boolean) => Promise<Asked>
  undo: (voiding: { id: string; entry?: string }) => Promise<Asked>
}

/** Enters what was done or seen on a day, says so, and offers to take it back. */
export function useLog(on: IsoDate, { enter, undo }: LogWriting) {
  const router = useRouter()
  const [busy, start] = useTransition()
  const takeBack = (entry: string, act: string) =>
    void undoing(act, () => undo({ id: v7(), entry })).then(() => router.refresh())
  /** Several entries of one act, all or none. */
  const keepAll = (
    entries: readonly NewEntry[],
    said: string,
    then?: () => void,
    photo: Blob | null = null,
  ) => {
    if (busy) return
    start(async () => {
      const drafts = actDrafts(entries, on)
      const { id } = drafts[0]!
      const answer = await whenSure((sure) => enter(drafts, sure)).catch(() => null)
      if (answer === null)
        return void toast.error('The server did not answer: nothing was entered. Try again.')
      if (!answer.ok) return void toast.error(answer.message)
      const problem = photo ? await sendPhoto(id, photo) : null
      if (problem !== null) {
        takeBack(id, lowered(said))
        return void toast.error(problem)
      }
      then?.()
      toast(said, { action: { label: 'Undo', onClick: () => takeBack(id, lowered(said)) } })
      router.refresh()
    })
  }
  const keep = <K extends EntryKind>(
    kind: K,
    subject: EntrySubject,
    data: EntryData[K],
    said: string,
    then?: () => void,
    note = '',
    photo: Blob | null = null,
  ) => keepAll([{ subject, kind, data, note }], said, then, photo)
  return { busy, keep, keepAll, takeBack }
}

/** A message as the name of what it tells of: without its capital and full stop. */
const lowered = (said: string) => said.charAt(0).toLowerCase() + said.slice(1).replace(/\.$/, '')
