import { Cautions } from '../../components/advice/why'
import type { Manner } from '../../core/facts'
import { CAUSES, type CauseId } from '../../core/health'
import { written } from '../../wording/written'
import { sayCautions } from '../../wording/cautions'
import { CAUSE_WORDS } from '../../wording/health'

/** What to do about a cause, in order, what not to, and the cautions. */
export function CauseAdvice({ cause, manner }: { cause: CauseId; manner: Manner }) {
  const words = CAUSE_WORDS[cause]
  const say = (text: string) => written(text, manner)
  return (
    <div className="space-y-2 leading-snug">
      <p>{say(words.is)}</p>
      <p className="border-l-4 border-leaf bg-base-200 px-3 py-2 text-lg">
        <span className="text-sm text-quiet">First </span>
        <strong>{say(words.first)}</strong>
      </p>
      <ul className="list-disc space-y-1 pl-5">
        {words.then.map((text) => (
          <li key={text}>{say(text)}</li>
        ))}
      </ul>
      <p className="border-l-4 border-cut px-3 py-1">{say(words.not)}</p>
      <Cautions texts={sayCautions(CAUSES[cause].cautions, manner)} />
    </div>
  )
}
