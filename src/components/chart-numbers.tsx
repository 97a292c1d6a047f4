'use client'

import { createContext, useContext, type ReactNode } from 'react'
import type { Manner } from '../core/facts'
import { formatNumber } from '../core/quantity'

const Decimals = createContext<Pick<Manner, 'decimals'>>({ decimals: 'point' })

/** What a chart's numbers are written with, for all that is drawn in it. */
export const ChartNumbers = ({ manner, children }: { manner: Manner; children: ReactNode }) => (
  <Decimals value={manner}>{children}</Decimals>
)

/** Digits after the point, at the most, at an axis and beside the pointer. */
const FINEST = 2

/** How a chart in a {@link ChartNumbers} writes the numbers of an axis, and those beside the pointer. */
export function useChartNumbers() {
  const { decimals } = useContext(Decimals)
  const say = (value: unknown) =>
    typeof value === 'number' ? formatNumber(value, { decimals }, FINEST) : String(value)
  return { say, axis: { tickFormatter: say }, tooltip: { formatter: say } }
}
