'use client'

import { later } from '../../../components/later'

/** What is typed into: fetched after the answer. */
export const FeedByHand = later(() => import('./by-hand').then(({ FeedByHand }) => FeedByHand))
export const FeedForm = later(() => import('./form').then(({ FeedForm }) => FeedForm))
export const PlantDose = later(() => import('./plant-dose').then(({ PlantDose }) => PlantDose))
export const SoilTestForm = later(() => import('./soil-test-form').then(({ SoilTestForm }) => SoilTestForm))
