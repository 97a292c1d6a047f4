import { CutFruit, Fruit } from './fruit-base'
import { Sky } from './plant-base'
import { INK } from './colours'
import type { DrawSign } from './draw-sign'
import type { SignId } from '../../../core/health'
import { Small, TRUSS } from './fruit-parts'

/** The far end of a fruit, where it shows from the side. */
const END = { tomato: [60, 76, 21, 12], pepper: [60, 73, 13, 13] } as const

/** Rotten ends, cracks, scald and scars of fruit. */
export const FRUIT_FLAW_SIGNS = {
  'bottom-patch': (crop) => {
    const [x, y, rx, ry] = END[crop]
    return (
      <Fruit crop={crop}>
        <ellipse cx={x} cy={y} rx={rx + 3} ry={ry + 3} fill="#8a5a34" />
        <ellipse cx={x} cy={y + 1} rx={rx} ry={ry} fill="#33241a" />
        <path
          d={`M${x - rx * 0.6} ${y}Q${x} ${y - 5} ${x + rx * 0.6} ${y}`}
          fill="none"
          stroke="#6b5140"
          strokeWidth="1.5"
        />
      </Fruit>
    )
  },
  'first-fruits': () => (
    <g>
      <path d={TRUSS} fill="none" stroke={INK.stem} strokeWidth="4" />
      <path d="M14 60C36 58 56 62 74 58" fill="none" stroke={INK.stem} strokeWidth="3" />
      <Small x={34} y={74} r={13} fill={INK.red} />
      <Small x={60} y={76} r={13} fill={INK.orange} />
      <g fill="#33241a">
        <ellipse cx="34" cy="84" rx="7" ry="3.4" />
        <ellipse cx="60" cy="86" rx="7" ry="3.4" />
      </g>
      <Small x={42} y={30} r={10} fill={INK.green} />
      <Small x={66} y={32} r={9} fill={INK.green} />
      <Small x={90} y={26} r={8} fill={INK.green} />
      <path d="M98 64h-12M91 59l-6 5 6 5" fill="none" stroke="var(--color-base-content)" strokeWidth="2.2" />
    </g>
  ),
  'radial-cracks': (crop) => (
    <Fruit crop={crop}>
      <g fill="#7a2418" stroke="#f0b3a0" strokeWidth="1">
        <path d="M52 26C44 38 40 50 42 64 47 50 50 40 57 28ZM60 28C58 42 58 56 61 70 64 56 64 42 63 28ZM67 28C76 38 80 50 79 60 74 50 70 40 64 30Z" />
      </g>
    </Fruit>
  ),
  'ring-cracks': (crop) => (
    <Fruit crop={crop}>
      <g fill="none" stroke="#7a5a34" strokeWidth="2.4" strokeLinecap="round">
        <path d="M46 33Q60 43 75 32M38 37Q60 54 82 37M33 46Q60 66 88 45" />
      </g>
    </Fruit>
  ),
  'after-wetting': (crop) => (
    <g>
      <g transform="translate(10 12) scale(.86)">
        <Fruit crop={crop}>
          <path d="M60 30C56 46 56 56 60 70 64 56 64 46 60 30Z" fill="#7a2418" stroke="#f0b3a0" />
        </Fruit>
      </g>
      <g stroke={INK.water} strokeWidth="2.6" strokeLinecap="round">
        <path d="M12 6l-4 12M28 2l-4 12M98 4l-4 12M112 10l-4 12M8 40l-4 12M22 30l-4 12M108 40l-4 12M116 62l-4 12M12 70l-4 12" />
      </g>
    </g>
  ),
  'papery-side': (crop) => (
    <Fruit crop={crop} fill={crop === 'pepper' ? '#4f8a3c' : INK.red}>
      <path d="M62 34C74 32 84 40 82 54 80 66 68 70 62 62 56 52 54 38 62 34Z" fill="#efe4c2" />
      <path d="M66 42l8 4 4 10M64 50l6 8 8 2" fill="none" stroke="#c4b182" strokeWidth="1.2" />
    </Fruit>
  ),
  'sun-side': (crop) => (
    <g>
      <Sky at="noon" />
      <g transform="translate(-14 12) scale(.86)">
        <Fruit crop={crop}>
          <path d="M74 26C90 30 98 44 92 62 80 60 70 44 74 26Z" fill="#efe4c2" />
        </Fruit>
      </g>
      <path d="M92 28L76 42M100 34L82 52" stroke={INK.sun} strokeWidth="2" strokeDasharray="4 3" />
    </g>
  ),
  'puckered-scars': () => (
    <g>
      <path
        d="M60 16C76 6 98 16 98 34C112 46 96 60 92 70C84 84 72 72 60 80C48 86 34 82 30 68C12 62 16 44 26 36C24 16 46 8 60 16Z"
        fill={INK.red}
        stroke="#7a2418"
      />
      <g fill="none" stroke="#7a5a34" strokeWidth="3.4" strokeLinecap="round">
        <path d="M40 40C50 50 58 42 66 52S80 54 86 46M44 62C52 56 58 66 68 62M60 22C56 34 62 36 60 46" />
      </g>
      <ellipse cx="62" cy="54" rx="5" ry="3.4" fill={INK.black} />
      <path d="M52 12L60 4 68 12 62 18Z" fill={INK.stem} />
    </g>
  ),
  'hard-shoulders': (crop) => (
    <Fruit crop={crop}>
      <path d="M16 8H104V40C92 48 80 38 70 44 62 48 52 38 40 45 30 48 22 42 16 42Z" fill="#c9b845" />
      <path d="M16 8H104V30C92 36 80 30 70 33 62 36 52 30 40 34 30 36 22 32 16 32Z" fill="#93a548" />
      <path d="M38 30Q44 26 50 28" stroke="#fff6" strokeWidth="3" fill="none" />
    </Fruit>
  ),
  'white-inside': (crop) => (
    <CutFruit crop={crop}>
      <g fill="#f7f3e4" stroke="#d8cfb0" strokeWidth="0.8">
        {crop === 'tomato' ? (
          <path d="M52 44C40 38 44 14 60 12 76 14 80 38 68 44 84 42 96 56 86 66 76 74 66 58 62 52 64 64 56 78 44 76 32 68 40 52 54 50 40 54 26 50 28 36Z" />
        ) : (
          <path d="M34 34C32 52 42 70 52 80L56 74C46 64 42 50 42 36ZM86 34C88 52 78 70 68 80L64 74C74 64 78 50 78 36Z" />
        )}
      </g>
    </CutFruit>
  ),
  'zip-scar': (crop) => (
    <Fruit crop={crop}>
      <path d="M62 24C72 40 72 60 62 80" fill="none" stroke="#7a5a34" strokeWidth="2.2" />
      <path
        d="M62 30l8-2M63 37l8-1M65 44l8 0M65 51l8 1M65 58l8 2M64 65l7 3M62 72l6 4"
        stroke="#7a5a34"
        strokeWidth="1.6"
      />
    </Fruit>
  ),
} satisfies Partial<Record<SignId, DrawSign>>
