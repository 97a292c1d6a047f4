import type { ReactNode } from 'react'
import { PepperLeaf, TomatoLeaf } from '../leaf-marks'
import { Dots, scatter } from './marks'
import { Figure } from './plant-base'
import { Leaf } from './leaf-base'
import { INK } from './colours'
import type { DrawSign } from './draw-sign'
import type { SignId } from '../../../core/health'
import { Shoot } from './shoot'

const HOLES = { fill: 'var(--color-base-100)', stroke: INK.dark, strokeWidth: 0.008 }

/** Leaves of another shape, falling, or eaten. */
export const LEAF_SHAPE_SIGNS = {
  'rolled-leathery': () => (
    <g transform="translate(0 2)">
      <path d="M4 56L16 50" stroke={INK.stem} strokeWidth="4" strokeLinecap="round" />
      <path d="M14 50C34 22 84 18 112 38 84 66 38 72 14 50Z" fill={INK.below} stroke={INK.dark} />
      <path d="M14 50C30 18 78 8 112 38 84 34 44 36 14 50Z" fill={INK.leaf} stroke={INK.dark} />
      <path d="M14 50C34 74 86 70 112 38 84 50 44 54 14 50Z" fill="#4f8143" stroke={INK.dark} />
      <path
        d="M30 42l8-16M48 37l8-17M66 34l8-14M84 33l6-9M34 56l10 8M54 56l10 9M74 52l9 7"
        stroke={INK.dark}
      />
    </g>
  ),
  'cupped-yellow-new': (crop) => (
    <g>
      <Shoot crop={crop} fill="#b9c26a" curl={34} length={24} />
      <g fill="none" stroke="#ecd94e" strokeWidth="3" strokeLinecap="round">
        <path d="M44 26C42 18 46 12 51 10M76 26C78 18 74 12 69 10M40 44C35 40 34 34 37 29M80 44C85 40 86 34 83 29" />
      </g>
    </g>
  ),
  'fern-leaves': () => (
    <g fill="none" stroke={INK.stem} strokeLinecap="round">
      <path d="M8 74C34 66 66 40 112 22" strokeWidth="3" />
      <g stroke={INK.leaf} strokeWidth="4">
        <path d="M28 66C26 52 38 46 34 34M44 57C44 44 56 38 50 24M60 48C60 36 74 30 68 16M78 38C78 28 90 24 88 12" />
        <path d="M32 64C44 72 52 66 60 78M48 55C60 62 68 54 76 68M66 45C76 52 84 46 92 56M84 35C92 42 98 36 108 44" />
      </g>
    </g>
  ),
  'blisters-below': (crop) => (
    <Leaf crop={crop} fill={INK.below} vein="#6d8a5c">
      <Dots
        at={scatter(28, 0.12, -0.19, 0.76, 0.38)}
        r={0.027}
        fill="#d9cf9e"
        stroke="#8f7c4a"
        strokeWidth={0.011}
      />
    </Leaf>
  ),
  'leaves-fall': (crop) => {
    const Blade = crop === 'tomato' ? TomatoLeaf : PepperLeaf
    return (
      <g>
        <Figure crop={crop} x={44} fills={[null, null, null, INK.leaf, INK.leaf]}>
          <path
            d="M60 76l-9-2M60 66l9-3M60 54l-9-3M60 46l8-3"
            stroke={INK.stem}
            strokeWidth="2.2"
            strokeLinecap="round"
          />
        </Figure>
        <Blade x={70} y={46} length={30} rise={-40} fill={INK.pale} stalk={INK.stem} />
        <Blade x={66} y={82} length={36} rise={6} fill={INK.yellow} stalk={INK.stem} />
        <Blade x={40} y={86} length={34} left rise={4} fill={INK.tan} stalk={INK.brown} />
      </g>
    )
  },
  'dry-hanging-leaves': (crop) => (
    <Figure crop={crop} fills={['#a8854f', '#a8854f', '#b89a62', INK.leaf, INK.leaf]}>
      <path d="M60 76V60" stroke={INK.stem} strokeWidth="3" />
    </Figure>
  ),
  'shot-holes': (crop) => (
    <Leaf crop={crop}>
      {scatter(46, 0.06, -0.23, 0.84, 0.46).map(([x, y]) => (
        <circle key={x} cx={x} cy={y} r="0.015" {...HOLES} />
      ))}
    </Leaf>
  ),
  'ragged-holes': (crop) => (
    <Leaf crop={crop}>
      <path
        d="M.24-.04C.22-.16.36-.2.4-.12.5-.12.46 0 .38 0 .36.06.26.06.24-.04ZM.56.04C.6-.06.74-.02.74.06.84.1.72.22.64.16.54.2.5.1.56.04ZM.6-.4L.66-.14.78-.1.94-.3ZM.16.32L.24.12.34.16.38.32Z"
        {...HOLES}
      />
    </Leaf>
  ),
  'stripped-leaves': (crop): ReactNode => (
    <g>
      <Figure crop={crop} fills={[INK.leaf, INK.leaf, null, null, null]}>
        <g fill="none" stroke={INK.stem} strokeWidth="1.8" strokeLinecap="round">
          <path d="M60 50Q42 34 28 40M60 50Q78 34 92 40M60 34Q46 20 34 24M60 34Q74 20 86 24" />
          <path d="M48 41l-5-7M40 39l-6-5M72 41l5-7M80 39l6-5M48 26l-4-6M72 26l4-6M46 41l0 7M74 41l0 7" />
        </g>
        <path d="M30 40l-6-3 2 7 7 0ZM90 40l7-3-2 7-7 0Z" fill={INK.leaf} />
      </Figure>
    </g>
  ),
  'torn-leaves': (crop) => (
    <Leaf crop={crop}>
      <path
        d="M.3-.34L.4-.06.44-.34ZM.52-.3L.6-.1.68-.3ZM.34.34L.46.06.5.34ZM.66.3L.72.08.82.3ZM.86-.16L.9 0 1.02-.1Z"
        {...HOLES}
      />
      <path d="M.18-.08L.3-.05M.22.08L.34.06M.6.02L.72.02" stroke="#8a6a3c" strokeWidth="0.03" />
    </Leaf>
  ),
  'purple-cupped-new': (crop) => (
    <g>
      <Shoot crop={crop} fill="#c5c66a" curl={52} length={22} />
      <g fill="none" stroke="#8a4f86" strokeWidth="3" strokeLinecap="round">
        <path d="M46 24C45 16 48 11 52 8M74 24C75 16 72 11 68 8M42 42C38 38 38 32 40 27M78 42C82 38 82 32 80 27" />
      </g>
    </g>
  ),
  'crisp-purple-veins': () => (
    <g transform="translate(0 2)">
      <path d="M4 58L16 50" stroke={INK.stem} strokeWidth="5" strokeLinecap="round" />
      <path d="M14 50C36 14 88 12 112 34 92 70 36 78 14 50Z" fill="#a9b765" stroke={INK.dark} />
      <path d="M14 50C30 30 80 22 112 34 86 46 44 52 14 50Z" fill="#7f9a4c" stroke={INK.dark} />
      <g fill="none" stroke="#7d3f78" strokeWidth="2">
        <path d="M14 50C44 60 84 54 112 34M32 56l6 10M50 58l8 10M70 56l10 9M88 49l10 7" />
      </g>
    </g>
  ),
  'dull-small-leaves': (crop) => (
    <g>
      <Figure crop={crop} x={82} scale={0.8} />
      <Figure
        crop={crop}
        x={30}
        scale={0.5}
        fills={Array.from({ length: 5 }, () => '#4d6552')}
        stem="#6a5470"
      />
    </g>
  ),
} satisfies Partial<Record<SignId, DrawSign>>
