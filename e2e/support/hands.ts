import type { Page } from '@playwright/test'

/** What a hand did on a page: presses, a choice from a list counted as two, and fields that were typed in. */
export interface Hands {
  clicks: number
  fields: number
}

/** Counts what hands do, from here on and over every page that is loaded; ask for it at the end. */
export async function countHands(page: Page): Promise<() => Hands> {
  const hands: Hands = { clicks: 0, fields: 0 }
  await page.exposeFunction('countHand', (kind: keyof Hands, many: number) => {
    hands[kind] += many
  })
  await page.addInitScript(() => {
    const count = (kind: string, many: number) =>
      (window as unknown as { countHand: (kind: string, many: number) => void }).countHand(kind, many)
    addEventListener('pointerdown', () => count('clicks', 1), true)
    addEventListener(
      'change',
      ({ target }) => {
        if (target instanceof HTMLSelectElement) count('clicks', 2)
        else if (target instanceof HTMLInputElement && !['radio', 'checkbox'].includes(target.type))
          count('fields', 1)
      },
      true,
    )
  })
  return () => ({ ...hands })
}
