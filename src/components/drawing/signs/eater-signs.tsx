import { Dots, Lens, scatter } from './marks'
import { Flower, Ground, Seedling, Sky } from './plant-base'
import { Leaf } from './leaf-base'
import { INK } from './colours'
import type { DrawSign } from './draw-sign'
import type { SignId } from '../../../core/health'

const Beetle = ({ x, y, turn = 0 }: { x: number; y: number; turn?: number }) => (
  <g transform={`translate(${x} ${y}) rotate(${turn})`}>
    <path
      d="M-2-4l-4-4M-3 0h-5M-2-7l-3-5M2-4l4-4M3 0h5M2-7l3-5"
      stroke={INK.black}
      strokeWidth="1"
      fill="none"
    />
    <path d="M-3 3l-6 2 2 6M3 3l6 2-2 6" stroke={INK.black} strokeWidth="2" fill="none" />
    <ellipse rx="4.4" ry="6.4" fill={INK.black} />
    <circle cy="-7" r="2.6" fill={INK.black} />
    <path d="M0-6V6" stroke="#7d7a72" strokeWidth="0.7" />
  </g>
)

const Striped = ({ x, y, turn }: { x: number; y: number; turn: number }) => (
  <g transform={`translate(${x} ${y}) rotate(${turn})`}>
    <path d="M-9-8l-6-5M-11 0h-7M-9 8l-6 5M9-8l6-5M11 0h7M9 8l6 5" stroke={INK.black} strokeWidth="1.6" />
    <ellipse rx="11" ry="15" fill="#e8c84a" stroke={INK.black} />
    <path d="M-7-9V9M-3.500-13V13M0-14V14M3.500-13V13M7-9V9" stroke={INK.black} strokeWidth="1.5" />
    <ellipse cy="-16" rx="7.500" ry="5" fill="#d8883a" stroke={INK.black} />
  </g>
)

