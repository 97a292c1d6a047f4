import { useEffect, useRef, useState } from 'react'
import { ask } from '../components/question'
import { useOffline } from '../components/offline'
import { changeKept, type KeptAct } from '../components/outbox/kept'
import { sendKept } from '../components/outbox/send-kept'
import { correctable } from '../features/logbook/correctable'
import { CorrectForm } from '../features/logbook/correct-form'
import { typedAgain } from '../features/logbook/typed-again'
import type { EntryDraft } from '../core/log'
import { formatDate } from '../wording/dates'
import { here, sayKept } from '../wording/kept'
import { viewOfFrame } from './pocket'
import { useKept } from './use-kept'

type Frame = NonNullable<Awaited<ReturnType<typeof viewOfFrame>>>['ribbon']

/** What waits on this device: sent when the server is there, or told why it was not taken. */
export function KeptList({ onClose }: { onClose: () => void }) {
  const { waiting, refused } = useKept()
  const dialog = useRef<HTMLDialogElement>(null)
  const [frame, setFrame] = useState<Frame | null>(null)
  useEffect(() => {
    dialog.current?.showModal()
    void viewOfFrame().then((shown) => setFrame(shown?.ribbon ?? null))
  }, [])
  const close = () => dialog.current?.close()
  return (
    <dialog ref={dialog} className="modal" aria-labelledby="kept-heading" onClose={onClose}>
      <div className="modal-box max-w-2xl">
        <h2 id="kept-heading" className="text-xl font-semibold">
          Kept on {here()}
        </h2>
        {refused.length > 0 && (
          <section aria-labelledby="refused-heading" className="mt-3">
            <h3 id="refused-heading" className="font-semibold">
              {sayKept.refused(refused.length)}
            </h3>
            <ul>
              {refused.map((kept) => (
                <Refused key={kept.seq} kept={kept} frame={frame} />
              ))}
            </ul>
          </section>
        )}
        {waiting.length > 0 && (
          <section aria-labelledby="waiting-heading" className="mt-3">
            <h3 id="waiting-heading" className="font-semibold">
              Waiting to be sent
            </h3>
            <ul>
              {waiting.map((kept) => (
                <li key={kept.seq} className="border-t border-base-300 py-2">
                  <Said kept={kept} frame={frame} />
                </li>
              ))}
            </ul>
          </section>
        )}
        {waiting.length + refused.length === 0 && <p className="mt-3">Everything was sent.</p>}
        <div className="mt-5 flex flex-wrap gap-2">
          <button type="button" className="btn min-h-11 btn-primary" onClick={close}>
            Close
          </button>
          {waiting.length > 0 && (
            <button type="button" className="btn min-h-11" onClick={() => void sendKept()}>
              Send now
            </button>
          )}
        </div>
      </div>
    </dialog>
  )
}

/** What an act is called, when it was entered, and its photo. */
function Said({ kept: { said, on, at, photo }, frame }: { kept: KeptAct; frame: Frame | null }) {
  const [picture, setPicture] = useState<string | null>(null)
  useEffect(() => {
    if (!photo) return
    const url = URL.createObjectURL(photo.picture)
    setPicture(url)
    return () => URL.revokeObjectURL(url)
  }, [photo])
  return (
    <div className="flex items-start gap-3">
      <p className="min-w-0 grow break-words">
        {said}
        {frame && (
          <span className="block text-sm text-quiet">
            for {formatDate(on, frame.manner, 'full')}, entered at{' '}
            {new Date(at).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' })}
          </span>
        )}
      </p>
      {/* A picture that is on this device alone. */}
      {/* eslint-disable-next-line @next/next/no-img-element */}
      {picture && <img src={picture} alt={`Photo, ${said}`} className="h-16 border border-base-300" />}
    </div>
  )
}

function Refused({ kept, frame }: { kept: KeptAct; frame: Frame | null }) {
  const { seq, act, said, refused } = kept
  const { onKept } = useOffline()
  const [isOpen, setIsOpen] = useState(false)
  /** Of more than one entry the numbers belong together: those are discarded, and entered anew. */
  const only = 'entries' in act && act.entries.length === 1 ? act.entries[0]! : null
  const again = async (change: (now: KeptAct) => KeptAct) => {
    await changeKept(seq, (now) => ({ ...change(now), refused: null }))
    onKept()
    void sendKept()
  }
  const changed = (draft: EntryDraft) => (now: KeptAct) => ({
    ...now,
    on: draft.on,
    act: { ...now.act, entries: [draft] } as KeptAct['act'],
  })
  const discard = async () => {
    const isSure = await ask({
      heading: 'Discard this entry?',
      body: `${said}. It is nowhere else, and is then gone for good.`,
      answers: [
        { name: 'Keep it', is: false },
        { name: 'Discard it', is: true },
      ],
      otherwise: false,
    })
    if (isSure) await changeKept(seq, () => null)
  }
  return (
    <li className="border-t border-base-300 py-2">
      <Said kept={kept} frame={frame} />
      <p className="mt-1 border-l-4 border-cut pl-3">{refused!.message}</p>
      <div className="mt-2 flex flex-wrap gap-2">
        {refused!.ask ? (
          <button
            type="button"
            className="btn min-h-11"
            onClick={() =>
              void again((now) => ({ ...now, act: { ...now.act, sure: true } as KeptAct['act'] }))
            }
          >
            It is so, save it
          </button>
        ) : (
          <button type="button" className="btn min-h-11" onClick={() => void again((now) => now)}>
            Try again
          </button>
        )}
        {only && frame && (
          <button
            type="button"
            className="btn min-h-11"
            aria-expanded={isOpen}
            onClick={() => setIsOpen(!isOpen)}
          >
            Change
          </button>
        )}
        <button type="button" className="btn min-h-11" onClick={() => void discard()}>
          Discard
        </button>
      </div>
      {isOpen && only && frame && (
        <CorrectForm
          entry={{ about: said, on: only.on, note: only.note, fields: correctable(only, frame.manner) }}
          manner={frame.manner}
          now={frame.now}
          save={async (typed) => {
            const found = await typedAgain(only, typed, frame.manner, frame.now)
            if ('fields' in found) return { fields: found.fields }
            await again(changed(found.draft))
            return undefined
          }}
          onDone={() => setIsOpen(false)}
        />
      )}
    </li>
  )
}
