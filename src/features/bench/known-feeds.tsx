import { COMMON_PRODUCTS, type Product } from '../../core/feeding'

/** The garden's own feeds, then what is commonly sold and has no namesake among them. */
export function knownFeeds(own: readonly Product[]): Product[] {
  const names = new Set(own.map(({ name }) => name))
  return [...own, ...COMMON_PRODUCTS.filter(({ name }) => !names.has(name))]
}

/** The feeds as the choices of a select, the garden's own first. */
export function FeedOptions({ own }: { own: readonly Product[] }) {
  const known = knownFeeds(own)
  const option = ({ id, name, n, p2o5, k2o }: Product) => (
    <option key={id} value={id}>
      {name} {n}–{p2o5}–{k2o}
    </option>
  )
  return (
    <>
      {own.length > 0 && <optgroup label="Yours, by their labels">{own.map(option)}</optgroup>}
      <optgroup label="As commonly sold">{known.slice(own.length).map(option)}</optgroup>
    </>
  )
}
