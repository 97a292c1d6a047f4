'use client'

import { Link } from './link'
import { usePathname, useSearchParams } from 'next/navigation'

/** A sheet's controls, which stay off the paper, and its size for the printer. */
export function PrintFrame({
  title,
  back,
  hint,
  paper,
  landscape,
  margin,
  children,
}: {
  title: string
  back: { href: string; label: string }
  hint?: string
  paper: 'a4' | 'letter'
  landscape: boolean
  /** mm. */
  margin: number
  children: React.ReactNode
}) {
  const pathname = usePathname()
  const asked = useSearchParams()
  const at = (size: string) => {
    const next = new URLSearchParams(asked)
    next.set('paper', size)
    return `${pathname}?${next}`
  }
  return (
    <div className="px-6 py-5 print:p-0">
      <style>{`@page { size: ${paper === 'a4' ? 'A4' : 'letter'} ${landscape ? 'landscape' : 'portrait'}; margin: ${margin}mm }`}</style>
      <div className="mb-4 flex flex-wrap items-center gap-3 print:hidden">
        <Link href={back.href} className="link inline-flex min-h-11 min-w-11 items-center">
          {back.label}
        </Link>
        <h1 className="text-2xl font-semibold">{title}</h1>
        <span className="flex gap-1">
          {(['a4', 'letter'] as const).map((size) => (
            <Link
              key={size}
              href={at(size)}
              aria-current={size === paper ? 'true' : undefined}
              className={`btn min-h-11 ${size === paper ? 'bg-base-200 font-semibold' : 'bg-base-100'}`}
            >
              {size === 'a4' ? 'A4' : 'Letter'}
            </Link>
          ))}
        </span>
        <button type="button" className="btn btn-primary min-h-11" onClick={() => window.print()}>
          Print
        </button>
        {hint && <p className="text-quiet">{hint}</p>}
      </div>
      <div className="paper overflow-x-auto bg-white p-4 text-black print:overflow-visible print:p-0">
        {children}
      </div>
    </div>
  )
}
