import { splitPicking, type FruitFault } from '../../core/harvest'
import type { NewEntry } from '../../components/act/act-drafts'
import type { BasketPlanting } from './queries'

export interface Weighed {
  mass: number
  count: number | null
  faults?: Partial<Record<FruitFault, number>>
  /** The one plant that it is of. */
  plant?: string
}

/** What a weighing can be of: one planting, or all of a cultivar or place together. */
export interface Weighable {
  id: string
  title: string
  parts: { id: string; plants: number }[]
  /** The plants of a single planting, to name one of them. */
  stems: BasketPlanting['stems']
}

/** Every planting, then the cultivars and places that have several. */
export function weighables(plantings: readonly BasketPlanting[]): Weighable[] {
  const together = (kind: 'name' | 'place', title: (name: string) => string): Weighable[] =>
    [...new Set(plantings.map((one) => one[kind]))].flatMap((name) => {
      const own = plantings.filter((one) => one[kind] === name)
      return own.length > 1
        ? [{ id: `${kind}:${name}`, title: title(name), parts: own.map(partOf), stems: [] }]
        : []
    })
  return [
    ...plantings.map((one) => ({
      id: one.id,
      title: `${one.place}, ${one.name}`,
      parts: [partOf(one)],
      stems: one.stems,
    })),
    ...together('name', (name) => `${name}, in every place`),
    ...together('place', (name) => `${name}, all of it`),
  ]
}
const partOf = ({ id, plants }: BasketPlanting) => ({ id, plants })

/** The entries of a weighing: of several plantings, to each by its plants. */
export function weighingEntries({ parts }: Weighable, { plant, ...weighed }: Weighed): NewEntry[] {
  const shares = splitPicking(
    weighed,
    parts.map(({ plants }) => plants),
  )
  return parts.map(({ id }, index) => ({
    subject: { type: 'planting', id },
    kind: 'picked',
    data: { ...shares[index]!, ...(plant === undefined ? {} : { plant }) },
  }))
}
