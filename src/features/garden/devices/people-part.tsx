'use client'

import { useState } from 'react'
import { useRouter } from '../../../components/offline'
import { useChange } from '../../../components/act/use-change'
import { Link } from '../../../components/link'
import { MatrixPicture } from '../../../components/drawing/matrix-picture'
import { ChoiceField, FormError, TextField } from '../../../components/forms/fields'
import { useCheckedForm } from '../../../components/forms/use-checked-form'
import { ask } from '../../../components/question'
import { INVITE_DAYS, ROLES } from '../../../core/facts'
import type { Person } from '../../../data/access/people'
import { ROLE_WORDS } from '../../../wording/access'
import { capital } from '../../../wording/names'
import { SHARING } from '../../../wording/round'
import { dropPerson, invite, inviteOnceMore, type Invite } from './actions'
import type { PersonValues } from './schema'

/** Who gardens here: each joins by a link that works once. */
export function PeoplePart({ people }: { people: readonly Person[] }) {
  const { busy, change } = useChange()
  const [shown, setShown] = useState<{ name: string; invite: Invite } | null>(null)
  const again = async ({ id, name }: Person) => {
    const answer = await change({ send: () => inviteOnceMore(id) })
    if (answer.ok) setShown({ name, invite: answer.invite })
  }
  const remove = async ({ id, name }: Person) => {
    const isSure = await ask({
      heading: `Remove ${name}?`,
      body: 'Their devices are signed out. Their entries stay, with the name.',
      answers: [
        { name: 'No', is: false },
        { name: 'Yes, remove', is: true },
      ],
      otherwise: false,
    })
    if (!isSure) return
    setShown(null)
    await change({ send: () => dropPerson(id), said: `${name} is removed.` })
  }
  return (
    <>
      {people.length > 0 && (
        <ul aria-label="People" className="mb-4">
          {people.map((person) => (
            <li
              key={person.id}
              className="flex flex-wrap items-center justify-between gap-x-4 gap-y-1 border-t border-base-300 py-2"
            >
              <p className="min-w-0">
                <span className="text-lg font-semibold break-words">{person.name}</span>
                <span className="block text-quiet">
                  {capital(ROLE_WORDS[person.role].name)}
                  {person.invited && ', has a link that was not used yet'}
                </span>
              </p>
              <span className="flex flex-wrap gap-2">
                <button
                  type="button"
                  className="btn min-h-11 bg-base-100"
                  aria-label={`New link for ${person.name}`}
                  disabled={busy}
                  onClick={() => void again(person)}
                >
                  New link
                </button>
                <button
                  type="button"
                  className="btn min-h-11 bg-base-100"
                  aria-label={`Remove ${person.name}`}
                  disabled={busy}
                  onClick={() => void remove(person)}
                >
                  Remove
                </button>
              </span>
            </li>
          ))}
        </ul>
      )}
      {shown && <InvitePart {...shown} />}
      {people.length > 0 && (
        <Link href="/walk/order" className="btn mb-4 min-h-11 bg-base-100">
          {SHARING.share}
        </Link>
      )}
      <PersonForm onInvite={(name, made) => setShown({ name, invite: made })} />
    </>
  )
}

function InvitePart({ name, invite: { address, code } }: { name: string; invite: Invite }) {
  return (
    <div role="status" className="mb-4 border-l-4 border-leaf bg-base-200 px-3 py-2">
      <p className="font-semibold">A link for {name}, shown only now</p>
      <div className="mt-1 flex flex-wrap items-center gap-3">
        <MatrixPicture code={code} label={`Code for ${name}`} side="9rem" className="shrink-0" />
        <p className="min-w-0 flex-1 basis-40 break-all select-all">{address}</p>
      </div>
      <p className="mt-1 text-quiet">
        {name} points a phone’s camera at the code, or opens the link. It works once, within {INVITE_DAYS}{' '}
        days.
      </p>
    </div>
  )
}

function PersonForm({ onInvite }: { onInvite: (name: string, invite: Invite) => void }) {
  const router = useRouter()
  const { form, submit, field, busy, problem } = useCheckedForm<PersonValues>({
    schema: async () => (await import('./schema')).personSchema,
    defaults: { name: '', role: 'helper' },
    send: async (values) => {
      const answer = await invite(values)
      if (!('invite' in answer)) return answer
      onInvite(values.name.trim(), answer.invite)
      form.reset()
      router.refresh()
    },
  })
  return (
    <form onSubmit={submit} noValidate aria-label="Add someone" className="max-w-md space-y-3">
      <div className="grid gap-3 sm:grid-cols-2">
        <TextField label="Name" {...field('name')} />
        <ChoiceField label="Role" {...field('role')}>
          {ROLES.map((role) => (
            <option key={role} value={role}>
              {capital(ROLE_WORDS[role].name)}
            </option>
          ))}
        </ChoiceField>
      </div>
      <p className="text-sm text-quiet">
        A keeper can do everything. A helper sees everything, enters, and undoes their own entries.
      </p>
      <FormError message={problem} />
      <button className="btn min-h-11 btn-primary" disabled={busy}>
        Add and make a link
      </button>
    </form>
  )
}
