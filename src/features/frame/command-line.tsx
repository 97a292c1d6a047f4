import { Command } from 'cmdk'
import { useRouter } from '../../components/offline'
import { useEffect, useEffectEvent, useRef, type ComponentProps, type RefObject } from 'react'
import { Ahead } from '../../components/act/ahead'
import { useAct } from '../../components/act/use-act'
import { readQuickLine, type QuickEntry } from '../../core/quick-line'
import { formatDate } from '../../wording/dates'
import { sayEntry } from '../../wording/entries'
import { sayQuickProblem } from '../../wording/quick-line'
import type { CommandIndex } from './command-index'
import { WORKSPACES } from './workspaces'

/** So many of the garden's own names are listed at once. */
const MOST = 8

/** The line that is typed into, whichever part shows it. */
export type LineProps = Omit<ComponentProps<'input'>, 'value' | 'onChange'> & {
  value: string
  onValueChange: (text: string) => void
}

/** The line with what was understood of it, kept on Enter, and what in the garden bears its name. */
export function CommandLine({
  line,
  index,
  query,
  early,
  onDone,
}: {
  line: LineProps
  index: CommandIndex | null
  query: string
  /** Enter was pressed before there was an answer: the first answer takes it. */
  early: RefObject<boolean>
  onDone: () => void
}) {
  const input = useRef<HTMLInputElement>(null)
  useEffect(() => {
    // It takes the place of one that was typed into already.
    input.current?.focus()
    input.current?.setSelectionRange(-1, -1)
  }, [])
  return (
    <Command label="Go anywhere, or enter in plain words" shouldFilter={false}>
      <Command.Input {...line} ref={input} />
      <Command.List className="mt-2 max-h-[60vh] overflow-y-auto">
        <Workspaces text={line.value} query={query} onDone={onDone} />
        {index && <Found index={index} text={line.value} early={early} onDone={onDone} />}
      </Command.List>
    </Command>
  )
}

const ITEM =
  'flex min-h-11 cursor-pointer items-center justify-between gap-4 border-l-4 border-transparent px-3 py-1.5 data-[selected=true]:border-leaf data-[selected=true]:bg-base-200'

const wordsOf = (text: string) => text.trim().toLowerCase().split(/\s+/).filter(Boolean)

/** The workspaces by name, at once: they want nothing of the garden. */
function Workspaces({ text, query, onDone }: { text: string; query: string; onDone: () => void }) {
  const router = useRouter()
  const words = wordsOf(text)
  return WORKSPACES.filter(({ name }) => words.every((word) => name.toLowerCase().includes(word))).map(
    ({ name, path, key }) => (
      <Command.Item
        key={path}
        value={path}
        className={ITEM}
        onSelect={() => {
          router.push(path + query)
          onDone()
        }}
      >
        {name}
        <kbd className="key">{key}</kbd>
      </Command.Item>
    ),
  )
}

function Found({
  index,
  text,
  early,
  onDone,
}: {
  index: CommandIndex
  text: string
  early: RefObject<boolean>
  onDone: () => void
}) {
  const { names, targets, manner, on, now } = index
  const router = useRouter()
  const words = wordsOf(text)
  const fits = (name: string) => words.every((word) => name.toLowerCase().includes(word))
  const read = words.length > 1 ? readQuickLine(text, names) : null
  const entry = read && 'kind' in read ? read : null
  const day = entry?.on ?? on
  const { busy, act } = useAct({ on: day, now: day, manner })
  const go = (href: string) => {
    router.push(href)
    onDone()
  }
  const found = words.length === 0 ? [] : targets.filter(({ name, detail }) => fits(`${name} ${detail}`))
  // Not disabled meanwhile: what is disabled is not chosen any more, and Enter would do nothing after it.
  const save = async (entry: QuickEntry) => {
    if (busy) return
    const { kind, subject, data, note } = entry
    const told = `Entered: ${entry.about}, ${said(entry, manner)}.`
    if (await act({ entries: [{ kind, subject, data, note }], said: told })) onDone()
  }
  const answerEarly = useEffectEvent(() => {
    if (!early.current) return
    if (entry && day <= now) void save(entry)
    else if (!entry && found[0]) go(found[0].href)
  })
  useEffect(() => answerEarly(), [])
  return (
    <>
      {entry && day > now && <Ahead />}
      {entry && day <= now && (
        <Command.Item value="entry" className={ITEM} disabled={busy} onSelect={() => void save(entry)}>
          <span>
            <span className="block text-sm text-quiet">
              Understood{day < now ? `, for ${formatDate(day, manner, 'full')}` : ''}; Enter saves it
            </span>
            <strong>{entry.about}</strong>: {said(entry, manner)}
            {entry.note && <span className="text-quiet"> ({entry.note})</span>}
          </span>
          <kbd className="key">Enter</kbd>
        </Command.Item>
      )}
      {read && 'problem' in read && read.problem.why !== 'no-place' && (
        <p className="px-3 py-2" role="status">
          {sayQuickProblem(read.problem, manner)}
        </p>
      )}
      {found.slice(0, MOST).map(({ name, detail, href }) => (
        <Command.Item key={href} value={href} className={ITEM} onSelect={() => go(href)}>
          {name}
          <span className="text-sm text-quiet">{detail}</span>
        </Command.Item>
      ))}
      {!entry && found.length === 0 && !WORKSPACES.some(({ name }) => fits(name)) && (
        <p className="px-3 py-2 text-quiet">
          No match. A line that begins with a place becomes an entry: “bed 2 watered 12 l”.
        </p>
      )}
    </>
  )
}

const said = (entry: QuickEntry, manner: CommandIndex['manner']) =>
  sayEntry(
    { ...entry, id: '', on: '2000-01-01', at: '', voids: null } as unknown as Parameters<typeof sayEntry>[0],
    'tomato',
    manner,
  )
