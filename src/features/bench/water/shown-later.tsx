'use client'

import { later } from '../../../components/later'

/** What is typed into: fetched after the answer. */
export const DripByHand = later(() => import('./drip-by-hand').then(({ DripByHand }) => DripByHand))
export const WaterButt = later(() => import('./butt').then(({ WaterButt }) => WaterButt))
export const WaterByHand = later(() => import('./by-hand').then(({ WaterByHand }) => WaterByHand))
