'use client'

import { createContext, lazy, Suspense, useContext, useState, type ComponentType } from 'react'

/** Fetches anew what could not be fetched. */
const Again = createContext(() => {})

/**
 * A part that is loaded when it is first shown: nothing stands in its place until then, and all around it stays. Where
 * it cannot be fetched, that is said in its place.
 */
export function later<Props extends object>(load: () => Promise<ComponentType<Props>>) {
  const fetched = () =>
    lazy(async () => ({
      default: await load().catch((): ComponentType<Props> => Missing),
    })) as unknown as ComponentType<Props>
  const First = fetched()
  return function Later(props: Props) {
    const [Part, setPart] = useState<ComponentType<Props>>(() => First)
    return (
      <Again value={() => setPart(fetched)}>
        <Suspense>
          <Part {...props} />
        </Suspense>
      </Again>
    )
  }
}

function Missing() {
  const again = useContext(Again)
  return (
    <p role="alert" className="border-l-4 border-cut bg-base-200 px-3 py-2">
      This part did not load, because the server did not answer.{' '}
      <button type="button" className="btn ml-2 min-h-11 bg-base-100" onClick={again}>
        Try again
      </button>
    </p>
  )
}
