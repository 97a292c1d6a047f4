import type { Manner } from '../src/core/facts'
import { wordFaults } from './support/said'
import { SCREENS } from './support/screens'
import { expect, open, test } from './support/test'

test.use({ data: 'demo-us' })

const MANNER: Manner = { units: 'us', decimals: 'comma', dates: 'month-first' }

// Two halves, so that both workers look.
for (const half of [0, 1])
  test(`every screen says its values in feet, gallons and decimal commas, part ${half + 1}`, async ({
    page,
  }) => {
    const faults: string[] = []
    for (const path of SCREENS.filter((_, at) => at % 2 === half)) {
      await open(page, path)
      faults.push(...(await wordFaults(page, MANNER)))
    }
    expect(faults).toEqual([])
  })
