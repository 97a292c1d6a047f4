import { describe, expect, it } from 'vitest'
import { gardenFileFaults } from '../data/garden-file-schema'
import { dayOf } from '../core/garden-day'
import { EVERY_SCREEN } from './every-screen'
import { southGarden } from './south-garden'

const south = southGarden()
const state = south.garden.state()

/** Every text that a view holds, wherever it stands. */
function textsIn(view: unknown, found: string[] = []): string[] {
  if (typeof view === 'string') found.push(view.replaceAll('\u00a0', ' '))
  else if (view && typeof view === 'object' && !ArrayBuffer.isView(view))
    for (const inner of view instanceof Map ? view.values() : Object.values(view)) textsIn(inner, found)
  return found
}

describe('a garden that is not the demo', () => {
  it('is one that a garden file may hold', () => {
    expect(gardenFileFaults(south.garden.file as never)).toEqual([])
  })
  it.each(Object.keys(EVERY_SCREEN))('is shown in its own units on %s', (screen) => {
    const texts = textsIn(EVERY_SCREEN[screen]!(dayOf(state, state.now)))
    const metric = texts.filter((text) => /\d (?:°C|cm|mm|m|kg|g|L|mL|km\/h|m²|kg\/m²)(?![\w/])/.test(text))
    expect(metric).toEqual([])
    expect(texts.filter((text) => /NaN|undefined|\[object|Infinity/.test(text))).toEqual([])
  })
})
