import { mixed, object, string, type AnyObjectSchema } from 'yup'
import {
  HAS_LENGTH,
  IS_DRIVEN,
  POST_MATERIALS,
  SUPPLY_KINDS,
  SUPPLY_UNIT,
  type Manner,
  type Supply,
  type SupplyKind,
} from '../../core/facts'
import { choiceField, decimalField, orNothing, quantityField, wholeField } from '../../wording/fields'
import { sayLength, sayMeasure } from '../../wording/say'
import { sayThickness } from '../../wording/supplies'

/** A line of the shed as it is typed. */
export type SupplyValues = Record<
  'kind' | 'name' | 'quantity' | 'length' | 'across' | 'material' | 'pack' | 'price',
  string
>

/** What is typed of a line, by what its kind is counted in and whether its pieces have a length. */
export function supplySchema(manner: Manner, { kind }: Pick<SupplyValues, 'kind'>): AnyObjectSchema {
  const known = SUPPLY_KINDS.find((one) => one === kind) ?? 'stake'
  return object({
    kind: choiceField(SUPPLY_KINDS, 'what it is'),
    name: string()
      .trim()
      .default('')
      .max(80, 'At most 80 characters, please.')
      .matches(/^[^\p{Cc}]*$/u, 'On one line, please.'),
    quantity: amountField(known, manner, 0),
    length: HAS_LENGTH.includes(known)
      ? quantityField('length', manner, { low: 0.1, high: 12 })
      : known === 'cage'
        ? orNothing(quantityField('length', manner, { low: 0.1, high: 4 }))
        : nothing(),
    across: IS_DRIVEN.includes(known)
      ? orNothing(
          quantityField('length', manner, {
            low: 0.004,
            high: 0.3,
            bareUnit: manner.units === 'us' ? 'in' : 'mm',
          }),
        )
      : known === 'cage'
        ? orNothing(quantityField('length', manner, { low: 0.1, high: 3 }))
        : nothing(),
    material: IS_DRIVEN.includes(known)
      ? string()
          .nullable()
          .default(null)
          .transform((typed: unknown) => (typed === '' ? null : typed))
          .oneOf([...POST_MATERIALS, null], 'Choose what they are made of from the list.')
      : nothing(),
    pack: amountField(known, manner, 1),
    price: orNothing(decimalField(0, 100_000)),
  })
}

/** Whatever is typed counts as nothing. */
const nothing = () =>
  mixed()
    .nullable()
    .transform(() => null)

function amountField(kind: SupplyKind, manner: Manner, least: number) {
  switch (SUPPLY_UNIT[kind]) {
    case 'pieces':
      return wholeField(least, 100_000, 'how many')
    case 'metres':
      return quantityField('length', manner, { low: least === 0 ? 0 : 0.1, high: 100_000 })
    case 'litres':
      return quantityField('volume', manner, { low: least === 0 ? 0 : 0.01, high: 1_000_000 })
  }
}

const amountText = (kind: SupplyKind, quantity: number, manner: Manner) =>
  SUPPLY_UNIT[kind] === 'pieces'
    ? String(quantity)
    : (SUPPLY_UNIT[kind] === 'metres'
        ? sayLength(quantity, manner)
        : sayMeasure({ kind: 'volume', value: quantity }, manner)
      ).replaceAll('\u00a0', ' ')

/** A line as its form starts. */
export const typedSupply = (
  { kind, name, quantity, length, across, material, pack, price }: Supply,
  manner: Manner,
): SupplyValues => ({
  kind,
  name,
  quantity: amountText(kind, quantity, manner),
  length: length === null ? '' : sayLength(length, manner).replaceAll('\u00a0', ' '),
  across:
    across === null
      ? ''
      : (kind === 'cage' ? sayLength(across, manner) : sayThickness(across, manner)).replaceAll(
          '\u00a0',
          ' ',
        ),
  material: material ?? '',
  pack: amountText(kind, pack, manner),
  price: price === null ? '' : String(price),
})
