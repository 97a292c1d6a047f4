import { headers } from 'next/headers'
import type { Actor } from '../core/facts'
import { actorOf } from '../guard'

/** Who sent the request at hand, as the guard knows it. */
export const actor = async (): Promise<Actor> => actorOf(await headers())
