'use client'

import type { ComponentProps } from 'react'
import { ChoiceField } from './fields'

/** How a field of a form is bound, by its name. */
type Bind = (
  name: 'units' | 'decimals' | 'dates' | 'currency',
) => Omit<ComponentProps<typeof ChoiceField>, 'label' | 'children'>

/** How a garden writes its numbers, dates and money. */
export function MannerFields({
  field,
  currencies,
}: {
  field: Bind
  currencies: readonly [code: string, name: string][]
}) {
  return (
    <>
      <ChoiceField label="Units" {...field('units')}>
        <option value="metric">meters, liters, °C</option>
        <option value="us">feet, gallons, °F</option>
      </ChoiceField>
      <ChoiceField label="Decimals" {...field('decimals')}>
        <option value="point">1.5</option>
        <option value="comma">1,5</option>
      </ChoiceField>
      <ChoiceField label="Dates" {...field('dates')}>
        <option value="day-first">18 June</option>
        <option value="month-first">June 18</option>
        <option value="iso">2026-06-18</option>
      </ChoiceField>
      <ChoiceField label="Currency" {...field('currency')}>
        <option value="">No sign</option>
        {currencies.map(([code, name]) => (
          <option key={code} value={code}>
            {`${name} (${code})`}
          </option>
        ))}
      </ChoiceField>
    </>
  )
}
