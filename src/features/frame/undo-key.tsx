'use client'

import { useOffline, useRouter } from '../../components/offline'
import { say, sayFault } from '../../components/say'
import { useKeys } from '../../components/keys/keys'
import { noAnswer } from '../../components/act/undoing'
import { ENTRY_NAMES } from '../../wording/stages'

/** `u` takes back what was entered last. */
export function UndoKey() {
  const router = useRouter()
  const { onKept } = useOffline()
  const takeBack = async () => {
    const result = await import('../../components/outbox/undo-last')
      .then(({ undoLast }) => undoLast())
      .catch(noAnswer)
    if (!result.ok) return sayFault(`Undo: ${result.message}`)
    const undone =
      'said' in result ? result.said : 'kind' in result && result.kind && ENTRY_NAMES[result.kind]
    if (undone) say(`Undone: ${undone}.`)
    if ('isKept' in result) onKept()
    else router.refresh()
  }
  useKeys([{ key: 'u', label: 'undo the last entry', run: () => void takeBack() }])
  return null
}
