import type { Manner } from '../../../core/facts'
import { sayGrade } from '../../../wording/doses'
import { knownFeeds, type Product } from '../../../core/feeding'

/** The feeds as the choices of a select, the garden's own first. */
export function FeedOptions({ own, manner }: { own: readonly Product[]; manner: Manner }) {
  const known = knownFeeds(own)
  const option = (feed: Product) => (
    <option key={feed.id} value={feed.id}>
      {feed.name} {sayGrade(feed, manner)}
    </option>
  )
  return (
    <>
      {own.length > 0 && <optgroup label="Yours, from their labels">{own.map(option)}</optgroup>}
      <optgroup label="Typical products">{known.slice(own.length).map(option)}</optgroup>
    </>
  )
}
