'use client'

import { lazy, Suspense, type ComponentType } from 'react'

/** A part that is loaded when it is first shown: nothing stands in its place until then, and all around it stays. */
export function later<Props extends object>(load: () => Promise<ComponentType<Props>>) {
  const Part = lazy(async () => ({ default: await load() })) as unknown as ComponentType<Props>
  return function Later(props: Props) {
    return (
      <Suspense>
        <Part {...props} />
      </Suspense>
    )
  }
}
