'use server'

import { revalidatePath } from 'next/cache'
import type { Result } from '../../core/result'
import { beginAnew, goBackTo, lookThrough } from '../../data/rescue'
import { DatabaseProblem } from '../../data/problem'
import { PROBLEM_WORDS } from '../../wording/database-problems'

type Answer = Result<{ said: string }>

/** Puts a copy in the garden's place, after what is there was kept. */
export async function takeCopy(name: string): Promise<Answer> {
  return told(async () => {
    const answer = await goBackTo(String(name))
    if (answer === 'no-such-copy') return { ok: false, message: 'That copy is gone. Load this page again.' }
    if (answer === 'damaged-copy')
      return { ok: false, message: 'That copy is damaged too. Nothing was changed. Choose another one.' }
    return { ok: true, said: 'The copy is in place. What was there before is kept beside it.' }
  })
}

/** Looks every page and text of the garden's file through. */
export async function checkFile(): Promise<Answer> {
  return told(async () => {
    const fault = await lookThrough()
    return fault === null
      ? { ok: true, said: 'The file is fine: Prairie read every page and every entry.' }
      : { ok: false, message: `The file is damaged: ${fault}. Go back to a copy.` }
  })
}

/** Begins with an empty database; what lies in its place is put aside. */
export async function beginEmpty(): Promise<Answer> {
  return told(async () => {
    await beginAnew()
    return { ok: true, said: 'A new, empty file is in place. What was there is kept beside it.' }
  })
}

async function told(work: () => Promise<Answer>): Promise<Answer> {
  try {
    const answer = await work()
    if (answer.ok) revalidatePath('/', 'layout')
    return answer
  } catch (error) {
    const problem = DatabaseProblem.within(error)
    if (!problem) throw error
    const { what, next } = PROBLEM_WORDS[problem.kind]
    return { ok: false, message: `${what} ${next}` }
  }
}
