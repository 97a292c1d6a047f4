'use server'

import { dayOf } from '../../core/garden-day'
import { loadGarden } from '../../data/garden-state'
import { askedDate } from '../../data/request'
import { commandIndexOf, type CommandIndex } from './command-index'

/** What can be named in the command box on a day; null: there is no garden. */
export async function commandIndex(asked: string | null): Promise<CommandIndex | null> {
  const state = await loadGarden()
  return state && commandIndexOf(dayOf(state, askedDate(state, asked ?? undefined)))
}
