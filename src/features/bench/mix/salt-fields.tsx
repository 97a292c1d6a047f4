import { ChoiceField, TextField } from '../../../components/forms/fields'
import { NITROGEN_FORMS } from '../../../core/feeding'
import { NITROGEN_NAMES } from '../../../wording/feed-schools'

/** How salty a feed is: what its nitrogen is, its label's own figure before that, and the water's. */
export function SaltFields({ field }: { field: (name: 'form' | 'labelEc' | 'source') => object }) {
  return (
    <>
      <ChoiceField label="Its nitrogen is" {...field('form')}>
        {NITROGEN_FORMS.map((one) => (
          <option key={one} value={one}>
            {NITROGEN_NAMES[one]}
          </option>
        ))}
      </ChoiceField>
      <TextField
        label="Its label’s EC at a gram per liter, mS/cm"
        inputMode="decimal"
        {...field('labelEc')}
      />
      <TextField label="EC of your water, mS/cm" inputMode="decimal" {...field('source')} />
    </>
  )
}
