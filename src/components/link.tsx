'use client'

import NextLink from 'next/link'
import type { ComponentProps } from 'react'
import { useOffline } from './offline'

/**
 * A link to another screen. Nothing is fetched before it is pressed: every screen is worked out for its day, so
 * fetching ahead made thirty requests a screen and had nothing to show for them.
 */
export function Link(props: Omit<ComponentProps<typeof NextLink>, 'prefetch'>) {
  const { router } = useOffline()
  return (
    <NextLink
      {...props}
      prefetch={false}
      onNavigate={(event) => {
        props.onNavigate?.(event)
        if (!router) return
        event.preventDefault()
        router.push(String(props.href))
      }}
    />
  )
}
