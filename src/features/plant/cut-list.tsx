'use client'

import { useState } from 'react'
import { Ahead } from '../../components/act/ahead'
import { PartHeading } from '../../components/advice/why'
import { samePart } from '../../components/drawing/plant-side/spots'
import { nodeHeight, type PlantPart } from '../../core/crop'
import { stagesOf, type Cut } from '../../core/pruning'
import { formatDate } from '../../wording/dates'
import { sayCut } from '../../wording/pruning'
import { sayCount, sayLength } from '../../wording/say'
import { sayReason } from '../../wording/say-reason'
import type { PlantView } from './queries'

/** The cuts by session, each with its place and why; and the act, on this plant or on those that are alike. */
export function CutList({
  view,
  chosen,
  after,
  busy,
  onChoose,
  onAfter,
  onCut,
}: {
  view: PlantView
  chosen: PlantPart | null
  /** Sessions that the drawing shows as done. */
  after: number
  busy: boolean
  onChoose: (part: PlantPart) => void
  onAfter: (sessions: number) => void
  onCut: (cuts: Cut[], others: { id: string }[]) => void
}) {
  const { cuts, context, manner, plant, on, now } = view
  const stages = stagesOf(cuts, context.date)
  const due = cuts.filter((cut) => cut.due === undefined)
  const numberOf = (cut: Cut) => cuts.indexOf(cut) + 1
  return (
    <section aria-label="Cuts">
      <div className="flex flex-wrap items-center justify-between gap-2">
        <PartHeading>Where to cut</PartHeading>
        <div className="join flex-wrap" role="group" aria-label="Show the plant">
          <StageButton isOn={after === 0} text="Before" onClick={() => onAfter(0)} />
          {stages.map(({ on: day }, index) => (
            <StageButton
              key={day}
              isOn={after === index + 1}
              text={index === 0 && due.length > 0 ? 'After' : `After ${formatDate(day, manner)}`}
              onClick={() => onAfter(index + 1)}
            />
          ))}
        </div>
      </div>
      {stages.map(({ on: day, cuts: own }, index) => (
        <div key={day}>
          {(stages.length > 1 || day > context.date) && (
            <p className="mt-2 font-semibold">
              {index === 0 && day === context.date ? 'Now' : `From ${formatDate(day, manner)}`}:{' '}
              {sayCount(own.length, 'cut')}
            </p>
          )}
          <ol>
            {own.map((cut) => {
              const isChosen = chosen !== null && samePart(cut, chosen)
              return (
                <li key={`${cut.stem} ${cut.node} ${cut.organ}`} className="border-t border-base-300">
                  <button
                    type="button"
                    className={`min-h-11 w-full px-1 py-2 text-left leading-snug ${isChosen ? 'bg-base-200' : ''}`}
                    aria-pressed={isChosen}
                    onClick={() => onChoose(cut)}
                  >
                    <span className="inline-block w-8 font-semibold text-cut">{numberOf(cut)}</span>
                    <strong>{sayCut(cut, plant.crop)}</strong>,{' '}
                    {sayLength(Math.max(0, nodeHeight(plant, cut.stem, cut.node)), manner)} up
                    {isChosen && (
                      <span className="mt-1 block pl-8 text-quiet">{sayReason(cut.reason, manner)}</span>
                    )}
                  </button>
                </li>
              )
            })}
          </ol>
        </div>
      ))}
      {due.length > 0 && (on > now ? <Ahead /> : <Act view={view} due={due} busy={busy} onCut={onCut} />)}
    </section>
  )
}

function StageButton({ isOn, text, onClick }: { isOn: boolean; text: string; onClick: () => void }) {
  return (
    <button
      type="button"
      className={`btn join-item min-h-11 ${isOn ? 'btn-active font-semibold' : 'bg-base-100'}`}
      aria-pressed={isOn}
      onClick={onClick}
    >
      {text}
    </button>
  )
}

/** It is cut: on this plant, or on all that are alike but those that are left out. */
function Act({
  view,
  due,
  busy,
  onCut,
}: {
  view: PlantView
  due: Cut[]
  busy: boolean
  onCut: (cuts: Cut[], others: { id: string }[]) => void
}) {
  const others = view.alike.filter(({ id }) => id !== view.id)
  const [isOpen, setOpen] = useState(false)
  const [out, setOut] = useState<ReadonlySet<string>>(new Set())
  const chosen = others.filter(({ id }) => !out.has(id))
  const turn = (id: string) => {
    const next = new Set(out)
    if (!next.delete(id)) next.add(id)
    setOut(next)
  }
  return (
    <div className="mt-3 space-y-3">
      <span className="flex flex-wrap gap-2">
        <button className="btn min-h-11 btn-primary" disabled={busy} onClick={() => onCut(due, [])}>
          {due.length === 1 ? 'It is cut' : `All ${due.length} are cut`}
        </button>
        {others.length > 0 && (
          <button
            className="btn min-h-11 bg-base-100"
            aria-expanded={isOpen}
            onClick={() => setOpen(!isOpen)}
          >
            The same on others …
          </button>
        )}
      </span>
      {isOpen && (
        <fieldset className="border-l-4 border-base-300 px-3 py-1">
          <legend className="sr-only">Plants on which the same was cut</legend>
          <p className="text-quiet">On this one and on all ticked plants. Untick any exceptions.</p>
          <div className="my-2 flex flex-wrap gap-x-4">
            {others.map(({ id, label }) => (
              <label key={id} className="flex min-h-11 items-center gap-2">
                <input
                  type="checkbox"
                  className="checkbox"
                  checked={!out.has(id)}
                  onChange={() => turn(id)}
                />
                {label}
              </label>
            ))}
          </div>
          <button
            className="btn min-h-11 btn-primary"
            disabled={busy || chosen.length === 0}
            onClick={() => onCut(due, chosen)}
          >
            Cut on all {chosen.length + 1}
          </button>
        </fieldset>
      )}
    </div>
  )
}
