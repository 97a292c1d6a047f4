'use client'

import { useSearchParams } from 'next/navigation'
import { lazy, Suspense, useEffect, useRef, useState } from 'react'
import { useOffline } from '../../components/offline'
import { sayFault } from '../../components/say'
import { sayQuickExample } from '../../wording/quick-line'
import { commandIndex } from './command-actions'
import type { CommandIndex } from './command-index'
import type { LineProps } from './command-line'

const CommandLine = lazy(() => import('./command-line').then((module) => ({ default: module.CommandLine })))

/** One line that takes letters at once; what answers it comes when it is there. */
export function CommandBox({ onClose }: { onClose: () => void }) {
  const on = useSearchParams().get('on')
  const { view } = useOffline()
  const [index, setIndex] = useState<CommandIndex | null>(null)
  const [text, setText] = useState('')
  const dialog = useRef<HTMLDialogElement>(null)
  const early = useRef(false)
  useEffect(() => {
    dialog.current?.showModal()
    // The dialog gives the focus to what comes first in it: the line is what one wants to type into.
    dialog.current?.querySelector('input')?.focus()
    const asked = view
      ? (view(`/quick-entry${on === null ? '' : `?on=${on}`}`) as Promise<CommandIndex | null>)
      : commandIndex(on)
    asked.then(setIndex, () => {
      sayFault('The server did not answer. Try again.')
      dialog.current?.close()
    })
  }, [on, view])
  const close = () => dialog.current?.close()
  const line: LineProps = {
    value: text,
    onValueChange: (value) => {
      early.current = false
      setText(value)
    },
    onKeyDown: ({ key }) => {
      if (key === 'Enter') early.current = true
    },
    placeholder: index ? sayQuickExample(index.manner) : '',
    className: 'input min-h-12 w-full text-lg',
    maxLength: 200,
  }
  return (
    <dialog
      ref={dialog}
      className="modal modal-top"
      aria-label="Command box"
      onClose={onClose}
      onClick={(event) => {
        if (event.target === dialog.current) close()
      }}
    >
      <div className="modal-box mx-auto mt-16 max-w-2xl max-sm:mt-2">
        <Suspense fallback={<PlainLine {...line} />}>
          <CommandLine
            line={line}
            index={index}
            query={on === null ? '' : `?on=${on}`}
            early={early}
            onDone={close}
          />
        </Suspense>
      </div>
    </dialog>
  )
}

/** The line before what answers it has come. */
function PlainLine({ onValueChange, ...line }: LineProps) {
  return (
    <input
      {...line}
      aria-label="Go anywhere, or enter in plain words"
      onChange={(event) => onValueChange(event.target.value)}
    />
  )
}
