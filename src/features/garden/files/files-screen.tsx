import type { Manner, Reminders } from '../../../core/facts'
import { GardenPage } from '../garden-tabs'
import { FeedPart } from './feed-part'
import { GardenFilePart } from './garden-file-part'
import { NoticesPart } from './notices-part'

/** What goes out of the garden, and comes in: its calendar, its tables, and the whole of it. */
export function FilesScreen({
  feed,
  manner,
  photos,
  query,
}: {
  feed: Reminders | null
  manner: Manner
  photos: number
  query: string
}) {
  return (
    <GardenPage
      at="/garden/files"
      title="Take your data with you"
      deciding="Export dates for your calendar, tables for a spreadsheet, or the whole garden as one file."
      query={query}
    >
      <div className="mt-6 grid max-w-5xl gap-10 lg:grid-cols-2">
        <section>
          <h2 className="mb-2 text-xl font-semibold">The calendar</h2>
          <FeedPart reminders={feed} manner={manner} />
          <h2 className="mt-8 mb-2 text-xl font-semibold">Notifications on this device</h2>
          <NoticesPart />
        </section>
        <section>
          <h2 className="mb-2 text-xl font-semibold">Tables</h2>
          <p className="flex flex-wrap gap-2">
            <a className="btn min-h-11 bg-base-100" href="/season.csv" download>
              Season as CSV
            </a>
            <a className="btn min-h-11 bg-base-100" href="/weather.csv" download>
              Weather record as CSV
            </a>
          </p>
          <h2 className="mt-8 mb-2 text-xl font-semibold">The whole garden</h2>
          <GardenFilePart photos={photos} />
        </section>
      </div>
    </GardenPage>
  )
}
