import type { SignOf } from '../../../core/health'
import { Dots, scatter } from './marks'
import { Figure, Ground, Seedling, Sky } from './plant-base'
import { INK } from './colours'
import type { DrawSign } from './draw-sign'

const DEAD = '#8a6a3c'
const of = (fill: string, levels = 5) => Array.from({ length: levels }, () => fill)

/** A finger in the ground to its second joint. */
const Finger = () => (
  <g fill="#dcb694" stroke="#8a6244" strokeWidth="1.2">
    <path d="M52 2H70V52Q70 61 61 61 52 61 52 52Z" />
    <path d="M53 22H69M53 40H69" fill="none" />
  </g>
)

export const PLANT_SIGNS: Record<SignOf<'plant'>, DrawSign> = {
  'from-below': (crop) => (
    <g>
      <Ground />
      <Figure crop={crop} fills={[DEAD, '#c9ad4e', INK.pale, INK.leaf, INK.leaf]} />
      <path d="M12 76V30M7 37L12 29L17 37" fill="none" stroke="var(--color-base-content)" strokeWidth="2.4" />
    </g>
  ),
  'any-height': (crop) => (
    <g>
      <Ground />
      <Figure crop={crop}>
        <Dots
          at={[...scatter(13, 30, 16, 26, 62), ...scatter(13, 66, 18, 26, 60)]}
          r={3.2}
          fill={INK.brown}
        />
      </Figure>
    </g>
  ),
  'new-first': (crop) => (
    <g>
      <Ground />
      <Figure crop={crop} fills={[INK.leaf, INK.leaf, INK.leaf, INK.yellow, '#f0e890']} />
      <path d="M12 20V66M7 59L12 67L17 59" fill="none" stroke="var(--color-base-content)" strokeWidth="2.4" />
    </g>
  ),
  'else-healthy': (crop) => (
    <g>
      <Ground />
      <Figure crop={crop} />
    </g>
  ),
  stunted: (crop) => (
    <g>
      <Ground />
      <Figure crop={crop} x={78} scale={0.85} />
      <Figure crop={crop} x={22} scale={0.38} fills={of('#9fb567')} />
    </g>
  ),
  'lush-dark': (crop) => (
    <g>
      <Ground />
      <g transform="translate(0 -2)">
        <Figure crop={crop} x={44} scale={0.95} fills={of('#28552b')} />
        <Figure crop={crop} x={76} scale={0.95} fills={of('#28552b')} />
        <Figure crop={crop} x={60} scale={1.02} fills={of('#356b34')} stem="#356b34" />
      </g>
    </g>
  ),
  'thin-stems': (crop) => (
    <g>
      <Ground />
      <g strokeWidth="1">
        <path d="M60 84V14" stroke={INK.stem} strokeWidth="1.2" />
        <Figure crop={crop} fills={of('#a8b860')} scale={0.62} stem="#8a7a58" />
        <path d="M60 84V8" stroke="#8a7a58" strokeWidth="1.4" />
      </g>
    </g>
  ),
  'limp-at-dawn': (crop) => (
    <g>
      <Ground />
      <Sky at="dawn" />
      <Figure crop={crop} x={68} droop={82} fills={of('#7f9a5c')} />
    </g>
  ),
  'limp-at-noon': (crop) => (
    <g>
      <Ground />
      <Sky at="noon" />
      <Figure crop={crop} x={52} droop={72} />
    </g>
  ),
  'up-by-evening': (crop) => (
    <g>
      <Ground />
      <Sky at="evening" />
      <Figure crop={crop} x={22} scale={0.5} droop={74} fills={of('#87a268')} />
      <path d="M38 62h10M43 57l5 5-5 5" fill="none" stroke="var(--color-base-content)" strokeWidth="2.2" />
      <Figure crop={crop} x={72} scale={0.56} />
    </g>
  ),
  'dry-soil': () => (
    <g>
      <Ground y={26} fill="#a58a68" />
      <path
        d="M8 26L14 40 6 54M14 40L30 46 34 64M30 46L44 34 46 26M86 26L82 42 96 52 92 70M82 42L74 40M96 52L114 46"
        fill="none"
        stroke="#5c4630"
        strokeWidth="2.2"
      />
      <Finger />
    </g>
  ),
  'wet-soil': () => (
    <g>
      <Ground y={26} fill={INK.wet} />
      <path
        d="M0 26C14 20 34 31 50 26V38C36 44 14 42 0 36ZM70 26C88 20 104 31 120 25V36C104 43 86 43 70 38Z"
        fill={INK.water}
      />
      <Finger />
      <g fill={INK.water}>
        {[
          [20, 58],
          [38, 72],
          [84, 60],
          [102, 74],
        ].map(([x, y]) => (
          <path
            key={x}
            d={`M${x} ${y! - 8}C${x! + 5} ${y} ${x! + 5} ${y! + 5} ${x} ${y! + 5}S${x! - 5} ${y} ${x} ${y! - 8}Z`}
          />
        ))}
      </g>
    </g>
  ),
  'fast-collapse': (crop) => (
    <g>
      <Ground />
      <Figure crop={crop} x={28} scale={0.6} />
      <path d="M46 52h14M55 46l6 6-6 6" fill="none" stroke="var(--color-base-content)" strokeWidth="2.2" />
      <Figure crop={crop} x={84} scale={0.8} droop={88} fills={of('#5c4426')} stem="#5c4426" />
    </g>
  ),
  'dies-as-it-ripens': (crop) => (
    <g>
      <Ground />
      <Figure crop={crop} fills={[DEAD, '#b89a62', '#c9b45e', '#b7bd6c', INK.pale]} />
      <Dots
        at={[
          [50, 62],
          [58, 70],
          [66, 64],
          [54, 46],
          [70, 50],
        ]}
        r={5}
        fill={INK.red}
      />
    </g>
  ),
  'most-ripe': (crop) => (
    <g>
      <Ground />
      <Figure crop={crop} />
      <Dots
        at={[
          [40, 72],
          [48, 66],
          [56, 73],
          [66, 70],
          [76, 74],
          [50, 50],
          [60, 55],
          [70, 52],
        ]}
        r={5.4}
        fill={INK.red}
        stroke="#7a2418"
        strokeWidth={0.6}
      />
      <Dots at={[[62, 38]]} r={4.4} fill={INK.green} />
    </g>
  ),
  'other-species-too': (crop) => (
    <g>
      <Ground />
      <Figure crop={crop} x={30} scale={0.72} fills={of('#b7bd6c')} />
      <g fill="#b7bd6c" stroke="#7d8a45" strokeWidth="1">
        <path d="M88 84C76 60 80 36 70 24 90 30 94 58 90 84ZM90 84C92 56 100 42 112 34 110 58 100 70 94 84Z" />
        <path d="M86 84C80 70 68 62 58 60 62 74 74 82 84 85Z" />
      </g>
      <g fill={INK.brown}>
        <Dots
          at={[
            [20, 50],
            [42, 44],
            [34, 66],
            [84, 44],
            [102, 54],
            [72, 72],
            [88, 64],
          ]}
          r={3}
          fill={INK.brown}
        />
      </g>
    </g>
  ),
  'fallen-seedlings': () => (
    <g>
      <Ground y={66} />
      <Seedling x={24} y={66} />
      <Seedling x={60} y={66} lean={84} />
      <g transform="translate(8 0)">
        <Seedling x={42} y={67} lean={-80} />
      </g>
      <path d="M59 66l6 0M45 66l6 0" stroke="#5a3c22" strokeWidth="4" strokeLinecap="round" />
      <Seedling x={102} y={66} lean={4} />
    </g>
  ),
  'cut-seedlings': () => (
    <g>
      <Ground y={66} />
      <Seedling x={22} y={66} />
      <path d="M60 66V58M92 66V59" stroke={INK.green} strokeWidth="3" strokeLinecap="butt" />
      <path d="M57 58l6-2M89 59l6-2" stroke={INK.black} strokeWidth="1.4" />
      <g transform="translate(2 -3)">
        <Seedling x={64} y={66} lean={78} />
      </g>
    </g>
  ),
  'after-cold-night': (crop) => (
    <g>
      <rect width="120" height="90" fill="#2f3a4f" opacity="0.25" />
      <path d="M96 8A14 14 0 1 0 110 28 11 11 0 1 1 96 8Z" fill="#e8e4c8" stroke="#8a8568" />
      <Ground />
      <Figure crop={crop} x={50} droop={70} fills={of('#4d5a46')} stem="#56614a" />
      <g stroke="#fff" strokeWidth="1.6">
        <path d="M16 66v10M11 71h10M12 67l8 8M20 67l-8 8M98 60v10M93 65h10M94 61l8 8M102 61l-8 8" />
      </g>
    </g>
  ),
  'windy-side': (crop) => (
    <g>
      <Ground />
      <g transform="rotate(14 66 84)">
        <Figure crop={crop} x={66} fills={['#a98f52', INK.leaf, '#a98f52', INK.leaf, INK.leaf]} />
      </g>
      <g fill="none" stroke="var(--color-base-content)" strokeWidth="2.2" strokeLinecap="round">
        <path d="M4 26H30Q38 26 36 19M4 40H24Q32 40 30 47M4 54H18" />
      </g>
    </g>
  ),
  'soon-after-planting': (crop) => (
    <g>
      <Ground y={62} />
      <path d="M38 62H82L76 86H44Z" fill={INK.wet} />
      <g transform="translate(0 -22)">
        <Figure crop={crop} scale={0.6} droop={48} fills={of('#9fb567')} />
      </g>
      <path d="M14 74L30 58M26 54l10 10" stroke="#6b5a45" strokeWidth="4" strokeLinecap="round" />
    </g>
  ),
  'salt-crust': () => (
    <g>
      <path d="M22 30H98L90 88H30Z" fill="#b3714a" stroke="#7a4a2c" />
      <path d="M16 20H104V32H16Z" fill="#c27f56" stroke="#7a4a2c" />
      <ellipse cx="60" cy="21" rx="42" ry="6" fill={INK.soil} />
      <Dots at={scatter(46, 22, 17, 76, 8)} r={2} fill="#f7f5ea" />
      <path
        d="M30 40q8 8 0 20M84 36q-8 12 2 26M54 36q6 10 0 16"
        fill="none"
        stroke="#f7f5ea"
        strokeWidth="3"
      />
      <path d="M60 20V2" stroke={INK.stem} strokeWidth="6" />
    </g>
  ),
}
