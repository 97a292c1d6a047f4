'use client'

import { usePathname, useSearchParams } from 'next/navigation'
import { useRouter } from '../../components/offline'
import { useEffect, useState } from 'react'
import { useKeys } from '../../components/keys/keys'
import { addDays, daysBetween, isWithinReach, type IsoDate } from '../../core/calendar'
import { formatDate } from '../../wording/dates'
import type { RibbonData } from './queries'
import { RibbonStrip } from './ribbon-strip'
import { dayInWords } from './ribbon-words'

/** Moves are shown at once and asked of the server when the hand has rested this long, ms. */
const REST = 140

/** The season as one strip; its marker is the clock of every screen. */
export function Ribbon({ data }: { data: RibbonData }) {
  const { now, start, days, manner } = data
  const end = addDays(start, days - 1)
  const router = useRouter()
  const pathname = usePathname()
  const parameters = useSearchParams()
  const asked = parameters.get('on')
  const shown = isWithinReach(asked, now) ? clamp(asked, start, end) : now
  const [moved, setMoved] = useState<IsoDate | null>(null)
  const date = moved ?? shown

  useEffect(() => setMoved(null), [asked])
  useEffect(() => {
    if (moved === null) return
    const others = new URLSearchParams(parameters)
    if (moved === now) others.delete('on')
    else others.set('on', moved)
    const query = others.size > 0 ? `?${others}` : ''
    const rest = setTimeout(() => router.replace(pathname + query, { scroll: false }), REST)
    return () => clearTimeout(rest)
  }, [moved, now, parameters, pathname, router])

  const moveTo = (to: IsoDate) => setMoved(clamp(to, start, end))
  const by = (step: number) => () => moveTo(addDays(date, step))
  useKeys([
    { key: '[', label: 'a day back', run: by(-1) },
    { key: ']', label: 'a day on', run: by(1) },
    { key: '{', label: 'a week back', run: by(-7) },
    { key: '}', label: 'a week on', run: by(7) },
    { key: 't', label: 'back to today', run: () => moveTo(now) },
  ])

  const at = daysBetween(start, date)
  const words = dayInWords(data, at)
  return (
    <header className="sticky top-0 z-10 flex short:static border-b border-base-300 bg-base-200 max-sm:static max-sm:flex-col print:hidden">
      <div className="w-44 shrink-0 px-4 py-2 max-sm:flex max-sm:w-auto max-sm:flex-wrap max-sm:items-baseline max-sm:gap-x-3 max-sm:pb-1 xl:w-52">
        <p className="font-serif text-lg leading-6 font-semibold max-sm:text-base">{data.garden}</p>
        <p className="leading-6 font-semibold" data-testid="ribbon-date">
          {formatDate(date, manner, 'weekday')}
        </p>
        <p className="text-sm leading-5 text-quiet">{words.temperatures}</p>
        <p className="text-sm leading-5 text-quiet max-sm:hidden">{words.sky}</p>
      </div>
      <RibbonStrip
        data={data}
        at={at}
        label={`${formatDate(date, manner, 'full')}: ${words.temperatures}, ${words.sky}`}
        onMove={(day) => moveTo(addDays(start, day))}
      />
    </header>
  )
}

const clamp = (date: IsoDate, low: IsoDate, high: IsoDate): IsoDate =>
  date < low ? low : date > high ? high : date
