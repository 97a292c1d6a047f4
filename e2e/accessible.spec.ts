import AxeBuilder from '@axe-core/playwright'
import type { Page } from '@playwright/test'
import { SCREENS } from '../scripts/lib/screens.mjs'
import { expect, open, test } from './support/test'

/** The faults that the rules find, of any weight, each with where it is. */
async function faultsOf(page: Page): Promise<string[]> {
  const axe = new AxeBuilder({ page }).options({ resultTypes: ['violations'], iframes: false })
  // The whole run in the page itself: the other way opens a page more for each.
  axe.setLegacyMode()
  const { violations } = await axe.analyze()
  return violations.map(({ id, nodes }) => `${id}: ${nodes.map(({ target }) => target).join(', ')}`)
}

interface Found {
  violations: { nodes: { html: string }[] }[]
}

/** Texts too faint to read: one of each color on its ground is looked at, by the rules that are in the page already. */
const faintTexts = (page: Page): Promise<string[]> =>
  page.evaluate(async () => {
    // Colors that are on their way are there.
    for (const one of document.getAnimations()) one.finish()
    const kinds = new Map<string, Element>()
    const texts = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT)
    while (texts.nextNode()) {
      const own = texts.currentNode.parentElement
      if (!own || !texts.currentNode.nodeValue!.trim()) continue
      const { color, fontSize, fontWeight } = getComputedStyle(own)
      let ground: Element | null = own
      while (ground && getComputedStyle(ground).backgroundColor === 'rgba(0, 0, 0, 0)')
        ground = ground.parentElement
      const on = ground ? getComputedStyle(ground).backgroundColor : ''
      const kind = [color, fontSize, fontWeight, on].join()
      if (!kinds.has(kind)) kinds.set(kind, own)
    }
    const { axe } = window as unknown as { axe: { run: (on: Element[], how: object) => Promise<Found> } }
    const { violations } = await axe.run([...kinds.values()], {
      runOnly: ['color-contrast'],
      resultTypes: ['violations'],
      iframes: false,
    })
    return violations.flatMap(({ nodes }) => nodes.map(({ html }) => `too faint: ${html.slice(0, 120)}`))
  })

// A few screens a test: so both workers look, and a fault is named by its screens.
const AT_ONCE = 8
for (let from = 0; from < SCREENS.length; from += AT_ONCE) {
  const screens = SCREENS.slice(from, from + AT_ONCE)
  test(`no fault for those who see or steer otherwise: ${screens[0]} to ${screens.at(-1)}`, async ({
    page,
  }) => {
    const faults: string[] = []
    for (const path of screens) {
      await open(page, path)
      faults.push(...(await faultsOf(page)).map((fault) => `${path}: ${fault}`))
      // The themes differ in color alone.
      for (const theme of ['sun', 'dusk', 'forced']) {
        await page.emulateMedia({ forcedColors: theme === 'forced' ? 'active' : null })
        await page.evaluate(
          (chosen) => (document.documentElement.dataset.theme = chosen),
          theme === 'forced' ? 'day' : theme,
        )
        faults.push(...(await faintTexts(page)).map((fault) => `${path}, ${theme}: ${fault}`))
      }
      await page.emulateMedia({ forcedColors: null })
    }
    expect(faults).toEqual([])
  })
}

test('windows are called by what they show, and colors follow the device until some are chosen', async ({
  page,
}) => {
  await page.emulateMedia({ colorScheme: 'dark' })
  await open(page, '/plants/demo-2026-bed-2-1-7')
  await expect(page).toHaveTitle('Old Harrow 7, Bed 2 · Prairie')
  const html = page.locator('html')
  await expect(html).toHaveAttribute('data-theme', 'dusk')
  await open(page, '/walk')
  await expect(page).toHaveTitle('Walk: today’s round · Prairie')
  await page.getByLabel('Theme').selectOption('High contrast')
  await expect(html).toHaveAttribute('data-theme', 'sun')
  await page.reload()
  await expect(html).toHaveAttribute('data-theme', 'sun')
  await page.getByLabel('Theme').selectOption('As on this device')
  await expect(html).toHaveAttribute('data-theme', 'dusk')
})

test.describe('with nothing in it', () => {
  test.use({ data: 'empty' })
  test('the first questions have no fault either', async ({ page }) => {
    await page.goto('/')
    await page.getByRole('button', { name: 'Start my garden' }).click()
    await expect(page.getByRole('alert').first()).toBeVisible()
    expect(await faultsOf(page)).toEqual([])
  })
})

test('nothing is asked of anyone else, and no script runs that is not ours', async ({ page, server }) => {
  const outside: string[] = []
  page.on('request', (request) => {
    if (!request.url().startsWith(server.address) && !request.url().startsWith('data:'))
      outside.push(request.url())
  })
  const response = await page.goto('/walk')
  const policy = response!.headers()['content-security-policy']!
  expect(policy).toContain("script-src 'self' 'nonce-")
  expect(policy).not.toMatch(/script-src[^;]*unsafe-inline/)
  await open(page, '/season')
  expect(outside).toEqual([])
})

test('a dialog gives the focus back to what opened it', async ({ page }) => {
  await open(page, '/garden/weather')
  const save = page.getByRole('button', { name: 'Save reading' })
  const dialog = page.getByRole('dialog')
  for (const key of ['/', '?']) {
    await save.focus()
    await page.keyboard.press(key)
    await expect(dialog).toBeVisible()
    await page.keyboard.press('Escape')
    await expect(dialog).toHaveCount(0)
    await expect(save, key).toBeFocused()
  }
  const calendar = page.getByRole('button', { name: 'Calendar' }).first()
  await calendar.click()
  await page.keyboard.press('Escape')
  await expect(calendar).toBeFocused()
  // The same of a question, whichever way it is answered.
  await open(page, '/bench/water')
  const given = page.getByRole('form', { name: 'Watered' }).getByLabel('Amount given')
  for (const answer of ['No, let me correct it', null]) {
    await given.fill('90 L')
    await given.press('Enter')
    await expect(dialog).toContainText('Is this right?')
    if (answer) await dialog.getByRole('button', { name: answer }).click()
    else await page.keyboard.press('Escape')
    await expect(dialog).toHaveCount(0)
    await expect(given).toBeFocused()
  }
})
