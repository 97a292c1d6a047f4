'use client'

import { useState } from 'react'
import {
  nodeHeight,
  STATES_OF,
  type PartState,
  type Plant,
  type PlantPart,
  type Training,
} from '../../core/crop'
import type { Manner } from '../../core/facts'
import { refuseCut, type PruningContext } from '../../core/pruning'
import { sayPart, STATE_NAMES } from '../../wording/pruning'
import { sayCount, sayLength } from '../../wording/say'
import { sayReason } from '../../wording/say-reason'

/** The part that is chosen: what it is, what was seen of it, and whether it should be cut. */
export function PartPanel({
  part,
  plant,
  system,
  context,
  manner,
  canEnter,
  onCut,
  onMark,
}: {
  part: PlantPart
  plant: Plant
  system: Training
  context: PruningContext
  manner: Manner
  canEnter: boolean
  onCut: (part: PlantPart) => void
  onMark: (state: PartState, count?: number) => void
}) {
  const node = plant.stems[part.stem]?.nodes[part.node]
  const [set, setSet] = useState(node?.truss?.set ?? 0)
  if (!node) return null
  const refused = refuseCut(plant, part, system, context)
  const states: readonly PartState[] =
    part.organ in STATES_OF ? STATES_OF[part.organ as keyof typeof STATES_OF] : []
  const height = Math.max(0, nodeHeight(plant, part.stem, part.node))
  return (
    <section aria-label="The part" className="border-l-4 border-leaf bg-base-200 px-4 py-3">
      <p aria-live="polite">
        <strong className="first-letter:uppercase">{capital(sayPart(part, plant.crop))}</strong>,{' '}
        {sayLength(height, manner)} up: {stateOf(plant, part, manner)}
      </p>
      {refused && <p className="mt-1 text-cut">{sayReason(refused, manner)}</p>}
      {canEnter && (
        <div className="mt-2 flex flex-wrap items-center gap-2">
          <button className="btn min-h-11 bg-base-100" onClick={() => onCut(part)}>
            {refused ? 'I cut it off anyway' : 'I cut it off'}
          </button>
          {states.map((state) =>
            state === 'set' ? (
              <span key={state} className="join">
                <input
                  type="number"
                  min={0}
                  max={60}
                  value={set}
                  aria-label="Fruit that have set"
                  className="input join-item min-h-11 w-18 text-base"
                  onChange={({ target }) =>
                    setSet(Math.min(60, Math.max(0, Math.round(Number(target.value) || 0))))
                  }
                />
                <button className="btn join-item min-h-11 bg-base-100" onClick={() => onMark('set', set)}>
                  have set
                </button>
              </span>
            ) : (
              <button key={state} className="btn min-h-11 bg-base-100" onClick={() => onMark(state)}>
                {capital(STATE_NAMES[state])}
              </button>
            ),
          )}
        </div>
      )}
    </section>
  )
}

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1)

const LEAVES = {
  expanding: 'still growing',
  grown: 'full-grown',
  old: 'old',
  sick: 'sick',
  removed: 'gone',
} as const
const TRUSSES = {
  buds: 'in bud',
  open: 'in flower',
  swelling: 'swelling',
  ripe: 'ripe',
  picked: 'picked',
  failed: 'no fruit set',
  removed: 'gone',
} as const

/** How the part stands, as the model has it. */
function stateOf(plant: Plant, { stem, node, organ }: PlantPart, manner: Manner): string {
  const { leaf, sucker, truss } = plant.stems[stem]!.nodes[node]!
  if (organ === 'leaf') return LEAVES[leaf.state]
  if (organ === 'sucker') {
    const own = sucker.stem === null ? null : plant.stems[sucker.stem]!
    const grown = own
      ? `a shoot with ${sayCount(own.nodes.length, 'leaf', 'leaves')}`
      : sayLength(sucker.length, manner)
    return sucker.kept ? `${grown}, kept` : grown
  }
  if (organ === 'tip' || !truss) return 'growing'
  const fruit =
    truss.state === 'swelling' || truss.state === 'ripe' ? `, ${sayCount(truss.set, 'fruit', 'fruit')}` : ''
  return `${TRUSSES[truss.state]}${fruit}${truss.fused ? ', flowers grown together' : ''}`
}
