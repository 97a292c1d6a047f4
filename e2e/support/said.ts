import type { Page } from '@playwright/test'
import type { Manner } from '../../src/core/facts'
import { faultsOf } from '../../src/test/said-faults'

/** What reads the same in every garden: how numbers can be written, coordinates, and a word that is explained. */
const AS_IT_IS = /^(1[.,]5|\d+ plant labels|[\d.]+ [NS] [\d.]+ [EW]|Truss)$/
const NUTRIENTS = /\d (g|mL|g\/mL)\b/

/** What is wrong with the words of a screen as it is shown, each in words. */
export async function wordFaults(page: Page, manner: Manner): Promise<string[]> {
  const path = new URL(page.url()).pathname
  if (path === '/almanac/workings') return []
  const lines = await page.evaluate(() => [
    ...document.body.innerText.split('\n'),
    ...[...document.querySelectorAll('svg text')].map(({ textContent }) => textContent ?? ''),
    ...[...document.querySelectorAll<HTMLInputElement>('input[type=text], input:not([type])')].map(
      ({ value }) => value,
    ),
    ...[...document.querySelectorAll('[aria-label], [title], [placeholder]')].flatMap((part) =>
      ['aria-label', 'title', 'placeholder'].map((name) => part.getAttribute(name) ?? ''),
    ),
  ])
  const isOfFeeds = /^\/bench\/(feed|mix)$/.test(path)
  return [...new Set(lines)]
    .filter((line) => line && !AS_IT_IS.test(line) && !(isOfFeeds && NUTRIENTS.test(line)))
    .flatMap((line) =>
      faultsOf(line.replaceAll('\t', ' | '), manner).map(
        (fault) => `${path}: ${fault} in “${line.slice(0, 80)}”`,
      ),
    )
}
