'use client'

import { toast } from 'sonner'
import { v7 } from 'uuid'
import { useKeys } from '../../components/keys/keys'
import { undo } from '../../data/log-actions'
import { ENTRY_NAMES } from '../../wording/stages'

/** `u` takes back what was entered last. */
export function UndoKey() {
  const takeBack = async () => {
    const result = await undo({ id: v7() })
    if (!result.ok) toast.error(result.message)
    else if (result.kind) toast(`Taken back: ${ENTRY_NAMES[result.kind]}.`)
  }
  useKeys([{ key: 'u', label: 'take back the last entry', run: () => void takeBack() }])
  return null
}
