'use client'

import { CalendarDays } from 'lucide-react'
import { useId, useRef, useState, type InputHTMLAttributes, type RefCallback } from 'react'
import { parseDate, type IsoDate } from '../../core/calendar'
import type { Manner } from '../../core/facts'
import { formatDate } from '../../wording/dates'
import { later } from '../later'
import { Labelled, Typed } from './fields'

const DateCalendar = later(() => import('./date-calendar').then(({ DateCalendar }) => DateCalendar))

/** A day that is typed, as the garden writes it or in a word such as `yesterday`, or taken from a calendar. */
export function DateField({
  label,
  error,
  hint,
  manner,
  last,
  ref,
  ...input
}: {
  label: string
  error?: string
  hint?: string
  manner: Manner
  /** The latest that can be chosen. */
  last: IsoDate
  ref?: RefCallback<HTMLInputElement>
} & Omit<InputHTMLAttributes<HTMLInputElement>, 'type' | 'className'>) {
  const calendar = useId()
  const panel = useRef<HTMLDivElement>(null)
  const typed = useRef<HTMLInputElement | null>(null)
  /** What was typed when the calendar was opened; null: it is closed. */
  const [opened, setOpened] = useState<string | null>(null)

  /** As if it were typed: the form hears of it like of any other change. */
  const choose = (date: IsoDate) => {
    const { set } = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')!
    set!.call(typed.current, formatDate(date, manner, 'full'))
    typed.current?.dispatchEvent(new Event('input', { bubbles: true }))
    panel.current?.hidePopover()
    typed.current?.focus()
  }
  return (
    <Labelled label={label} error={error} hint={hint}>
      {({ id, describedBy }) => (
        <div className="join" style={{ anchorName: `--${calendar}` }}>
          <Typed
            id={id}
            aria-describedby={describedBy}
            isWrong={!!error}
            {...input}
            ref={(element) => {
              typed.current = element
              ref?.(element)
            }}
            className="join-item"
          />
          <button
            type="button"
            className="btn join-item min-h-11 bg-base-100 px-3"
            popoverTarget={calendar}
            aria-label="Calendar"
            aria-describedby={`${id}-label`}
          >
            <CalendarDays aria-hidden size={20} />
          </button>
          <div
            ref={panel}
            id={calendar}
            popover="auto"
            className="dropdown rounded-box shadow-lg"
            style={{ positionAnchor: `--${calendar}`, positionTryFallbacks: 'flip-block' }}
            onToggle={({ newState }) => setOpened(newState === 'open' ? (typed.current?.value ?? '') : null)}
          >
            {opened !== null && (
              <DateCalendar
                chosen={parseDate(opened, last, manner.dates) ?? last}
                last={last}
                manner={manner}
                onChoose={choose}
              />
            )}
          </div>
        </div>
      )}
    </Labelled>
  )
}
