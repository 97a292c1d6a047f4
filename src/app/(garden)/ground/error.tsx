'use client'

import { Stumbled } from '../../../components/stumbled'

/** A fault in this workspace: ribbon, rail and keys stay. */
export default function ErrorScreen(fault: { error: Error & { digest?: string }; reset: () => void }) {
  return <Stumbled {...fault} where="Ground" />
}
