import Link from 'next/link'
import { todayIn } from '../../data/gardens'
import { Drawing } from './drawing'
import { BeginForm } from './form'

/** A newcomer's first garden: four questions, then the first true answer. */
export function BeginPage() {
  return (
    <main className="mx-auto grid max-w-6xl gap-10 px-6 py-10 max-sm:px-4 max-sm:py-6 lg:grid-cols-[3fr_2fr]">
      <div>
        <h1 className="text-3xl font-semibold">Your first garden</h1>
        <p className="mt-2 max-w-prose text-lg text-quiet">
          Four questions, and Prairie tells you when to sow, when to set out, and why. Everything can be
          changed later.
        </p>
        <p className="mt-2">
          Only a pot to water or a feed to mix?{' '}
          <Link className="link" href="/reckon/mix">
            The benches
          </Link>{' '}
          want no garden.
        </p>
        <BeginForm today={todayIn({ clockDate: null, timeZone: 'UTC' })} />
      </div>
      <Drawing />
    </main>
  )
}
