'use client'

import { useMemo } from 'react'
import type { LightMap } from '../../../core/light'

/** Hours of sun from which each shade of the map stands, darkest first, and what it means. */
export const LIGHT_BANDS = [
  { from: 0, fill: '#3c4663', words: 'under 4 h' },
  { from: 4, fill: '#717a94', words: '4–5 h' },
  { from: 5, fill: '#a9a993', words: '5–6 h: enough for cherry types' },
  { from: 6, fill: '#d9c98a', words: '6–8 h: enough' },
  { from: 8, fill: '#f3dc7c', words: 'from 8 h: good' },
] as const

/** Direct sun as a picture under the plan, a band of hours a shade. */
export function LightLayer({ map }: { map: LightMap }) {
  const picture = useMemo(() => pictureOf(map), [map])
  return (
    <image
      href={picture}
      x={map.x}
      y={-map.y - map.rows * map.cell}
      width={map.columns * map.cell}
      height={map.rows * map.cell}
      preserveAspectRatio="none"
      style={{ imageRendering: 'pixelated' }}
      opacity="0.8"
    />
  )
}

function pictureOf({ columns, rows, hours }: LightMap): string {
  const canvas = document.createElement('canvas')
  canvas.width = columns
  canvas.height = rows
  const paper = canvas.getContext('2d')!
  for (let row = 0; row < rows; row++)
    for (let column = 0; column < columns; column++) {
      paper.fillStyle = LIGHT_BANDS.findLast(({ from }) => hours[row * columns + column]! >= from)!.fill
      paper.fillRect(column, rows - 1 - row, 1, 1)
    }
  return canvas.toDataURL()
}
