import type { Metadata } from 'next'
import { feedOf } from '../../../../data/feeds'
import { photoRecord } from '../../../../data/records/photo'
import { currentDay } from '../../../../data/request'
import { FilesScreen } from '../../../../features/garden/files/files-screen'

export const metadata: Metadata = { title: 'Files and feeds' }

export default async function FilesPage({ searchParams }: { searchParams: Promise<{ on?: string }> }) {
  const day = await currentDay(searchParams)
  if (!day) return null
  const { id } = day.state.garden
  return (
    <FilesScreen
      manner={day.manner}
      feed={await feedOf(id)}
      photos={await photoRecord.count(id)}
      query={day.query}
    />
  )
}
