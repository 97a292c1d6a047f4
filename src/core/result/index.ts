/** What came of an act: done, with what it answers; or refused, with why and what to do. */
export type Result<Answer extends object = object> = ({ ok: true } & Answer) | Refused

export interface Refused {
  ok: false
  message: string
}
