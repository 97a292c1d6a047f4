import type { Truss } from '../../../core/crop'
import type { DrawnNode } from './shape'

const STALK = '#4f7a45'
const GREEN = '#5d8f3d'
const RIPE = '#c7402d'
/** Mass from which a pepper is a block, and under which a small pod, kg. */
const BLOCKY = 0.12
const SMALL = 0.03

/** What hangs at a pepper's node: a flower, or a pod that hangs from its stalk, blocky or long as its type is. */
export function PepperMark({ at, truss, fruitMass }: { at: DrawnNode; truss: Truss; fruitMass: number }) {
  const out = -at.side * 0.022
  const failed = truss.state === 'failed'
  return (
    <g transform={`translate(${at.x} ${-Math.max(at.y, 0.1)})`}>
      <path
        d={`M0 0q${out * 0.8} ${-0.008} ${out} 0.02`}
        fill="none"
        stroke={failed ? '#a08a5a' : STALK}
        strokeWidth="0.005"
        strokeDasharray={failed ? '0.008 0.006' : undefined}
      />
      <g transform={`translate(${out} 0.02)`}>
        {truss.state === 'buds' && <circle r="0.006" fill="#b7c58a" stroke="#20261f" strokeWidth="0.002" />}
        {truss.state === 'open' && <Flower />}
        {(truss.state === 'swelling' || truss.state === 'ripe') && truss.set > 0 && (
          <Pod truss={truss} fruitMass={fruitMass} />
        )}
      </g>
    </g>
  )
}

function Flower() {
  return (
    <g fill="#fbfaf5" stroke="#6b6f5a" strokeWidth="0.0018">
      {[0, 72, 144, 216, 288].map((turn) => (
        <ellipse key={turn} cy="0.008" rx="0.005" ry="0.008" transform={`rotate(${turn})`} />
      ))}
      <circle r="0.004" fill="#8a6a12" stroke="none" />
    </g>
  )
}

/** A pod grows to its size and colours; a bell is as wide as long, with shoulders and lobes. */
function Pod({ truss, fruitMass }: { truss: Truss; fruitMass: number }) {
  const grown = 0.35 + 0.65 * Math.min(1, truss.ripeness / 0.7)
  const long = (fruitMass >= BLOCKY ? 0.09 : fruitMass < SMALL ? 0.05 : 0.15) * grown
  const wide = (fruitMass >= BLOCKY ? 0.038 : fruitMass < SMALL ? 0.007 : 0.02) * grown
  const outline =
    fruitMass >= BLOCKY
      ? `M0 0.002C${-wide * 0.7} ${-0.01} ${-wide * 1.15} 0.01 ${-wide} ${long * 0.35}C${-wide * 0.95} ${long * 0.8} ${-wide * 0.75} ${long} ${-wide * 0.45} ${long * 0.97}Q${-wide * 0.2} ${long * 0.9} 0 ${long}Q${wide * 0.2} ${long * 0.9} ${wide * 0.45} ${long * 0.97}C${wide * 0.75} ${long} ${wide * 0.95} ${long * 0.8} ${wide} ${long * 0.35}C${wide * 1.15} 0.01 ${wide * 0.7} ${-0.01} 0 0.002Z`
      : `M0 0C${-wide * 1.3} 0 ${-wide} ${long * 0.5} 0 ${long}C${wide} ${long * 0.5} ${wide * 1.3} 0 0 0Z`
  return (
    <g>
      <path
        d={outline}
        fill={truss.state === 'ripe' ? RIPE : GREEN}
        stroke="#20261f"
        strokeWidth="0.0028"
        strokeLinejoin="round"
      />
      <path d="M-0.009 0.001h0.018" stroke={STALK} strokeWidth="0.006" strokeLinecap="round" />
    </g>
  )
}
