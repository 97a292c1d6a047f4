import type { Metadata } from 'next'
import { mannerOf } from '../../../../../data/garden-row'
import { currentState } from '../../../../../data/request'
import { ImportScreen } from '../../../../../features/garden/weather/import-screen'

export const metadata: Metadata = { title: 'Import a weather file' }

export default async function ImportPage() {
  const state = await currentState()
  if (!state) return null
  return <ImportScreen manner={mannerOf(state.garden)} now={state.now} />
}
