import type { EntryDraft } from '../../core/log'
import { describe, expect, it } from 'vitest'
import type { Actor } from '../../core/facts'
import type { IsoDate } from '../../core/calendar'
import { scratchDatabase } from '../../test/scratch'
import { write } from '../database'
import { demoGarden } from '../demo'
import { exportGarden, insertGardenFile } from '../garden-file'
import { importEntries } from '../log-import'
import { readLogCsv } from '../log-reading'
import { correctEntry, enterEntries, undoAct } from '../log-writing'
import { loadGarden } from '../garden-state'
import { filterOf } from '../../features/logbook/filter'
import { logCsv } from '../../features/logbook/log-csv'
import { logbookView } from '../../features/logbook/queries'
import { setPassphrase } from './lock'
import { addPerson, giveDevice, inviteAgain, invitedBy, join, people, removePerson } from './people'
import { signIn, signedInDevices, visitorOf } from './signed-in'

scratchDatabase()
const WORDS = 'four plain garden words'
const NOW = new Date('2026-06-18T07:00:00Z')
const later = (days: number) => new Date(NOW.getTime() + days * 86_400_000)
const BY = { name: 'Phone', address: '10.0.0.7' }

/** Adds someone who joins at once, and answers the cookie. */
async function joined(name: string, role: Actor['role']): Promise<string> {
  const answer = await join((await addPerson(name, role, NOW))!, BY, NOW)
  if (!('cookie' in answer)) throw new Error(answer.problem)
  return answer.cookie
}

describe('a link to join by', () => {
  it('lets one device in, once, under the name and role it was made for', async () => {
    await setPassphrase(WORDS)
    const code = (await addPerson('Wren', 'helper', NOW))!
    expect(await invitedBy(code, NOW)).toEqual({ name: 'Wren', role: 'helper' })
    const [one, other] = await Promise.all([join(code, BY, NOW), join(code, BY, NOW)])
    const answers = [one, other].map((answer) => ('cookie' in answer ? 'in' : answer.problem))
    expect(answers.sort()).toEqual(['in', 'used'])
    const cookie = [one, other].flatMap((answer) => ('cookie' in answer ? [answer.cookie] : []))[0]
    expect(await visitorOf(cookie, NOW)).toMatchObject({ actor: { name: 'Wren', role: 'helper' } })
    expect(await invitedBy(code, NOW)).toBeNull()
    expect(await people(NOW)).toMatchObject([{ name: 'Wren', invited: false }])
  })

  it('is good for seven days, and closed by a newer one', async () => {
    await setPassphrase(WORDS)
    const first = (await addPerson('Wren', 'helper', NOW))!
    expect(await addPerson('wren', 'keeper', NOW)).toBeNull()
    const { id } = (await people(NOW))[0]!
    const second = (await inviteAgain(id, NOW))!
    expect(await join(first, BY, NOW)).toEqual({ problem: 'used' })
    expect(await join(second, BY, later(8))).toEqual({ problem: 'used' })
    expect((await people(later(8)))[0]).toMatchObject({ invited: false })
    expect(await inviteAgain('nobody', NOW)).toBeNull()
  })

  it('cannot be guessed: wrong ones wait as wrong passphrases do', async () => {
    await setPassphrase(WORDS)
    const code = (await addPerson('Wren', 'helper', NOW))!
    for (let tries = 0; tries < 5; tries++) expect(await join('guess', BY, NOW)).toEqual({ problem: 'used' })
    expect(await join(code, BY, NOW)).toEqual({ problem: 'wait', seconds: 30 })
    expect(await join(code, BY, new Date(NOW.getTime() + 31_000))).toHaveProperty('cookie')
  })

  it('goes with its person, as do the devices, and not the keeper’s own', async () => {
    await setPassphrase(WORDS)
    const cookie = await joined('Wren', 'helper')
    const mine = (await signIn(WORDS, { name: 'Mine', address: '10.0.0.1' }, NOW)) as { cookie: string }
    const { id } = (await people(NOW))[0]!
    const kept = (await visitorOf(mine.cookie, NOW)) as { device: string }
    await giveDevice(kept.device, id)
    expect((await signedInDevices()).map(({ person }) => person)).toEqual(['Wren', 'Wren'])
    await giveDevice(kept.device, null)
    await removePerson(id)
    expect(await visitorOf(cookie, NOW)).toBe('stranger')
    expect(await visitorOf(mine.cookie, NOW)).toMatchObject({ actor: { name: null, role: 'keeper' } })
  })
})

