import { GardenFilePart } from './garden-file-part'
import { NormalsForm } from './normals-form'
import type { GardenView } from './queries'
import { SiteForm } from './site-form'

/** The garden's own facts: where it lies, its climate, and the whole of it as a file. */
export function GardenScreen({ view }: { view: GardenView }) {
  return (
    <div className="px-6 py-5 max-sm:px-4">
      <h1 className="text-3xl font-semibold">{view.answer}</h1>
      <p className="mt-1 text-lg text-quiet">
        {view.deciding} {view.daylight}.
      </p>
      <div className="mt-6 grid gap-10 xl:grid-cols-[minmax(0,26rem)_1fr]">
        <section>
          <h2 className="mb-3 text-xl font-semibold">Site</h2>
          <SiteForm key={JSON.stringify(view.site)} site={view.site} manner={view.manner} today={view.now} />
          <h2 className="mt-10 mb-3 text-xl font-semibold">The whole garden as a file</h2>
          <GardenFilePart />
        </section>
        <section className="min-w-0">
          <h2 className="mb-1 text-xl font-semibold">Climate</h2>
          <p className="mb-3 max-w-prose text-quiet">
            The usual months. Months marked “own” are as you entered them; the others follow the site.
          </p>
          <NormalsForm
            key={JSON.stringify(view.normals)}
            normals={view.normals}
            entered={view.entered}
            manner={view.manner}
          />
        </section>
      </div>
    </div>
  )
}
