import type { Metadata } from 'next'
import { currentState } from '../../../../data/request'
import { NewPlantingForm } from '../../../../features/plantings/new-planting/form'
import { choicesOf } from '../../../../features/plantings/queries'

export const metadata: Metadata = { title: 'New planting' }

export default async function NewPlantingPage({
  searchParams,
}: {
  searchParams: Promise<{
    season?: string
    begins?: string
    place?: string
    cultivar?: string
    like?: string
  }>
}) {
  const state = await currentState()
  if (!state) return null
  const { season, ...asked } = await searchParams
  return (
    <div className="px-6 py-5 max-sm:px-4">
      <h1 className="mb-5 text-3xl font-semibold">New planting</h1>
      <NewPlantingForm choices={choicesOf(state, { ...asked, season: Number(season) })} />
    </div>
  )
}
