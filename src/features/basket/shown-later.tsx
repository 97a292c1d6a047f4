'use client'

import { later } from '../../components/later'

/** Fetched after the screen. */
export const PlantingsTable = later(() =>
  import('./review-tables').then(({ PlantingsTable }) => PlantingsTable),
)
export const CultivarsTable = later(() =>
  import('./review-tables').then(({ CultivarsTable }) => CultivarsTable),
)
