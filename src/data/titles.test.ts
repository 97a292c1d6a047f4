import { expect, it } from 'vitest'
import { demoState } from './demo/demo-state'
import { titles } from './titles'

it('calls a screen by the thing that it shows, and where that is', () => {
  const state = demoState()
  expect(titles.place(state, 'demo-pot-3')).toBe('Pot 3')
  expect(titles.planting(state, 'demo-2026-bed-2-1')).toBe('Old Harrow, Bed 2')
  expect(titles.plant(state, 'demo-2026-bed-2-1-7')).toBe('Old Harrow 7, Bed 2')
})

it('has no name for what is not there', () => {
  const state = demoState()
  for (const what of ['place', 'planting', 'plant'] as const)
    expect(titles[what](state, 'gone')).toBeUndefined()
})
