import { PartHeading } from '../../components/advice/why'
import { FormError } from '../../components/forms/fields'
import { blendAnalysis, type BlendProduct } from '../../core/feeding'
import type { Row } from './bag'
import { plain } from './numbers'

/** The working, line by line. */
export function Working({
  parts,
  rows,
}: {
  parts: { product: BlendProduct; volume: number }[] | null
  rows: readonly Row[]
}) {
  if (!parts) return <FormError message="One of the bags cannot be read: see its line." />
  const { mass, n, p2o5, k2o } = blendAnalysis(parts)
  return (
    <div>
      <PartHeading>How it is worked out</PartHeading>
      <ul className="text-sm tabular-nums">
        {parts.map(({ product, volume }, index) => {
          const grams = volume * product.bulkDensity
          return (
            <li key={index}>
              {rows[index]!.name || 'Bag'}: {plain(volume, 0)} mL × {product.bulkDensity} g/mL ={' '}
              {plain(grams, 0)} g; N {plain((grams * product.n) / 100)} g, P₂O₅{' '}
              {plain((grams * product.p2o5) / 100)} g, K₂O {plain((grams * product.k2o) / 100)} g
            </li>
          )
        })}
        <li className="mt-1 border-t border-base-300 pt-1 font-semibold">
          In all {plain(mass, 0)} g: N {plain((mass * n) / 100)} g ÷ {plain(mass, 0)} g = {plain(n)} %, P₂O₅{' '}
          {plain(p2o5)} %, K₂O {plain(k2o)} %
        </li>
      </ul>
    </div>
  )
}
