import type { Metadata } from 'next'
import { currentDay } from '../../../../data/request'
import { seasonPracticeView } from '../../../../features/practice/season/queries'
import { SeasonPractice } from '../../../../features/practice/season/season-practice'

export const metadata: Metadata = { title: 'Practice: lead a plant through a season' }

export default async function Page({ searchParams }: { searchParams: Promise<{ on?: string }> }) {
  const day = await currentDay(searchParams)
  return day && <SeasonPractice view={seasonPracticeView(day)} />
}
