import { useEffect } from 'react'
import { noticesHere, tellTonight } from '../components/notices/notices'
import { pocket } from './pocket'

/** Tells what cannot wait past tonight when the application is opened, or its garden was fetched. */
export function useTonight(isReady: boolean, changes: number | null): void {
  useEffect(() => {
    if (!isReady) return
    const tell = () => {
      if (document.visibilityState === 'visible') void told().catch(() => undefined)
    }
    tell()
    document.addEventListener('visibilitychange', tell)
    return () => document.removeEventListener('visibilitychange', tell)
  }, [isReady, changes])
}

async function told(): Promise<void> {
  if ((await noticesHere()) !== 'on') return
  const due = await pocket().tonight()
  if (due) await tellTonight(due.stops, due.on, await navigator.serviceWorker.ready)
}
