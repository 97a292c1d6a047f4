'use client'

import { useState } from 'react'
import { SignDrawing } from '../../components/drawing/signs/sign-drawing'
import { useKeys } from '../../components/keys/keys'
import type { Crop } from '../../core/crop'
import { PLANT_PARTS_SEEN, SIGNS, signsOf, type PartSeen, type SignId } from '../../core/health'
import { PART_NAMES, SIGN_NAMES } from '../../wording/health/signs'

/** What can be seen, as drawings, a part of the plant at a time. */
export function SignPicker({
  crop,
  seen,
  onToggle,
}: {
  crop: Crop
  seen: readonly SignId[]
  onToggle: (sign: SignId) => void
}) {
  const [part, setPart] = useState<PartSeen>('leaf')
  const known = signsOf(crop)
  useKeys(
    PLANT_PARTS_SEEN.map((one, at) => ({
      key: String(at + 1),
      label: PART_NAMES[one].toLowerCase(),
      run: () => setPart(one),
    })),
    'screen',
  )
  const shown = known.filter((sign) => SIGNS[sign].part === part)
  return (
    <section aria-label="What do you see?">
      <div role="group" aria-label="Part of the plant" className="flex flex-wrap gap-1.5">
        {PLANT_PARTS_SEEN.map((one) => {
          const count = seen.filter((sign) => SIGNS[sign].part === one).length
          return (
            <button
              key={one}
              type="button"
              aria-pressed={one === part}
              className={`btn min-h-11 ${one === part ? 'btn-primary' : ''}`}
              onClick={() => setPart(one)}
            >
              {PART_NAMES[one]}
              {count > 0 && <span className="font-semibold tabular-nums">{count}</span>}
            </button>
          )
        })}
      </div>
      <div
        role="group"
        aria-label={PART_NAMES[part]}
        className="mt-3 grid grid-cols-[repeat(auto-fill,minmax(8.25rem,1fr))] gap-2 max-sm:grid-cols-2"
      >
        {shown.map((sign) => (
          <SignTile
            key={sign}
            sign={sign}
            crop={crop}
            pressed={seen.includes(sign)}
            onPress={() => onToggle(sign)}
          />
        ))}
      </div>
    </section>
  )
}

function SignTile({
  sign,
  crop,
  pressed,
  onPress,
}: {
  sign: SignId
  crop: Crop
  pressed: boolean
  onPress: () => void
}) {
  return (
    <button
      type="button"
      aria-pressed={pressed}
      onClick={onPress}
      className={`relative flex cursor-pointer flex-col border-2 p-1.5 text-left ${pressed ? 'border-leaf bg-base-200 font-semibold' : 'border-base-300 hover:bg-base-200'}`}
    >
      <SignDrawing sign={sign} crop={crop} className="w-full" />
      <span className="mt-1 text-sm leading-tight">{SIGN_NAMES[sign]}</span>
      {pressed && (
        <span
          aria-hidden
          className="absolute top-1 right-1 bg-primary px-1.5 text-sm font-semibold text-primary-content"
        >
          seen
        </span>
      )}
    </button>
  )
}
