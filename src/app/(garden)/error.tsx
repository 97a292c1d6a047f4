'use client'

import { Stumbled } from '../../components/stumbled'

/** A fault in a workspace: ribbon, rail and keys stay. */
export default function ErrorScreen(fault: { error: Error & { digest?: string }; reset: () => void }) {
  return <Stumbled {...fault} where="This screen" />
}
