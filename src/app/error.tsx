'use client'

import { Stumbled } from '../components/stumbled'

/** A fault outside the frame of a garden, or in the frame itself. */
export default function ErrorScreen(fault: { error: Error & { digest?: string }; reset: () => void }) {
  return (
    <main>
      <Stumbled {...fault} where="This screen" />
    </main>
  )
}
