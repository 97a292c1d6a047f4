'use client'

import { createContext, useContext } from 'react'
import { useRouter as useServerRouter } from 'next/navigation'
import type { EntryDraft } from '../core/log'
import type { Refused } from '../core/result'

interface Router {
  push: (href: string) => void
  replace: (href: string, options?: { scroll?: boolean }) => void
  refresh: () => void
}

/** What stands in for the server while it is not reached. */
export interface Offline {
  /** Goes between screens that are worked out here; null: the server makes them. */
  router: Router | null
  /** Something was kept on this device: the screen is made anew with it. */
  onKept: () => void
  /** Whether entries are hard to believe, as far as this device can tell; null: nothing against them. */
  doubt: (entries: readonly EntryDraft[]) => Promise<(Refused & { ask?: true }) | null>
  /** What is at an address, worked out here; null: the server is asked. */
  view: ((address: string) => Promise<unknown>) | null
}

const Place = createContext<Offline>({
  router: null,
  onKept: () => {},
  doubt: async () => null,
  view: null,
})
export const OfflinePlace = Place.Provider

export const useOffline = (): Offline => useContext(Place)

/** The way to other screens, wherever they are made. */
export function useRouter(): Router {
  const server = useServerRouter()
  return useOffline().router ?? server
}
