import type { Metadata } from 'next'
import { rescueView } from '../../features/rescue/queries'
import { RescueScreen } from '../../features/rescue/rescue-screen'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Rescue' }

export default async function RescuePage() {
  return <RescueScreen view={await rescueView()} />
}
