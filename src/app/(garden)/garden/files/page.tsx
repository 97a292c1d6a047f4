import type { Metadata } from 'next'
import { feedToken } from '../../../../data/feeds'
import { askedDate, currentState } from '../../../../data/request'
import { FilesScreen } from '../../../../features/garden/files/files-screen'

export const metadata: Metadata = { title: 'Files and feeds' }

export default async function FilesPage({ searchParams }: { searchParams: Promise<{ on?: string }> }) {
  const state = await currentState()
  if (!state) return null
  const on = askedDate(state, (await searchParams).on)
  return <FilesScreen token={await feedToken(state.garden.id)} query={on === state.now ? '' : `?on=${on}`} />
}
