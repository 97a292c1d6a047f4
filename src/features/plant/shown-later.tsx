'use client'

import dynamic from 'next/dynamic'

/** What stands under the answer: fetched after it is there. */
export const SeenForm = dynamic(() => import('./seen-form').then(({ SeenForm }) => SeenForm))
