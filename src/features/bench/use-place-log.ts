'use client'

import { useRouter } from 'next/navigation'
import { useTransition } from 'react'
import { toast } from 'sonner'
import { v7 } from 'uuid'
import type { IsoDate } from '../../core/calendar'
import type { EntryData } from '../../core/facts'
import { enter, undo } from '../../data/log-actions'

type Kind = 'watered' | 'fed' | 'moisture-read' | 'soil-tested'

/** Enters what a place was given, or how it was found; says so, and offers to take it back. */
export function usePlaceLog(on: IsoDate) {
  const router = useRouter()
  const [busy, start] = useTransition()
  const keep = <K extends Kind>(
    kind: K,
    placeIds: readonly string[],
    data: (place: string) => EntryData[K],
    said: string,
  ) => {
    if (busy) return
    start(async () => {
      const drafts = placeIds.map((place) => ({
        id: v7(),
        subject: { type: 'place' as const, id: place },
        kind,
        on,
        data: data(place),
        note: '',
      }))
      const answer = await enter(drafts as Parameters<typeof enter>[0]).catch(() => null)
      if (answer === null)
        return void toast.error('The server did not answer: nothing was entered. Try again.')
      if (!answer.ok) return void toast.error(answer.message)
      toast(said, {
        action: {
          label: 'Take back',
          onClick: () =>
            void Promise.all(drafts.map(({ id }) => undo({ id: v7(), entry: id }))).then((answers) => {
              const failed = answers.find((one) => !one.ok)
              if (failed && !failed.ok) toast.error(failed.message)
              router.refresh()
            }),
        },
      })
      router.refresh()
    })
  }
  return { busy, keep }
}
