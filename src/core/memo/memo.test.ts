import { expect, it } from 'vitest'
import { markOf, remembered } from '.'

it('works a value out once for an object and its name, and keeps what is asked for', () => {
  const [a, b] = [{}, {}]
  let worked = 0
  const ask = (of: object, what: string) => remembered(of, what, () => ++worked, 2)
  expect([ask(a, 'x'), ask(a, 'x'), ask(b, 'x')]).toEqual([1, 1, 2])
  expect([ask(a, 'y'), ask(a, 'x')]).toEqual([3, 1])
  // So many others come in between that what was not asked for meanwhile has gone, and what was is there.
  for (const other of ['p', 'q', 'r', 's']) {
    ask(a, other)
    expect(ask(a, 'x')).toBe(1)
  }
  expect(ask(a, 'y')).toBe(8)
})

it('remembers that there is nothing', () => {
  const of = {}
  let asked = 0
  const ask = () => remembered(of, 'nothing', () => (asked++, undefined))
  expect([ask(), ask(), asked]).toEqual([undefined, undefined, 1])
})

it('marks an object with what no other has', () => {
  const [a, b] = [{}, {}]
  expect(markOf(a)).toBe(markOf(a))
  expect(markOf(a)).not.toBe(markOf(b))
})

it('keeps each value by its own limit, whatever else is remembered of the object before', () => {
  const of = {}
  let worked = 0
  expect(remembered(of, 'lasting', () => ++worked)).toBe(1)
  const ask = (what: string) => remembered(of, what, () => ++worked, 1)
  expect([ask('p'), ask('q'), ask('r')]).toEqual([2, 3, 4])
  expect(ask('p')).toBe(5)
  expect(remembered(of, 'lasting', () => ++worked)).toBe(1)
})
