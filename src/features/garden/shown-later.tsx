'use client'

import { later } from '../../components/later'

/** Fetched after the screen. */
export const NormalsForm = later(() => import('./site/normals-form').then(({ NormalsForm }) => NormalsForm))
