import type { Metadata } from 'next'
import { BeginPage } from '../../../features/begin/page'

export const metadata: Metadata = { title: 'Another garden' }
export const dynamic = 'force-dynamic'

export default function NewGardenPage() {
  return <BeginPage beside />
}
