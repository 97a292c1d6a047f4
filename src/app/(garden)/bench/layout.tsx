import type { ReactNode } from 'react'
import { BenchTabs } from '../../../features/bench/bench-tabs'

export default function BenchLayout({ children }: { children: ReactNode }) {
  return (
    <>
      <BenchTabs base="/bench" />
      {children}
    </>
  )
}