/** Creatures that eat leaves, stems and fruit, and when they come. */
export const EATER_SIGNS = {
  'striped-beetles': (crop) => (
    <g>
      <Leaf crop={crop} />
      <Striped x={44} y={42} turn={30} />
      <g transform="translate(86 56) rotate(-14)">
        <ellipse rx="15" ry="9" fill="#c9543a" stroke="#6a2416" />
        <circle cx="-15" r="5" fill={INK.black} />
        <Dots
          at={[
            [-8, 4],
            [-2, 5],
            [4, 5],
            [10, 3],
          ]}
          r={1.4}
          fill={INK.black}
        />
      </g>
    </g>
  ),
  'big-caterpillar': () => (
    <g>
      <path d="M4 74C40 80 80 66 118 74" stroke={INK.stem} strokeWidth="6" fill="none" />
      <path
        d="M20 62C20 50 30 46 36 46H90C100 46 104 54 102 64L98 68H26C22 68 20 66 20 62Z"
        fill="#7fb04a"
        stroke="#3f6b2c"
        strokeWidth="1.4"
      />
      <path d="M92 47C96 40 102 36 110 34 106 42 102 46 99 52Z" fill="#33502a" />
      <path d="M34 47v20M45 46v22M56 46v22M67 46v22M78 46v22M89 46v21" stroke="#3f6b2c" strokeWidth="1" />
      <path
        d="M34 60l6-10M45 60l6-10M56 60l6-10M67 60l6-10M78 60l6-10M89 60l5-9"
        stroke="#f1f0d0"
        strokeWidth="2.2"
      />
      <Dots
        at={[
          [38, 63],
          [49, 63],
          [60, 63],
          [71, 63],
          [82, 63],
          [93, 62],
        ]}
        r={1.3}
        fill={INK.black}
      />
      <path
        d="M26 68v6M32 68v6M54 68v7M64 68v7M74 68v7M94 68v6"
        stroke="#3f6b2c"
        strokeWidth="4"
        strokeLinecap="round"
      />
      <circle cx="23" cy="58" r="2" fill={INK.black} />
    </g>
  ),
  'barrel-droppings': (crop) => (
    <g>
      <Leaf crop={crop} />
      {[
        [34, 44, 20],
        [56, 52, -30],
        [70, 40, 60],
        [86, 48, 10],
        [48, 36, 80],
      ].map(([x, y, turn]) => (
        <g key={x} transform={`translate(${x} ${y}) rotate(${turn})`}>
          <rect x="-5" y="-3.6" width="10" height="7.2" rx="2" fill="#2a2a1c" />
          <path d="M-5-1.200H5M-5 1.200H5M-2-3.600V3.600M2-3.600V3.600" stroke="#5c5c40" strokeWidth="0.8" />
        </g>
      ))}
    </g>
  ),
  'jumping-beetles': (crop) => (
    <g>
      <g transform="translate(0 8)">
        <Leaf crop={crop}>
          <Dots at={scatter(34, 0.08, -0.2, 0.8, 0.4)} r={0.014} fill="var(--color-base-100)" />
        </Leaf>
      </g>
      <Beetle x={40} y={58} turn={60} />
      <Beetle x={72} y={62} turn={-30} />
      <Beetle x={92} y={18} turn={40} />
      <path
        d="M72 52C74 30 80 20 86 16"
        fill="none"
        stroke={INK.grey}
        strokeWidth="1.6"
        strokeDasharray="3 3"
      />
    </g>
  ),
  'tiny-slivers': (crop) => (
    <g>
      <Flower crop={crop} x={42} y={46} r={36} turn={10} />
      <g stroke="#8a6a12" strokeWidth="1.6" strokeLinecap="round">
        <path d="M34 38l3 4M50 34l3 3M40 58l4 2M52 54l2-4" />
      </g>
      <Lens x={88} y={40} r={22}>
        {[
          [80, 34, 30],
          [94, 46, -40],
        ].map(([x, y, turn]) => (
          <g key={x} transform={`translate(${x} ${y}) rotate(${turn})`}>
            <path d="M-9 0C-5-3 5-3 10 0 5 3-5 3-9 0Z" fill="#d8a83a" stroke="#7a5a1c" strokeWidth="0.8" />
            <path
              d="M-4-2l-3-4M0-2l0-4M-4 2l-3 4M0 2l0 4M-8 0l-4-2M-8 0l-4 2"
              stroke="#7a5a1c"
              strokeWidth="0.8"
            />
            <path d="M-1-1C4-5 9-4 11-2" stroke="#7a5a1c" fill="none" strokeWidth="0.8" />
          </g>
        ))}
      </Lens>
    </g>
  ),
  'slime-trails': () => (
    <g>
      <Ground y={20} fill="#83674a" />
      <path
        d="M2 34C26 22 40 50 62 40S96 30 78 60"
        fill="none"
        stroke="#dfe8ea"
        strokeWidth="7"
        strokeLinecap="round"
      />
      <path
        d="M2 34C26 22 40 50 62 40S96 30 78 60"
        fill="none"
        stroke="#fff"
        strokeWidth="2"
        strokeLinecap="round"
      />
      <path d="M36 78C38 64 60 58 82 60 94 60 104 66 106 72L102 78Z" fill="#8f7a5c" stroke="#4a3a28" />
      <path d="M60 62C66 54 84 56 86 64" fill="#75624a" />
      <path d="M102 68l6-12M106 70l10-8" stroke="#4a3a28" strokeWidth="1.6" />
      <Dots
        at={[
          [108, 55],
          [116, 61],
        ]}
        r={1.8}
        fill={INK.black}
      />
    </g>
  ),
  'curled-grub': () => (
    <g>
      <Ground y={22} />
      <Seedling x={94} y={22} lean={70} />
      <path d="M98 24v-5" stroke={INK.green} strokeWidth="3" />
      <path
        d="M44 40C70 28 88 52 70 68 58 78 42 72 42 62"
        fill="none"
        stroke="#2b2620"
        strokeWidth="17"
        strokeLinecap="round"
      />
      <path
        d="M44 40C70 28 88 52 70 68 58 78 42 72 42 62"
        fill="none"
        stroke="#9a958a"
        strokeWidth="14.500"
        strokeLinecap="round"
      />
      <path
        d="M52 31l2 13M62 31l-3 13M72 38l-9 9M77 49l-13 1M76 60l-12-5M68 69l-6-11M57 74l0-12M47 72l5-10"
        stroke="#6b675e"
        strokeWidth="1.3"
      />
      <circle cx="43" cy="40" r="6" fill="#5a3c22" />
    </g>
  ),
  'shield-bugs': (crop) => (
    <g>
      <g transform="translate(0 20)">
        <Leaf crop={crop} />
      </g>
      <g transform="translate(60 46)">
        <path
          d="M-14-8l-16-8M-16 2l-18 2M-12 14l-14 12M14-8l16-8M16 2l18 2M12 14l14 12M-4-24l-8-14M4-24l8-14"
          stroke="#3a2f1c"
          strokeWidth="1.8"
          fill="none"
        />
        <path
          d="M-6-24H6L22-10 16 6C14 20 6 28 0 30-6 28-14 20-16 6L-22-10Z"
          fill="#7d8a3c"
          stroke="#3a2f1c"
          strokeWidth="1.5"
        />
        <path d="M-20-9H20M0 12L-14-8H14Z" fill="#93a04c" stroke="#3a2f1c" strokeWidth="1.2" />
        <path d="M0 12C-4 22-3 28 0 30 3 28 4 22 0 12Z" fill="#5c4a2c" />
      </g>
    </g>
  ),
  overnight: (crop) => (
    <g>
      <Sky at="night" />
      <g transform="translate(0 14)">
        <Leaf crop={crop}>
          <path
            d="M.3-.02C.28-.12.42-.16.46-.08.52-.02.46.06.38.05ZM.6.06C.66-.02.78.04.76.12.68.2.56.16.6.06Z"
            fill="#2d3a4d"
          />
        </Leaf>
      </g>
    </g>
  ),
  'by-day': (crop) => (
    <g>
      <Sky at="noon" />
      <g transform="translate(0 12)">
        <Leaf crop={crop}>
          <path
            d="M.3-.02C.28-.12.42-.16.46-.08.52-.02.46.06.38.05ZM.6.06C.66-.02.78.04.76.12.68.2.56.16.6.06Z"
            fill="var(--color-base-100)"
            stroke={INK.dark}
            strokeWidth="0.008"
          />
        </Leaf>
      </g>
    </g>
  ),
} satisfies Partial<Record<SignId, DrawSign>>
