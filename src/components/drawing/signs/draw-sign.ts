import type { ReactNode } from 'react'
import type { Crop } from '../../../core/crop'

/** A sign drawn on a picture of 120 by 90. */
export type DrawSign = (crop: Crop) => ReactNode
