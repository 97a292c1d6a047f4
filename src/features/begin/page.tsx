import { Link } from '../../components/link'
import { TakeGarden } from '../../components/garden-file/take-garden'
import { todayIn } from '../../data/gardens'
import { Drawing } from './drawing'
import { BeginForm } from './form'

/** A newcomer's first garden, or another one: four questions, then the first true answer. */
export function BeginPage({ beside = false }: { beside?: boolean }) {
  return (
    <main className="mx-auto grid max-w-6xl gap-10 px-6 py-10 max-sm:px-4 max-sm:py-6 lg:grid-cols-[3fr_2fr]">
      <div>
        <h1 className="text-3xl font-semibold">{beside ? 'Another garden' : 'Your first garden'}</h1>
        <p className="mt-2 max-w-prose text-lg text-quiet">
          Four questions, and Prairie tells you when to sow, when to set out, and why. Everything can be
          changed later.
        </p>
        {beside ? (
          <p className="mt-2">
            The gardens that are there stay as they are.{' '}
            <Link className="link" href="/garden/gardens">
              Back to them
            </Link>
          </p>
        ) : (
          <p className="mt-2">
            Only a pot to water or a feed to mix?{' '}
            <Link className="link" href="/reckon/mix">
              The benches
            </Link>{' '}
            want no garden.
          </p>
        )}
        {!beside && (
          <details className="mt-3 max-w-2xl">
            <summary className="min-h-11 cursor-pointer py-2 font-semibold">
              I have a garden file already
            </summary>
            <TakeGarden first />
          </details>
        )}
        <BeginForm today={todayIn({ clockDate: null, timeZone: 'UTC' })} beside={beside} />
      </div>
      <Drawing />
    </main>
  )
}
