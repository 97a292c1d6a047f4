'use client'

import { later } from '../../components/later'

/** What is typed into, and the parts under the answer of planting day: fetched after the screen. */
export const BeforePlanting = later(() =>
  import('./before-planting').then(({ BeforePlanting }) => BeforePlanting),
)
export const InTheHole = later(() => import('./in-the-hole').then(({ InTheHole }) => InTheHole))
export const MeasureFields = later(() =>
  import('./measure-fields').then(({ MeasureFields }) => MeasureFields),
)
export const NewPlantingForm = later(() =>
  import('./new-planting-form').then(({ NewPlantingForm }) => NewPlantingForm),
)
