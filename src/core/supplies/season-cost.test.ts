import { expect, it } from 'vitest'
import type { Supply } from '../facts'
import { seasonCost, seedLinesOf } from '.'

const line = (more: Partial<Supply>): Supply => ({
  id: 'x',
  kind: 'cage',
  name: '',
  quantity: 0,
  length: null,
  across: null,
  material: null,
  pack: 1,
  price: null,
  ...more,
})

it('spreads what lasts over its seasons, and counts what is used up whole', () => {
  const sold = [line({ pack: 2, price: 30 }), line({ kind: 'tie', pack: 50, price: 5 })]
  // Four cages of 15 that last ten seasons, and twenty ties of 0.10.
  expect(
    seasonCost(
      [
        { kind: 'cage', quantity: 4, length: null },
        { kind: 'tie', quantity: 20, length: null },
      ],
      sold,
    ),
  ).toEqual({ cost: 8, open: false })
})
it('says where something has no price, and takes no piece that is too short', () => {
  const stakes = [line({ kind: 'stake', length: 1.2, price: 3 })]
  expect(seasonCost([{ kind: 'stake', quantity: 3, length: 1.8 }], stakes)).toEqual({ cost: 0, open: true })
  expect(seasonCost([{ kind: 'stake', quantity: 3, length: 1.2 }], stakes)).toEqual({ cost: 3, open: false })
  expect(seasonCost([], [])).toEqual({ cost: 0, open: false })
})
it('finds a cultivar’s seed by its name, however it is written', () => {
  const seed = line({ kind: 'seed', name: ' ditch wren', quantity: 12 })
  expect(seedLinesOf([seed, line({ name: 'Ditch Wren' })], 'Ditch Wren')).toEqual([seed])
})
