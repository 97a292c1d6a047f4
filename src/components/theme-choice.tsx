'use client'

import { useTheme } from 'next-themes'
import { useEffect, useState } from 'react'

const THEMES = [
  { id: 'system', name: 'As on this device' },
  { id: 'day', name: 'Light' },
  { id: 'sun', name: 'High contrast' },
  { id: 'dusk', name: 'Dark' },
]

/** Light, strong contrast for glare, and dark; until one is chosen, what the device asks for. */
export function ThemeChoice() {
  const { theme, setTheme } = useTheme()
  const [shown, setShown] = useState<string>()
  // The server does not know the choice: it is shown after the first paint.
  useEffect(() => setShown(theme), [theme])
  // A device that asks for contrast asks for more than light or dark.
  useEffect(() => {
    if (theme === 'system' && window.matchMedia('(prefers-contrast: more)').matches)
      document.documentElement.dataset.theme = 'sun'
  }, [theme])
  return (
    <label className="flex flex-col gap-1 text-sm text-quiet">
      Theme
      <select
        className="select select-sm min-h-11 w-full pr-6 text-base-content"
        value={shown ?? 'system'}
        onChange={(event) => setTheme(event.target.value)}
      >
        {THEMES.map(({ id, name }) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </select>
    </label>
  )
}
