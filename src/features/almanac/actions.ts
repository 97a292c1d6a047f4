'use server'

import { HOUSE_DECISIONS, type HouseDecision } from '../../core/garden-day'
import { revalidatePath } from 'next/cache'
import { chooseSchool } from '../../data/house-schools'

/** Makes a way the house's own; the words are what is wrong. */
export async function choose(decision: string, school: string): Promise<string | null> {
  const ways = Object.hasOwn(HOUSE_DECISIONS, decision) ? HOUSE_DECISIONS[decision as HouseDecision] : null
  if (!ways || !(ways as readonly string[]).includes(school))
    return 'There is no such way. Load the screen again.'
  if (!(await chooseSchool(decision as HouseDecision, school)))
    return 'There is no garden yet: make one first.'
  revalidatePath('/', 'layout')
  return null
}
