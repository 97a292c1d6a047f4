import { ThemeChoice } from '../../components/theme-choice'
import { version } from '../../../package.json'
import { GardenPage } from './garden-tabs'
import type { GardenView } from './queries'
import type { ClimateOffer } from './site/climate-offer'
import { ClimateOfferPart } from './site/climate-offer-part'
import { NormalsChart } from './site/normals-chart-lazy'
import { NormalsForm } from './shown-later'
import { SiteForm } from './site/site-form'

/** The garden's own facts: where it lies, and its climate. */
export function GardenScreen({
  view,
  query,
  offer,
}: {
  view: GardenView
  query: string
  offer: ClimateOffer | null
}) {
  return (
    <GardenPage at="/garden" title={view.answer} deciding={`${view.deciding} ${view.daylight}`} query={query}>
      <div className="mt-4 max-w-40 sm:hidden">
        <ThemeChoice />
      </div>
      <div className="mt-6 grid gap-10 xl:grid-cols-[minmax(0,26rem)_1fr]">
        <section>
          <h2 className="mb-3 text-xl font-semibold">Site</h2>
          <SiteForm
            key={JSON.stringify(view.site)}
            site={view.site}
            currencies={view.currencies}
            manner={view.manner}
            today={view.now}
          />
        </section>
        <section className="min-w-0">
          <h2 className="mb-1 text-xl font-semibold">Climate</h2>
          <p className="mb-3 max-w-prose text-quiet">
            The average months. You entered the months marked “own”; the others come from your site.
          </p>
          {offer && <ClimateOfferPart offer={offer} />}
          <NormalsChart months={view.chart} manner={view.manner} />
          <NormalsForm
            key={JSON.stringify(view.normals)}
            normals={view.normals}
            entered={view.entered}
            manner={view.manner}
          />
        </section>
      </div>
      <p className="mt-8 text-sm text-quiet">Prairie {version}. CHANGELOG.md says what is new.</p>
    </GardenPage>
  )
}
