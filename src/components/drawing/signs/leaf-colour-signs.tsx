import { Dots, scatter } from './marks'
import { Figure } from './plant-base'
import { Leaf } from './leaf-base'
import { INK } from './colours'
import type { DrawSign } from './draw-sign'
import type { SignId } from '../../../core/health'
import { Shoot } from './shoot'

/** Yellow or scorched between veins that stay green. */
const BETWEEN_VEINS = [0.14, 0.28, 0.42, 0.56]
  .map(
    (x) =>
      `M${x + 0.06} -.03L${x + 0.18} -.2 ${x + 0.24} -.12 ${x + 0.14} -.02ZM${x + 0.06} .03L${x + 0.18} .2 ${x + 0.24} .12 ${x + 0.14} .02Z`,
  )
  .join('')

/** The edge of a blade, as wide as it is stroked; clipped to it. */
const Edge = ({ stroke, width, from = 0 }: { stroke: string; width: number; from?: number }) => (
  <path
    d={`M${from} -.27C.3-.3.6-.3 .75-.18L1 0 .75.18C.6.3.3.32 ${from} .26`}
    fill="none"
    stroke={stroke}
    strokeWidth={width}
  />
)

/** Leaves of another colour. */
export const LEAF_COLOUR_SIGNS = {
  'pale-old-leaves': (crop) => (
    <Figure crop={crop} fills={[INK.yellow, INK.pale, '#9fb567', INK.leaf, INK.leaf]} />
  ),
  'yellow-between-veins-old': (crop) => (
    <Leaf crop={crop}>
      <path d={BETWEEN_VEINS} fill={INK.yellow} />
    </Leaf>
  ),
  'green-edge': (crop) => (
    <Leaf crop={crop} fill={INK.yellow} vein={INK.yellow}>
      <path d={BETWEEN_VEINS} fill="#efe39a" />
      <Edge stroke={INK.leaf} width={0.14} from={-0.1} />
    </Leaf>
  ),
  'scorched-edges-old': (crop) => (
    <Leaf crop={crop}>
      <Edge stroke={INK.yellow} width={0.2} />
      <Edge stroke="#8a5f34" width={0.11} />
    </Leaf>
  ),
  'burnt-edges': (crop) => (
    <Leaf crop={crop}>
      <Edge stroke="#6b4522" width={0.16} />
    </Leaf>
  ),
  'firing-edges': (crop) => (
    <Leaf crop={crop}>
      <Edge stroke={INK.yellow} width={0.34} />
      <Edge stroke="#7a5230" width={0.17} from={0.2} />
    </Leaf>
  ),
  'bronze-new': (crop) => (
    <g>
      <Shoot crop={crop} fill="#9a7440" curl={18} length={26} />
      <Dots at={scatter(18, 38, 14, 44, 34)} r={2} fill="#3f2a18" />
    </g>
  ),
  'bronze-from-below': (crop) => (
    <Figure crop={crop} fills={['#7a5a30', '#93703c', '#a98f52', INK.leaf, INK.leaf]}>
      <path d="M60 84V44" stroke="#8a5f34" strokeWidth="4" />
    </Figure>
  ),
  'glassy-black': (crop) => (
    <Leaf crop={crop} fill="#48543f" vein="#2b2f26">
      <path
        d="M.1-.1C.3-.26.6-.24.8-.1.7 0 .5-.04.4.02.3.06.16 0 .1-.1ZM.3.12C.5.06.76.06.9.08.76.2.5.26.3.12Z"
        fill="#221f1b"
      />
      <path d="M.2-.02Q.5-.12.8-.03" fill="none" stroke="#b9c8b8" strokeWidth="0.02" opacity="0.8" />
    </Leaf>
  ),
  'yellow-between-veins-new': (crop) => (
    <Leaf crop={crop} fill="#ece083" vein={INK.dark}>
      <path
        d={[0.2, 0.34, 0.48, 0.62].map((x) => `M${x} 0l.07-.1M${x} 0l.07.1`).join('')}
        stroke={INK.dark}
        strokeWidth="0.007"
      />
    </Leaf>
  ),
  'almost-white-new': (crop) => <Shoot crop={crop} fill="#f2eec6" />,
  'dead-tips-new': (crop) => (
    <g>
      <Shoot crop={crop} fill={INK.leaf} curl={14} />
      <g fill="#5a3c22">
        <path d="M52 22C48 10 56 2 61 3 68 4 72 12 68 22 63 17 57 17 52 22Z" />
        <path d="M34 40C28 36 28 30 32 27L42 36ZM86 40C92 36 92 30 88 27L78 36Z" />
      </g>
    </g>
  ),
  'one-sided-yellow': (crop) => (
    <Leaf crop={crop}>
      <path d="M0 0Q.5-.02 1 0V.4H0Z" fill={INK.yellow} />
      <path d="M.5.1L.62.3H.4Z" fill={INK.tan} />
    </Leaf>
  ),
  mosaic: (crop) => (
    <Leaf crop={crop} fill="#8fb560">
      <g fill={INK.dark}>
        {scatter(22, 0.05, -0.26, 0.88, 0.5).map(([x, y], at) => (
          <path
            key={x}
            d="M-.05-.02L0-.05.05-.02.04.03-.03.05Z"
            transform={`translate(${x} ${y}) rotate(${at * 50}) scale(${1 + (at % 3) * 0.35})`}
          />
        ))}
      </g>
      <Dots at={scatter(8, 0.12, -0.18, 0.74, 0.36)} r={0.035} fill="#dbe38f" opacity={0.8} />
    </Leaf>
  ),
  'purple-undersides': (crop) => <Leaf crop={crop} fill="#a27a9c" vein="#5f2f5c" />,
  stippled: (crop) => (
    <Leaf crop={crop}>
      <Dots at={scatter(170, 0.03, -0.28, 0.94, 0.56)} r={0.009} fill="#eee6ae" />
    </Leaf>
  ),
  'silver-flecks': (crop) => (
    <Leaf crop={crop}>
      <g stroke="#e6e8e2" strokeLinecap="round" strokeWidth="0.034" fill="none">
        <path d="M.22-.1l.1.03M.36.1l.12-.02M.46-.12l.1.05M.58.04l.12.04M.72-.06l.1.02M.3-.02l.07.03M.62-.14l.06.01" />
      </g>
      <Dots at={scatter(22, 0.2, -0.14, 0.62, 0.28)} r={0.008} fill={INK.black} />
    </Leaf>
  ),
} satisfies Partial<Record<SignId, DrawSign>>
