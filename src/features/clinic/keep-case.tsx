'use client'

import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { PhotoField } from '../../components/photo/photo-field'
import { PastQuestion } from '../../components/past-question'
import { ChoiceField, TextField } from '../../components/forms/fields'
import { useLog } from '../../components/use-log'
import { isIsoDate } from '../../core/calendar'
import type { EntrySubject } from '../../core/entry'
import type { EntryData } from '../../core/log'
import { COURSES, type CaseCourse, type CauseId, type Diagnosis, type SignId } from '../../core/health'
import { enter, undo } from '../../actions/log'
import { CAUSE_WORDS, COURSE_NAMES } from '../../wording/health'
import { formatDate } from '../../wording/dates'
import type { ClinicView, Spot } from './queries'

/** Keeps what was seen as a case, or as another look at one. */
export function KeepCase({
  view: { on, now, plant, followed, manner },
  chosen,
  signs,
  absent,
  since,
  ranked,
  onKept,
}: {
  view: ClinicView
  chosen: Spot
  signs: readonly SignId[]
  absent: readonly SignId[]
  since: string
  ranked: Diagnosis['ranked']
  onKept: () => void
}) {
  const router = useRouter()
  const { busy, keep } = useLog(on, { enter, undo })
  const [cause, setCause] = useState<CauseId | ''>('')
  const [note, setNote] = useState('')
  const [photo, setPhoto] = useState<Blob | null>(null)
  const [asks, setAsks] = useState<CaseCourse | 'begin' | null>(null)
  const label = chosen.plants.find(({ id }) => id === plant)?.label
  const where = `${chosen.place}, ${chosen.name}${label === undefined ? '' : `, plant ${label}`}`
  const done = () => {
    onKept()
    router.push(`/clinic/cases${on === now ? '' : `?on=${on}`}`)
  }
  const write = (what: CaseCourse | 'begin') => {
    const taken = cause === '' ? {} : { cause }
    if (what === 'begin') {
      const subject: EntrySubject = plant ? { type: 'plant', id: plant } : { type: 'planting', id: chosen.id }
      const data: EntryData['noticed'] = {
        signs: [...signs],
        ...(absent.length > 0 ? { absent: [...absent] } : {}),
        ...(isIsoDate(since) && since < on ? { since } : {}),
        ...taken,
      }
      keep('noticed', subject, data, `Kept as a case: ${where}.`, done, note.trim(), photo)
      return
    }
    if (!followed) return
    const gone = followed.signs.filter((sign) => !signs.includes(sign))
    const data: EntryData['followed'] = {
      case: followed.id,
      course: what,
      signs: signs.filter((sign) => !followed.signs.includes(sign)),
      absent: [...new Set([...absent.filter((sign) => !followed.absent.includes(sign)), ...gone])],
      ...taken,
    }
    keep(
      'followed',
      followed.subject,
      data,
      `Looked at again: ${where}, ${COURSE_NAMES[what]}.`,
      done,
      note.trim(),
      photo,
    )
  }
  const tell = (what: CaseCourse | 'begin') => (on < now ? setAsks(what) : write(what))
  if (on > now)
    return (
      <p className="border-l-4 border-frost bg-base-200 px-3 py-2">
        This is a look ahead: a case is kept on its own day. Press t for today.
      </p>
    )
  return (
    <section aria-label="Keep it" className="space-y-3 border-t-2 border-base-300 pt-3">
      {asks && (
        <PastQuestion
          date={formatDate(on, manner, 'full')}
          onAnswer={(yes) => {
            setAsks(null)
            if (yes) write(asks)
          }}
        />
      )}
      <ChoiceField
        label="I take it for"
        value={cause}
        onChange={({ target }) => setCause(target.value as CauseId | '')}
      >
        <option value="">not sure yet</option>
        {ranked.map((one) => (
          <option key={one.cause} value={one.cause}>
            {CAUSE_WORDS[one.cause].name}
          </option>
        ))}
      </ChoiceField>
      <TextField label="Note" value={note} maxLength={500} onChange={({ target }) => setNote(target.value)} />
      <PhotoField picture={photo} onChange={setPhoto} />
      {followed ? (
        <div
          role="group"
          aria-label="Since it was looked at last"
          className="flex flex-wrap items-center gap-2"
        >
          <span>Since the last look it is</span>
          {COURSES.map((course) => (
            <button
              key={course}
              type="button"
              className="btn min-h-11"
              disabled={busy}
              onClick={() => tell(course)}
            >
              {COURSE_NAMES[course]}
            </button>
          ))}
        </div>
      ) : (
        <button
          type="button"
          className="btn min-h-11 w-full btn-primary"
          disabled={busy}
          onClick={() => tell('begin')}
        >
          Keep as a case, {where}
        </button>
      )}
    </section>
  )
}
