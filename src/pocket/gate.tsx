'use client'

import { usePathname, useRouter, useSearchParams } from 'next/navigation'
import {
  createContext,
  startTransition,
  useContext,
  useEffect,
  useMemo,
  useRef,
  useState,
  useSyncExternalStore,
  type ReactNode,
} from 'react'
import { OfflinePlace, type Offline } from '../components/offline'
import { connection, look, onConnection } from '../components/outbox/connection'
import { noteGarden } from '../components/outbox/enter'
import { onKeptChange } from '../components/outbox/kept'
import { noteCopy, sendKept } from '../components/outbox/send-kept'
import { screenAddress } from './addresses'
import { KeptStrip } from './kept-strip'
import { pocket } from './pocket'
import { PocketScreen } from './pocket-screen'
import { useKept } from './use-kept'
import { useTonight } from './use-tonight'

/** Whether a screen is worked out here: null where the server makes it, else a count of what has changed. */
const HereContext = createContext<number | null>(null)

/** What waits is tried again so often, ms. */
const EVERY = 60_000
/** While a screen is worked out here the server is looked for so often, ms. */
const LOOK_EVERY = 3000
/** A hand that did nothing for so long is off the screen, ms. */
const AT_REST = 1500
const TOUCHES = ['pointerdown', 'keydown', 'input'] as const
/** The garden is fetched when the screen has been there for so long, ms. */
const REST = 2500

/**
 * Keeps the garden on this device, and stands in for the server while that does not answer: the screens in it are
 * worked out here, and what is entered waits until it can be sent.
 *
 * @param changes of the garden as the server made this screen; null: it was not made by the server
 */
export function PocketGate({
  garden,
  changes,
  children,
}: {
  garden: string
  changes: number | null
  children: ReactNode
}) {
  const isShell = changes === null
  const server = useRouter()
  const pathname = usePathname()
  const isReached = useSyncExternalStore(
    onConnection,
    () => connection() === 'reached',
    () => true,
  )
  const { waiting } = useKept()
  /** The garden that is kept here. */
  const [has, setHas] = useState<string | null>(isShell ? garden : null)
  const [turn, setTurn] = useState<number | null>(isShell ? 1 : null)
  /** Where the screen was when it came to be worked out here. */
  const left = useRef<string | null>(null)
  const isReady = has === garden

  useTonight(isReady, changes)
  useEffect(() => noteGarden(garden), [garden])
  useEffect(() => noteCopy(isReady), [isReady])
  useEffect(() => {
    if (isShell || !('serviceWorker' in navigator) || process.env.NODE_ENV !== 'production') return
    let isGone = false
    void navigator.serviceWorker.register('/serwist/sw.js', { scope: '/' }).catch(() => undefined)
    // Without a worker of its own the application does not open offline, and a copy here would be of no use.
    const rest = setTimeout(() => {
      void navigator.serviceWorker.ready.then(async () => {
        if (isGone || connection() !== 'reached') return
        await pocket().refresh()
        if (isGone) return
        setHas(await pocket().which())
        document.documentElement.dataset.pocket = 'kept'
      })
    }, REST)
    return () => {
      isGone = true
      clearTimeout(rest)
    }
  }, [isShell, changes])

  useEffect(() => {
    const send = () => {
      if (document.visibilityState === 'visible') void sendKept()
    }
    send()
    const timer = setInterval(send, EVERY)
    const stop = onConnection(() => {
      if (connection() === 'reached') send()
    })
    window.addEventListener('online', send)
    document.addEventListener('visibilitychange', send)
    return () => {
      clearInterval(timer)
      stop()
      window.removeEventListener('online', send)
      document.removeEventListener('visibilitychange', send)
    }
  }, [])

  const isHere = turn !== null
  useEffect(() => {
    if (!isHere) return
    // Another window may have entered something. What was sent stays on the screen as it is.
    const stop = onKeptChange((what) => {
      if (what === 'entered') startTransition(() => setTurn((now) => (now ?? 0) + 1))
    })
    const timer = setInterval(() => {
      if (document.visibilityState === 'visible') void look()
    }, LOOK_EVERY)
    return () => {
      stop()
      clearInterval(timer)
    }
  }, [isHere])

  // Back with the server, when nothing waits any more, no form is being filled, and no hand is at it.
  const isBack = isHere && isReached && waiting.length === 0
  useEffect(() => {
    if (!isBack) return
    let lastTouch = Date.now()
    const onTouch = () => void (lastTouch = Date.now())
    const timer = setInterval(() => {
      if (Date.now() - lastTouch < AT_REST) return
      if (document.querySelector('main form :is(input, textarea):focus, dialog[open]')) return
      if (isShell || left.current !== pathname) return window.location.reload()
      startTransition(() => setTurn(null))
      server.refresh()
    }, 300)
    for (const kind of TOUCHES) document.addEventListener(kind, onTouch, true)
    return () => {
      clearInterval(timer)
      for (const kind of TOUCHES) document.removeEventListener(kind, onTouch, true)
    }
  }, [isBack, isShell, pathname, server])

  // What waited is in the garden now: the server's screen shows it.
  const waited = useRef(0)
  useEffect(() => {
    if (waited.current > 0 && waiting.length === 0 && !isHere) server.refresh()
    waited.current = waiting.length
  }, [waiting.length, isHere, server])

  const offline = useMemo((): Offline => {
    const here = () => {
      left.current ??= window.location.pathname
      startTransition(() => setTurn((now) => (now ?? 0) + 1))
    }
    const go = (href: string, how: 'pushState' | 'replaceState') => {
      // A screen that was worked out here is no ground to go on from with the server.
      if (connection() === 'reached') return window.location.assign(href)
      here()
      window.history[how](null, '', href)
    }
    const router = {
      push: (href: string) => go(href, 'pushState'),
      replace: (href: string) => go(href, 'replaceState'),
      refresh: here,
    }
    return {
      router: isReady && (isHere || !isReached) ? router : null,
      onKept: () => {
        if (isReady) here()
      },
      doubt: async (entries) => (isReady ? pocket().doubt([...entries]) : null),
      view: isReady && (isHere || !isReached) ? (address) => pocket().view(address) : null,
    }
  }, [isReady, isHere, isReached])

  return (
    <OfflinePlace value={offline}>
      <HereContext value={isReady ? turn : null}>{children}</HereContext>
    </OfflinePlace>
  )
}

/** The screen as the server made it, or as it is worked out here; over it what waits to be sent. */
export function HereOrThere({ children }: { children: ReactNode }) {
  const turn = useContext(HereContext)
  const address = screenAddress(usePathname(), useSearchParams())
  return (
    <>
      <KeptStrip />
      {turn === null ? children : <PocketScreen address={address} turn={turn} />}
    </>
  )
}
