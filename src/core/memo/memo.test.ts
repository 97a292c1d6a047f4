import { expect, it } from 'vitest'
import { remembered, type Memo } from '.'

it('works a value out once for an object and a key, and keeps the newest', () => {
  const memo: Memo<object, number> = new WeakMap()
  const [a, b] = [{}, {}]
  let worked = 0
  const ask = (owner: object, key: string) => remembered(memo, owner, key, () => ++worked, 2)
  expect([ask(a, 'x'), ask(a, 'x'), ask(b, 'x')]).toEqual([1, 1, 2])
  expect([ask(a, 'y'), ask(a, 'z')]).toEqual([3, 4])
  // The first of three had to go.
  expect([ask(a, 'y'), ask(a, 'z'), ask(a, 'x')]).toEqual([3, 4, 5])
})
