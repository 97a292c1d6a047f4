'use client'

import { TryIt } from '../../../components/try-it'
import { Link } from '../../../components/link'
import { useMemo, useRef, useState } from 'react'
import { useChange } from '../../../components/act/use-change'
import { Cautions, Why } from '../../../components/advice/why'
import { SupportElevation } from '../../../components/drawing/support/elevation'
import { addDays } from '../../../core/calendar'
import type { Support } from '../../../core/facts'
import { adviseSupport, daysToHeights, usualHeight, type SupportCase } from '../../../core/support'
import { sayCautions } from '../../../wording/cautions'
import { nameOf } from '../../../wording/names'
import { sayCount, sayLength, sayMeasure } from '../../../wording/say'
import { sayReasons } from '../../../wording/say-reason'
import { sayAsked, sayLowering, saySupport } from '../../../wording/support'
import { chooseSupport } from '../actions'
import { DueHeights } from './due-heights'
import { NeedsTable } from './needs-table'
import { OwnPart } from './own-part'
import { Slider } from './slider'
import { SupportTable } from './table'
import type { SupportView } from './queries'

/** What holds a planting up: the row from the side, posts against the wind, tiers by date, what it takes, and the others. */
export function SupportScreen({ view }: { view: SupportView }) {
  const { manner, rows, growth, heightToday, onRecord, inTunnel } = view
  const row = rows[0]
  const [system, setSystem] = useState<Support>(view.system)
  const [aboveGround, setAboveGround] = useState<number | null>(null)
  const [spacing, setSpacing] = useState<number | null>(null)
  const [plantsPerBay, setPlantsPerBay] = useState(3)
  const [weave, setWeave] = useState(view.weave)
  const [soil, setSoil] = useState<SupportCase['soil']>(row.soil)
  const { busy, change } = useChange()
  const top = useRef<HTMLParagraphElement>(null)

  const changed = useMemo(() => {
    const change = {
      system,
      weave,
      soil,
      plantsPerBay,
      ...(aboveGround === null || system === 'none' ? {} : { aboveGround }),
    }
    return rows.map((each) => ({ ...each, ...change, spacing: spacing ?? each.spacing }))
  }, [rows, system, weave, soil, plantsPerBay, aboveGround, spacing])
  const advice = useMemo(() => adviseSupport(changed[0]!), [changed])
  const needs = useMemo(
    () => changed.flatMap((each, index) => (index === 0 ? advice : adviseSupport(each)).answer.needs),
    [advice, changed],
  )
  const plan = advice.answer
  const dated = useMemo(() => {
    const days = growth
      ? daysToHeights(row.cultivar, row.training, growth.sums, [...plan.tiers, ...plan.lowerings])
      : []
    return [...plan.tiers, ...plan.lowerings].map((height, at) => {
      const day = days[at] ?? null
      return { height, on: day === null || !growth ? null : addDays(growth.from, day) }
    })
  }, [growth, row, plan.tiers, plan.lowerings])
  const words = saySupport(plan, manner)
  const lowering = sayLowering(plan, manner)
  const speedOf = (value: number) => sayMeasure({ kind: 'speed', value }, manner)

  const choose = (next: Support) => {
    setSystem(next)
    setAboveGround(null)
    top.current?.scrollIntoView({ block: 'nearest' })
  }
  const keep = () =>
    change({
      send: () => chooseSupport(view.plantingId, system),
      said: `${nameOf(`by-${system}`)} is their support from now on.`,
      undo: {
        name: 'the change of support',
        send: ({ before }) => chooseSupport(view.plantingId, before.support),
      },
    })

  return (
    <div className="mx-auto max-w-6xl px-6 py-5 max-sm:px-4">
      <p ref={top} className="scroll-mt-32 text-quiet">
        <Link className="link" href={`/plantings/${view.plantingId}${view.query}`}>
          {view.title}
        </Link>{' '}
        · {sayCount(row.plants, 'plant')} in a row{rows.length > 1 && `, ${rows.length} rows`}
      </p>
      <h1 className="mt-1 text-3xl font-semibold">{words.headline}</h1>
      <p className="mt-2 text-lg leading-snug text-quiet">
        {words.how}{' '}
        {plan.holds !== null &&
          (inTunnel
            ? 'Inside a tunnel there is no wind.'
            : `Stands up to gusts of ${speedOf(plan.holds)} ${sayLength(10, manner)} up${sayAsked(speedOf(plan.holds), speedOf(row.gust), onRecord)}.`)}
      </p>
      <figure className="mt-4 border border-base-300 bg-base-100" data-testid="elevation">
        <SupportElevation
          plan={plan}
          crop={row.cultivar.crop}
          plants={row.plants}
          spacing={changed[0]!.spacing}
          plantsPerBay={plantsPerBay}
          heightToday={heightToday}
          grownHeight={row.canopyHeight}
          canopyWidth={row.canopyWidth}
          sectional={weave === 'sectional'}
          pot={view.pot}
          manner={manner}
        />
        <figcaption className="px-3 py-1.5 text-sm text-quiet">
          The row from the side, to scale. Dashed: full-grown.{' '}
          {plan.tiers.length > 0 && 'Pale twine: not due yet.'}
        </figcaption>
      </figure>
      <div className="mt-4 grid gap-x-6 gap-y-3 sm:grid-cols-2 lg:grid-cols-4">
        {system !== 'none' && (
          <Slider
            label="Above the ground"
            value={aboveGround ?? usualHeight(system, row)}
            low={0.3}
            high={2.8}
            step={0.05}
            say={(value) => sayLength(value, manner)}
            onChange={setAboveGround}
          />
        )}
        <Slider
          label="Between plants"
          value={spacing ?? row.spacing}
          low={0.2}
          high={1.5}
          step={0.05}
          say={(value) => sayLength(value, manner)}
          onChange={setSpacing}
        />
        {system === 'weave' && (
          <Slider
            label="Plants per bay"
            value={plantsPerBay}
            low={1}
            high={6}
            step={1}
            say={String}
            onChange={setPlantsPerBay}
          />
        )}
        {system === 'weave' && (
          <Choice
            label="Strings"
            value={weave}
            options={['sectional', 'continuous'] as const}
            onChange={setWeave}
          />
        )}
        {system !== 'none' && (
          <Choice label="Ground" value={soil} options={['loose', 'firm'] as const} onChange={setSoil} />
        )}
      </div>
      <div className="mt-6 grid gap-8 lg:grid-cols-2">
        <div className="min-w-0 space-y-6">
          <Why reasons={sayReasons(advice.reasons, manner)} />
          <DueHeights
            heading={words.tiers}
            heights={dated.slice(0, plan.tiers.length)}
            stem={heightToday}
            isPlanted={growth !== null}
            manner={manner}
          />
          {lowering && (
            <div>
              <DueHeights
                heading={lowering.heading}
                heights={dated.slice(plan.tiers.length)}
                stem={heightToday}
                isPlanted={growth !== null}
                manner={manner}
              />
              <p className="mt-2 text-quiet">{lowering.how}</p>
            </div>
          )}
          <Cautions texts={sayCautions(advice.cautions, manner)} />
        </div>
        <div className="min-w-0 space-y-6">
          <NeedsTable needs={needs} manner={manner} minutes={plan.minutes} sold={view.sold} />
          <TryIt planting={view.plantingId} ask="stems" />
          {system !== 'none' && (
            <OwnPart
              key={system}
              system={system}
              input={changed[0]!}
              plan={plan}
              rows={changed.length}
              supplies={view.sold}
              manner={manner}
            />
          )}
          {system !== view.system && (
            <button className="btn min-h-11 btn-primary" disabled={busy} onClick={keep}>
              Use this: {nameOf(`by-${system}`).toLowerCase()}
            </button>
          )}
        </div>
      </div>
      <div className="mt-6">
        <SupportTable advice={advice} manner={manner} sold={view.sold} onChoose={choose} />
      </div>
    </div>
  )
}

function Choice<Option extends string>({
  label,
  value,
  options,
  onChange,
}: {
  label: string
  value: Option
  options: readonly Option[]
  onChange: (option: Option) => void
}) {
  return (
    <label className="flex flex-col gap-1 text-sm text-quiet">
      {label}
      <select
        className="select min-h-11 w-full text-base text-base-content"
        value={value}
        onChange={(event) => onChange(event.target.value as Option)}
      >
        {options.map((option) => (
          <option key={option} value={option}>
            {nameOf(option)}
          </option>
        ))}
      </select>
    </label>
  )
}
