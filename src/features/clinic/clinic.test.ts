import { dayOf } from '../../core/garden-day'
import { describe, expect, it } from 'vitest'
import { isoDate, type IsoDate } from '../../core/calendar'
import type { LogEntry } from '../../core/log'
import { diagnose, lookAlikesOf } from '../../core/health'
import { demoState, potEntry } from '../../data/demo/demo-state'
import { casesView } from './case-queries'
import { clinicView } from './queries'
import { watchView } from './watch-queries'

const today = isoDate('2026-06-18')
const of = (id: string, kind: LogEntry['kind'], on: string, data: object, subject: LogEntry['subject']) =>
  potEntry(id, kind, on as IsoDate, { data, subject } as Partial<LogEntry>)
const planting = (id: string): LogEntry['subject'] => ({ type: 'planting', id: `demo-2026-${id}` })

describe('what looks wrong', () => {
  it('is asked of a planting or one of its plants, with what is known of it', () => {
    const view = clinicView(dayOf(demoState(), today), { of: 'demo-2026-pot-7-1' })
    expect(view.chosen).toMatchObject({ place: 'Pot 7', name: 'Ditch Wren', crop: 'tomato' })
    expect(view.context).toMatchObject({ inPot: true, bush: true, underCover: false })
    expect(view.context.weather).not.toBeNull()
    const plant = clinicView(dayOf(demoState(), today), { of: 'demo-2026-bed-2-1-7' })
    expect(plant).toMatchObject({ plant: 'demo-2026-bed-2-1-7', chosen: { place: 'Bed 2' } })
  })
  it('is told by the pot’s own log: a pot watered in floods rots at the fruit’s end', () => {
    const rot = (id: string) =>
      diagnose(
        { signs: ['bottom-patch'], absent: [] },
        clinicView(dayOf(demoState(), today), { of: id }).context,
      ).answer.ranked[0]!
    expect(rot('demo-2026-pot-7-1').cause).toBe('blossom-end-rot')
  })
  it('is told of a crop alone where nothing grows', () => {
    const view = clinicView(dayOf(demoState({ empty: true }), today), { crop: 'pepper' })
    expect(view).toMatchObject({ chosen: null, spots: [], context: { crop: 'pepper', inPot: null } })
  })
})

describe('the cases', () => {
  it('stand open or closed, by judgement or by their signs', () => {
    const { open, closed } = casesView(dayOf(demoState(), today))
    expect(open.map(({ title, by }) => [title, by.replace(/\d+ %/, '… %')])).toEqual([
      ['Flea beetles', 'by its symptoms, … %'],
      ['Blossom-end rot', 'as you judged'],
    ])
    expect(open[1]).toMatchObject({ where: 'Pot 7, Ditch Wren', since: '12 June', days: 4 })
    expect(closed.map(({ title }) => title)).toEqual(['Early blight'])
  })
  it('are followed, closed, and opened again when they come back', () => {
    const pot = planting('pot-7-1')
    const follow = of('f', 'followed', '2026-06-18', { case: 'demo-case-2', course: 'better' }, pot)
    expect(
      casesView(dayOf(demoState({ entries: [follow] }), today)).open.find(
        ({ title }) => title === 'Blossom-end rot',
      ),
    ).toMatchObject({ days: 0 })
    const close = of('g', 'closed', '2026-06-18', { case: 'demo-case-2', outcome: 'gone' }, pot)
    expect(casesView(dayOf(demoState({ entries: [close] }), today)).open).toHaveLength(1)
    const back = {
      ...of('h', 'followed', '2026-06-18', { case: 'demo-case-2', course: 'worse' }, pot),
      at: '2026-06-18T20:00:00.000Z',
    }
    expect(casesView(dayOf(demoState({ entries: [close, back as LogEntry] }), today)).open).toHaveLength(2)
  })
  it('of a plant and of a place say where', () => {
    const state = demoState({
      entries: [
        of('p', 'noticed', '2026-06-18', { signs: ['mosaic'] }, { type: 'plant', id: 'demo-2026-bed-2-1-7' }),
        of('q', 'noticed', '2026-06-18', { signs: ['slime-trails'] }, { type: 'place', id: 'demo-bed-5' }),
      ],
    })
    const places = casesView(dayOf(state, today)).open.map(({ where }) => where)
    expect(places).toContain('Bed 2, Old Harrow, plant 7')
    expect(places).toContain('Bed 5, Dusk Plum')
  })
})

describe('looking over', () => {
  const view = watchView(dayOf(demoState(), today))
  it('names what weather, place and log make likelier, with where and why', () => {
    expect(view.watches.length).toBeGreaterThan(3)
    for (const { where, why } of view.watches) {
      expect(where.length).toBeGreaterThan(0)
      expect(why.length).toBeGreaterThan(0)
    }
    const lush = view.watches.find(({ cause, crop }) => cause === 'nitrogen-excess' && crop === 'tomato')
    expect(lush?.where).toContain('Bed 5')
  })
  it('has a rhythm by how wet leaves press, and is due when it has passed', () => {
    expect(view.round).toMatchObject({ every: 10, last: '13 June', next: '23 June', isDue: false })
    expect(watchView(dayOf(demoState(), isoDate('2026-06-23'))).round).toMatchObject({ isDue: true })
  })
  it('scores blight since setting out, or since the leaves were cleared', () => {
    expect(view.blight).toMatchObject({ because: 'set-out', since: '22 April' })
    const cleared = of(
      'c',
      'tended',
      '2026-06-10',
      { works: ['clean-up'] },
      { type: 'garden', id: 'demo-windrow-lane' },
    )
    const after = watchView(dayOf(demoState({ entries: [cleared] }), today)).blight!
    expect(after).toMatchObject({ because: 'clean-up', since: '10 June' })
    expect(after.sum).toBeLessThanOrEqual(view.blight!.sum)
    expect(watchView(dayOf(demoState({ empty: true }), today))).toMatchObject({
      blight: null,
      round: null,
      watches: [],
    })
  })
})

it('look-alikes are of the same crop', () => {
  expect(lookAlikesOf('blossom-end-rot', 'pepper')).not.toContain('yellow-shoulder')
})
