import type { Metadata } from 'next'
import { currentDay } from '../../../../data/request'
import { weatherView } from '../../../../features/garden/weather/queries'
import { WeatherScreen } from '../../../../features/garden/weather/weather-screen'

export const metadata: Metadata = { title: 'Weather' }

type Asked = { on?: string; month?: string }

export default async function WeatherPage({ searchParams }: { searchParams: Promise<Asked> }) {
  const day = await currentDay(searchParams)
  if (!day) return null
  const asked = await searchParams
  const view = await weatherView(day, asked.month)
  return <WeatherScreen view={view} on={day.on} query={day.query} />
}
