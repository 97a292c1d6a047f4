'use client'

import { ChevronDown } from 'lucide-react'
import { useState, type ReactNode } from 'react'

/**
 * The places of a bench: a list beside the answer, and where there is no room beside it one line above it that opens.
 * With a key of the chosen place it closes as another is chosen.
 */
export function PlaceSwitch({
  label,
  chosen,
  children,
}: {
  label: string
  /** The chosen place in a line. */
  chosen: ReactNode
  /** The places, as a list. */
  children: ReactNode
}) {
  const [isOpen, setIsOpen] = useState(false)
  return (
    <nav aria-label={label} className="border-r border-base-300 py-3 max-lg:border-r-0 max-lg:py-0">
      <button
        type="button"
        className="flex min-h-14 w-full items-center gap-3 border-b border-base-300 bg-base-200 px-6 text-left max-sm:px-4 lg:hidden"
        aria-expanded={isOpen}
        onClick={() => setIsOpen(!isOpen)}
      >
        <span className="flex grow justify-between gap-3">{chosen}</span>
        <span className="inline-flex shrink-0 items-center gap-1 text-quiet">
          Change <ChevronDown aria-hidden className={`size-5 ${isOpen ? 'rotate-180' : ''}`} />
        </span>
      </button>
      <div className={isOpen ? '' : 'max-lg:hidden'}>{children}</div>
    </nav>
  )
}
