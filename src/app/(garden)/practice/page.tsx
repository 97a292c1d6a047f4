import type { Metadata } from 'next'
import { currentState } from '../../../data/request'
import { PracticeScreen } from '../../../features/practice/practice-screen'
import { practiceView } from '../../../features/practice/queries'

export const metadata: Metadata = { title: 'Practice: learn to prune' }

export default async function PracticePage() {
  const state = await currentState()
  return state && <PracticeScreen view={practiceView(state)} />
}
