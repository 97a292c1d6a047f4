'use client'

import { later } from '../../components/later'

/** What is typed into, and the parts under the answer of planting day: fetched after the screen. */
export const BeforePlanting = later(() =>
  import('./planting-day/before-planting').then(({ BeforePlanting }) => BeforePlanting),
)
export const InTheHole = later(() => import('./planting-day/in-the-hole').then(({ InTheHole }) => InTheHole))
export const MeasureFields = later(() =>
  import('./planting-day/measure-fields').then(({ MeasureFields }) => MeasureFields),
)
export const Fit = later(() => import('./new-planting/fit').then(({ Fit }) => Fit))
