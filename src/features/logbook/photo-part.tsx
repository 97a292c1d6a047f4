'use client'

import { useRouter } from '../../components/offline'
import { useState, useTransition } from 'react'
import { v7 } from 'uuid'
import { say, sayFault } from '../../components/say'
import { PhotoField } from '../../components/photo/photo-field'
import { PhotoPicture } from '../../components/photo/photo-strip'
import { enterPhoto } from '../../components/outbox/enter'
import { useOffline } from '../../components/offline'
import { sayKept } from '../../wording/kept'
import { dropPhoto } from './actions'
import type { LogLine } from './queries'

/** The photos of an entry: another one added, one taken away for good. */
export function PhotoPart({ line, onDone }: { line: LogLine; onDone: () => void }) {
  const [chosen, setChosen] = useState<Blob | null>(null)
  const [busy, start] = useTransition()
  const router = useRouter()
  const { onKept } = useOffline()
  const keep = (picture: Blob) =>
    start(async () => {
      const told = { said: `${line.about}, photo`, on: line.on }
      const came = await enterPhoto(line.id, { id: v7(), picture }, told)
      if (!came.ok) return void sayFault(came.message)
      const isKept = 'isKept' in came
      say(isKept ? sayKept.onThisDevice('Photo saved.') : 'Photo saved.')
      onDone()
      if (isKept) onKept()
      else router.refresh()
    })
  const drop = (id: string) =>
    start(async () => {
      const dropped = await dropPhoto(id).catch(() => false)
      if (!dropped) return void sayFault('That photo could not be removed. Load the screen again.')
      say('Photo removed.')
      router.refresh()
    })
  return (
    <section
      aria-label={`Photos of ${line.about}`}
      className="my-2 space-y-3 border-l-4 border-leaf bg-base-200 p-3"
    >
      {line.photos.length > 0 && (
        <ul className="flex flex-wrap gap-3">
          {line.photos.map((photo) => (
            <li key={photo.id}>
              <PhotoPicture photo={photo} className="h-32" />
              <button
                type="button"
                className="btn min-h-11 btn-ghost"
                disabled={busy}
                onClick={() => drop(photo.id)}
              >
                Delete it forever
              </button>
            </li>
          ))}
        </ul>
      )}
      <div className="max-w-md">
        <PhotoField picture={chosen} onChange={setChosen} />
      </div>
      <p className="flex gap-2">
        <button
          type="button"
          className="btn min-h-11 btn-primary"
          disabled={busy || !chosen}
          onClick={() => chosen && keep(chosen)}
        >
          Save the photo
        </button>
        <button type="button" className="btn min-h-11" onClick={onDone}>
          Close
        </button>
      </p>
    </section>
  )
}
