'use client'

import { useCallback, useSyncExternalStore, type ChangeEvent, type FocusEvent } from 'react'
import { get, type FieldValues, type Path, type UseFormReturn } from 'react-hook-form'

type Control = HTMLInputElement | HTMLSelectElement

/** A field of a form as its control is given it. */
export interface FieldOfForm {
  name: string
  defaultValue: string | undefined
  onChange: (event: ChangeEvent<Control>) => unknown
  onBlur: (event: FocusEvent<Control>) => unknown
  ref: (element: Control | null) => void
}

/** A form's fields as their controls are given them; what is typed before the page is live is kept. */
export function useFields<Values extends FieldValues>(form: UseFormReturn<Values>) {
  const isLive = useSyncExternalStore(nothingChanges, onPage, onServer)
  const { setValue } = form
  const defaultValues = form.formState.defaultValues
  const field = useCallback(
    /** @param onChange told once the form has what was typed */
    (name: Path<Values>, onChange?: () => void) => {
      const registered = form.register(name, { onChange })
      const defaultValue = get(defaultValues, name) as string | undefined
      return {
        ...registered,
        // The page has the value in it before it is live: what is typed meanwhile is known by its difference.
        defaultValue,
        ref: (element: Control | null) => {
          // Of some radio buttons only the pressed one tells anything.
          const tells =
            element !== null && (element.type !== 'radio' || (element as HTMLInputElement).checked)
          if (!isLive && tells && element.value !== (defaultValue ?? ''))
            setValue(name, element.value as Values[typeof name], { shouldDirty: true })
          registered.ref(element)
        },
      }
    },
    [form, setValue, isLive, defaultValues],
  )
  return { isLive, field }
}

/** A button that is pressed before the page is live would send the form to nowhere: until then it waits. */
const nothingChanges = () => () => undefined
const onPage = () => true
const onServer = () => false
