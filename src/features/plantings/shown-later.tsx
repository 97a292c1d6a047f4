'use client'

import { later } from '../../components/later'

/** Parts under the answer of planting day: fetched after it is there. */
export const BeforePlanting = later(() =>
  import('./before-planting').then(({ BeforePlanting }) => BeforePlanting),
)
export const InTheHole = later(() => import('./in-the-hole').then(({ InTheHole }) => InTheHole))
