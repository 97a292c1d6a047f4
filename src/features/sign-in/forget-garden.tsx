'use client'

import { useEffect } from 'react'
import { POCKET_PHOTOS, POCKET_STORE } from '../../data/pocket/names'

/** Takes the garden's copy and its photos off a device that is not signed in; what waits to be sent stays. */
export function ForgetGarden() {
  useEffect(() => {
    if (typeof indexedDB !== 'undefined') indexedDB.deleteDatabase(POCKET_STORE)
    if ('caches' in window) void window.caches.delete(POCKET_PHOTOS)
  }, [])
  return null
}
