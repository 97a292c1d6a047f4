import type { Locator, Page } from '@playwright/test'
import { expect, open, test } from './support/test'

/** Taps or keys that a round of so many stops may take, by those of 24. */
const most = (of24: number, stops: number) => Math.ceil((of24 * stops) / 24)

/** What came of answering the stop that was shown. */
type Came = 'next' | 'form' | 'screen' | 'done'

async function came(page: Page, left: number): Promise<Came> {
  const found = await page.waitForFunction((before) => {
    if (!window.location.pathname.endsWith('/walk')) return 'screen'
    if (document.querySelector('main h1')?.textContent === 'Today’s round is done') return 'done'
    const article = document.querySelector('main article')
    const now = /Stop 1 of (\d+)/.exec(article?.textContent ?? '')
    if (now && Number(now[1]) < before) return 'next'
    return article?.querySelector('form') && 'form'
  }, left)
  return (await found.jsonValue()) as Came
}

/** How a hand answers a stop, fills what it asks for, and plants out. */
interface Hand {
  main: (isLook: boolean) => Promise<void>
  save: (form: Locator, asked: string) => Promise<void>
  plantOut: () => Promise<void>
  /** Puts off what is seen to in another workspace. */
  later: () => Promise<void>
}

/** Answers each stop as it was worked out, until the round is done. */
async function walked(page: Page, stops: number, { main, save, plantOut, later }: Hand) {
  const article = page.getByRole('article')
  for (let left = stops; left > 0; left--) {
    await expect(article).toContainText(`Stop 1 of ${left}`)
    if (await article.getByRole('heading', { name: /: Check again/ }).isVisible()) await later()
    else await main(await article.getByRole('button', { name: /^Not yet/ }).isVisible())
    let next = await came(page, left)
    if (next === 'form' && (await article.getByRole('textbox').count()) > 0) {
      const form = article.getByRole('form')
      await save(form, (await form.innerText()).startsWith('Soil temperature') ? '20' : '300 g')
      await expect(form).toHaveCount(0)
      next = await came(page, left)
    }
    if (next === 'screen') {
      await expect(page.locator('[data-foot-bar]').getByRole('button')).toHaveText(/^Plant/)
      await page.waitForFunction(() => document.documentElement.dataset.keys === 'ready')
      await plantOut()
      await page.waitForURL((url) => url.pathname.endsWith('/walk'))
    }
    expect(next === 'done').toBe(left === 1)
  }
}

test('a whole round by keyboard takes few keys', async ({ page }) => {
  await open(page, '/walk')
  const stops = await page.getByRole('list', { name: 'Stops', exact: true }).getByRole('listitem').count()
  let keys = 0
  const press = (key: string) => {
    keys++
    return page.keyboard.press(key)
  }
  await walked(page, stops, {
    main: (isLook) => press(isLook ? '1' : 'Enter'),
    save: async (form, asked) => {
      await expect(form.getByRole('textbox').first()).toBeFocused()
      for (const key of asked) await press(key)
      await press('Enter')
    },
    plantOut: () => press('Enter'),
    later: async () => {
      await press('z')
      await expect(page.getByRole('button', { name: 'Tomorrow' })).toBeFocused()
      await press('Enter')
    },
  })
  expect(keys).toBeLessThanOrEqual(most(45, stops))
})

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true })
  test('a whole round takes few taps, and no scroll to a main button', async ({ page }) => {
    await open(page, '/walk')
    let taps = 0
    const tap = async (button: Locator) => {
      await expect(button).toBeInViewport({ ratio: 1 })
      taps++
      await button.tap()
    }
    const rows = page.getByRole('list', { name: 'Stops', exact: true }).getByRole('listitem')
    const stops = await rows.count()
    await tap(rows.first().getByRole('button'))
    await walked(page, stops, {
      main: () => tap(page.locator('[data-stop-bar]').getByRole('button').first()),
      save: async (form, asked) => {
        await tap(form.getByRole('textbox').first())
        await page.keyboard.type(asked)
        await tap(form.getByRole('button', { name: 'Save' }))
      },
      plantOut: () => tap(page.locator('[data-foot-bar]').getByRole('button')),
      later: async () => {
        await tap(page.getByRole('button', { name: /^Later/ }))
        await tap(page.getByRole('button', { name: 'Tomorrow' }))
      },
    })
    expect(taps).toBeLessThanOrEqual(most(40, stops))
  })
})
