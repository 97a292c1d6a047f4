'use client'

import { useCallback, useEffect, useState, useTransition, type BaseSyntheticEvent } from 'react'
import {
  get,
  useForm,
  type FieldError,
  type DefaultValues,
  type FieldValues,
  type Path,
  type Resolver,
} from 'react-hook-form'
import type { AnyObjectSchema } from 'yup'
import { noteOwnChange } from '../act/own-acts'
import { noAnswer } from '../act/undoing'
import { whenSure } from '../question'
import { whichToKeep } from '../which'
import { useFields } from './use-fields'

/** What a form's action answers: nothing when it went well, else what is wrong, by field or as a whole. */
export interface FormProblems {
  fields?: Record<string, string>
  form?: string
  /** `form` is a question: a yes settles it. */
  ask?: true
  /** Fields that were changed elsewhere since the form was shown: as text, by their names. */
  theirs?: { about: string; values: Record<string, unknown> }
}

/**
 * A form whose text is checked here and again where it is kept, by the same schema; what was typed stays
 * whatever happens.
 *
 * @param schema or what fetches it, for a form that stands on a screen from the first: checks come after the screen
 * @param send gets the text as typed
 */
export function useCheckedForm<Values extends FieldValues>(options: {
  schema: AnyObjectSchema | (() => Promise<AnyObjectSchema>)
  defaults: DefaultValues<Values>
  send: Send<Values>
}) {
  const { schema, defaults, send } = options
  const [problem, setProblem] = useState<string>()
  const [sending, startSending] = useTransition()
  const form = useForm<Values>({
    defaultValues: defaults,
    resolver: async (...typed) => (await resolverOf<Values>(schema))(...typed),
    mode: 'onTouched',
  })
  const { setError } = form
  useEffect(() => {
    // Before the first press could need it without a network; what fails here is told then.
    resolverOf(schema).catch(() => null)
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [])
  // What the form began with: what was changed since is told by it.
  const [shown, setShown] = useState(defaults as Values)
  const [isOwnSave, setIsOwnSave] = useState(false)
  const told = JSON.stringify(defaults)
  const [last, setLast] = useState(told)
  if (told !== last) {
    setLast(told)
    // What was saved here comes back as the server writes it; what another hand saved is not taken for seen.
    if (isOwnSave) setShown(defaults as Values)
    setIsOwnSave(false)
  }
  const checked = form.handleSubmit((values) => {
    setProblem(undefined)
    setIsOwnSave(true)
    startSending(async () => {
      try {
        const problems = await sent(values as Values, shown, send)
        if (!problems) return noteOwnChange()
        setIsOwnSave(false)
        setProblem(problems.form)
        for (const [name, message] of Object.entries(problems.fields ?? {}))
          setError(name as Path<Values>, { message })
      } catch (error) {
        if (isRedirect(error)) throw error
        setProblem(noAnswer(error).message)
      }
    })
  })
  const submit = (event?: BaseSyntheticEvent) =>
    checked(event).catch((error: unknown) => setProblem(noAnswer(error).message))
  const { isLive, field: registered } = useFields(form)
  const { errors } = form.formState
  const field = useCallback(
    (name: Path<Values>) => ({
      ...registered(name),
      error: (get(errors, name) as FieldError | undefined)?.message,
    }),
    [registered, errors],
  )
  return { form, submit, field, sending, busy: sending || !isLive, problem }
}

/** What checks a form's text. */
async function resolverOf<Values extends FieldValues>(
  schema: AnyObjectSchema | (() => Promise<AnyObjectSchema>),
): Promise<Resolver<Values>> {
  const [{ yupResolver }, loaded] = await Promise.all([
    import('@hookform/resolvers/yup'),
    typeof schema === 'function' ? schema() : schema,
  ])
  return yupResolver(loaded, { abortEarly: false }, { raw: true }) as unknown as Resolver<Values>
}

/** How a form is sent: as typed, with what it showed when it was opened; `sure`: what is asked about it is so. */
interface Sending<Values> {
  sure: boolean
  shown: Values
}
type Send<Values> = (values: Values, sending: Sending<Values>) => Promise<FormProblems | undefined>

/** Sends a form; a question is asked, and sent again as it was answered. */
async function sent<Values extends FieldValues>(
  values: Values,
  shown: Values,
  send: Send<Values>,
): Promise<FormProblems | undefined> {
  let problems: FormProblems | undefined
  const answer = await whenSure(async (sure) => {
    problems = await send(values, { sure, shown })
    return problems ? { ok: false, message: problems.form ?? '', ask: problems.ask } : { ok: true }
  })
  if (!answer.ok && problems?.ask) return { form: answer.message }
  const theirs = problems?.theirs
  if (!theirs) return problems
  const choice = await whichToKeep(
    theirs.about,
    Object.entries(theirs.values).map(([name, value]) => ({
      name: labelOf(name),
      mine: String(valueAt(values, name)),
      theirs: String(value),
    })),
  )
  if (choice === null) return { form: 'Nothing was saved: another window changed it.' }
  const seen = withValues(shown, theirs.values)
  return sent(choice === 'mine' ? values : withValues(values, theirs.values), seen, send)
}

const valueAt = (values: object, path: string): unknown =>
  path
    .split('.')
    .reduce<unknown>((inner, key) => (inner as Record<string, unknown> | undefined)?.[key], values)

/** The values with some of them, by their paths such as `months.6.tmin`, replaced. */
function withValues<Values extends object>(values: Values, replaced: Record<string, unknown>): Values {
  const copy = structuredClone(values)
  for (const [path, value] of Object.entries(replaced)) {
    const keys = path.split('.')
    const last = keys.pop()!
    Object.assign((keys.length > 0 ? valueAt(copy, keys.join('.')) : copy) as object, { [last]: value })
  }
  return copy
}

/** What a field is called beside its control. */
function labelOf(name: string): string {
  const control = document.getElementsByName(name)[0] as HTMLInputElement | undefined
  return control?.labels?.[0]?.textContent ?? control?.getAttribute('aria-label') ?? name
}

/** A redirect travels as an error, and must go on. */
const isRedirect = (error: unknown) =>
  error instanceof Error && 'digest' in error && String(error.digest).startsWith('NEXT_REDIRECT')
