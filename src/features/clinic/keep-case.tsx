'use client'

import { useRouter } from '../../components/offline'
import { useState } from 'react'
import { PhotoField } from '../../components/photo/photo-field'
import { ChoiceField, TextField } from '../../components/forms/fields'
import { Ahead } from '../../components/act/ahead'
import { useAct } from '../../components/act/use-act'
import { takeWayBack } from '../../components/act/way-back'
import { sayFault } from '../../components/say'
import type { NewEntry } from '../../components/act/act-drafts'
import type { IsoDate } from '../../core/calendar'
import type { EntrySubject } from '../../core/entry'
import type { EntryData } from '../../core/log'
import { COURSES, type CaseCourse, type CauseId, type Diagnosis, type SignId } from '../../core/health'
import { CAUSE_WORDS, COURSE_NAMES } from '../../wording/health'
import type { ClinicView, Spot } from './queries'

/** Keeps what was seen as a case, or as another look at one. */
export function KeepCase({
  view,
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
  /** Null: what is typed there is no day yet. */
  since: IsoDate | null
  ranked: Diagnosis['ranked']
  onKept: () => void
}) {
  const router = useRouter()
  const { on, now, plant, followed } = view
  const { busy, isAhead, act } = useAct(view)
  const [cause, setCause] = useState<CauseId | ''>('')
  const [note, setNote] = useState('')
  const [photo, setPhoto] = useState<Blob | null>(null)
  const label = chosen.plants.find(({ id }) => id === plant)?.label
  const where = `${chosen.place}, ${chosen.name}${label === undefined ? '' : `, plant ${label}`}`
  const enter = async (entry: NewEntry, said: string) => {
    if (!(await act({ entries: [{ ...entry, note: note.trim() }], said, photo }))) return
    onKept()
    router.push(takeWayBack() ?? `/clinic/cases${on === now ? '' : `?on=${on}`}`)
  }
  const tell = (what: CaseCourse | 'begin') => {
    const taken = cause === '' ? {} : { cause }
    if (what === 'begin') {
      if (since === null)
        return sayFault('“Since” must be a day up to today. Correct it first. Nothing was saved.')
      const subject: EntrySubject = plant ? { type: 'plant', id: plant } : { type: 'planting', id: chosen.id }
      const data: EntryData['noticed'] = {
        signs: [...signs],
        ...(absent.length > 0 ? { absent: [...absent] } : {}),
        ...(since < on ? { since } : {}),
        ...taken,
      }
      return void enter({ subject, kind: 'noticed', data }, `Saved: you are watching ${where}.`)
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
    const said = `Checked again: ${where}, ${COURSE_NAMES[what]}.`
    void enter({ subject: followed.subject, kind: 'followed', data }, said)
  }
  if (isAhead) return <Ahead />
  return (
    <section aria-label="Watch this problem" className="space-y-3 border-t-2 border-base-300 pt-3">
      <ChoiceField
        label="I think it is"
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
        <div role="group" aria-label="Since you last checked" className="flex flex-wrap items-center gap-2">
          <span>Since the last check it is</span>
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
          Watch this problem, {where}
        </button>
      )}
    </section>
  )
}
