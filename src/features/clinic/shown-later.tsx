'use client'

import { later } from '../../components/later'

/** What follows from signs, and what is done about a cause: fetched after the screen. */
export const Findings = later(() => import('./findings').then(({ Findings }) => Findings))
export const CauseAdvice = later(() => import('./cause-advice').then(({ CauseAdvice }) => CauseAdvice))
