'use client'

import { usePathname, useSearchParams } from 'next/navigation'
import { Link } from '../link'

/** In place of an act on a day that has not come: why it is not there, and the way back. */
export function Ahead() {
  const path = usePathname()
  const params = new URLSearchParams(useSearchParams())
  params.delete('on')
  return (
    <p className="border-l-4 border-frost bg-base-200 px-3 py-2">
      This is a look ahead: what is done is entered on its own day.{' '}
      <Link className="link" href={params.size > 0 ? `${path}?${params}` : path}>
        Back to today
      </Link>
    </p>
  )
}
