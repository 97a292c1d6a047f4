import type { Crop } from '../../../core/crop'
import { PepperLeaf, TomatoLeaf } from '../leaf-marks'

/** m between leaves, and how far up the first truss hangs. */
const LEAF_EVERY = 0.08
const FIRST_TRUSS = 0.45
const TRUSS_EVERY = 0.28
/** A plant so high has its lowest truss ripe, m. */
const RIPENS_FROM = 1.2

/** A plant from the side as tall as it is, m: stem, leaves to both sides, trusses or fork. */
export function SidePlant({
  crop,
  height,
  width,
  lean,
  ghost,
}: {
  crop: Crop
  height: number
  width: number
  lean: 1 | -1
  /** Not set out yet. */
  ghost: boolean
}) {
  const Leaf = crop === 'pepper' ? PepperLeaf : TomatoLeaf
  const leaves = Math.max(3, Math.floor((height - 0.08) / LEAF_EVERY))
  const reach = (share: number) =>
    Math.min(width * 0.5, 0.3, height * 0.5) * Math.max(0.35, Math.min(1, 2.2 * (1.05 - share)))
  const trusses = crop === 'tomato' ? Math.max(0, Math.floor((height - FIRST_TRUSS) / TRUSS_EVERY) + 1) : 0
  const bend = 0.02 * lean
  return (
    <g opacity={ghost ? 0.45 : 1}>
      <path
        d={`M0 0.06C${bend} ${-height * 0.3} ${-bend} ${-height * 0.7} 0 ${-height}`}
        fill="none"
        stroke="#4f7a45"
        strokeWidth="0.02"
        strokeLinecap="round"
      />
      {Array.from({ length: leaves }, (_, index) => {
        const share = (index + 1) / (leaves + 0.5)
        return (
          <Leaf
            key={index}
            x={0}
            y={-height * (0.06 + 0.94 * share)}
            length={reach(share) * (crop === 'pepper' ? 0.75 : 1)}
            left={(index % 2 === 0) === (lean === 1)}
            rise={share > 0.85 ? 48 : 20}
            fill="#5f9150"
            stalk="#4f7a45"
            opacity={0.92}
          />
        )
      })}
      {Array.from({ length: trusses }, (_, index) => (
        <g
          key={index}
          transform={`translate(0 ${-(FIRST_TRUSS + index * TRUSS_EVERY) * Math.min(1, height / FIRST_TRUSS)}) scale(${(index % 2 === 0 ? -1 : 1) * lean} 1)`}
        >
          <path d="M0 0Q0.07 0 0.09 0.09" fill="none" stroke="#4f7a45" strokeWidth="0.008" />
          {[
            [0.06, 0.02],
            [0.085, 0.05],
            [0.07, 0.075],
            [0.1, 0.1],
          ].map(([cx, cy]) => (
            <circle
              key={cy}
              cx={cx}
              cy={cy}
              r="0.022"
              fill={index === 0 && height > RIPENS_FROM ? '#c7402d' : '#a8b860'}
              stroke="#20261f"
              strokeWidth="0.003"
            />
          ))}
        </g>
      ))}
    </g>
  )
}
