'use client'

import { useRouter } from '../../../components/offline'
import { say } from '../../../components/say'
import { FormError, TextField } from '../../../components/forms/fields'
import { useCheckedForm } from '../../../components/forms/use-checked-form'
import { keepPassphrase } from './actions'
import type { PassphraseValues } from './schema'

/** Sets the passphrase, or changes it. */
export function PassphraseForm({ isSet }: { isSet: boolean }) {
  const router = useRouter()
  const { form, submit, field, busy, problem } = useCheckedForm<PassphraseValues>({
    schema: async () => (await import('./schema')).passphraseSchema(isSet),
    defaults: { before: '', passphrase: '' },
    send: async (values) => {
      const problems = await keepPassphrase(values, isSet)
      if (problems) return problems
      say(isSet ? 'The passphrase is changed. All other devices are signed out.' : 'The passphrase is set.')
      form.reset()
      router.refresh()
    },
  })
  return (
    <form onSubmit={submit} noValidate aria-label="Passphrase" className="max-w-md space-y-3">
      {isSet && (
        <TextField
          label="Passphrase now"
          type="password"
          autoComplete="current-password"
          {...field('before')}
        />
      )}
      <TextField
        label="New passphrase"
        type="password"
        autoComplete="new-password"
        hint="At least 10 characters. Four words are easy to remember."
        {...field('passphrase')}
      />
      <FormError message={problem} />
      <button className="btn min-h-11 btn-primary" disabled={busy}>
        {isSet ? 'Change passphrase' : 'Set passphrase'}
      </button>
    </form>
  )
}
