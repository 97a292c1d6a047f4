import { Dots, Lens, scatter } from './marks'
import { Figure } from './plant-base'
import { Leaf } from './leaf-base'
import { INK } from './colours'
import type { DrawSign } from './draw-sign'
import type { SignId } from '../../../core/health'

/** A soft pear-shaped insect with legs and feelers, head to the left. */
const Aphid = ({ x, y, turn = 0, size = 1 }: { x: number; y: number; turn?: number; size?: number }) => (
  <g transform={`translate(${x} ${y}) rotate(${turn}) scale(${size})`}>
    <path
      d="M-3-3l-4-4M0-4l0-5M3-4l4-4M-3 3l-4 4M0 4l0 5M3 4l4 4M-6-1l-5-4M-6 1l-5 4"
      stroke="#4a5a2c"
      strokeWidth="0.8"
    />
    <path d="M-7 0C-6-3-1-5 4-4 8-3 8 3 4 4-1 5-6 3-7 0Z" fill="#a8c25a" stroke="#5f7a34" strokeWidth="0.8" />
    <path d="M6-3l4-2M6 3l4 2" stroke="#4a5a2c" strokeWidth="1.2" />
  </g>
)

/** A small fly with white roof-like wings, seen from above. */
const Whitefly = ({ x, y, turn = 0 }: { x: number; y: number; turn?: number }) => (
  <g transform={`translate(${x} ${y}) rotate(${turn})`} stroke="#8f9483" strokeWidth="0.7">
    <path d="M0-4C6-2 7 6 4 8L0 3-4 8C-7 6-6-2 0-4Z" fill="#fff" />
    <ellipse cy="-1.500" rx="1.6" ry="4" fill="#ecd98a" />
  </g>
)

/** Eight legs, two dark spots. */
const Mite = ({ x, y, size = 1 }: { x: number; y: number; size?: number }) => (
  <g transform={`translate(${x} ${y}) scale(${size})`}>
    <path
      d="M-3-2l-5-3M-3 0h-6M-3 1l-5 3M-2 3l-4 5M3-2l5-3M3 0h6M3 1l5 3M2 3l4 5"
      stroke="#6b4a2a"
      strokeWidth="0.9"
    />
    <ellipse rx="4" ry="5" fill="#d8a25a" />
    <circle cx="-2" cy="1" r="1.4" fill={INK.black} />
    <circle cx="2" cy="1" r="1.4" fill={INK.black} />
  </g>
)

/** Creatures that suck sap, and what they leave. */
export const SAP_SUCKER_SIGNS = {
  'soft-clusters': () => (
    <g>
      <path d="M22 90C40 66 62 40 104 6" stroke={INK.stem} strokeWidth="12" strokeLinecap="round" />
      <path d="M62 48C84 52 98 62 112 80" stroke={INK.stem} strokeWidth="6" fill="none" />
      {scatter(9, 34, 18, 16, 10).map((_, at) => (
        <Aphid
          key={at}
          x={36 + at * 7 + (at % 2) * 5}
          y={72 - at * 7.4 + (at % 2) * 6}
          turn={-48 + (at % 3) * 18}
          size={0.85 + (at % 3) * 0.12}
        />
      ))}
      <Aphid x={50} y={44} turn={-60} size={0.8} />
      <Aphid x={78} y={50} turn={24} size={0.8} />
    </g>
  ),
  'sticky-shine': (crop) => (
    <Leaf crop={crop}>
      <g fill="#f6f4d8" opacity="0.85">
        <path d="M.2-.1C.3-.16.4-.12.42-.06.34-.02.26-.02.2-.1ZM.5.06C.62 0 .72.04.74.1.66.14.56.14.5.06ZM.66-.12C.74-.16.8-.12.82-.08.76-.04.7-.06.66-.12Z" />
      </g>
      <Dots at={scatter(40, 0.3, 0, 0.5, 0.22)} r={0.013} fill="#26231c" opacity={0.75} />
      <Dots
        at={[
          [0.28, -0.02],
          [0.46, -0.12],
          [0.6, 0.16],
        ]}
        r={0.022}
        fill="#fffef0"
      />
    </Leaf>
  ),
  'white-cloud': (crop) => (
    <g>
      <g transform="translate(0 22)">
        <Leaf crop={crop} />
      </g>
      {scatter(13, 14, 6, 92, 56).map(([x, y], at) => (
        <Whitefly key={x} x={x} y={y} turn={at * 47} />
      ))}
    </g>
  ),
  'pale-scales-below': (crop) => (
    <Leaf crop={crop} fill={INK.below} vein="#6d8a5c">
      {scatter(20, 0.12, -0.17, 0.74, 0.34).map(([x, y], at) => (
        <ellipse
          key={x}
          cx={x}
          cy={y}
          rx="0.03"
          ry="0.021"
          transform={`rotate(${at * 34} ${x} ${y})`}
          fill="#f1ecc4"
          stroke="#8f8a52"
          strokeWidth="0.007"
        />
      ))}
    </Leaf>
  ),
  'tiny-dots-below': (crop) => (
    <g>
      <Leaf crop={crop} fill={INK.below} vein="#6d8a5c">
        <Dots at={scatter(40, 0.08, -0.2, 0.5, 0.4)} r={0.008} fill="#a8552a" />
      </Leaf>
      <Lens x={80} y={38} r={25}>
        <Mite x={72} y={32} size={1.2} />
        <Mite x={88} y={46} size={1.1} />
        <Dots
          at={[
            [86, 28],
            [70, 50],
            [92, 34],
          ]}
          r={2}
          fill="#f1e6c0"
          stroke="#b39a55"
          strokeWidth={0.6}
        />
      </Lens>
    </g>
  ),
  'fine-webs': (crop) => (
    <g>
      <Figure crop={crop} fills={Array.from({ length: 5 }, () => '#a3a860')} />
      <g fill="none" stroke="#fff" strokeWidth="0.9">
        <path d="M26 70Q60 60 94 70M28 58Q60 46 92 58M32 44Q60 34 88 44M40 30Q60 24 80 30M26 70L40 30M94 70L80 30M44 72L50 24M76 72L70 24M60 74V16" />
      </g>
      <g fill="none" stroke="#8a8f7c" strokeWidth="0.5">
        <path d="M26 71Q60 61 94 71M28 59Q60 47 92 59M32 45Q60 35 88 45M40 31Q60 25 80 31" />
      </g>
    </g>
  ),
  'sugar-below': (crop) => (
    <Leaf crop={crop} fill={INK.below} vein="#6d8a5c">
      {scatter(54, 0.1, -0.18, 0.78, 0.36).map(([x, y], at) => (
        <rect
          key={x}
          x={x}
          y={y}
          width="0.022"
          height="0.016"
          transform={`rotate(${at * 37} ${x} ${y})`}
          fill="#fffef6"
          stroke="#a9a58e"
          strokeWidth="0.004"
        />
      ))}
    </Leaf>
  ),
} satisfies Partial<Record<SignId, DrawSign>>
