import type { ReactNode } from 'react'
import type { SignOf } from '../../../core/health'
import { PepperLeaf, TomatoLeaf } from '../leaf-marks'
import { Dots, Figure, Leaf, scatter, SPOTS } from './bases'
import { INK } from './colours'
import type { DrawSign } from './draw-sign'

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

/** The top of a shoot: small leaves around a growing tip. */
function Shoot({
  crop,
  fill,
  curl = 0,
  length = 34,
}: {
  crop: 'tomato' | 'pepper'
  fill: string
  curl?: number
  length?: number
}) {
  const Blade = crop === 'tomato' ? TomatoLeaf : PepperLeaf
  const stalk = INK.stem
  return (
    <g>
      <path d="M60 90V26" stroke={INK.stem} strokeWidth="4" strokeLinecap="round" />
      {[false, true].map((left) => (
        <g key={String(left)}>
          <Blade x={60} y={78} length={50} left={left} rise={16} fill={INK.leaf} stalk={stalk} />
          <Blade x={60} y={54} length={length} left={left} rise={30 + curl} fill={fill} stalk={stalk} />
          <Blade x={60} y={36} length={length * 0.8} left={left} rise={52 + curl} fill={fill} stalk={stalk} />
          <Blade
            x={60}
            y={28}
            length={length * 0.55}
            left={left}
            rise={74 + curl / 2}
            fill={fill}
            stalk={stalk}
          />
        </g>
      ))}
    </g>
  )
}

const HOLES = { fill: 'var(--color-base-100)', stroke: INK.dark, strokeWidth: 0.008 }

export const LEAF_SIGNS: Record<SignOf<'leaf'>, DrawSign> = {
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
      <g opacity="0.92">
        <Dots at={scatter(90, 0.14, -0.2, 0.62, 0.4)} r={0.026} fill="#fbfaf5" />
        <Dots at={scatter(40, 0.3, -0.12, 0.3, 0.24)} r={0.034} fill="#fbfaf5" />
      </g>
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
}
