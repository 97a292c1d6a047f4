import type { Metadata } from 'next'
import { PocketShell } from '../../pocket/shell'

export const metadata: Metadata = { title: 'Prairie' }

/** What opens in place of any screen while the server is not reached; the device keeps it. */
export default function PocketPage() {
  return <PocketShell />
}
