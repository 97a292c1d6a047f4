'use client'

import { lazy, Suspense, useEffect, useState } from 'react'
import type { ExternalToast, toast } from 'sonner'

type Voice = typeof toast

/** What is said before the voice is there waits for it. */
let voice: Voice | null = null
const waiting: ((voice: Voice) => void)[] = []

const saying = (sentence: (voice: Voice) => void) => (voice ? sentence(voice) : void waiting.push(sentence))

/** Says what was done, in passing. @param action a button beside it, as Undo */
export function say(sentence: string, action?: ExternalToast['action']): void {
  saying((toast) => toast(sentence, { action }))
}

/** Says what went wrong, in passing. */
export function sayFault(sentence: string): void {
  saying((toast) => toast.error(sentence))
}

const Voices = lazy(async () => {
  const { Toaster, toast } = await import('sonner')
  function Heard() {
    useEffect(() => {
      voice = toast
      for (const sentence of waiting.splice(0)) sentence(toast)
    }, [])
    return <Toaster position="bottom-right" closeButton toastOptions={{ duration: 8000 }} />
  }
  return { default: Heard }
})

/** Where it is said: it comes after the screen, and before the first press could need it without a network. */
export function SayingPlace() {
  const [isShown, setShown] = useState(false)
  useEffect(() => setShown(true), [])
  return isShown ? (
    <Suspense>
      <Voices />
    </Suspense>
  ) : null
}
