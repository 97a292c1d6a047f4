'use client'

import { later } from '../../components/later'

/** Parts of a screen that only some places have, or that wait until something is chosen: fetched when shown. */
export const PieceForm = later(() => import('./plan/piece-form').then(({ PieceForm }) => PieceForm))
export const CopiesForm = later(() => import('./plan/copies-form').then(({ CopiesForm }) => CopiesForm))
export const PotPanel = later(() => import('./pots/pot-panel').then(({ PotPanel }) => PotPanel))
export const RowEditor = later(() => import('./row/editor').then(({ RowEditor }) => RowEditor))
export const GroundList = later(() => import('./plan/list').then(({ GroundList }) => GroundList))
export const PlantTable = later(() => import('./place/plant-table').then(({ PlantTable }) => PlantTable))
