'use client'

import { Link } from '../../components/link'
import { useState } from 'react'
import { Cautions, PartHeading, Why } from '../../components/advice/why'
import { PlantSide, type PlantMark } from '../../components/drawing/plant-side/plant-side'
import { samePart } from '../../components/drawing/plant-side/spots'
import { useAct } from '../../components/act/use-act'
import { nodeHeight, type PartState, type PlantPart } from '../../core/crop'
import { applyCuts, stagesOf, type Cut } from '../../core/pruning'
import { formatDate } from '../../wording/dates'
import { sayPart, STATE_NAMES } from '../../wording/pruning'
import { sayCount, sayLength } from '../../wording/say'
import { CutList } from './cut-list'
import { GrowthFigure } from './growth-figure'
import { PartPanel } from './part-panel'
import type { PlantView } from './queries'
import { SeenForm } from './shown-later'
import { SystemsTable } from './systems-table'

/** One plant from the side: what to cut and why, before and after, its parts, and the acts. */
export function PlantScreen({ view }: { view: PlantView }) {
  const { plant, cuts, manner, on, now, context } = view
  const [chosen, setChosen] = useState<PlantPart | null>(null)
  const [after, setAfter] = useState(0)
  const { busy, act, takeBack } = useAct(view)
  const self = { type: 'plant', id: view.id } as const
  const stages = stagesOf(cuts, context.date)
  const due = cuts.filter(({ due: later }) => later === undefined)
  const done = stages.slice(0, after).flatMap((stage) => stage.cuts)
  const shown = done.length > 0 ? applyCuts(plant, done) : plant
  const choose = (part: PlantPart) =>
    setChosen(
      chosen && samePart(part, chosen) ? null : { stem: part.stem, node: part.node, organ: part.organ },
    )
  const marks = cuts.flatMap((cut, index): PlantMark[] =>
    done.includes(cut) ? [] : [{ part: cut, text: String(index + 1), tone: cut.due ? 'later' : 'cut' }],
  )

  const cutThem = async (made: readonly PlantPart[], others: { id: string }[]) => {
    const cuts = made.map(({ stem, node, organ }) => ({ stem, node, organ }))
    const subject = others.length === 0 ? self : ({ type: 'planting', id: view.plantingId } as const)
    const taken = new Set([view.id, ...others.map(({ id }) => id)])
    const except = view.alike.filter(({ id }) => !taken.has(id)).map(({ id }) => id)
    const isKept = await act({
      entries: [
        {
          subject,
          kind: 'pruned',
          data: { cuts, ...(others.length > 0 && except.length > 0 ? { except } : {}) },
        },
      ],
      said: `Entered: ${sayCount(cuts.length, 'part')} cut off${others.length > 0 ? ` on each of ${taken.size}` : ''}.`,
    })
    if (!isKept) return
    setAfter(0)
    setChosen(null)
  }
  const mark = ({ stem, node, organ }: PlantPart, state: PartState, count?: number) => {
    const marked = { stem, node, organ: organ as 'leaf' | 'sucker' | 'truss', state }
    return act({
      entries: [
        {
          subject: self,
          kind: 'marked',
          data: { marks: [{ ...marked, ...(count === undefined ? {} : { count }) }] },
        },
      ],
      said: `Saved: ${sayPart({ stem, node, organ }, plant.crop)} ${STATE_NAMES[state]}.`,
    })
  }

  return (
    <div className="grid grid-cols-1 lg:grid-cols-2">
      <figure className="border-r border-base-300 p-2 max-lg:border-r-0 lg:sticky lg:top-(--ribbon) lg:h-[calc(100dvh-var(--ribbon)-0.5rem)]">
        <PlantSide
          plant={shown}
          marks={marks}
          chosen={chosen}
          supportTop={view.supportHeight}
          ties={view.ties}
          manner={manner}
          label={`The plant from the side, ${sayLength(plant.height, manner)} high, ${sayCount(marks.length, 'cut')} marked. Arrow keys go from part to part.`}
          onPart={choose}
        />
      </figure>
      <div className="space-y-5 px-6 py-5 max-sm:px-4">
        <Answer view={view} due={due} />
        {chosen && (
          <PartPanel
            key={`${chosen.stem} ${chosen.node} ${chosen.organ}`}
            part={chosen}
            plant={plant}
            system={view.training}
            context={context}
            manner={manner}
            canEnter={on <= now && !busy}
            onCut={(part) => void cutThem([part], [])}
            onMark={(state, count) => void mark(chosen, state, count)}
          />
        )}
        {cuts.length > 0 && (
          <CutList
            view={view}
            chosen={chosen}
            after={after}
            busy={busy}
            onChoose={choose}
            onAfter={setAfter}
            onCut={cutThem}
          />
        )}
        <Cautions texts={view.cautions} />
        <Why reasons={view.reasons} />
        <SystemsTable view={view} />
        {on <= now && <SeenForm view={view} />}
        <GrowthFigure points={view.growth} manner={manner} />
        <History view={view} onTakeBack={takeBack} />
      </div>
    </div>
  )
}

