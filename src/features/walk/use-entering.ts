'use client'

import { useCallback, useState } from 'react'
import { toast } from 'sonner'
import { v7 } from 'uuid'
import type { IsoDate } from '../../core/calendar'
import type { EntryData, EntryKind, EntrySubject } from '../../core/facts'
import { enter, undo, type EntryDraft } from '../../data/log-actions'

export interface NewEntry {
  /** The call that it answers: gone from the list at once. */
  call: string
  subject: EntrySubject
  kind: EntryKind
  data: EntryData[EntryKind]
  note?: string
  /** What is entered with it, all or none. */
  more?: Pick<NewEntry, 'subject' | 'kind' | 'data'>[]
  /** What to say when it is kept. */
  said: string
}

/** Enters things with the screen's date: shown at once, said when it is durable, and taken back on asking. */
export function useEntering(on: IsoDate) {
  const [answered, setAnswered] = useState<readonly string[]>([])

  const keep = useCallback(
    async ({ call, said, note = '', more = [], ...entry }: NewEntry) => {
      const restore = () => setAnswered((before) => before.filter((other) => other !== call))
      setAnswered((before) => [...before, call])
      const drafts = [entry, ...more].map((one) => ({ ...one, id: v7(), on, note }) as EntryDraft)
      try {
        const result = await enter(drafts)
        // The fresh round no longer holds the call; asked again another day, it must show.
        restore()
        if (!result.ok) return void toast.error(result.message)
        toast(said, {
          action: {
            label: 'Take back',
            onClick: () => void Promise.all(drafts.map(({ id }) => undo({ id: v7(), entry: id }))),
          },
        })
      } catch {
        restore()
        toast.error('The server did not answer: this was not entered. Try again.')
      }
    },
    [on],
  )

  return { answered, keep }
}
