'use client'

import { Command } from 'cmdk'
import { useEffect, useId, useRef, useState } from 'react'
import { parseCoordinates } from '../../core/quantity'
import type { TownFound } from './towns'

/** ms that a hand rests before towns are asked for. */
const REST = 120
/** What looks like a postcode of one of many countries: none is known here. */
const POSTCODE = /^(\d{4,6}|\d{5}-\d{4}|[a-z]{1,2}\d[a-z\d]?( ?\d[a-z]{2})?|[a-z]\d[a-z]( ?\d[a-z]\d)?)$/i

/** Why nothing was found. */
function noTown(text: string): string {
  if (POSTCODE.test(text)) return 'The list has no ZIP codes or postcodes. Type the name of your town.'
  const read = parseCoordinates(text)
  return /\d/.test(text) && 'error' in read
    ? read.error
    : 'No town starts with that. Try a larger town nearby, or type coordinates.'
}

/**
 * Where a garden lies: a town from the list, found while one types, or coordinates.
 *
 * @param onType what is typed is not a chosen town any more
 */
export function TownField({
  value,
  error,
  onType,
  onChoose,
}: {
  value: string
  error?: string
  onType: (text: string) => void
  onChoose: (town: TownFound) => void
}) {
  const [towns, setTowns] = useState<TownFound[] | null>(null)
  const [asked, setAsked] = useState('')
  const [hasFailed, setHasFailed] = useState(false)
  const question = useRef(0)
  const note = useId()

  useEffect(() => {
    const text = asked.trim()
    const turn = ++question.current
    if (text.length < 2) return
    const rest = setTimeout(async () => {
      try {
        const response = await fetch(`/towns?q=${encodeURIComponent(text)}`)
        const found = (await response.json()) as TownFound[]
        if (turn !== question.current) return
        setTowns(found)
        setHasFailed(false)
      } catch {
        if (turn === question.current) setHasFailed(true)
      }
    }, REST)
    return () => clearTimeout(rest)
  }, [asked])

  const type = (text: string) => {
    onType(text)
    setAsked(text)
    setTowns(null)
  }
  const choose = (town: TownFound) => {
    question.current++
    setTowns(null)
    setAsked('')
    onChoose(town)
  }
  const hint = hasFailed
    ? 'The server did not answer. Type coordinates, or try again.'
    : towns?.length === 0
      ? noTown(asked.trim())
      : error

  return (
    <Command shouldFilter={false} label="Town or coordinates" className="relative">
      <Command.Input
        value={value}
        onValueChange={type}
        autoFocus
        maxLength={120}
        placeholder="Portland, Oregon"
        aria-describedby={hint ? note : undefined}
        aria-invalid={error ? true : undefined}
        className={`input min-h-14 w-full text-xl ${error ? 'input-error' : ''}`}
        onKeyDown={(event) => {
          // Enter chooses from the list; without one it must not send the form.
          if (event.key === 'Enter' && !towns?.length) event.preventDefault()
          if (event.key === 'Escape') setTowns(null)
        }}
      />
      <Command.List
        label="Towns"
        className="absolute inset-x-0 top-full z-20 max-h-96 overflow-y-auto border-x border-b border-base-300 bg-base-100 shadow-lg empty:hidden"
        hidden={!towns?.length}
      >
        {towns?.map((town) => (
          <Command.Item
            key={town.spot + town.name}
            value={town.spot + town.name}
            onSelect={() => choose(town)}
            className="flex min-h-12 cursor-pointer items-baseline gap-2 px-4 py-2.5 data-[selected=true]:bg-base-200"
          >
            <strong className="font-semibold">{town.name}</strong>
            <span className="text-quiet">{town.detail}</span>
          </Command.Item>
        ))}
      </Command.List>
      {hint && (
        <p
          id={note}
          role="alert"
          className={`mt-1 text-sm ${error ? 'font-semibold text-cut' : 'text-quiet'}`}
        >
          {hint}
        </p>
      )}
    </Command>
  )
}
