import type { SignOf } from '../../../core/health'
import type { Crop } from '../../../core/crop'
import { CutFruit, Dots, Fruit, Ground, scatter, Sky } from './bases'
import { INK } from './colours'
import type { DrawSign } from './draw-sign'

/** The far end of a fruit, where it shows from the side. */
const END = { tomato: [60, 76, 21, 12], pepper: [60, 73, 13, 13] } as const
const unripe = (crop: Crop) => (crop === 'tomato' ? '#9db35a' : '#4f8a3c')

/** A small fruit on a truss. */
const Small = ({ x, y, r, fill }: { x: number; y: number; r: number; fill: string }) => (
  <g transform={`translate(${x} ${y}) scale(${r / 38})`}>
    <g transform="translate(-60 -50)">
      <Fruit crop="tomato" fill={fill} />
    </g>
  </g>
)

const TRUSS = 'M14 0V90M14 18C40 14 66 20 92 14'

export const FRUIT_SIGNS: Record<SignOf<'fruit'>, DrawSign> = {
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
  'firm-brown-fruit': (crop) => (
    <Fruit crop={crop} fill={unripe(crop)}>
      <path d="M14 10H80C88 26 70 34 74 46 66 58 52 48 46 60 36 66 24 58 14 62Z" fill="#6a4422" />
      <path
        d="M30 26C40 20 54 22 62 30M34 42C44 36 52 38 58 40"
        stroke="#8f6a42"
        strokeWidth="3"
        fill="none"
      />
    </Fruit>
  ),
  'scabby-specks': (crop) => (
    <Fruit crop={crop} fill={unripe(crop)}>
      <Dots at={scatter(20, 34, 30, 52, 46)} r={2.6} fill="#4a3018" stroke="#c9bd8f" strokeWidth={1.3} />
    </Fruit>
  ),
  'sunken-rings': (crop) => (
    <Fruit crop={crop}>
      {[
        [48, 44, 9],
        [70, 60, 11],
      ].map(([x, y, r]) => (
        <g key={x} fill="none" stroke="#3f2015" strokeWidth="1.6">
          <circle cx={x} cy={y} r={r} fill="#8f2f20" />
          <circle cx={x} cy={y} r={r! * 0.68} fill="#6b2418" />
          <circle cx={x} cy={y} r={r! * 0.34} fill="#2b1510" />
        </g>
      ))}
    </Fruit>
  ),
  'pink-slime': (crop) => (
    <Fruit crop={crop}>
      <circle cx="58" cy="54" r="17" fill="#7d2a1c" />
      <path
        d="M46 50C50 42 64 42 70 50 72 58 66 66 60 64 57 70 54 68 54 63 47 61 44 56 46 50Z"
        fill="#f0a48c"
      />
      <Dots
        at={[
          [52, 52],
          [58, 49],
          [64, 53],
          [57, 58],
        ]}
        r={1.8}
        fill="#fbd9cc"
      />
    </Fruit>
  ),
  'ripe-only': () => (
    <g>
      <path d={TRUSS} fill="none" stroke={INK.stem} strokeWidth="4" />
      <Small x={36} y={42} r={18} fill={INK.red} />
      <Small x={70} y={38} r={15} fill={INK.orange} />
      <Small x={98} y={32} r={12} fill={INK.green} />
      <Dots
        at={[
          [30, 44],
          [40, 52],
          [42, 40],
        ]}
        r={3.2}
        fill="#3f2015"
      />
    </g>
  ),
  'soft-rot-fruit': () => (
    <g>
      <path d="M60 0V20" stroke={INK.stem} strokeWidth="4" />
      <path
        d="M60 20C76 14 94 22 92 44 94 62 84 76 66 74 62 90 52 90 50 76 34 74 24 60 28 42 26 22 46 14 60 20Z"
        fill="#b5533a"
      />
      <path d="M34 50C44 40 60 56 76 44 88 50 88 66 70 72 60 80 40 76 34 62Z" fill="#8d5a3e" />
      <path d="M42 58q6-5 12 0t12 0 10-2" fill="none" stroke="#c98f70" strokeWidth="2" />
      <path d="M58 90C54 84 62 84 58 90Z" fill="#8d5a3e" />
      <path d="M46 20L60 10 74 20 60 26Z" fill={INK.stem} />
      <Ground y={87} />
    </g>
  ),
  'blotched-fruit': (crop) => (
    <Fruit crop={crop}>
      <g fill="none" stroke="#e8c24a" strokeWidth="5">
        <circle cx="46" cy="46" r="9" />
        <circle cx="74" cy="58" r="11" />
        <circle cx="70" cy="34" r="6" />
      </g>
      <g fill="#b9b848" opacity="0.85">
        <circle cx="74" cy="58" r="4" />
        <path d="M44 66C52 62 58 70 54 76 46 78 40 72 44 66Z" />
      </g>
    </Fruit>
  ),
  'cloudy-spots': (crop) => (
    <Fruit crop={crop}>
      <g opacity="0.75">
        {[
          [46, 42],
          [66, 38],
          [56, 56],
          [74, 56],
          [60, 72],
        ].map(([x, y]) => (
          <g key={x}>
            <circle cx={x} cy={y} r="6.4" fill="#f0d6a0" opacity="0.7" />
            <circle cx={x} cy={y} r="3.4" fill="#f7ecc8" />
            <circle cx={x} cy={y} r="0.9" fill="#5a3c22" />
          </g>
        ))}
      </g>
    </Fruit>
  ),
  'round-hole': (crop) => (
    <Fruit crop={crop}>
      <circle cx="52" cy="42" r="7.5" fill="#5a2a1c" />
      <circle cx="52" cy="42" r="5.4" fill="#1f1410" />
      <path d="M48 50q2 8 6 12" stroke="#5c4a2c" strokeWidth="2.6" fill="none" strokeDasharray="2 2.4" />
    </Fruit>
  ),
  'caterpillar-inside': (crop) => (
    <CutFruit crop={crop}>
      <path
        d="M34 34C44 26 54 44 66 42 74 40 78 46 82 56"
        fill="none"
        stroke="#5a3524"
        strokeWidth="13"
        strokeLinecap="round"
      />
      <g>
        <path
          d="M44 36C52 38 58 44 68 43 74 43 77 47 80 53"
          fill="none"
          stroke="#c9b56a"
          strokeWidth="8"
          strokeLinecap="round"
        />
        <path d="M44 35C52 36 58 42 68 41" fill="none" stroke="#8f7a3c" strokeWidth="1.6" />
        <path d="M49 33v8M55 35v9M61 38v9M67 38v9M73 39v8" stroke="#8f7a3c" strokeWidth="1" />
        <circle cx="44" cy="36" r="4.6" fill="#7a4a24" />
      </g>
    </CutFruit>
  ),
  'grub-inside': (crop) => (
    <CutFruit crop={crop}>
      <ellipse cx="60" cy="44" rx="20" ry="13" fill="#7a4a30" />
      <path
        d="M48 48C46 36 60 30 70 38 76 44 72 52 66 50 70 44 62 38 56 44 54 48 52 52 48 48Z"
        fill="#fbf6e4"
        stroke="#b8a878"
      />
      <path d="M53 37l3 5M60 33l1 6M68 37l-3 5" stroke="#cfc096" strokeWidth="1.2" />
      <circle cx="49.500" cy="48" r="3" fill="#8a5a2c" />
    </CutFruit>
  ),
  'young-fruit-drop': () => (
    <g>
      <path d={TRUSS} fill="none" stroke={INK.stem} strokeWidth="4" />
      <path d="M40 16v10M66 18v10M90 14v8" stroke={INK.stem} strokeWidth="2.4" />
      <Small x={90} y={30} r={8} fill={INK.green} />
      <Small x={42} y={66} r={8} fill={INK.green} />
      <Small x={66} y={78} r={8} fill="#b7bd6c" />
      <path d="M41 34v18M66 36v28" stroke={INK.grey} strokeWidth="1.6" strokeDasharray="3 3" />
      <Ground y={86} />
    </g>
  ),
  pecks: (crop) => (
    <Fruit crop={crop}>
      <g fill="#5a1f14" stroke="#f0b3a0" strokeWidth="1">
        <path d="M46 34L60 36 50 48ZM62 52L78 52 68 66ZM42 58L54 60 46 70Z" />
      </g>
    </Fruit>
  ),
  'tooth-marks': (crop) => (
    <Fruit
      crop={crop}
      over={
        <g>
          <path
            d={
              crop === 'tomato'
                ? 'M100 30C86 28 72 38 70 50 70 64 82 74 98 74Z'
                : 'M96 26C80 26 66 36 66 48 66 62 78 70 92 68Z'
            }
            fill="var(--color-base-100)"
          />
          <path
            d={
              crop === 'tomato'
                ? 'M88 31C74 34 69 44 70 52 72 64 80 71 90 73'
                : 'M86 27C72 30 65 40 66 48 67 60 74 66 82 68'
            }
            fill="none"
            stroke="#f0b3a0"
            strokeWidth="6"
          />
          <path
            d={
              crop === 'tomato'
                ? 'M84 33l-4 8M78 37l-2 8M73 44l2 7M70 52l6 5M73 60l7 2M78 67l6-1'
                : 'M82 29l-4 8M75 33l-2 8M69 40l2 7M66 48l6 5M69 57l7 2M74 63l6-1'
            }
            stroke="#8f3a28"
            strokeWidth="1.6"
          />
        </g>
      }
    />
  ),
  'fruit-gone': () => (
    <g>
      <path d={TRUSS} fill="none" stroke={INK.stem} strokeWidth="4" />
      <path d="M38 16v12M64 18v12M88 14v10" stroke={INK.stem} strokeWidth="2.4" />
      <g fill={INK.stem}>
        <path d="M38 28l-8 5 8-1 8 1ZM64 30l-8 5 8-1 8 1ZM88 24l-8 5 8-1 8 1Z" />
      </g>
      <g fill="none" stroke={INK.grey} strokeWidth="1.4" strokeDasharray="3 3">
        <circle cx="38" cy="46" r="14" />
        <circle cx="64" cy="48" r="14" />
        <circle cx="88" cy="42" r="13" />
      </g>
      <Ground y={80} />
      <g fill="#3a2818">
        {[52, 70, 90, 108].map((x, at) => (
          <path
            key={x}
            d={`M${x} ${85 + (at % 2) * 2}a3 2 0 1 0 .1 0M${x - 3} ${82 + (at % 2) * 2}h.1M${x} ${81 + (at % 2) * 2}h.1M${x + 3} ${82 + (at % 2) * 2}h.1`}
            stroke="#3a2818"
            strokeWidth="1.6"
            strokeLinecap="round"
          />
        ))}
      </g>
    </g>
  ),
}
