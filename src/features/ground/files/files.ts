import { dayOf } from '../../../core/garden-day'
import { createElement } from 'react'
import type { GardenState } from '../../../data/garden-state'
import { PaperPlan, scaleFor } from '../papers/paper-plan'
import { PAPERS, piecesOf } from '../papers/paper-queries'
import { groundView } from '../queries'
import { writeGeoJson } from './read-ground'

/** What the marks' colours are where no page gives them: the day's. */
const INKS: Record<string, string> = {
  'color-base-100': '#fbfaf5',
  'color-base-200': '#f0ede2',
  'color-base-300': '#ddd6c4',
  'color-base-content': '#20261f',
  'color-primary': '#2f6140',
  'color-secondary': '#7a5230',
  'color-info': '#23698a',
  'color-error': '#a23b2a',
  quiet: '#565c53',
  stem: '#2f6140',
  'leaf-mark': '#6c9a6b',
  'leaf-young': '#8ab05f',
  soil: '#6b5440',
  'soil-pale': '#e7dabd',
  straw: '#c9ae88',
}

/** The plan as a drawing that any drawing program reads, to scale on an A4 sheet. */
export async function groundSvg(state: GardenState): Promise<string> {
  const { renderToStaticMarkup } = await import('react-dom/server')
  const view = groundView(dayOf(state, state.now))
  const pieces = piecesOf(view)
  const scale = scaleFor(pieces, { width: PAPERS.a4.height, height: PAPERS.a4.width })
  const drawing = renderToStaticMarkup(
    createElement(PaperPlan, { pieces, canopies: view.canopies, scale, manner: view.manner }),
  )
  return drawing.replace(/var\(--([\w-]+)\)/g, (_, ink: string) => INKS[ink] ?? '#000000')
}

/** Places and obstacles of today as GeoJSON. */
export function groundGeoJson(state: GardenState): string {
  return JSON.stringify(writeGeoJson(piecesOf(groundView(dayOf(state, state.now))), state.garden), null, 1)
}
