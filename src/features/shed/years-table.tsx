'use client'

import { usePathname } from 'next/navigation'
import { useRouter } from '../../components/offline'
import { PartHeading } from '../../components/advice/why'
import { yearOf, type IsoDate } from '../../core/calendar'
import type { Manner } from '../../core/facts'
import type { BuyingYear } from '../../core/supplies'
import { sayBought, sayMoney } from '../../wording/supplies'
import { MOST_YEARS } from './most-years'

/** Buying spread over years: what lasts in shares, what is used up each year. */
export function YearsTable({
  years,
  manner,
  on,
  now,
}: {
  years: readonly BuyingYear[]
  manner: Manner
  on: IsoDate
  now: IsoDate
}) {
  const router = useRouter()
  const pathname = usePathname()
  const choose = (count: string) => {
    const query = new URLSearchParams({ years: count, ...(on === now ? {} : { on }) })
    router.replace(`${pathname}?${query}`, { scroll: false })
  }
  return (
    <section aria-label="Over several years">
      <PartHeading>Over several years</PartHeading>
      <p className="leading-snug text-quiet">
        Things that last are bought a share each year, and again when they wear out. Until then you make do
        with the rest.
      </p>
      <label className="mt-2 flex items-center gap-2 text-sm text-quiet">
        Spread over
        <select
          className="select min-h-11 w-auto text-base text-base-content"
          value={years.length}
          onChange={(event) => choose(event.target.value)}
        >
          {Array.from({ length: MOST_YEARS }, (_, index) => (
            <option key={index} value={index + 1}>
              {index === 0 ? '1 year' : `${index + 1} years`}
            </option>
          ))}
        </select>
      </label>
      <ol className="mt-2">
        {years.map(({ year, lines, cost, open }) => (
          <li key={year} className="border-t border-base-300 py-1.5">
            <span className="flex justify-between font-semibold">
              {yearOf(on) + year}
              <span>
                {sayMoney(cost, manner)}
                {open && ' plus items without a price'}
              </span>
            </span>
            <span className="block leading-snug text-quiet">
              {lines.map((line) => sayBought(line, manner)).join('; ') || 'nothing'}
            </span>
          </li>
        ))}
      </ol>
    </section>
  )
}
