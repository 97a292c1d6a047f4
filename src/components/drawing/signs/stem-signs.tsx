import type { ReactNode } from 'react'
import type { SignOf } from '../../../core/health'
import { Dots, scatter } from './marks'
import { Ground, Seedling } from './plant-base'
import { INK } from './colours'
import type { DrawSign } from './draw-sign'

/** A piece of a main stem close by, with the foot of a leaf's stalk. */
const Stem = ({ fill = INK.stem, children }: { fill?: string; children?: ReactNode }) => (
  <g>
    <path d="M70 52C84 44 94 30 104 26L108 34C96 40 86 56 72 66Z" fill={fill} />
    <path d="M48 0H72V90H48Z" fill={fill} />
    <path d="M52 0V90" stroke="#fff" strokeOpacity="0.25" strokeWidth="3" />
    <g stroke={fill} strokeWidth="1">
      {Array.from({ length: 11 }, (_, at) => (
        <path key={at} d={`M48 ${4 + at * 8}l-4-2M72 ${8 + at * 8}l4-2`} />
      ))}
    </g>
    {children}
  </g>
)

const ROOTS =
  'M60 34C56 50 40 56 30 80M60 34C58 52 52 64 50 88M60 34C64 52 68 66 72 88M60 34C66 48 84 56 94 78M52 50C40 54 26 56 14 62M68 50C82 52 96 52 110 58'

export const STEM_SIGNS: Record<SignOf<'stem'>, DrawSign> = {
  'brown-stem-patches': () => (
    <Stem>
      <path d="M48 14C58 12 66 18 64 28S56 42 48 40ZM72 56C62 56 56 64 60 74S68 84 72 82Z" fill="#4f3520" />
      <path
        d="M52 20C57 20 60 24 59 29M66 62C62 65 62 71 66 76"
        stroke="#80603e"
        fill="none"
        strokeWidth="2"
      />
    </Stem>
  ),
  'brown-vessels': () => (
    <g>
      <path d="M48 50H72V90H48Z" fill={INK.stem} />
      <ellipse cx="60" cy="36" rx="46" ry="30" fill={INK.stem} />
      <ellipse cx="60" cy="36" rx="40" ry="25" fill="#cfdcae" />
      <ellipse cx="60" cy="36" rx="33" ry="20" fill="none" stroke="#6a4020" strokeWidth="6" />
      <ellipse cx="60" cy="36" rx="27" ry="15" fill="#e8ecd0" />
    </g>
  ),
  'rotten-base': () => (
    <g>
      <Ground y={64} />
      <Stem />
      <rect x="0" y="68" width="120" height="22" fill={INK.soil} />
      <path d="M48 30C56 36 64 30 72 34V68H48Z" fill="#3a2718" />
      <path d="M48 48C52 52 51 60 50 68H48ZM72 44C68 52 70 60 70 68H72Z" fill="var(--color-base-100)" />
    </g>
  ),
  'thread-stem': () => (
    <g>
      <Ground y={68} />
      <g transform="translate(60 68) scale(1.3) translate(-60 -68)">
        <Seedling x={60} y={66} lean={10} />
        <path d="M60 68Q59 62 61 54" stroke="var(--color-base-100)" strokeWidth="4" />
        <path d="M60 69Q59 62 61.5 53" stroke="#4a2f18" strokeWidth="1.1" fill="none" />
      </g>
    </g>
  ),
  'stem-bumps': () => (
    <g>
      <Stem>
        <Dots
          at={[...scatter(9, 46, 34, 8, 40), ...scatter(9, 66, 32, 8, 42), ...scatter(6, 54, 40, 12, 34)]}
          r={2.8}
          fill="#e2dfae"
          stroke="#8a9a5a"
          strokeWidth={0.8}
        />
      </Stem>
      <Ground y={78} />
    </g>
  ),
  'purple-stem': () => <Stem fill="#6b3f68" />,
  'twisted-stem': () => (
    <g fill="none" stroke={INK.stem} strokeLinecap="round">
      <path d="M56 90C40 74 80 64 62 48S44 28 66 16" strokeWidth="8" />
      <path
        d="M66 62C84 58 92 74 104 62S98 44 90 50M56 42C40 44 36 28 24 34S22 52 32 50M66 16C76 4 88 10 84 20"
        strokeWidth="4"
      />
    </g>
  ),
  'broad-stem': () => (
    <g>
      <path d="M50 90C50 60 30 40 24 4H96C90 40 70 60 70 90Z" fill={INK.stem} />
      <path
        d="M56 88C54 56 40 36 36 6M60 88V6M64 88C66 56 80 36 84 6M58 60C52 40 48 24 48 6M62 60C68 40 72 24 72 6"
        stroke={INK.dark}
        fill="none"
        strokeWidth="1.6"
      />
    </g>
  ),
  'root-knots': () => (
    <g>
      <rect y="26" width="120" height="64" fill={INK.soil} />
      <path d="M60 0V36" stroke={INK.stem} strokeWidth="6" />
      <path d={ROOTS} fill="none" stroke="#e0cfa8" strokeWidth="2.6" />
      <g fill="#efe1bd" stroke="#9a8353" strokeWidth="1">
        {[
          [40, 64, 6],
          [33, 76, 5],
          [52, 70, 7],
          [51, 84, 4.5],
          [68, 68, 6.5],
          [82, 60, 7],
          [92, 74, 5],
          [28, 57, 4.5],
          [100, 55, 5],
          [60, 46, 5],
        ].map(([x, y, r]) => (
          <ellipse key={x} cx={x} cy={y} rx={r} ry={r! * 0.8} />
        ))}
      </g>
    </g>
  ),
  'stem-cankers': () => (
    <Stem>
      <path d="M58 6C50 20 52 44 56 62 58 72 62 72 64 60 67 42 66 18 62 6Z" fill="#5a3a1e" />
      <path d="M60 14C57 28 58 44 60 58 62 44 62 28 60 14Z" fill="#d8b27a" />
      <path d="M50 70C52 66 55 72 54 82L50 84ZM69 66l2 16-3-6Z" fill="#5a3a1e" />
    </Stem>
  ),
  'white-threads-base': () => (
    <g>
      <Ground y={64} />
      <Stem />
      <rect x="0" y="70" width="120" height="20" fill={INK.soil} />
      <path d="M48 44C56 40 64 46 72 42V70H48Z" fill="#5c3f28" />
      <g fill="none" stroke="#fbfaf3" strokeWidth="1.6">
        <path d="M48 50C54 46 60 56 72 48M48 58C58 52 64 64 72 56M46 66C56 58 66 72 76 62M40 72C48 64 56 70 60 64M60 66C70 62 78 72 86 70M52 46L56 68M66 46L62 70" />
      </g>
      <Dots
        at={[...scatter(9, 34, 66, 52, 8), [52, 54], [67, 60]]}
        r={2.4}
        fill="#b5783a"
        stroke="#6a4420"
        strokeWidth={0.6}
      />
    </g>
  ),
}
