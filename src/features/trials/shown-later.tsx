'use client'

import { later } from '../../components/later'

/** Fetched with the first results, and with all of them. */
export const Outcome = later(() => import('./outcome').then(({ Outcome }) => Outcome))
export const WeeksChart = later(() => import('./weeks-chart').then(({ WeeksChart }) => WeeksChart))
