'use client'

import { useChange } from '../../../components/act/use-change'
import { ChoiceField } from '../../../components/forms/fields'
import { REMINDED, type Manner, type Reminded, type Reminders } from '../../../core/facts'
import { formatHour } from '../../../wording/dates'
import { keepReminders } from './actions'

const HOURS = Array.from({ length: 24 }, (_, hour) => hour)

const LABELS: Record<Reminded, string> = {
  frost: 'Cover before a cold night',
  water: 'Water what is dry',
  round: 'Walk the round',
}

/** Of what the calendar's feed reminds, and at which hour of the day. */
export function RemindersForm({ reminders, manner }: { reminders: Reminders; manner: Manner }) {
  const { busy, change } = useChange()
  return (
    <fieldset className="space-y-2 pt-2">
      <legend className="font-semibold">Reminders in your calendar</legend>
      <div className="grid items-end gap-3 sm:grid-cols-3">
        {REMINDED.map((what) => (
          <ChoiceField
            key={what}
            label={LABELS[what]}
            value={reminders[what] ?? ''}
            disabled={busy}
            onChange={({ target }) => {
              const hour = target.value === '' ? null : Number(target.value)
              void change({
                send: () => keepReminders({ ...reminders, [what]: hour }),
                said: 'Saved. Your calendar has it when it next reads the feed.',
              })
            }}
          >
            <option value="">no reminder</option>
            {HOURS.map((hour) => (
              <option key={hour} value={hour}>
                {formatHour(hour, manner)}
              </option>
            ))}
          </ChoiceField>
        ))}
      </div>
      <p className="text-sm text-quiet">
        The feed looks 7 days ahead. Your calendar reads it every few hours, so check the forecast yourself
        when frost is near.
      </p>
    </fieldset>
  )
}
