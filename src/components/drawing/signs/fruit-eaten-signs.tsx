import { CutFruit, Fruit } from './fruit-base'
import { Ground } from './plant-base'
import { INK } from './colours'
import type { DrawSign } from './draw-sign'
import type { SignId } from '../../../core/health'
import { Small, TRUSS } from './fruit-parts'

/** Fruit that something ate, or that fell. */
export const FRUIT_EATEN_SIGNS = {
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
} satisfies Partial<Record<SignId, DrawSign>>
