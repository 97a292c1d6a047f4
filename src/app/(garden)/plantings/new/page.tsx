import type { Metadata } from 'next'
import { Link } from '../../../../components/link'
import { currentState } from '../../../../data/request'
import { NewPlantingForm } from '../../../../features/plantings/new-planting/form'
import { choicesOf } from '../../../../features/plantings/new-planting/choices'

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
    count?: string
  }>
}) {
  const state = await currentState()
  if (!state) return null
  const { season, ...asked } = await searchParams
  return (
    <div className="px-6 py-5 max-sm:px-4">
      <p className="float-right">
        <Link href="/plantings/table" className="link inline-flex min-h-11 items-center">
          Paste a list
        </Link>
      </p>
      <h1 className="mb-5 text-3xl font-semibold">New planting</h1>
      <NewPlantingForm choices={choicesOf(state, { ...asked, season: Number(season) })} />
    </div>
  )
}
