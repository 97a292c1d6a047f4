import type { Manner } from '../core/facts'
import { SUN_WANTED, type judgeSun } from '../core/light'
import { sayHours } from './say'

/** Whether a plant's sun is enough, in words. */
export function saySun({ verdict, least }: ReturnType<typeof judgeSun>): string {
  switch (verdict) {
    case 'little':
      return `too little: at least ${least} h`
    case 'enough':
      return `enough; ${SUN_WANTED.good} h are better`
    case 'good':
      return 'good'
  }
}

export const saySunHours = (hours: number, manner: Manner) => sayHours(hours, manner)
