'use client'

import { useState } from 'react'
import { later } from '../later'
import { useKeyList, useKeys, type KeyAct } from './keys'

const KeyDialog = later(() => import('./key-dialog').then(({ KeyDialog }) => KeyDialog))

/** The keys of this screen, on `?`. */
export function KeyHelp() {
  const list = useKeyList()
  const [acts, setActs] = useState<readonly KeyAct[] | null>(null)
  useKeys([{ key: '?', label: 'these keys', run: () => setActs(list()) }])
  return acts && <KeyDialog acts={acts} onClose={() => setActs(null)} />
}
