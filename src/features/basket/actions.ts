'use server'

import { revalidatePath } from 'next/cache'
import { archiveSeason, reopenSeason, type ArchiveAnswer } from '../../data/archive'

const PROBLEMS: Record<Exclude<ArchiveAnswer, 'archived'>, string> = {
  'no-garden': 'There is no garden yet.',
  'not-over': 'This season is not over yet: its log stays open. Nothing was changed.',
  'nothing-there': 'Nothing was planted in that season. Nothing was changed.',
  'archived-before': 'This season is put away already.',
}

/** Puts a season away; null: it is done, else why not. */
export async function putAway(season: number): Promise<string | null> {
  const answer = await archiveSeason(Number(season))
  revalidatePath('/', 'layout')
  return answer === 'archived' ? null : PROBLEMS[answer]
}

/** Opens a season's log again; null: it is done, else why not. */
export async function openAgain(season: number): Promise<string | null> {
  const opened = await reopenSeason(Number(season))
  revalidatePath('/', 'layout')
  return opened ? null : PROBLEMS['no-garden']
}
