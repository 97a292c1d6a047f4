'use client'

import dynamic from 'next/dynamic'
import { ChartFrame } from '../../../components/chart-frame'
import type { Manner } from '../../../core/facts'
import { sayDepth, sayLitres } from '../../../wording/watering'
import type { PlaceWaterView } from './queries'

const Drawn = dynamic(() => import('./chart'), { ssr: false })

/** A place's water by day, up to now and ahead. */
export function BalanceChart({ place, manner }: { place: PlaceWaterView; manner: Manner }) {
  const { days, unit } = place
  const say = (depth: number) =>
    place.isPot ? sayLitres(depth * place.area, manner) : sayDepth(depth, manner)
  return (
    <ChartFrame
      manner={manner}
      name="Water by day"
      says={`${place.name} is short of ${say(place.depletion)} today. Growth slows once it is short of ${say(place.raw)}. The shaded days are still to come, if nobody waters.`}
      along={{ name: 'day', steps: days.map(({ name }) => name) }}
      series={[
        {
          name: `short of, ${unit}`,
          mark: 'line',
          color: 'var(--color-primary)',
          values: days.map(({ depletion }) => depletion),
        },
        {
          name: `growth slows, ${unit}`,
          mark: 'dashed',
          color: 'var(--color-error)',
          values: days.map(({ trigger }) => trigger),
        },
        {
          name: `rain, ${unit}`,
          mark: 'bar',
          color: 'var(--color-info)',
          opacity: 0.45,
          values: days.map(({ rain }) => rain),
        },
        {
          name: `watered, ${unit}`,
          mark: 'bar',
          color: 'var(--color-info)',
          values: days.map(({ watering }) => watering),
        },
      ]}
    >
      <Drawn points={days} unit={unit} />
    </ChartFrame>
  )
}
