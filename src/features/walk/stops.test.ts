import { describe, expect, it } from 'vitest'
import { addDays, isoDate, type IsoDate } from '../../core/calendar'
import type { Call } from '../../core/calls'
import { dayOf } from '../../core/garden-day'
import { parseQuantity } from '../../core/quantity'
import { entrySchema } from '../../data/records/entry-schema'
import { demoState } from '../../data/demo/demo-state'
import { southGarden } from '../../test/south-garden'
import { stopOf } from './stops'
import type { Act, ActField } from './types'

const KIND_OF_UNIT = {
  length: 'length',
  temperature: 'temperature',
  mass: 'mass',
  grams: 'mass',
  volume: 'volume',
} as const

/** Every call of a garden over a year, the first of each kind, as a stop with the day that it is of. */
function firstStops(state: Parameters<typeof dayOf>[0], from: IsoDate) {
  const stops = new Map<Call['kind'], { call: Call; day: ReturnType<typeof dayOf> }>()
  for (let ahead = 0; ahead < 240; ahead += 4) {
    const day = dayOf(state, addDays(from, ahead))
    for (const call of day.calls) if (!stops.has(call.kind)) stops.set(call.kind, { call, day })
  }
  return stops
}

const south = southGarden().garden.state(20)
const demo = demoState()
const GARDENS = [
  ['the demo garden, metric', firstStops(demo, isoDate('2026-03-01')), demo.garden],
  ['a southern garden in US units with a comma', firstStops(south, isoDate('2026-08-20')), south.garden],
] as const

describe.each(GARDENS)('a stop of %s', (_, stops, { units }) => {
  it('is there for the kinds of a whole season', () => {
    expect(stops.size).toBeGreaterThan(7)
    expect([...stops.keys()]).toEqual(expect.arrayContaining(['water', 'tend', 'pick', 'scout']))
  })
  it.each([...stops])('%s says its act, a picture, and why, in whole sentences', (_kind, { call, day }) => {
    const stop = stopOf(call, day)
    const said = [
      stop.title,
      stop.deciding,
      stop.when,
      stop.window,
      stop.doneLabel,
      stop.place,
      stop.cultivar,
    ]
    for (const text of said) expect(text).toMatch(/\S/)
    expect(said.join(' ')).not.toMatch(/undefined|NaN|null|[{}]/)
    expect(stop.reasons.some(({ text }) => text === stop.deciding)).toBe(true)
    for (const caution of stop.cautions) expect(caution).toBeTruthy()
    if (stop.picture.type === 'plan')
      expect(stop.picture.plants.every(({ width, grown }) => width <= grown + 1e-9)).toBe(true)
  })
  it.each([...stops])('%s enters what the log takes', (_kind, { call, day }) => {
    const { act, entrySubject } = stopOf(call, day)
    if (act.type !== 'enter' && act.type !== 'ask') {
      if (act.type === 'open') expect(act.href).toMatch(/^\/(plantings|clinic)/)
      else expect(act.works.length + act.alike.length).toBeGreaterThan(0)
      return
    }
    const entry = {
      id: 'e',
      subject: entrySubject,
      kind: act.kind,
      on: day.on,
      at: `${day.on}T08:00:00.000Z`,
      data: asTyped(act),
      note: '',
      voids: null,
    }
    expect(() => entrySchema.validateSync(entry, { strict: true })).not.toThrow()
  })
  it.each([...stops])(
    '%s begins its fields with what is advised, as one would type it',
    (_kind, { call, day }) => {
      const { act } = stopOf(call, day)
      if (act.type === 'open' || act.type === 'tend') return
      for (const field of act.fields) {
        if (field.initial === '') {
          // Only the grower knows it.
          expect(act.type).toBe('ask')
          continue
        }
        const read = valueOf(field)
        expect(read, `${field.name}: ${field.initial}`).not.toBeNaN()
        const advised = (act.data as Record<string, number>)[field.name]!
        // It is written to three digits.
        expect(Math.abs(read - advised)).toBeLessThanOrEqual(Math.abs(advised) * 0.02 + 1e-9)
      }
    },
  )

  /** What a field holds, in the log's units; NaN: nobody could read it. */
  function valueOf({ unit, initial }: ActField): number {
    if (unit === 'whole' || unit === 'hours') return Number(initial)
    const read = parseQuantity(initial, KIND_OF_UNIT[unit], units, '')
    return 'error' in read ? NaN : unit === 'grams' ? read.value * 1000 : read.value
  }
  /** The entry's data where everything is as advised; what only the grower knows is one. */
  function asTyped(act: Extract<Act, { type: 'enter' | 'ask' }>): object {
    const told = Object.fromEntries(
      act.fields.flatMap(({ name, initial, optional }) => (initial === '' && !optional ? [[name, 1]] : [])),
    )
    return { ...act.data, ...told }
  }
})
