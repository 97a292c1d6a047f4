import { dayOf } from '../../../../core/garden-day'
import type { Metadata } from 'next'
import { askedDate, currentState } from '../../../../data/request'
import { weatherView } from '../../../../features/garden/weather/queries'
import { WeatherScreen } from '../../../../features/garden/weather/weather-screen'

export const metadata: Metadata = { title: 'Weather' }

type Asked = { on?: string; month?: string }

export default async function WeatherPage({ searchParams }: { searchParams: Promise<Asked> }) {
  const state = await currentState()
  if (!state) return null
  const asked = await searchParams
  const on = askedDate(state, asked.on)
  const view = await weatherView(state, on, asked.month)
  return <WeatherScreen view={view} on={on} query={dayOf(state, on).query} />
}
