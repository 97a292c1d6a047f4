import { requireInRange } from '../guard'
import { acrossAt, checkShader, northSouth, shadowAt, type Shader } from './shade'
import { sunPath } from './sun-path'

/** Hours of direct sun over a garden: row by row from the south, each west to east; cells `cell` m wide. */
export interface LightMap {
  columns: number
  rows: number
  cell: number
  x: number
  y: number
  /** h a day, one number a cell. */
  hours: Float32Array
}

export interface LightQuestion {
  /** ° north. */
  latitude: number
  /** 1–366 each; several are averaged. */
  daysOfYear: readonly number[]
  shaders: readonly Shader[]
  /** Longest step of the sun, min; 10 for a map, 20 for plants. */
  minutes?: number
}

/** Sun is counted at this height over the ground, m: where a young canopy is. */
const LEVEL = 0.3

const MOST_CELLS = 400_000

/**
 * Direct sun over a garden on some days, every shadow drawn onto a grid step by step.
 *
 * @param area its south-west corner and size, and the width of a cell, m
 * @throws RangeError when a parameter is out of range, or the grid would have more than 400,000 cells
 */
export function lightMap(
  question: LightQuestion,
  area: { x: number; y: number; length: number; width: number; cell: number },
): LightMap {
  const { latitude, daysOfYear, minutes = 10 } = question
  const { x, y, cell } = area
  requireInRange('length', area.length, 0.01, 5000)
  requireInRange('width', area.width, 0.01, 5000)
  requireInRange('cell', cell, 0.01, 100)
  requireInRange('daysOfYear', daysOfYear.length, 1, 366)
  const [columns, rows] = [Math.ceil(area.length / cell), Math.ceil(area.width / cell)]
  requireInRange('cells', columns * rows, 1, MOST_CELLS)
  const shaders = question.shaders.map(checkShader)
  const hours = new Float32Array(columns * rows)
  const open = new Float32Array(columns * rows)
  for (const day of daysOfYear)
    for (const sun of sunPath(latitude, day, minutes)) {
      open.fill(1)
      for (const shader of shaders) {
        const shadow = shadowAt(shader, sun, LEVEL)
        if (!shadow) continue
        const [south, north] = northSouth(shadow)
        const last = Math.min(rows - 1, Math.floor((north - y) / cell - 0.5))
        for (let row = Math.max(0, Math.ceil((south - y) / cell - 0.5)); row <= last; row++) {
          const across = acrossAt(shadow, y + (row + 0.5) * cell)
          if (!across) continue
          const from = Math.max(0, Math.ceil((across[0] - x) / cell - 0.5))
          const to = Math.min(columns - 1, Math.floor((across[1] - x) / cell - 0.5))
          const left = 1 - shader.density
          for (let at = row * columns + from; at <= row * columns + to; at++) open[at]! *= left
        }
      }
      const share = sun.hours / daysOfYear.length
      for (let at = 0; at < hours.length; at++) hours[at]! += open[at]! * share
    }
  return { columns, rows, cell, x, y, hours }
}
