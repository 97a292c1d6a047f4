'use client'

import { usePathname } from 'next/navigation'
import { useRouter } from '../../components/offline'
import { useEffect, useRef } from 'react'
import { v7 } from 'uuid'
import { connectionOf, noteConnection } from '../../components/outbox/connection'
import { undoEntered } from '../../components/outbox/enter'
import { forgetOwn, isOwn, ownLike, type Changed, type HeardEntry } from '../../components/act/own-acts'
import { undoing } from '../../components/act/undoing'
import { say } from '../../components/say'
import { sayHeard } from '../../wording/heard'

/** How often it is asked, ms: what another enters is here within five seconds. */
const EVERY = 3000

/**
 * Keeps a screen that is looked at as the garden is, and tells what others entered meanwhile.
 *
 * @param changes how many there were when the screen was made, at that moment (UTC)
 */
export function LiveChanges({ changes, at }: { changes: number; at: string }) {
  const router = useRouter()
  const pathname = usePathname()
  const shown = useRef(changes)
  const typing = useRef(false)
  const first = useRef(at)
  useEffect(() => {
    shown.current = changes
    typing.current = false
  }, [changes, pathname])

  useEffect(() => {
    // A form that is being filled keeps what stands in it: then the gardener says when to look.
    const onInput = ({ target }: Event) => {
      if (target instanceof Element && target.closest('main form')) typing.current = true
    }
    document.addEventListener('input', onInput)
    let after = first.current
    let wasUnsure = false
    const told = new Set<string>()
    let timer: ReturnType<typeof setTimeout>
    let isGone = false
    const look = async () => {
      const heard = document.visibilityState === 'visible' ? await ask(shown.current, after) : null
      if (heard === 'signed-out' || isGone) return
      if (heard) {
        after = heard.at
        const news = heard.entries.filter((entry) => !isOwn(entry) && !told.has(entry.id))
        for (const { id } of news) told.add(id)
        // What was saved here is on its way back to this screen: looked at again before it is told as news.
        const isUnsure = typing.current && news.length === 0 && !wasUnsure
        wasUnsure = isUnsure && heard.changes !== shown.current
        if ((heard.changes !== shown.current || news.length > 0) && !isUnsure) {
          shown.current = heard.changes
          tell(news, () => router.refresh(), typing.current)
        }
      }
      timer = setTimeout(look, EVERY)
    }
    timer = setTimeout(look, EVERY)
    return () => {
      isGone = true
      document.removeEventListener('input', onInput)
      clearTimeout(timer)
    }
  }, [router])
  return null
}

/** What changed; null: nothing. */
async function ask(changes: number, after: string): Promise<Changed | null | 'signed-out'> {
  const asked = new URLSearchParams({ changes: String(changes), after })
  const answer = await fetch(`/changes?${asked}`, { cache: 'no-store' }).catch(() => null)
  noteConnection(connectionOf(answer))
  if (!answer) return null
  if (answer.status === 401) return 'signed-out'
  return answer.status === 200 ? ((await answer.json()) as Changed) : null
}

/** Says what others entered, the last of it; and that it was done here too. */
function tell(news: readonly HeardEntry[], show: () => void, isTyping: boolean): void {
  if (!isTyping) show()
  const last = news.at(-1)
  if (!last) {
    if (isTyping) say(sayHeard.changed, { label: 'Show it', onClick: show })
    return
  }
  const twice = news.map((entry) => [entry, ownLike(entry)] as const).find(([, mine]) => mine !== null)
  if (twice) {
    const [entry, mine] = twice
    say(sayHeard.enteredToo(entry), {
      label: 'Undo mine',
      onClick: () =>
        void undoing(entry.said, () =>
          undoEntered({ id: v7(), entry: mine! }, { said: `Undo: ${entry.said}`, on: entry.on }),
        ).then((undone) => {
          if (!undone) return
          forgetOwn(mine!)
          show()
        }),
    })
  } else {
    say(sayHeard.entered(last, news.length - 1), isTyping ? { label: 'Show it', onClick: show } : undefined)
  }
}
