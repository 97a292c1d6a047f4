import { GroundMark, ObstacleMark, PlantMark, WaterLines } from '../../../components/drawing/from-above'
import type { Manner } from '../../../core/facts'
import type { StandingCanopy } from '../../../core/season'
import { sayLength } from '../../../wording/say'
import { boundsOf, outlineOf } from '../../../core/ground'
import { roundLength } from '../plan/length-bar'
import type { Piece } from '../plan/piece'

/** Scales that a plan is drawn to, 1 : n. */
const SCALES = [5, 10, 20, 25, 50, 75, 100, 125, 150, 200, 250, 500, 1000, 2500, 5000]
/** Open ground around what lies there, mm of paper. */
const MARGIN = 8

/** The largest scale at which some pieces fit on so much paper, mm. */
export function scaleFor(pieces: readonly Piece[], paper: { width: number; height: number }): number {
  const { west, south, east, north } = boundsOf(pieces.map(({ row }) => row))
  const fits = (scale: number) =>
    ((east - west) * 1000) / scale + 2 * MARGIN <= paper.width &&
    ((north - south) * 1000) / scale + 2 * MARGIN <= paper.height
  return SCALES.find(fits) ?? SCALES.at(-1)!
}

/** The plan to a stated scale, for paper: sizes in millimetres, black on white. */
export function PaperPlan({
  pieces,
  canopies,
  scale,
  manner,
}: {
  pieces: readonly Piece[]
  canopies: readonly StandingCanopy[]
  scale: number
  manner: Manner
}) {
  const millimetre = scale / 1000
  const margin = MARGIN * millimetre
  const { west, south, east, north } = boundsOf(pieces.map(({ row }) => row))
  const [width, height] = [east - west + 2 * margin, north - south + 2 * margin]
  const bar = roundLength(60 * millimetre, manner)
  const words = { fontSize: 3 * millimetre, fill: '#000000', fontFamily: 'sans-serif' }
  return (
    <svg
      xmlns="http://www.w3.org/2000/svg"
      width={`${width / millimetre}mm`}
      height={`${height / millimetre}mm`}
      viewBox={`${west - margin} ${-north - margin} ${width} ${height}`}
      role="img"
      aria-label={`Plan of the garden, 1 to ${scale}`}
    >
      {pieces.map((piece) => {
        const { id, name, x, y, length, width: across, turn } = piece.row
        const left = Math.min(...outlineOf(piece.row).map(([px]) => px))
        const top = Math.max(...outlineOf(piece.row).map(([, py]) => py))
        return (
          <g key={id}>
            <g transform={`translate(${x + length / 2} ${-y - across / 2}) rotate(${-turn})`}>
              {piece.of === 'obstacle' ? (
                <ObstacleMark obstacle={piece.row} />
              ) : (
                <g transform={`translate(${-length / 2} ${-across / 2})`}>
                  <GroundMark place={piece.row} />
                  <WaterLines place={piece.row} />
                  {canopies
                    .filter(({ placeId }) => placeId === id)
                    .map((canopy) => (
                      <g key={canopy.id} transform={`translate(${canopy.x} ${across - canopy.y})`}>
                        <PlantMark canopy={canopy} />
                      </g>
                    ))}
                </g>
              )}
            </g>
            <text x={left} y={-top - millimetre} {...words}>
              {length < 1 && across < 1 ? name.split(' ').at(-1) : name}
            </text>
          </g>
        )
      })}
      <g transform={`translate(${west} ${-south + margin - 2.5 * millimetre})`}>
        <rect width={bar} height={millimetre} fill="#010203" data-testid="scale-bar" />
        <text x={bar + 2 * millimetre} y={millimetre} {...words}>
          {sayLength(bar, manner)}, 1 : {scale}
        </text>
        <text x={east - west} y={millimetre} textAnchor="end" {...words}>
          north is up
        </text>
      </g>
    </svg>
  )
}
