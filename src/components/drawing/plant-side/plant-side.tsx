import type { Plant } from '../../../core/crop'
import type { Manner } from '../../../core/facts'
import type { Cut } from '../../../core/pruning'
import { sayLength } from '../../../wording/say'
import { PepperLeaf, TomatoLeaf } from '../leaf-marks'
import { drawnStems, type DrawnNode } from './shape'
import { CutMark, SuckerBud, TrussMark } from './organs'

const STEM = '#4f7a45'
const MARGIN = 0.3
const HEAD = 0.22
const SOIL = 0.16
/** Length of a drawn leaf, of the root of its area. */
const LEAF_LENGTH = 1.15

/** A plant from the side, to scale, from its model: stems, leaves, suckers, trusses, and the cuts that are advised. */
export function PlantSide({
  plant,
  cuts,
  chosen,
  supportTop,
  manner,
  onChoose,
}: {
  plant: Plant
  cuts: readonly Cut[]
  chosen: number | null
  /** m; null: nothing stands beside it. */
  supportTop: number | null
  manner: Manner
  onChoose: (cut: number) => void
}) {
  const stems = drawnStems(plant)
  const nodes = stems.flat()
  const reach = Math.max(0.35, ...nodes.map(({ x }) => Math.abs(x) + 0.18))
  const top = Math.max(0.4, plant.height, supportTop ?? 0) + HEAD
  const Leaf = plant.crop === 'pepper' ? PepperLeaf : TomatoLeaf
  const tick = manner.units === 'us' ? 0.3048 : 0.25
  const at = ({ stem, node }: Pick<Cut, 'stem' | 'node'>) => stems[stem]?.[node]
  return (
    <svg
      viewBox={`${-reach - MARGIN} ${-top} ${2 * (reach + MARGIN)} ${top + SOIL}`}
      className="h-full max-h-[78dvh] w-full"
      role="img"
      aria-label={`The plant from the side, ${sayLength(plant.height, manner)} high, ${cuts.length} cuts marked`}
    >
      <rect x={-reach - MARGIN} y="0" width={2 * (reach + MARGIN)} height={SOIL} fill="#8a7b6c" />
      <path d={`M${-reach - MARGIN} 0H${reach + MARGIN}`} stroke="#4c3b2c" strokeWidth="0.01" />
      {Array.from({ length: Math.floor((top - 0.08) / tick) }, (_, index) => (index + 1) * tick).map(
        (height) => (
          <g key={height}>
            <path
              d={`M${-reach - MARGIN + 0.02} ${-height}h0.04`}
              stroke="currentColor"
              strokeWidth="0.004"
            />
            <text x={-reach - MARGIN + 0.075} y={-height + 0.018} fontSize="0.05" fill="currentColor">
              {sayLength(height, manner)}
            </text>
          </g>
        ),
      )}
      {supportTop !== null && (
        <path d={`M0.09 ${SOIL}V${-supportTop}`} stroke="var(--color-secondary)" strokeWidth="0.022" />
      )}
      {[...stems.keys()].reverse().map((number) => {
        const drawn = stems[number]!
        if (drawn.length === 0) return null
        const { parent, fromNode, nodes: own } = plant.stems[number]!
        const foot = parent === null ? { x: 0, y: -plant.buried } : at({ stem: parent, node: fromNode! })!
        const thick = number === 0 ? 0.016 : 0.01
        return (
          <g key={number}>
            {own.map(({ leaf }, node) =>
              leaf.state === 'removed' || drawn[node]!.y < 0 ? null : (
                <Leaf
                  key={node}
                  x={drawn[node]!.x}
                  y={-drawn[node]!.y}
                  length={Math.max(0.03, Math.sqrt(leaf.area) * LEAF_LENGTH)}
                  left={drawn[node]!.side < 0}
                  rise={leaf.state === 'expanding' ? 40 : 16}
                  fill={leaf.state === 'old' ? '#a5a55a' : leaf.state === 'expanding' ? '#86b458' : '#5f9150'}
                  stalk={STEM}
                  opacity={number === 0 ? 0.9 : 0.75}
                />
              ),
            )}
            <path
              d={`M${foot.x} ${-foot.y}L${drawn.map(({ x, y }) => `${x} ${-y}`).join('L')}`}
              fill="none"
              stroke={STEM}
              strokeWidth={thick}
              strokeLinejoin="round"
              strokeLinecap="round"
            />
            {own.map(({ truss, sucker }, node) => (
              <g key={node}>
                {truss && drawn[node]!.y > 0 && (
                  <TrussMark at={drawn[node]!} truss={truss} crop={plant.crop} />
                )}
                {sucker.state === 'bud' && <SuckerBud at={drawn[node]!} length={sucker.length} />}
              </g>
            ))}
          </g>
        )
      })}
      {cuts.map((cut, index) => {
        const spot = at(cut)
        return spot ? (
          <CutMark
            key={`${cut.stem} ${cut.node} ${cut.organ}`}
            spot={markSpot(spot, cut)}
            number={index + 1}
            isChosen={chosen === index}
            isLater={cut.due !== undefined}
            onChoose={() => onChoose(index)}
          />
        ) : null
      })}
    </svg>
  )
}

/** Beside the part that is meant: a leaf out on its side, a sucker in the angle, a truss opposite. */
function markSpot({ x, y, side }: DrawnNode, { organ }: Cut): { x: number; y: number } {
  switch (organ) {
    case 'leaf':
      return { x: x + side * 0.11, y: y + 0.01 }
    case 'truss':
      return { x: x - side * 0.1, y: y + 0.02 }
    case 'tip':
      return { x, y: y + 0.06 }
    case 'sucker':
      return { x: x + side * 0.035, y: y + 0.035 }
  }
}
