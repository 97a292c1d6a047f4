'use client'

import { useRouter } from 'next/navigation'
import { useCallback, useState } from 'react'
import { toast } from 'sonner'
import { v7 } from 'uuid'
import { actDrafts } from '../../components/act-drafts'
import { sendPhoto } from '../../components/photo/prepare-photo'
import { whenSure } from '../../components/sure'
import { undoEntry } from '../../components/undoing'
import type { IsoDate } from '../../core/calendar'
import type { EntrySubject } from '../../core/entry'
import type { EntryData, EntryKind } from '../../core/log'
import { enter, undo } from '../../actions/log'

export interface NewEntry {
  /** The call that it answers: gone from the list at once; null: none, as with a note. */
  call: string | null
  /** It was typed in a form, which stays open until it is saved: nothing is gone before. */
  typed?: boolean
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

/**
 * Enters things with the screen's date: shown at once, said when it is durable, and taken back on asking. `keep` says
 * whether it was saved.
 */
export function useEntering(on: IsoDate) {
  const [answered, setAnswered] = useState<readonly string[]>([])
  const router = useRouter()

  const keep = useCallback(
    async ({ call, typed, said, photo, note = '', more = [], ...entry }: NewEntry): Promise<boolean> => {
      const restore = () => setAnswered((before) => before.filter((other) => other !== call))
      if (call !== null && !typed) setAnswered((before) => [...before, call])
      const act = said.replace(/\.$/, '')
      const fail = (why: string) => {
        toast.error(`${act}: not saved. ${why}`)
        return false
      }
      const drafts = actDrafts([{ ...entry, note }, ...more], on)
      const id = drafts[0]!.id
      try {
        const result = await whenSure((sure) => enter(drafts, sure))
        // The fresh round no longer holds the call; asked again another day, it must show.
        restore()
        if (!result.ok) return fail(result.message)
        const problem = photo ? await sendPhoto(id, photo) : null
        if (problem !== null) {
          await undo({ id: v7(), entry: id })
          return fail(problem)
        }
        if (photo) router.refresh()
        toast(said, { action: undoEntry(act, id, undo) })
        return true
      } catch {
        restore()
        return fail('The server did not answer. Try again.')
      }
    },
    [on, router],
  )

  return { answered, keep }
}