/** Another stem is told apart from the main one when it is so much higher, m. */
const OTHERS_OVER = 0.05

/** The answer, and how the plant should stand. */
function Answer({ view, due }: { view: PlantView; due: readonly Cut[] }) {
  const { plant, cuts, manner, on } = view
  const tip = plant.stems[0]?.nodes.length ?? 0
  const main = tip === 0 ? 0 : nodeHeight(plant, 0, tip - 1)
  return (
    <div>
      <p className="text-quiet">
        <Link className="link" href={`/plantings/${view.plantingId}${view.query}`}>
          {view.title}
        </Link>
        <PlantNeighbours view={view} />
      </p>
      <h1 className="mt-1 text-3xl font-semibold">
        {plant.leafArea === 0
          ? 'No seedlings show yet'
          : due.length > 0
            ? `${sayCount(due.length, 'cut')} now`
            : cuts.length > 0
              ? `Not now: ${sayCount(cuts.length, 'cut')} from ${formatDate(cuts[0]!.due!, manner)}`
              : 'Nothing to cut today'}
      </h1>
      <p className="mt-2 text-lg text-quiet">
        How it should look on {formatDate(on, manner)}: {sayLength(plant.height, manner)} high,{' '}
        {sayCount(tip, 'leaf', 'leaves')} on the main stem
        {tip > 0 &&
          plant.height - main > OTHERS_OVER &&
          `, whose tip is ${sayLength(Math.max(0, main), manner)} up`}
        ,{' '}
        {bearing(view) === 0
          ? 'no fruit yet'
          : plant.crop === 'pepper'
            ? `fruit at ${sayCount(bearing(view), 'node')}`
            : `${sayCount(bearing(view), 'truss', 'trusses')} with fruit`}
        .
      </p>
    </div>
  )
}

/** The plants on either side of it in its planting. */
function PlantNeighbours({ view }: { view: PlantView }) {
  const at = view.alike.findIndex(({ id }) => id === view.id)
  const [before, next] = [view.alike[at - 1], view.alike[at + 1]]
  return (
    <span className="ml-3 inline-flex gap-3">
      {before && (
        <Link className="link inline-flex min-h-11 items-center" href={`/plants/${before.id}${view.query}`}>
          ‹ plant {before.label}
        </Link>
      )}
      {next && (
        <Link className="link inline-flex min-h-11 items-center" href={`/plants/${next.id}${view.query}`}>
          plant {next.label} ›
        </Link>
      )}
    </span>
  )
}

/** What was entered of it, the last first; what could not be followed says why. */
function History({
  view,
  onTakeBack,
}: {
  view: PlantView
  onTakeBack: (entry: string, act: string) => void
}) {
  if (view.history.length === 0) return null
  return (
    <section aria-label="Your entries">
      <PartHeading>Your entries</PartHeading>
      <ul>
        {view.history.map(({ id, text, misfit }) => (
          <li
            key={id}
            className="flex flex-wrap items-center justify-between gap-x-3 border-t border-base-300 py-1"
          >
            <span>
              {text}
              {misfit && (
                <span role="alert" className="block border-l-4 border-cut pl-2 text-cut">
                  This {misfit}, so it was ignored. Correct it, or undo it.
                </span>
              )}
            </span>
            <button
              className="btn btn-ghost min-h-11"
              onClick={() => onTakeBack(id, text)}
              aria-label={`Undo: ${text}`}
            >
              Undo
            </button>
          </li>
        ))}
      </ul>
    </section>
  )
}

const bearing = ({ plant }: PlantView) =>
  plant.stems.reduce(
    (sum, { nodes }) =>
      sum +
      nodes.filter(({ truss }) => truss && (truss.state === 'swelling' || truss.state === 'ripe')).length,
    0,
  )
