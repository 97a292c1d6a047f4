/// <reference lib="webworker" />
import { NetworkOnly, Serwist, type PrecacheEntry, type SerwistGlobalConfig } from 'serwist'
import { tellTonight } from '../components/notices/notices'
import { noteCopy, sendKept, SYNC_TAG } from '../components/outbox/send-kept'
import type { IsoDate } from '../core/calendar'
import { POCKET_PHOTOS } from '../data/pocket/names'
import { pressingOf } from './pressing'
import { lastView } from './store'

declare global {
  interface WorkerGlobalScope extends SerwistGlobalConfig {
    __SW_MANIFEST: (PrecacheEntry | string)[] | undefined
  }
}
declare const self: ServiceWorkerGlobalScope

interface SyncEvent extends ExtendableEvent {
  tag: string
}

/** What opens in place of a screen while the server is not reached. */
const SHELL = '/pocket'
/** A network that is bad rather than gone is waited for so long, ms. */
const PATIENCE = 4000

const serwist = new Serwist({
  precacheEntries: self.__SW_MANIFEST,
  // What opens offline is never older than what is kept for it.
  skipWaiting: true,
  clientsClaim: true,
  navigationPreload: false,
  precacheOptions: { cleanupOutdatedCaches: true, ignoreURLParametersMatching: [/^dpl$/] },
  runtimeCaching: [{ matcher: () => false, handler: new NetworkOnly() }],
})

// A worker's script is answered anew: a response from a cache has lost the part of its address after the #, in which
// the names of what it loads stand.
self.addEventListener('fetch', (event) => {
  const { request } = event
  const { origin, pathname } = new URL(request.url)
  if (origin !== self.location.origin) return
  if (request.destination === 'worker') {
    event.stopImmediatePropagation()
    event.respondWith(workerScript(request))
  } else if (request.mode === 'navigate') {
    event.stopImmediatePropagation()
    event.respondWith(screen(request))
  } else if (pathname.startsWith('/photos/') && request.method === 'GET') {
    event.stopImmediatePropagation()
    event.respondWith(photo(request))
  }
})

async function workerScript(request: Request): Promise<Response> {
  const kept = await serwist.matchPrecache(request.url.split('#')[0]!)
  if (!kept) return fetch(request)
  return new Response(await kept.blob(), { headers: kept.headers })
}

/** The server's own screen; the shell where there is none. */
async function screen(request: Request): Promise<Response> {
  const shell = () => serwist.matchPrecache(SHELL)
  // What was sent with a form is not sent twice, and has no screen here.
  if (request.method !== 'GET') return fetch(request)
  const waited = new Promise<null>((done) => setTimeout(() => done(null), PATIENCE))
  const asked = fetch(request).catch(() => null)
  const answer = await Promise.race([asked, waited])
  if (answer && ![502, 504].includes(answer.status)) return answer
  return (await shell()) ?? (await asked) ?? Response.error()
}

const MOST_PHOTOS = 60

/** A photo as it was shown before: it never changes. */
async function photo(request: Request): Promise<Response> {
  const kept = await caches.open(POCKET_PHOTOS)
  const known = await kept.match(request.url)
  if (known) return known
  const answer = await fetch(request)
  if (answer.ok) {
    await kept.put(request.url, answer.clone()).catch(() => undefined)
    const all = await kept.keys()
    await Promise.all(all.slice(0, -MOST_PHOTOS).map((old) => kept.delete(old)))
  }
  return answer
}

noteCopy(true)
// The browser says when the network is back, also when no window is open.
self.addEventListener('sync' as 'message', (event) => {
  const sync = event as unknown as SyncEvent
  if (sync.tag === SYNC_TAG) sync.waitUntil(sendKept().then(tellOfToday))
})

/** Nothing is worked out here: the round of today is told as it was kept. */
async function tellOfToday(): Promise<void> {
  const today = new Date().toLocaleDateString('sv-SE') as IsoDate
  const round = (await lastView(`${today} /walk`)) as Parameters<typeof pressingOf>[0] | undefined
  if (round) await tellTonight(pressingOf(round), today, self.registration)
}

self.addEventListener('notificationclick', (event) => {
  event.notification.close()
  event.waitUntil(openRound())
})

async function openRound(): Promise<unknown> {
  const [open] = await self.clients.matchAll({ type: 'window' })
  if (!open) return self.clients.openWindow('/walk')
  await open.navigate('/walk').catch(() => null)
  return open.focus()
}

serwist.addEventListeners()
