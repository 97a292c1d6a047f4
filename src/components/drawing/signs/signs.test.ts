import { createElement } from 'react'
import { renderToStaticMarkup } from 'react-dom/server'
import { describe, expect, it } from 'vitest'
import { CROPS } from '../../../core/crop'
import { SIGN_IDS, signsOf } from '../../../core/health'
import { SignDrawing } from './sign-drawing'

const drawn = (sign: (typeof SIGN_IDS)[number], crop: (typeof CROPS)[number]) =>
  renderToStaticMarkup(createElement(SignDrawing, { sign, crop, className: 'w-full' }))

describe('the drawings of signs', () => {
  it('are there for every sign of each crop, with sound numbers', () => {
    for (const crop of CROPS)
      for (const sign of signsOf(crop)) {
        const markup = drawn(sign, crop)
        expect(markup, sign).toMatch(/<(path|circle|ellipse|rect|line|use)/)
        expect(markup, sign).not.toMatch(/NaN|undefined|Infinity/)
      }
  })
  it('differ from one another', () => {
    const markups = SIGN_IDS.map((sign) => drawn(sign, 'tomato'))
    expect(new Set(markups).size).toBe(SIGN_IDS.length)
  })
  it('are the same each time they are drawn', () => {
    for (const sign of SIGN_IDS) expect(drawn(sign, 'tomato')).toBe(drawn(sign, 'tomato'))
  })
  it('show a pepper’s own fruit and leaves', () => {
    for (const sign of ['bottom-patch', 'sun-side', 'from-below'] as const)
      expect(drawn(sign, 'pepper')).not.toBe(drawn(sign, 'tomato'))
  })
})
