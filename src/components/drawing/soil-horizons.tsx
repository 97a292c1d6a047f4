import type { Manner } from '../../core/facts'
import { sayTemperature } from '../../wording/say'
import type { SectionSoil } from './section-frame'

const CRUMB = 0.06

/** The layers of the soil with their temperatures, and the depth below which roots stand still today. */
export function SoilHorizons({
  width,
  height,
  ground,
  scale,
  soil,
  manner,
}: {
  width: number
  height: number
  ground: number
  scale: number
  soil: SectionSoil
  manner: Manner
}) {
  const { soilDepth, temperatures, warmLimit } = soil
  const middle = CRUMB + (soilDepth - CRUMB) * 0.55
  const layers = [
    { from: 0, to: Math.min(CRUMB, soilDepth), fill: '#c9ae88', name: 'crumb', ink: '#20261f' },
    { from: CRUMB, to: middle, fill: '#8c6a48', name: 'loose topsoil', ink: '#fbfaf5' },
    { from: middle, to: soilDepth, fill: '#74573e', name: 'soil', ink: '#fbfaf5' },
    {
      from: soilDepth,
      to: (height - ground) / scale,
      fill: '#8a7b6c',
      name: 'undug subsoil',
      ink: '#20261f',
    },
  ].filter(({ from, to }) => to > from)
  const y = (depth: number) => ground + depth * scale
  const stall = stallDepth(temperatures, warmLimit)
  // A layer's name goes under the words of the line where both would stand in one place.
  const nameAt = (from: number) => {
    const own = y(from) + UNDER
    const line = stall === null ? Infinity : y(stall) + UNDER
    return Math.abs(own - line) < LINE ? line + LINE : own
  }
  return (
    <g fontSize="14">
      {layers.map(({ from, to, fill, name, ink }) => (
        <g key={name}>
          <rect y={y(from)} width={width} height={(to - from) * scale + 0.5} fill={fill} />
          {(to - from) * scale > 22 && (
            <text x="12" y={nameAt(from)} fill={ink}>
              {name}
            </text>
          )}
        </g>
      ))}
      {temperatures
        .filter(({ depth }) => y(depth) < height - 6)
        .map(({ depth, temperature }) => (
          <g key={depth}>
            <line
              x1={width - 122}
              x2={width - 56}
              y1={y(depth)}
              y2={y(depth)}
              stroke="#fbfaf5"
              strokeOpacity="0.55"
            />
            <text
              x={width - 124}
              y={y(depth) + 5}
              textAnchor="end"
              fill="#fbfaf5"
              fontWeight="700"
              className="halo-dark"
            >
              {sayTemperature(temperature, manner)}
            </text>
          </g>
        ))}
      {stall !== null && y(stall) < height && (
        <g>
          <line
            x1="0"
            x2={width}
            y1={y(stall)}
            y2={y(stall)}
            stroke="#fbfaf5"
            strokeDasharray="9 6"
            strokeWidth="1.5"
          />
          <text x="12" y={y(stall) + 17} fill="#fbfaf5" className="halo-dark">
            roots stop growing below {sayTemperature(warmLimit, manner)}
          </text>
        </g>
      )}
    </g>
  )
}

/** Words under what they name, and the height of a line of them, px. */
const UNDER = 17
const LINE = 18

/** The depth at which the soil falls below the limit; null: it does not. */
function stallDepth(temperatures: SectionSoil['temperatures'], limit: number): number | null {
  const profile = [...temperatures].sort((a, b) => a.depth - b.depth)
  for (let at = 0; at < profile.length; at++) {
    const here = profile[at]!
    if (here.temperature >= limit) continue
    const above = profile[at - 1]
    if (!above) return here.depth
    return (
      above.depth +
      ((above.temperature - limit) / (above.temperature - here.temperature)) * (here.depth - above.depth)
    )
  }
  return null
}
