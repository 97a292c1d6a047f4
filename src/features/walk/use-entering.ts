'use client'

import { useRouter } from 'next/navigation'
import { useCallback, useState } from 'react'
import { toast } from 'sonner'
import { v7 } from 'uuid'
import { actDrafts } from '../../components/act-drafts'
import { sendPhoto } from '../../components/photo/prepare-photo'
import type { IsoDate } from '../../core/calendar'
import type { EntryData, EntryKind, EntrySubject } from '../../core/facts'
import { enter, undo } from '../../data/log-actions'

export interface NewEntry {
  /** The call that it answers: gone from the list at once; null: none, as with a note. */
  call: string | null
  subject: EntrySubject
  kind: EntryKind
  data: EntryData[EntryKind]
  note?: string
  photo?: Blob | null
  /** What is entered with it, all or none. */
  more?: Pick<NewEntry, 'subject' | 'kind' | 'data'>[]
  /** What to say when it is kept. */
  said: string
}

/** Enters things with the screen's date: shown at once, said when it is durable, and taken back on asking. */
export function useEntering(on: IsoDate) {
  const [answered, setAnswered] = useState<readonly string[]>([])
  const router = useRouter()

  const keep = useCallback(
    async ({ call, said, photo, note = '', more = [], ...entry }: NewEntry) => {
      const restore = () => setAnswered((before) => before.filter((other) => other !== call))
      if (call !== null) setAnswered((before) => [...before, call])
      const drafts = actDrafts([{ ...entry, note }, ...more], on)
      const id = drafts[0]!.id
      const takeBack = () => undo({ id: v7(), entry: id })
      try {
        const result = await enter(drafts)
        // The fresh round no longer holds the call; asked again another day, it must show.
        restore()
        if (!result.ok) return void toast.error(result.message)
        const problem = photo ? await sendPhoto(id, photo) : null
        if (problem !== null) {
          await takeBack()
          return void toast.error(problem)
        }
        if (photo) router.refresh()
        toast(said, { action: { label: 'Take back', onClick: () => void takeBack() } })
      } catch {
        restore()
        toast.error('The server did not answer: this was not entered. Try again.')
      }
    },
    [on, router],
  )

  return { answered, keep }
}
