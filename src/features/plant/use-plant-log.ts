'use client'

import { useRouter } from 'next/navigation'
import { useTransition } from 'react'
import { toast } from 'sonner'
import { v7 } from 'uuid'
import type { IsoDate } from '../../core/calendar'
import type { EntryData, EntrySubject } from '../../core/facts'
import { enter, undo } from '../../data/log-actions'

type Kind = 'pruned' | 'seen' | 'marked'

/** Enters what was done and seen on a plant, says so, and offers to take it back. */
export function usePlantLog(on: IsoDate) {
  const router = useRouter()
  const [busy, start] = useTransition()
  const takeBack = (entry: string) =>
    void undo({ id: v7(), entry }).then((answer) => {
      if (!answer.ok) toast.error(answer.message)
      router.refresh()
    })
  const keep = <K extends Kind>(
    kind: K,
    subject: EntrySubject,
    data: EntryData[K],
    said: string,
    then?: () => void,
  ) => {
    if (busy) return
    start(async () => {
      const id = v7()
      const answer = await enter([{ id, subject, kind, on, data, note: '' }]).catch(() => null)
      if (answer === null)
        return void toast.error('The server did not answer: nothing was entered. Try again.')
      if (!answer.ok) return void toast.error(answer.message)
      then?.()
      toast(said, { action: { label: 'Take back', onClick: () => takeBack(id) } })
      router.refresh()
    })
  }
  return { busy, keep, takeBack }
}
