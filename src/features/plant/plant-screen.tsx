'use client'

import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useState, useTransition } from 'react'
import { v7 } from 'uuid'
import { Cautions, PartHeading, Why } from '../../components/advice/why'
import { PlantSide } from '../../components/drawing/plant-side/plant-side'
import { PastQuestion } from '../../components/past-question'
import { toast } from 'sonner'
import { nodeHeight } from '../../core/crop'
import { applyCuts, type Cut } from '../../core/pruning'
import { enter, undo } from '../../data/log-actions'
import { formatDate } from '../../wording/dates'
import { sayCount, sayLength } from '../../wording/say'
import { sayReason } from '../../wording/say-reason'
import { sayCut } from '../../wording/pruning'
import type { PlantView } from './queries'
import { SeenForm } from './seen-form'

type Whose = 'one' | 'all'

/** One plant from the side: what to cut and why, before and after, and the act. */
export function PlantScreen({ view }: { view: PlantView }) {
  const { plant, cuts, manner, on, now } = view
  const router = useRouter()
  const [chosen, setChosen] = useState<number | null>(null)
  const [after, setAfter] = useState(false)
  /** What the question of a day that is past was asked for: this plant, or all of its planting. */
  const [asks, setAsks] = useState<Whose | null>(null)
  const [busy, startEntering] = useTransition()
  const due = cuts.filter(({ due: later }) => later === undefined)
  const shown = after ? applyCuts(plant, due) : plant
  const isAhead = on > now
  const ask = (whose: Whose) => (on < now ? setAsks(whose) : cutThem(whose))

  const cutThem = (whose: Whose) => {
    if (busy) return
    startEntering(async () => {
      const id = v7()
      const result = await enter([
        {
          id,
          subject:
            whose === 'all' ? { type: 'planting', id: view.plantingId } : { type: 'plant', id: view.id },
          kind: 'pruned',
          on,
          data: { cuts: due.map(({ stem, node, organ }) => ({ stem, node, organ })) },
          note: '',
        },
      ]).catch(() => null)
      if (result === null)
        return void toast.error('The server did not answer: nothing was entered. Try again.')
      if (!result.ok) return void toast.error(result.message)
      setAfter(false)
      setChosen(null)
      toast(
        `Entered: ${sayCount(due.length, 'part')} cut off${whose === 'all' ? ` on each of ${view.alike}` : ''}.`,
        {
          action: { label: 'Take back', onClick: () => void undo({ id: v7(), entry: id }) },
        },
      )
      router.refresh()
    })
  }

  return (
    <div className="grid lg:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
      {asks && (
        <PastQuestion
          date={formatDate(on, manner, 'full')}
          onAnswer={(yes) => {
            const whose = asks
            setAsks(null)
            if (yes) cutThem(whose)
          }}
        />
      )}
      <figure className="border-r border-base-300 p-2 max-lg:border-r-0 lg:sticky lg:top-0 lg:h-[calc(100dvh-7rem)]">
        <PlantSide
          plant={shown}
          cuts={after ? [] : cuts}
          chosen={chosen}
          supportTop={view.supportTop}
          manner={manner}
          onChoose={setChosen}
        />
      </figure>
      <div className="space-y-5 px-6 py-5 max-sm:px-4">
        <div>
          <p className="text-quiet">
            <Link className="link" href={`/plantings/${view.plantingId}${view.query}`}>
              {view.title}
            </Link>
          </p>
          <h1 className="mt-1 text-3xl font-semibold">
            {plant.leafArea === 0
              ? 'It has not come up yet'
              : due.length > 0
                ? `${sayCount(due.length, 'cut')} now`
                : cuts.length > 0
                  ? `Not now: ${sayCount(cuts.length, 'cut')} from ${formatDate(cuts[0]!.due!, manner)}`
                  : 'Nothing to cut today'}
          </h1>
          <p className="mt-2 text-lg text-quiet">
            As it should stand on {formatDate(on, manner)}: {sayLength(plant.height, manner)} high,{' '}
            {sayCount(plant.stems[0]?.nodes.length ?? 0, 'leaf', 'leaves')} on the main stem,{' '}
            {bearing(view) === 0
              ? 'no fruit yet'
              : plant.crop === 'pepper'
                ? `fruit at ${sayCount(bearing(view), 'node')}`
                : `${sayCount(bearing(view), 'truss', 'trusses')} with fruit`}
            .
          </p>
        </div>
        {cuts.length > 0 && (
          <section aria-label="Cuts">
            <div className="flex flex-wrap items-center justify-between gap-2">
              <PartHeading>Where to cut</PartHeading>
              <button
                type="button"
                className="btn min-h-11 bg-base-100"
                aria-pressed={after}
                disabled={due.length === 0}
                onClick={() => setAfter(!after)}
              >
                {after ? 'Before' : 'After'}
              </button>
            </div>
            <ol>
              {cuts.map((cut, index) => (
                <li key={`${cut.stem} ${cut.node} ${cut.organ}`} className="border-t border-base-300">
                  <button
                    type="button"
                    className={`w-full px-1 py-2 text-left leading-snug ${chosen === index ? 'bg-base-200' : ''}`}
                    aria-pressed={chosen === index}
                    onClick={() => setChosen(chosen === index ? null : index)}
                  >
                    <span className="inline-block w-8 font-semibold text-cut">{index + 1}</span>
                    <strong>{sayCut(cut, plant.crop)}</strong>, {sayLength(heightOf(view, cut), manner)} up
                    {cut.due && ` · from ${formatDate(cut.due, manner)}`}
                    {chosen === index && (
                      <span className="mt-1 block pl-8 text-quiet">{sayReason(cut.reason, manner)}</span>
                    )}
                  </button>
                </li>
              ))}
            </ol>
            {due.length > 0 &&
              (isAhead ? (
                <p className="mt-2 border-l-4 border-frost bg-base-200 px-3 py-2">
                  This is a look ahead: cutting is entered on its own day. Press t for today.
                </p>
              ) : (
                <span className="mt-3 flex flex-wrap gap-2">
                  <button className="btn min-h-11 btn-primary" disabled={busy} onClick={() => ask('one')}>
                    {due.length === 1 ? 'It is cut' : `All ${due.length} are cut`}
                  </button>
                  {view.alike > 1 && (
                    <button className="btn min-h-11 bg-base-100" disabled={busy} onClick={() => ask('all')}>
                      The same on all {view.alike} plants
                    </button>
                  )}
                </span>
              ))}
          </section>
        )}
        <Why reasons={view.reasons} />
        {on === now && <SeenForm view={view} onKept={() => router.refresh()} />}
        {view.misfits > 0 && (
          <p className="border-l-4 border-cut bg-base-200 px-3 py-2">
            {sayCount(view.misfits, 'entered cut')} of a part that the plant does not have: look at what was
            entered, and take it back.
          </p>
        )}
        {view.history.length > 0 && (
          <section aria-label="Entered of it">
            <PartHeading>Entered of it</PartHeading>
            <ul>
              {view.history.map(({ id, text }) => (
                <li key={id} className="border-t border-base-300 py-1">
                  {text}
                </li>
              ))}
            </ul>
          </section>
        )}
        <Cautions texts={view.cautions} />
      </div>
    </div>
  )
}

const heightOf = ({ plant }: PlantView, { stem, node }: Cut) => Math.max(0, nodeHeight(plant, stem, node))

const bearing = ({ plant }: PlantView) =>
  plant.stems.reduce(
    (sum, { nodes }) =>
      sum +
      nodes.filter(({ truss }) => truss && (truss.state === 'swelling' || truss.state === 'ripe')).length,
    0,
  )
