'use client'

import { yupResolver } from '@hookform/resolvers/yup'
import { useCallback, useState, useSyncExternalStore, useTransition } from 'react'
import { useForm, type DefaultValues, type FieldValues, type Path, type Resolver } from 'react-hook-form'
import type { AnyObjectSchema } from 'yup'

/** What a form's action answers: nothing when it went well, else what is wrong, by field or as a whole. */
export interface FormProblems {
  fields?: Record<string, string>
  form?: string
}

/**
 * A form whose text is checked here and again where it is kept, by the same schema; what was typed stays
 * whatever happens.
 *
 * @param send gets the text as typed
 */
export function useCheckedForm<Values extends FieldValues>(options: {
  schema: AnyObjectSchema
  defaults: DefaultValues<Values>
  send: (values: Values) => Promise<FormProblems | undefined>
}) {
  const { schema, defaults, send } = options
  const [problem, setProblem] = useState<string>()
  const [sending, startSending] = useTransition()
  const isLive = useSyncExternalStore(nothingChanges, onPage, onServer)
  const form = useForm<Values>({
    defaultValues: defaults,
    resolver: yupResolver(schema, { abortEarly: false }, { raw: true }) as unknown as Resolver<Values>,
    mode: 'onTouched',
  })
  const { setError, setValue } = form
  const submit = form.handleSubmit((values) => {
    setProblem(undefined)
    startSending(async () => {
      try {
        const problems = await send(values as Values)
        if (!problems) return
        setProblem(problems.form)
        for (const [name, message] of Object.entries(problems.fields ?? {}))
          setError(name as Path<Values>, { message })
      } catch (error) {
        if (isRedirect(error)) throw error
        setProblem('The server did not answer. What you typed is still here: try again.')
      }
    })
  })
  const defaultValues = form.formState.defaultValues
  const field = useCallback(
    (name: Path<Values>) => {
      const registered = form.register(name)
      const defaultValue = defaultValues?.[name] as string | undefined
      return {
        ...registered,
        // The page has the value in it before it is live: what is typed meanwhile is known by its difference.
        defaultValue,
        ref: (element: HTMLInputElement | HTMLSelectElement | null) => {
          if (!isLive && element && element.value !== (defaultValue ?? ''))
            setValue(name, element.value as Values[typeof name], { shouldDirty: true })
          registered.ref(element)
        },
        error: form.formState.errors[name]?.message as string | undefined,
      }
    },
    [form, setValue, isLive, defaultValues],
  )
  return { form, submit, field, sending, busy: sending || !isLive, problem }
}

/** A button that is pressed before the page is live would send the form to nowhere: until then it waits. */
const nothingChanges = () => () => undefined
const onPage = () => true
const onServer = () => false

/** A redirect travels as an error, and must go on. */
const isRedirect = (error: unknown) =>
  error instanceof Error && 'digest' in error && String(error.digest).startsWith('NEXT_REDIRECT')
