import type { Metadata } from 'next'
import { houseOf } from '../../../data/house-schools'
import { currentState } from '../../../data/request'
import { AlmanacScreen } from '../../../features/almanac/almanac-screen'

export const metadata: Metadata = { title: 'Almanac' }

export default async function AlmanacPage() {
  const state = await currentState()
  return state && <AlmanacScreen chosen={houseOf(state.garden).chosen} />
}
