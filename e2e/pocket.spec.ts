import type { Page } from '@playwright/test'
import type { Manner } from '../src/core/facts'
import { wordFaults } from './support/said'
import { SCREENS } from '../scripts/lib/screens.mjs'
import { expect, open, test } from './support/test'

test.use({ data: 'demo-us', viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true })

const MANNER: Manner = { units: 'us', decimals: 'comma', dates: 'month-first' }

/** What a finger presses that is smaller than 44 px. Links in a sentence, and the parts of a drawing, which zooms, are not meant. */
const smallTargets = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const faults: string[] = []
    let seen = 0
    for (const part of document.querySelectorAll<HTMLElement>(
      'a[href], button, input, select, textarea, summary, [role=button], [role=tab], [tabindex="0"]',
    )) {
      if (part.closest('svg') || part.tabIndex < 0) continue
      if (part.matches('a') && getComputedStyle(part).display === 'inline') continue
      const isBox = part.matches('[type=checkbox], [type=radio], [type=file]')
      const { width, height } = ((isBox && part.closest('label')) || part).getBoundingClientRect()
      const isShown = part.checkVisibility({ contentVisibilityAuto: true, visibilityProperty: true })
      if (!isShown || width < 2 || height < 2) continue
      seen++
      if (width < 43.5 || height < 43.5)
        faults.push(
          `${Math.round(width)} × ${Math.round(height)} px: ${part.getAttribute('aria-label') ?? part.textContent}`,
        )
    }
    if (seen < 3) faults.push('nothing to press was found')
    return faults
  })

// Two halves, so that both workers look.
for (const half of [0, 1])
  test(`in the hand, every screen can be pressed, and speaks of feet and decimal commas, part ${half + 1}`, async ({
    page,
  }) => {
    const faults: string[] = []
    for (const path of SCREENS.filter((_, at) => at % 2 === half)) {
      await open(page, path)
      faults.push(...(await smallTargets(page)).map((fault) => `${path}: ${fault}`))
      faults.push(...(await wordFaults(page, MANNER)))
    }
    expect(faults).toEqual([])
  })
