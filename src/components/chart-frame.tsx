'use client'

import { useState, type ReactNode } from 'react'
import type { Manner } from '../core/facts'
import { sayNumber } from '../wording/say'
import { ChartNumbers } from './chart-numbers'

/** A line, a bar or a point of a chart: what it is called, how it is drawn, and its values along the chart. */
export interface Series {
  name: string
  mark: 'line' | 'dashed' | 'bar' | 'triangle'
  /** A color of the stylesheet. */
  color: string
  opacity?: number
  /** One for each name along the chart; none: it is only explained. */
  values?: readonly (string | number | null | undefined)[]
}

/**
 * A chart with what one needs to read it: a name and a sentence for those who hear it, what each line and bar means,
 * and its values as a table when one asks.
 *
 * @param along what the chart runs over, and the name of each step of it
 * @param says what the chart shows, in a sentence
 * @param tall a class for its height
 */
export function ChartFrame({
  name,
  says,
  along,
  series,
  tall = 'h-56',
  manner,
  children,
}: {
  name: string
  says: string
  along: { name: string; steps: readonly string[] }
  series: readonly Series[]
  tall?: string
  manner: Manner
  children: ReactNode
}) {
  const [isOpen, setIsOpen] = useState(false)
  const valued = series.filter(({ values }) => values)
  return (
    <figure aria-label={name} className="min-w-0">
      <div className={tall} role="img" aria-label={`${name}. ${says}`}>
        <ChartNumbers manner={manner}>{children}</ChartNumbers>
      </div>
      <figcaption>
        <ul aria-label="Legend" className="mt-1 flex flex-wrap gap-x-5 gap-y-0.5 text-sm text-quiet">
          {series.map((one) => (
            <li key={one.name} className="flex items-center gap-1.5">
              <Swatch series={one} />
              {one.name}
            </li>
          ))}
        </ul>
        <p className="mt-1 text-sm text-quiet">{says}</p>
      </figcaption>
      <details onToggle={({ currentTarget }) => setIsOpen(currentTarget.open)}>
        <summary className="inline-flex min-h-11 cursor-pointer items-center text-sm underline decoration-base-300 underline-offset-4">
          Show the values
        </summary>
        {isOpen && (
          <div className="max-h-72 overflow-auto" tabIndex={0} role="region" aria-label={`${name}: values`}>
            <table className="w-full border-collapse text-right text-sm">
              <thead className="text-quiet">
                <tr>
                  <th scope="col" className="py-1 text-left font-normal">
                    {along.name}
                  </th>
                  {valued.map((one) => (
                    <th key={one.name} scope="col" className="pl-4 font-normal">
                      {one.name}
                    </th>
                  ))}
                </tr>
              </thead>
              <tbody>
                {along.steps.map((step, at) => (
                  <tr key={step} className="border-t border-base-300">
                    <th scope="row" className="py-1 text-left font-normal whitespace-nowrap">
                      {step}
                    </th>
                    {valued.map((one) => (
                      <td key={one.name} className="pl-4">
                        {told(one.values![at], manner)}
                      </td>
                    ))}
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
        )}
      </details>
    </figure>
  )
}

/** A value as the garden writes numbers. */
const told = (value: string | number | null | undefined, manner: Manner) =>
  typeof value === 'number' ? sayNumber(value, manner, 2) : (value ?? '–')

/** How a series is drawn, small; as a drawing, so that forced colors keep it. */
const Swatch = ({ series: { mark, color, opacity } }: { series: Series }) => (
  <svg aria-hidden viewBox="0 0 24 12" className="h-3 w-6 shrink-0">
    {mark === 'bar' ? (
      <rect x="6" y="0" width="10" height="12" fill={color} fillOpacity={opacity} />
    ) : mark === 'triangle' ? (
      <path d="M12 1L18 11H6Z" fill={color} />
    ) : (
      <path
        d="M0 6H24"
        stroke={color}
        strokeWidth="2.5"
        strokeDasharray={mark === 'dashed' ? '6 3' : undefined}
      />
    )}
  </svg>
)
