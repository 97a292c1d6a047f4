import { dayOf } from '../../../../core/garden-day'
import type { Metadata } from 'next'
import { feedToken } from '../../../../data/feeds'
import { photosOf } from '../../../../data/photos'
import { askedDate, currentState } from '../../../../data/request'
import { FilesScreen } from '../../../../features/garden/files/files-screen'

export const metadata: Metadata = { title: 'Files and feeds' }

export default async function FilesPage({ searchParams }: { searchParams: Promise<{ on?: string }> }) {
  const state = await currentState()
  if (!state) return null
  const on = askedDate(state, (await searchParams).on)
  const { id } = state.garden
  return (
    <FilesScreen
      token={await feedToken(id)}
      photos={(await photosOf(id)).length}
      query={dayOf(state, on).query}
    />
  )
}
