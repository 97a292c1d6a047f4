import type { ReactNode } from 'react'

/** A page in front of the garden: what it is for, and a form that needs nothing but the browser. */
export function EntryPage({
  title,
  about,
  children,
}: {
  title: string
  about: string
  children?: ReactNode
}) {
  return (
    <main className="mx-auto flex min-h-dvh max-w-md flex-col justify-center px-6 py-10 max-sm:justify-start">
      {/* eslint-disable-next-line @next/next/no-img-element -- a drawing of a few hundred bytes */}
      <img src="/icon.svg" alt="" width={56} height={56} />
      <h1 className="mt-4 text-3xl font-semibold">{title}</h1>
      <p className="mt-1 text-lg text-quiet">{about}</p>
      {children}
    </main>
  )
}
