import type { Plant } from '../../../core/crop'
import { PepperLeaf, TomatoLeaf } from '../leaf-marks'
import { SuckerBud, TrussMark } from './organs'
import type { DrawnNode } from './shape'

const STEM = '#4f7a45'
const LEAF_FILL = { expanding: '#86b458', grown: '#5f9150', old: '#a5a55a', sick: '#b08a3c' } as const

/** One stem of a plant from the side: leaves behind, the stem, then its suckers and trusses. */
export function StemDrawing({
  plant,
  stems,
  number,
}: {
  plant: Plant
  stems: readonly DrawnNode[][]
  number: number
}) {
  const drawn = stems[number]!
  if (drawn.length === 0) return null
  const { parent, fromNode, nodes } = plant.stems[number]!
  const foot = parent === null ? { x: 0, y: -plant.buried } : (stems[parent]?.[fromNode!] ?? drawn[0]!)
  const Leaf = plant.crop === 'pepper' ? PepperLeaf : TomatoLeaf
  return (
    <g>
      {nodes.map(({ leaf }, node) =>
        leaf.state === 'removed' || drawn[node]!.y < 0 ? null : (
          <Leaf
            key={node}
            x={drawn[node]!.x}
            y={-drawn[node]!.y}
            length={drawn[node]!.leaf.length}
            left={drawn[node]!.side < 0}
            rise={(drawn[node]!.leaf.rise * 180) / Math.PI}
            fill={LEAF_FILL[leaf.state]}
            stalk={STEM}
            opacity={number === 0 ? 0.9 : 0.75}
          />
        ),
      )}
      <path
        d={`M${foot.x} ${-foot.y}L${drawn.map(({ x, y }) => `${x} ${-y}`).join('L')}`}
        fill="none"
        stroke={STEM}
        strokeWidth={number === 0 ? 0.016 : 0.01}
        strokeLinejoin="round"
        strokeLinecap="round"
      />
      {nodes.map(({ truss, sucker }, node) => (
        <g key={node}>
          {truss && drawn[node]!.y > 0 && <TrussMark at={drawn[node]!} truss={truss} plant={plant} />}
          {sucker.state === 'bud' && <SuckerBud at={drawn[node]!} length={sucker.length} />}
        </g>
      ))}
    </g>
  )
}
