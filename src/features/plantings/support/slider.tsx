'use client'

import { useId } from 'react'

/** A measure that is drawn anew while it is moved, with its value in words. */
export function Slider({
  label,
  value,
  low,
  high,
  step,
  say,
  onChange,
}: {
  label: string
  value: number
  low: number
  high: number
  step: number
  say: (value: number) => string
  onChange: (value: number) => void
}) {
  const id = useId()
  return (
    <div className="flex flex-col gap-1 text-sm text-quiet">
      <span className="flex justify-between">
        <label htmlFor={id}>{label}</label>
        <output htmlFor={id} className="text-base font-semibold text-base-content">
          {say(value)}
        </output>
      </span>
      <input
        id={id}
        type="range"
        className="range my-3 w-full range-primary range-sm"
        min={low}
        max={high}
        step={step}
        value={value}
        aria-valuetext={say(value)}
        onChange={(event) => onChange(Number(event.target.value))}
      />
    </div>
  )
}
