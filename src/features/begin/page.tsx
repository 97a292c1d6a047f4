import { Link } from '../../components/link'
import { todayIn } from '../../data/garden-row'
import { currencyChoices } from '../../wording/currencies'
import { examplePlanting } from './example'
import { BeginForm } from './form'
import { TakeGarden } from './shown-later'

/** A newcomer's first garden, or another one: where it lies, then the first true answer. */
export function BeginPage({ beside = false }: { beside?: boolean }) {
  return (
    <main>
      <BeginForm
        today={todayIn({ clockDate: null, timeZone: 'UTC' })}
        beside={beside}
        currencies={currencyChoices()}
        example={examplePlanting()}
      >
        {beside ? (
          <p className="text-quiet">
            Your other gardens stay as they are.{' '}
            <Link className="link" href="/garden/gardens">
              Back to them
            </Link>
          </p>
        ) : (
          <div className="text-quiet">
            <p>
              Only a pot to water or a feed to mix? You can use{' '}
              <Link className="link" href="/reckon/mix">
                the calculators
              </Link>{' '}
              without a garden.
            </p>
            <details className="mt-2">
              <summary className="min-h-11 cursor-pointer py-2">I have a garden file already</summary>
              <TakeGarden first />
            </details>
          </div>
        )}
      </BeginForm>
    </main>
  )
}
