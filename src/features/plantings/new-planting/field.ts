import type { Path } from 'react-hook-form'
import type { FieldOfForm } from '../../../components/forms/use-fields'
import type { PlantingValues } from './values'

/** A field of the form as its control is given it. */
export type FieldOf = (name: Path<PlantingValues>) => FieldOfForm & { error?: string }
