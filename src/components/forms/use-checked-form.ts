'use client'

import { yupResolver } from '@hookform/resolvers/yup'
import { useCallback, useState, useTransition } from 'react'
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
  const [busy, startSending] = useTransition()
  const form = useForm<Values>({
    defaultValues: defaults,
    resolver: yupResolver(schema, { abortEarly: false }, { raw: true }) as unknown as Resolver<Values>,
    mode: 'onTouched',
  })
  const { setError } = form
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
  const field = useCallback(
    (name: Path<Values>) => ({
      ...form.register(name),
      error: form.formState.errors[name]?.message as string | undefined,
    }),
    [form],
  )
  return { form, submit, field, busy, problem }
}

/** A redirect travels as an error, and must go on. */
const isRedirect = (error: unknown) =>
  error instanceof Error && 'digest' in error && String(error.digest).startsWith('NEXT_REDIRECT')
