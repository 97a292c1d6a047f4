'use client'

import dynamic from 'next/dynamic'

/** Parts under the answer of planting day: fetched after it is there. */
export const BeforePlanting = dynamic(() =>
  import('./before-planting').then(({ BeforePlanting }) => BeforePlanting),
)
export const InTheHole = dynamic(() => import('./in-the-hole').then(({ InTheHole }) => InTheHole))
