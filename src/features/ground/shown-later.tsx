'use client'

import dynamic from 'next/dynamic'

/** Parts of a screen that only some places have, or that wait until something is chosen: fetched when shown. */
export const PieceForm = dynamic(() => import('./piece-form').then(({ PieceForm }) => PieceForm))
export const PotPanel = dynamic(() => import('./pot-panel').then(({ PotPanel }) => PotPanel))
export const RowEditor = dynamic(() => import('./row-editor').then(({ RowEditor }) => RowEditor))
