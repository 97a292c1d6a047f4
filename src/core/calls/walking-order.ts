import type { Place } from '../facts'

const middle = ({ x, y, length, width }: Place) => ({ x: x + length / 2, y: y + width / 2 })

/**
 * The places in the order in which one walks them: those that the grower put in order first, then, from where one
 * stands or the garden's south-west corner, always to the nearest one left.
 *
 * @returns their ids; ties by name, so that the order is always the same
 */
export function walkingOrder(places: readonly Place[]): string[] {
  const byName = [...places].sort((a, b) => compare(a.name, b.name) || compare(a.id, b.id))
  const told = byName.filter(({ walk }) => walk !== null).sort((a, b) => a.walk! - b.walk!)
  const left = byName.filter(({ walk }) => walk === null)
  const order = told.map(({ id }) => id)
  const last = told.at(-1)
  let at = last
    ? middle(last)
    : { x: Math.min(...left.map(({ x }) => x)), y: Math.min(...left.map(({ y }) => y)) }
  while (left.length > 0) {
    const away = left.map((place) => Math.hypot(middle(place).x - at.x, middle(place).y - at.y))
    const [next] = left.splice(away.indexOf(Math.min(...away)), 1)
    order.push(next!.id)
    at = middle(next!)
  }
  return order
}

const { compare } = new Intl.Collator('en', { numeric: true })
