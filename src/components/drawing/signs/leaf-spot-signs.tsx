import { useId } from 'react'
import { Dots, scatter } from './marks'
import { Leaf, SPOTS } from './leaf-base'
import { INK } from './colours'
import type { DrawSign } from './draw-sign'
import type { SignId } from '../../../core/health'

const Rings = () =>
  SPOTS.filter((_, at) => at % 2 === 0).map(([x, y], at) => (
    <g key={x} transform={`translate(${x} ${y}) scale(${at % 2 ? 0.8 : 1})`}>
      <circle r="0.125" fill={INK.yellow} />
      <circle r="0.095" fill="#8a6238" />
      <g fill="none" stroke="#4a3018" strokeWidth="0.014">
        <circle r="0.09" />
        <circle r="0.06" />
        <circle r="0.03" />
      </g>
    </g>
  ))

/** Patches of no clear outline. */
const Blotches = ({ fill, opacity = 1, grow = 1 }: { fill: string; opacity?: number; grow?: number }) => (
  <g fill={fill} opacity={opacity}>
    {[
      [0.28, -0.1],
      [0.5, 0.09],
      [0.74, -0.06],
    ].map(([x, y]) => (
      <path
        key={x}
        d="M-.12-.03C-.1-.1 0-.12.06-.08.13-.05.14.03.08.08 0 .11-.05.06-.1.07-.15.05-.14 0-.12-.03Z"
        transform={`translate(${x} ${y}) scale(${grow})`}
      />
    ))}
  </g>
)

/** Powder in round patches, thick in the middle and fading out, as it grows on a leaf. */
function Bloom() {
  const id = useId()
  return (
    <g>
      <radialGradient id={id}>
        <stop offset="0" stopColor="#fdfcf8" stopOpacity="0.98" />
        <stop offset="0.55" stopColor="#fbfaf5" stopOpacity="0.85" />
        <stop offset="1" stopColor="#fbfaf5" stopOpacity="0" />
      </radialGradient>
      {BLOOMS.map(([x, y, r]) => (
        <circle key={x} cx={x} cy={y} r={r} fill={`url(#${id})`} />
      ))}
    </g>
  )
}
const BLOOMS = [
  [0.2, -0.1, 0.15],
  [0.36, 0.14, 0.17],
  [0.43, -0.16, 0.2],
  [0.57, 0.08, 0.14],
  [0.68, -0.07, 0.16],
  [0.82, 0.04, 0.1],
] as const

/** Spots, powder, fuzz and patches on leaves. */
export const LEAF_SPOT_SIGNS = {
  'target-rings': (crop) => (
    <Leaf crop={crop}>
      <Rings />
    </Leaf>
  ),
  'grey-specks-dotted': (crop) => (
    <Leaf crop={crop}>
      <Dots at={SPOTS} r={0.048} fill="#d9d5c4" stroke="#4a3018" strokeWidth={0.014} />
      <Dots
        at={SPOTS.flatMap(([x, y]): [number, number][] => [
          [x - 0.014, y - 0.012],
          [x + 0.016, y],
          [x, y + 0.018],
        ])}
        r={0.008}
        fill={INK.black}
      />
    </Leaf>
  ),
  'many-small-spots': (crop) => (
    <Leaf crop={crop}>
      <Dots at={scatter(60, 0.06, -0.26, 0.88, 0.52)} r={0.016} fill={INK.brown} />
    </Leaf>
  ),
  'greasy-blotches': (crop) => (
    <Leaf crop={crop}>
      <Blotches fill="#93a06a" grow={1.55} opacity={0.9} />
      <Blotches fill="#3f3a2c" grow={1.15} opacity={0.85} />
    </Leaf>
  ),
  'greasy-specks': (crop) => (
    <Leaf crop={crop}>
      <Dots
        at={scatter(26, 0.1, -0.22, 0.8, 0.44)}
        r={0.02}
        fill="#2c2a1e"
        stroke="#a9b35a"
        strokeWidth={0.01}
      />
    </Leaf>
  ),
  'yellow-halo': (crop) => (
    <Leaf crop={crop}>
      <Dots at={SPOTS} r={0.075} fill={INK.yellow} />
      <Dots at={SPOTS} r={0.03} fill={INK.brown} />
    </Leaf>
  ),
  'white-powder': (crop) => (
    <Leaf crop={crop}>
      <Bloom />
    </Leaf>
  ),
  'white-fuzz-below': (crop) => (
    <Leaf crop={crop} fill={INK.below} vein="#6d8a5c">
      <Blotches fill="#55503c" grow={1.15} />
      <g stroke="#fff" strokeWidth="0.009" strokeLinecap="round">
        {SPOTS.filter((_, at) => at % 2 === 1).flatMap(([x, y]) =>
          Array.from({ length: 16 }, (_, at) => {
            const turn = (at * Math.PI) / 8
            return (
              <path
                key={`${x} ${at}`}
                d={`M${x + 0.08 * Math.cos(turn)} ${y + 0.06 * Math.sin(turn)}l${0.05 * Math.cos(turn)} ${0.05 * Math.sin(turn)}`}
              />
            )
          }),
        )}
      </g>
    </Leaf>
  ),
  'grey-fuzz': (crop) => (
    <Leaf
      crop={crop}
      over={
        <g fill="none" stroke={INK.grey} strokeWidth="0.014" strokeLinecap="round" opacity="0.7">
          <path d="M.5-.16C.46-.24.56-.28.5-.37M.62-.18C.58-.26.68-.3.63-.39M.74-.16C.7-.24.8-.27.76-.35" />
        </g>
      }
    >
      <path d="M.4-.3H1V.3H.52C.44.16.36-.04.4-.3Z" fill="#a08a5e" />
      <g opacity="0.95">
        <Dots at={scatter(70, 0.44, -0.18, 0.44, 0.32)} r={0.02} fill="#9c9a92" />
        <Dots at={scatter(24, 0.48, -0.14, 0.36, 0.26)} r={0.014} fill="#6d6b64" />
      </g>
    </Leaf>
  ),
  'olive-velvet-below': (crop) => (
    <Leaf crop={crop} fill={INK.below} vein="#6d8a5c">
      <Blotches fill="#77702e" grow={1.2} />
      <g opacity="0.8">
        <Dots at={scatter(60, 0.18, -0.19, 0.66, 0.36)} r={0.01} fill="#4f4a1c" />
      </g>
    </Leaf>
  ),
  'yellow-blotches-above': (crop) => (
    <Leaf crop={crop}>
      <Blotches fill={INK.yellow} grow={1.25} opacity={0.85} />
    </Leaf>
  ),
  'papery-leaf-patches': (crop) => (
    <Leaf crop={crop}>
      <Blotches fill="#efe6c8" grow={1.5} />
      <g stroke="#c9b98a" strokeWidth="0.008" fill="none">
        <path d="M.2-.12l.1.06.06-.08M.44.08l.1.04.05-.08M.68-.08l.08.05.06-.06" />
      </g>
    </Leaf>
  ),
  mines: (crop) => (
    <Leaf crop={crop}>
      <path
        d="M.14-.03C.2-.14.28-.14.32-.08S.4 0 .46-.06.52-.2.6-.16.62-.02.7-.02.8-.1.86-.04M.24.06C.3.16.38.18.42.1S.5.02.58.08.66.18.74.12"
        fill="none"
        stroke="#f1efda"
        strokeWidth="0.03"
        strokeLinecap="round"
      />
    </Leaf>
  ),
} satisfies Partial<Record<SignId, DrawSign>>
