'use client'

import { later } from '../../components/later'

/** What stands under the answer: fetched after it is there. */
export const SeenForm = later(() => import('./seen-form').then(({ SeenForm }) => SeenForm))
