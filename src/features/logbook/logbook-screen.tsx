import { Link } from '../../components/link'
import type { ReactNode } from 'react'
import { PartHeading } from '../../components/advice/why'
import { DateField } from '../../components/forms/date-field'
import { formatDate } from '../../wording/dates'
import { capital } from '../../wording/names'
import { queryOf, type misreadDays } from './filter'
import { ImportPart } from './import-part'
import { LogRow } from './log-row'
import type { LogbookView } from './queries'

function Field({ label, children }: { label: string; children: ReactNode }) {
  return (
    <label className="flex flex-col gap-1">
      <span className="text-sm text-quiet">{label}</span>
      {children}
    </label>
  )
}

/** Everything that happened, the last first: found, corrected, taken out as a file and in again. */
export function LogbookScreen({
  view,
  misread,
}: {
  view: LogbookView
  misread: ReturnType<typeof misreadDays>
}) {
  const { filter, lines, found, page, pages, places, kinds, manner, now } = view
  const query = queryOf(filter)
  const to = (number: number) => `/logbook?${query}${query ? '&' : ''}page=${number}`
  const days = [...new Set(lines.map(({ on }) => on))]
  return (
    <div className="px-6 py-5 max-sm:px-4">
      <h1 className="text-3xl font-semibold">
        {found === 0 ? 'No matching entries' : found === 1 ? '1 entry' : `${found} entries`}
      </h1>
      <form role="search" aria-label="Find in the logbook" className="mt-3 flex flex-wrap items-end gap-3">
        <Field label="Place">
          <select name="place" className="select min-h-11 w-36 text-base" defaultValue={filter.place ?? ''}>
            <option value="">any</option>
            {places.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </Field>
        {view.plants.length > 0 && (
          <Field label="Plant">
            <select name="plant" className="select min-h-11 w-48 text-base" defaultValue={filter.plant ?? ''}>
              <option value="">any</option>
              {view.plants.map(({ id, name }) => (
                <option key={id} value={id}>
                  {name}
                </option>
              ))}
            </select>
          </Field>
        )}
        <Field label="What">
          <select name="kind" className="select min-h-11 w-36 text-base" defaultValue={filter.kind ?? ''}>
            <option value="">anything</option>
            {kinds.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </Field>
        {view.people.length > 0 && (
          <Field label="Who">
            <select name="by" className="select min-h-11 w-36 text-base" defaultValue={filter.by ?? ''}>
              <option value="">anyone</option>
              {view.people.map((name) => (
                <option key={name}>{name}</option>
              ))}
            </select>
          </Field>
        )}
        {(['from', 'to'] as const).map((end) => (
          <div key={end} className="w-48">
            <DateField
              label={capital(end)}
              name={end}
              manner={manner}
              last={now}
              defaultValue={misread[end] ?? (filter[end] ? formatDate(filter[end], manner, 'full') : '')}
              error={misread[end] && `A date such as ${formatDate(now, manner)}: all days are shown.`}
            />
          </div>
        ))}
        <Field label="Words">
          <input
            name="words"
            className="input min-h-11 w-36 text-base"
            defaultValue={filter.words}
            maxLength={80}
            autoComplete="off"
          />
        </Field>
        <label className="flex min-h-11 items-center gap-2">
          <input type="checkbox" name="taken" value="1" className="checkbox" defaultChecked={filter.taken} />{' '}
          include undone entries
        </label>
        <button className="btn min-h-11 btn-primary">Find</button>
        {query !== '' && (
          <Link href="/logbook" className="btn min-h-11 bg-base-100">
            Everything
          </Link>
        )}
      </form>
      {found === 0 && (
        <p className="mt-4">
          {query === ''
            ? 'Everything you record on the round, at the benches and on the plants shows here by day.'
            : 'Search for less, or show everything.'}
        </p>
      )}
      <div className="mt-4">
        {days.map((day) => (
          <section key={day} aria-label={lines.find(({ on }) => on === day)!.date} className="mb-4">
            <PartHeading>{lines.find(({ on }) => on === day)!.date}</PartHeading>
            <ul>
              {lines
                .filter(({ on }) => on === day)
                .map((line) => (
                  <LogRow key={line.id} line={line} manner={manner} now={now} />
                ))}
            </ul>
          </section>
        ))}
      </div>
      {pages > 1 && (
        <nav aria-label="Pages" className="flex items-center gap-3">
          {page > 1 && (
            <Link className="btn min-h-11 bg-base-100" href={to(page - 1)}>
              Newer
            </Link>
          )}
          <span>
            page {page} of {pages}
          </span>
          {page < pages && (
            <Link className="btn min-h-11 bg-base-100" href={to(page + 1)}>
              Older
            </Link>
          )}
        </nav>
      )}
      <section aria-label="As a file" className="mt-6 max-w-2xl">
        <PartHeading>As a file</PartHeading>
        <p className="flex flex-wrap gap-2">
          <a className="btn min-h-11 bg-base-100" href={`/log.csv?${query}`} download>
            {query === '' ? 'All as CSV' : 'These entries as CSV'}
          </a>
          <a className="btn min-h-11 bg-base-100" href={`/log.json?${query}`} download>
            as JSON
          </a>
        </p>
        <ImportPart />
      </section>
    </div>
  )
}
