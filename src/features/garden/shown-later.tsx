'use client'

import { later } from '../../components/later'

/** The forms of the garden's own facts: fetched after the screen. */
export const SiteForm = later(() => import('./site/site-form').then(({ SiteForm }) => SiteForm))
export const NormalsForm = later(() => import('./site/normals-form').then(({ NormalsForm }) => NormalsForm))
export const DayForm = later(() => import('./weather/day-form').then(({ DayForm }) => DayForm))
