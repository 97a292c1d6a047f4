import type { Metadata } from 'next'
import { Link } from '../../../../components/link'
import { currentDay } from '../../../../data/request'
import { nextView } from '../../../../features/basket/next-queries'
import { NextScreen } from '../../../../features/basket/next-screen'

export const metadata: Metadata = { title: 'Next season' }

export default async function NextPage({ searchParams }: { searchParams: Promise<{ on?: string }> }) {
  const day = await currentDay(searchParams)
  if (!day) return null
  return (
    <>
      <p className="px-6 pt-3 max-sm:px-4">
        <Link className="link inline-flex min-h-11 items-center" href={`/season${day.query}`}>
          Back to Season
        </Link>
      </p>
      <NextScreen view={nextView(day)} />
    </>
  )
}
