import { describe, expect, it } from 'vitest'
import { TRAININGS, trainingsFor } from '../crop'
import { SUPPORTS } from '../facts'
import { supportFor, trainingFor } from '.'

describe('style and support', () => {
  it('lead to each other', () => {
    for (const training of TRAININGS) {
      const support = supportFor(training)
      expect(SUPPORTS).toContain(support)
      const back = trainingFor(support, [training])
      // One of several styles for a support leads back to it, the usual ones by name.
      if (back !== null) expect(supportFor(back)).toBe(support)
    }
    expect(supportFor('cage')).toBe('cage')
    expect(trainingFor('cage', trainingsFor({ crop: 'tomato', habit: 'indeterminate' }))).toBe('cage')
    expect(trainingFor('string', trainingsFor({ crop: 'tomato', habit: 'indeterminate' }))).toBe(
      'single-stem',
    )
  })
  it('leave a style alone where a support suits any', () => {
    expect(trainingFor('cage', trainingsFor({ crop: 'pepper', habit: null }))).toBeNull()
  })
})
