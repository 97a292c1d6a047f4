'use client'

import Image from 'next/image'
import { useEffect, useId, useState } from 'react'
import { preparePhoto } from './prepare-photo'

/** A photo to go with what is entered: taken on a phone, chosen elsewhere, looked at before it is kept. */
export function PhotoField({
  picture,
  onChange,
}: {
  picture: Blob | null
  onChange: (picture: Blob | null) => void
}) {
  const id = useId()
  const [problem, setProblem] = useState<string | null>(null)
  const [shown, setShown] = useState<string | null>(null)
  useEffect(() => {
    if (!picture) return
    const address = URL.createObjectURL(picture)
    setShown(address)
    return () => {
      URL.revokeObjectURL(address)
      setShown(null)
    }
  }, [picture])
  const choose = async (file: File | undefined) => {
    setProblem(null)
    onChange(null)
    if (!file) return
    const prepared = await preparePhoto(file)
    if ('problem' in prepared) setProblem(prepared.problem)
    else onChange(prepared.picture)
  }
  return (
    <div className="flex min-w-0 flex-col gap-1">
      <label htmlFor={id} className="text-sm text-quiet">
        Photo
      </label>
      <input
        id={id}
        type="file"
        accept="image/*"
        className="file-input min-h-11 w-full"
        onChange={({ target }) => void choose(target.files?.[0])}
      />
      {problem && (
        <p role="alert" className="text-sm leading-snug font-semibold break-words text-cut">
          {problem}
        </p>
      )}
      {shown && (
        <Image
          src={shown}
          alt="The photo chosen"
          width={320}
          height={240}
          unoptimized
          className="h-40 w-fit border border-base-300 object-contain"
        />
      )}
    </div>
  )
}
