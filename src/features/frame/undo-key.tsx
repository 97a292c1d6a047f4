'use client'

import { useRouter } from 'next/navigation'
import { say, sayFault } from '../../components/say'
import { useKeys } from '../../components/keys/keys'
import { undo } from '../../actions/log'
import { ENTRY_NAMES } from '../../wording/stages'

/** `u` takes back what was entered last. */
export function UndoKey() {
  const router = useRouter()
  const takeBack = async () => {
    const result = await import('uuid').then(({ v7 }) => undo({ id: v7() })).catch(() => null)
    if (result === null) sayFault('Undo: the server did not answer. Try again.')
    else if (!result.ok) sayFault(`Undo: ${result.message}`)
    else if (result.kind) {
      say(`Undone: ${ENTRY_NAMES[result.kind]}.`)
      router.refresh()
    }
  }
  useKeys([{ key: 'u', label: 'undo the last entry', run: () => void takeBack() }])
  return null
}
