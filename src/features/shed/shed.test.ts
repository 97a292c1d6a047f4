import { dayOf } from '../../core/garden-day'
import { describe, expect, it } from 'vitest'
import { isoDate } from '../../core/calendar'
import { SUPPLY_KINDS, type Supply } from '../../core/facts'
import { demoState } from '../../data/demo/demo-state'
import { buyingCsv } from './buying-csv'
import { shedView } from './queries'
import { supplySchema, typedSupply } from './schema'

const today = isoDate('2026-06-18')
const metric = { units: 'metric', decimals: 'point', dates: 'day-first' } as const
const us = { ...metric, units: 'us' } as const

describe('the shed', () => {
  it('counts what every planting takes, and says for whom', () => {
    const { lines } = shedView(dayOf(demoState(), today))
    const labels = lines.find(({ kind }) => kind === 'label')!
    expect(labels.needed).toBe(labels.for.reduce((sum, { quantity }) => sum + quantity, 0))
    expect(labels.for.map(({ title }) => title)).toContain('Ditch Wren, Bed 4')
    for (const { needed, owned, short } of lines) expect(owned + short).toBeCloseTo(needed, 6)
  })
  it('needs nothing where nothing is planted', () => {
    const view = shedView(dayOf(demoState({ empty: true }), today))
    expect(view.lines).toEqual([])
    expect(
      buyingCsv(demoState({ empty: true }))
        .trim()
        .split('\r\n'),
    ).toHaveLength(1)
  })
  it('takes the weave and the feeding that the house has chosen', () => {
    const houseSchools = { weave: 'continuous', feeding: 'nutrient-solution' }
    const quantity = (state: ReturnType<typeof demoState>, kind: string) =>
      shedView(dayOf(state, today)).lines.find((line) => line.kind === kind)?.needed ?? 0
    const house = demoState({ garden: { houseSchools } })
    expect(quantity(house, 'twine')).toBeLessThan(quantity(demoState(), 'twine'))
    expect(quantity(house, 'meal')).toBe(0)
    expect(quantity(demoState(), 'meal')).toBeGreaterThan(0)
  })
})

describe('a line as it is typed', () => {
  const lines: Supply[] = SUPPLY_KINDS.map((kind, index) => ({
    id: kind,
    kind,
    name: index % 2 === 0 ? '' : 'Old ones',
    quantity: 12,
    length: ['stake', 'post', 'rod', 'cage'].includes(kind) ? 2.4 : null,
    across: kind === 'cage' ? 0.5 : kind === 'post' ? 0.0635 : null,
    material: kind === 'post' ? ('softwood' as const) : null,
    pack: 3,
    price: index % 2 === 0 ? null : 4.5,
  }))
  it('is read again as it was, in either unit', async () => {
    for (const manner of [metric, us])
      for (const { id: _, ...line } of lines) {
        const typed = typedSupply({ id: 'x', ...line }, manner)
        const read = (await supplySchema(manner, typed).validate(typed)) as typeof line
        expect(read).toMatchObject({ kind: line.kind, name: line.name, price: line.price })
        expect(typedSupply({ id: 'x', ...read }, manner)).toEqual(typed)
      }
  })
  it('is refused beside each field that is wrong', async () => {
    const faults = async (change: object) => {
      const typed = { ...typedSupply(lines[0]!, metric), ...change }
      return supplySchema(metric, typed)
        .validate(typed, { abortEarly: false })
        .then(
          () => [],
          (error: { inner: { path: string }[] }) => error.inner.map(({ path }) => path),
        )
    }
    expect(await faults({})).toEqual([])
    expect(await faults({ quantity: '-3' })).toEqual(['quantity'])
    expect(await faults({ quantity: '1.5' })).toEqual(['quantity'])
    expect(await faults({ length: 'tall' })).toEqual(['length'])
    expect(await faults({ length: '0' })).toEqual(['length'])
    expect(await faults({ pack: '0' })).toEqual(['pack'])
    expect(await faults({ price: 'dear' })).toEqual(['price'])
    expect(await faults({ price: '-1' })).toEqual(['price'])
    expect(await faults({ kind: 'rocket' })).toContain('kind')
    expect(await faults({ name: 'x'.repeat(10_000) })).toEqual(['name'])
    expect(await faults({ kind: 'twine', length: 'tall', quantity: '30 m', pack: '100 m' })).toEqual([])
    expect(await faults({ kind: 'mix', quantity: '3 kg', pack: '40 L' })).toEqual(['quantity'])
  })
})
