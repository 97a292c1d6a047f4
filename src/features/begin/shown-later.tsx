'use client'

import { later } from '../../components/later'

/** Parts of the first screen that only some ever see: fetched after it. */
export const LookPanel = later(() => import('./look-panel').then(({ LookPanel }) => LookPanel))
export const ExamplePart = later(() => import('./example-part').then(({ ExamplePart }) => ExamplePart))
export const TakeGarden = later(() =>
  import('../../components/garden-file/take-garden').then(({ TakeGarden }) => TakeGarden),
)