describe('an entry', () => {
  const demo = demoGarden()
  const wren: Actor = { name: 'Wren', role: 'helper' }
  const ash: Actor = { name: 'Ash', role: 'keeper' }
  const note = (id: string): EntryDraft => ({
    id,
    subject: { type: 'place', id: 'demo-bed-1' },
    kind: 'note',
    on: '2026-06-18' as IsoDate,
    data: {},
    note: id,
  })
  const lay = () => write((tx) => insertGardenFile(tx, demo))

  it('bears the name of who entered it, and that goes out and comes in again with it', async () => {
    await lay()
    await enterEntries([note('hers')], false, wren)
    await enterEntries([note('nameless')])
    const state = (await loadGarden())!
    const byId = (id: string) => state.record.entries.find((entry) => entry.id === id)!
    expect(byId('hers').by).toBe('Wren')
    expect(byId('nameless')).not.toHaveProperty('by')
    const found = logbookView(state, filterOf({ by: 'Wren' }, state), 1)
    expect(found.lines.map(({ id, by }) => [id, by])).toEqual([['hers', 'Wren']])
    expect(found.people).toEqual(['Wren'])
    const csv = logCsv(state, null)
    expect(await importEntries(readLogCsv(csv), false)).toEqual({
      ok: true,
      taken: 0,
      known: state.record.entries.length,
    })
    expect((await exportGarden(state.garden.id))!.log.find(({ id }) => id === 'hers')!.by).toBe('Wren')
    // No hand signs for another.
    const forged = { ...note('forged'), by: 'Ash' } as EntryDraft
    expect(await enterEntries([forged], false, wren)).toMatchObject({ ok: false })
  })

  it('of another is not a helper’s to undo or correct; a keeper’s it is', async () => {
    await lay()
    await enterEntries([note('his')], false, ash)
    await enterEntries([note('hers')], false, wren)
    for (const alone of [true, false])
      expect(await undoAct({ id: `u${alone}`, entry: 'his', alone }, wren)).toMatchObject({ ok: false })
    expect(await correctEntry('his', note('c'), 'v', false, wren)).toMatchObject({ ok: false })
    expect(await correctEntry('hers', { ...note('d'), note: 'better' }, 'w', false, wren)).toMatchObject({
      ok: true,
    })
    expect(await undoAct({ id: 'u1', entry: 'd' }, ash)).toMatchObject({ ok: true })
    expect(await undoAct({ id: 'u2', entry: 'his' }, ash)).toMatchObject({ ok: true })
  })

  it('that someone undoes without naming it is the last of that name; without a name the last of all', async () => {
    await lay()
    for (const [id, actor] of [
      ['first', wren],
      ['second', ash],
    ] as const)
      await enterEntries([note(id)], false, actor)
    await undoAct({ id: 'u' }, wren)
    const voids = async (id: string) =>
      (await loadGarden())!.record.entries.find((entry) => entry.id === id)!.voids
    expect(await voids('u')).toBe('first')
    await enterEntries([note('third')], false, wren)
    await undoAct({ id: 'v' })
    expect(await voids('v')).toBe('third')
    expect(await undoAct({ id: 'x' }, wren)).toMatchObject({
      ok: false,
      message: 'There is nothing to undo.',
    })
  })
})
