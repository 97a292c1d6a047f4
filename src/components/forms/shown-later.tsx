'use client'

import { later } from '../later'

/** Fetched after the screen. */
export const SoilReadingForm = later(() =>
  import('./soil-reading-form').then(({ SoilReadingForm }) => SoilReadingForm),
)
