import type { Manner } from '../../core/facts'
import { sayNumber } from '../../wording/say'
import { binned, stepOf, WAY_COLOURS } from './chart-values'

/** One way's seasons, in the unit that is shown. */
export interface DotsOfWay {
  name: string
  colour: string
  values: number[]
  low: number
  middle: number
  high: number
}

const BINS = 70
const TICKS = 7
/** px: of the tallest column, from dot to dot, and of a dot. */
const TALL = 84
const PITCH = 5
const DOT = 5

/** Every season as a dot, way under way on one scale, with the middle one and 8 of 10. */
export function SeasonDots({
  ways,
  unit,
  manner,
}: {
  ways: readonly DotsOfWay[]
  unit: string
  manner: Manner
}) {
  const most = Math.max(...ways.flatMap(({ values }) => values), 0.01)
  const step = stepOf(0, most, BINS)
  const top = Math.ceil((most * 1.02) / step) * step
  const tick = stepOf(0, top, TICKS)
  const ticks = Array.from({ length: Math.floor(top / tick) + 1 }, (_, at) => at * tick)
  const at = (value: number) => `${(100 * value) / top}%`
  return (
    <figure aria-label="Every season as a dot">
      {ways.map((way) => {
        const columns = [...binned(way.values, step)]
        const tallest = Math.max(...columns.map(([, count]) => count))
        const pitch = Math.min(PITCH, TALL / tallest)
        return (
          <div key={way.name}>
            <p className="flex flex-wrap items-baseline justify-between gap-x-3">
              <span className="font-semibold" style={{ color: way.colour }}>
                {way.name}
              </span>
              <span className="text-sm tabular-nums">
                {sayNumber(way.middle, manner, 2)} {unit}, 8 years in 10 from {sayNumber(way.low, manner, 2)}{' '}
                to {sayNumber(way.high, manner, 2)}
              </span>
            </p>
            <div
              role="img"
              aria-label={`${way.name}: ${way.values.length} seasons`}
              className="relative mb-1.5 pt-1 pb-3"
              style={{ height: pitch * tallest + 18 }}
            >
              {ticks.map((value) => (
                <span
                  key={value}
                  className="absolute inset-y-0 w-px bg-base-300"
                  style={{ left: at(value) }}
                />
              ))}
              {columns.map(([bin, count]) => (
                <span
                  key={bin}
                  className="absolute bottom-3 -ml-[2.5px] print:[print-color-adjust:exact]"
                  style={{
                    left: at((bin + 0.5) * step),
                    width: DOT,
                    height: count * pitch,
                    background: `radial-gradient(circle, ${way.colour} 45%, transparent 55%) 0 100% / ${DOT}px ${pitch}px repeat-y`,
                  }}
                />
              ))}
              <span
                className="absolute bottom-1.5 h-[3px]"
                style={{ left: at(way.low), width: at(way.high - way.low), background: way.colour }}
              />
              <span
                className="absolute bottom-[3px] -ml-[4.5px] size-[9px] rounded-full"
                style={{ left: at(way.middle), background: way.colour }}
              />
            </div>
          </div>
        )
      })}
      <div aria-hidden className="relative h-5 text-sm text-quiet tabular-nums">
        {ticks.map((value, index) => (
          <span
            key={value}
            className={`absolute ${index === 0 ? '' : '-translate-x-1/2'}`}
            style={{ left: at(value) }}
          >
            {sayNumber(value, manner, 2)}
          </span>
        ))}
      </div>
      <figcaption className="text-sm text-quiet">Sound ripe fruit, {unit}. One dot is one season.</figcaption>
    </figure>
  )
}

const APART_BINS = 16

/** How far apart two ways are in each season: to the right the other one is better. */
export function Apart({
  differences,
  name,
  now,
  says,
  unit,
  manner,
}: {
  differences: readonly number[]
  name: string
  now: string
  says: string
  unit: string
  manner: Manner
}) {
  const least = Math.min(0, ...differences)
  const most = Math.max(0, ...differences)
  const step = stepOf(least, most, APART_BINS)
  const counts = binned(differences, step)
  const from = Math.floor(least / step)
  const to = Math.max(from, Math.ceil(most / step) - 1)
  const bars = Array.from({ length: to - from + 1 }, (_, at) => ({
    bin: from + at,
    seasons: counts.get(from + at) ?? 0,
  }))
  const tallest = Math.max(1, ...bars.map(({ seasons }) => seasons))
  const edge = (bin: number) => sayNumber(bin * step, manner, 2)
  return (
    <figure aria-label="Season by season">
      <div
        role="img"
        aria-label={`Season by season. ${says}`}
        className="flex h-24 items-end gap-px border-b border-base-300"
      >
        {bars.map(({ bin, seasons }) => (
          <span
            key={bin}
            title={`${edge(bin)} to ${edge(bin + 1)}: ${seasons}`}
            className={`grow print:[print-color-adjust:exact] ${bin === 0 && from < 0 ? 'border-l-2 border-base-content' : ''}`}
            style={{ height: '100%' }}
          >
            <span
              className="block"
              style={{
                marginTop: `${96 - (96 * seasons) / tallest}px`,
                height: `${(96 * seasons) / tallest}px`,
                background: WAY_COLOURS[bin < 0 ? 0 : 1],
              }}
            />
          </span>
        ))}
      </div>
      <figcaption className="text-sm text-quiet">
        <span className="flex justify-between gap-4">
          <span>{from < 0 && `← ${now} better`}</span>
          <span className="text-right">{to >= 0 && `${name} better →`}</span>
        </span>
        {says} In {unit}.
      </figcaption>
    </figure>
  )
}
