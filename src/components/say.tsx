'use client'

import { useEffect, useState } from 'react'
import type { ExternalToast, toast, Toaster } from 'sonner'

type Voice = typeof toast

/** What is said before the voice is there waits for it. */
let voice: Voice | null = null
const waiting: ((voice: Voice) => void)[] = []

let fetchVoice = () => {}

function saying(sentence: (voice: Voice) => void): void {
  if (voice) {
    // One at a time: what was said before has been heard by the next act.
    voice.dismiss()
    return sentence(voice)
  }
  waiting.push(sentence)
  fetchVoice()
}

/** Says what was done, in passing. @param action a button beside it, as Undo */
export function say(sentence: string, action?: ExternalToast['action']): void {
  saying((toast) => toast(sentence, { action }))
}

/** Says what went wrong, in passing. */
export function sayFault(sentence: string): void {
  saying((toast) => toast.error(sentence))
}

/** Where it is said: it comes after the screen, and before the first press could need it without a network. */
export function SayingPlace() {
  const [heard, setHeard] = useState<{ toast: Voice; Toaster: typeof Toaster } | null>(null)
  useEffect(() => {
    // What cannot be fetched now is fetched again when something is to be said.
    fetchVoice = () => void import('sonner').then(setHeard, () => null)
    fetchVoice()
  }, [])
  useEffect(() => {
    if (!heard) return
    voice = heard.toast
    for (const sentence of waiting.splice(0)) sentence(heard.toast)
  }, [heard])
  return (
    heard && (
      <heard.Toaster
        position="bottom-right"
        closeButton
        visibleToasts={1}
        mobileOffset={{ bottom: 'calc(var(--foot) + 0.5rem)' }}
        toastOptions={{ duration: 8000, actionButtonStyle: { minHeight: 44, paddingInline: 16 } }}
      />
    )
  )
}
