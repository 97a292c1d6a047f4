'use client'

import { useId, type InputHTMLAttributes, type ReactNode, type SelectHTMLAttributes } from 'react'

/** A labelled control with what is wrong with it beneath. */
export function Labelled({
  label,
  error,
  hint,
  children,
}: {
  label: string
  error?: string
  hint?: string
  children: (ids: { id: string; describedBy?: string }) => ReactNode
}) {
  const id = useId()
  const describedBy = error || hint ? `${id}-note` : undefined
  return (
    <div className="flex min-w-0 flex-col gap-1">
      <label id={`${id}-label`} htmlFor={id} className="text-sm text-quiet">
        {label}
      </label>
      {children({ id, describedBy })}
      {describedBy && (
        <p
          id={describedBy}
          className={`text-sm leading-snug break-words ${error ? 'font-semibold text-cut' : 'text-quiet'}`}
          role={error ? 'alert' : undefined}
        >
          {error ?? hint}
        </p>
      )}
    </div>
  )
}

type Common = { label: string; error?: string; hint?: string }

type TypedProps = InputHTMLAttributes<HTMLInputElement> & { ref?: React.Ref<HTMLInputElement> }

/** Where a line is typed. */
export const Typed = ({ isWrong, className = '', ...input }: TypedProps & { isWrong: boolean }) => (
  <input
    aria-invalid={isWrong || undefined}
    autoComplete="off"
    {...input}
    className={`input min-h-11 w-full text-base ${isWrong ? 'input-error' : ''} ${className}`}
  />
)

export function TextField({
  label,
  error,
  hint,
  ...input
}: Common & InputHTMLAttributes<HTMLInputElement> & { ref?: React.Ref<HTMLInputElement> }) {
  return (
    <Labelled label={label} error={error} hint={hint}>
      {({ id, describedBy }) => <Typed id={id} aria-describedby={describedBy} isWrong={!!error} {...input} />}
    </Labelled>
  )
}

export function ChoiceField({
  label,
  error,
  hint,
  children,
  ...select
}: Common & SelectHTMLAttributes<HTMLSelectElement> & { ref?: React.Ref<HTMLSelectElement> }) {
  return (
    <Labelled label={label} error={error} hint={hint}>
      {({ id, describedBy }) => (
        <select
          id={id}
          aria-describedby={describedBy}
          aria-invalid={error ? true : undefined}
          {...select}
          className={`select min-h-11 w-full text-base ${error ? 'select-error' : ''}`}
        >
          {children}
        </select>
      )}
    </Labelled>
  )
}

/** What is wrong with the form as a whole. */
export function FormError({ message }: { message?: string }) {
  if (!message) return null
  return (
    <p role="alert" className="border-l-4 border-cut bg-base-200 px-3 py-2 font-semibold">
      {message}
    </p>
  )
}
