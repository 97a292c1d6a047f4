import { useState, type ChangeEvent } from 'react'
import type { UseFormReturn } from 'react-hook-form'
import { trainingsFor, type Training } from '../../../core/crop'
import type { Support } from '../../../core/facts'
import { supportFor, trainingFor } from '../../../core/support'
import type { PlantingValues } from './values'

interface Field {
  onChange: (event: ChangeEvent<HTMLSelectElement>) => unknown
}

/** What decides which styles suit a plant. */
export type Followed = Parameters<typeof trainingsFor>[0]

/** Pruning style and support follow the plant and each other, until they were chosen apart. */
export function useFollowing<F extends Field>(
  form: UseFormReturn<PlantingValues>,
  field: (name: 'training' | 'support') => F,
  trainings: readonly Training[],
) {
  const [isApart, setIsApart] = useState({ training: false, support: false })
  const [training, support] = [field('training'), field('support')]
  /** Another plant has other styles: its usual one, unless what was chosen suits it too. */
  const follow = (next: Followed) => {
    const suits = trainingsFor(next)
    const chosen = form.getValues('training') as Training
    const style = isApart.training && suits.includes(chosen) ? chosen : suits[0]!
    form.setValue('training', style)
    if (!isApart.support) form.setValue('support', supportFor(style))
  }
  return {
    follow,
    training: {
      ...training,
      onChange: (event: ChangeEvent<HTMLSelectElement>) => {
        setIsApart({ ...isApart, training: true })
        if (!isApart.support) form.setValue('support', supportFor(event.target.value as Training))
        return training.onChange(event)
      },
    },
    support: {
      ...support,
      onChange: (event: ChangeEvent<HTMLSelectElement>) => {
        setIsApart({ ...isApart, support: true })
        const style = trainingFor(event.target.value as Support, trainings)
        if (!isApart.training && style) form.setValue('training', style)
        return support.onChange(event)
      },
    },
  }
}
