import { knownFeeds, type Product } from '../../../core/feeding'

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
      {own.length > 0 && <optgroup label="Yours, from their labels">{own.map(option)}</optgroup>}
      <optgroup label="Typical products">{known.slice(own.length).map(option)}</optgroup>
    </>
  )
}
