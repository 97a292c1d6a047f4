'use client'

import { later } from '../../components/later'

/** What comes next from signs, and what is done about a cause: fetched after the screen. */
export const Findings = later(() => import('./findings').then(({ Findings }) => Findings))
export const CauseAdvice = later(() => import('./cause-advice').then(({ CauseAdvice }) => CauseAdvice))
/** The drawings are as many as there are signs: where they only go with words, those come first. */
export const SignDrawing = later(() =>
  import('../../components/drawing/signs/sign-drawing').then(({ SignDrawing }) => SignDrawing),
)
export const LookAlikes = later(() => import('./diagnosis').then(({ LookAlikes }) => LookAlikes))
