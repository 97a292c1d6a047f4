'use client'

import { CANT_TELL, NOT_YET, type Open, type StopActs } from './stop-acts'
import type { Stop } from './types'

const MAIN = 'btn btn-primary min-h-16 text-lg max-sm:w-full sm:min-h-11 sm:text-sm'
const OTHER = 'btn min-h-14 bg-base-100 px-1 leading-tight sm:min-h-11 sm:px-4'

/** What can be done about the stop; on a phone a bar that stays above that of the workspaces. */
export function StopButtons({ stop, acts }: { stop: Stop; acts: StopActs }) {
  const { open, setOpen } = acts
  const choices: { which: Exclude<Open, null>; name: string; key: string }[] = [
    ...(stop.change ? [{ which: 'adjust' as const, name: stop.change, key: 'e' }] : []),
    // What is not there yet is asked again later by itself.
    ...(stop.look ? [] : [{ which: 'put-off' as const, name: 'Later', key: 'z' }]),
    { which: 'decline', name: 'Skip', key: 'x' },
    { which: 'note', name: 'Note, photo', key: 'o' },
  ]
  return (
    <div
      data-stop-bar={open === null ? '' : undefined}
      className={`foot-acts space-y-2.5 ${open === null ? '' : 'max-sm:hidden'}`}
    >
      <div className="flex flex-wrap gap-2.5 max-sm:gap-2">
        {stop.look ? <LookButtons stop={stop} acts={acts} /> : <MainButton stop={stop} acts={acts} />}
        <div
          className={`contents max-sm:grid max-sm:w-full max-sm:gap-2 ${choices.length > 3 ? 'max-sm:grid-cols-4' : 'max-sm:grid-cols-3'}`}
        >
          {choices.map(({ which, name, key }) => (
            <button
              key={which}
              className={OTHER}
              aria-expanded={open === which}
              onClick={() => setOpen(open === which ? null : which)}
            >
              {name} <kbd className="key">{key}</kbd>
            </button>
          ))}
        </div>
      </div>
    </div>
  )
}

const MainButton = ({ stop, acts }: { stop: Stop; acts: StopActs }) => (
  <button className={MAIN} onClick={acts.done}>
    {stop.doneLabel} <kbd className="key border-primary-content/60">Enter</kbd>
  </button>
)

/** A question to the plants: nobody enters what they did not see by going down the list. */
function LookButtons({ stop, acts }: { stop: Stop; acts: StopActs }) {
  return (
    <div className="contents max-sm:grid max-sm:w-full max-sm:grid-cols-3 max-sm:gap-2">
      <button className={MAIN} onClick={acts.done}>
        {stop.doneLabel} <kbd className="key border-primary-content/60">1</kbd>
      </button>
      <button className={`${OTHER} max-sm:min-h-16`} onClick={() => acts.notYet(2, NOT_YET)}>
        Not yet <kbd className="key">2</kbd>
      </button>
      <button className={`${OTHER} max-sm:min-h-16`} onClick={() => acts.notYet(1, CANT_TELL)}>
        Can’t tell <kbd className="key">3</kbd>
      </button>
    </div>
  )
}
