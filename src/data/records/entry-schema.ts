import { array, mixed, number, object, string, type AnyObjectSchema } from 'yup'
import { CALL_KINDS, type CallKind, type Work, WORKS } from '../../core/calls'
import { CARRIES, ORGANS, PART_STATES, STATES_OF, type Carries } from '../../core/crop'
import { SUPPORTS, type Support } from '../../core/facts'
import { FRUIT_FAULTS, type Verdict, VERDICTS } from '../../core/harvest'
import { ENTRY_KINDS, type EntryData, type EntryKind, type LogEntry } from '../../core/log'
import {
  CAUSE_IDS,
  COURSES,
  OUTCOMES,
  SIGN_IDS,
  type CaseCourse,
  type CaseOutcome,
  type CauseId,
  type SignId,
} from '../../core/health'
import { NITROGEN_FORMS, RELEASES, type NitrogenForm, type Release } from '../../core/feeding'
import { WATERED_LATELY, type Met, type WateredLately } from '../../core/season'
import { PRACTICE_LEVELS } from '../../core/pruning'
import { MOISTURE_FEELS, MOISTURE_METHODS, type MoistureFeel, type MoistureMethod } from '../../core/watering'
import { idField, isoDateField, personField } from './fields'

const LONGEST_NOTE = 4000
const plants = () => number().required().integer().min(0).max(100_000)
const nothing = () => object({}).noUnknown()
const partOf = (organs: readonly string[]) =>
  object({
    stem: number().required().integer().min(0).max(1000),
    node: number().required().integer().min(0).max(1000),
    organ: string().required().oneOf(organs),
  }).noUnknown()

const signs = () => array(string<SignId>().required().oneOf(SIGN_IDS)).max(SIGN_IDS.length).default(undefined)
const causeField = () => string<CauseId>().oneOf(CAUSE_IDS)

/** What each kind of entry holds; the bounds are those of what can be true. */
export const ENTRY_DATA: Record<EntryKind, AnyObjectSchema> = {
  sown: object({ seeds: plants().min(1) }).noUnknown(),
  emerged: object({ count: plants() }).noUnknown(),
  'potted-up': object({
    count: plants().min(1),
    potVolume: number().required().min(0.02).max(200),
  }).noUnknown(),
  hardened: object({
    day: number().required().integer().min(1).max(30),
    hours: number().required().min(0).max(24),
  }).noUnknown(),
  'soil-read': object({
    depth: number().required().min(0).max(1),
    temperature: number().required().min(-30).max(60),
  }).noUnknown(),
  met: object({
    as: string<Met['as']>().required().oneOf(['bought', 'growing']),
    height: number().defined().nullable().min(0.005).max(10),
    leaves: number().defined().nullable().integer().min(0).max(200),
    carries: string<Carries>().required().oneOf(CARRIES),
    potVolume: number().min(0.02).max(200),
    watered: string<WateredLately>().oneOf(WATERED_LATELY),
  }).noUnknown(),
  'set-out': object({
    count: plants().min(1),
    method: string<'upright' | 'trench'>().required().oneOf(['upright', 'trench']),
    school: string().required().max(40),
    stemBuried: number().required().min(0).max(3),
    holeDepth: number().required().min(0).max(3),
    leavesStripped: number().required().integer().min(0).max(100),
    support: string<Support>().oneOf(SUPPORTS),
    plant: object({
      height: number().required().min(0.005).max(3),
      leaves: number().required().integer().min(0).max(100),
      rootBall: number().required().min(0.005).max(1),
    })
      .noUnknown()
      .default(undefined),
  }).noUnknown(),
  covered: object({ nightLow: number().required().min(-60).max(60) }).noUnknown(),
  flowered: nothing(),
  picked: object({
    mass: number().required().min(0).max(10_000),
    count: number().defined().nullable().integer().min(0).max(1_000_000),
    faults: object(
      Object.fromEntries(FRUIT_FAULTS.map((fault) => [fault, number().integer().min(0).max(1_000_000)])),
    )
      .noUnknown()
      .default(undefined),
    plant: idField(),
  })
    .noUnknown()
    .test(
      'faults-of-count',
      '${path} must not hold more fruit with a fault than fruit',
      ({ count, faults }) =>
        faults === undefined ||
        count === null ||
        Math.max(0, ...Object.values(faults).map((value) => Number(value ?? 0))) <= count,
    ),
  judged: object({ verdict: string<Verdict>().required().oneOf(VERDICTS) }).noUnknown(),
  seen: object({
    leaves: number().defined().nullable().integer().min(0).max(200),
    height: number().defined().nullable().min(0.01).max(10),
    trusses: number().nullable().integer().min(0).max(60),
  }).noUnknown(),
  pruned: object({
    cuts: array(partOf(ORGANS)).required().min(1).max(500),
    except: array(idField().required()).max(2000).default(undefined),
  }).noUnknown(),
  marked: object({
    marks: array(
      partOf(Object.keys(STATES_OF)).shape({
        state: string().required().oneOf(PART_STATES),
        count: number().integer().min(0).max(200),
      }),
    )
      .required()
      .min(1)
      .max(500),
  }).noUnknown(),
  practised: object({
    level: string().required().oneOf(PRACTICE_LEVELS),
    seed: number().required().integer().min(0).max(1_000_000_000),
    points: number().required().integer().min(0).max(100),
  }).noUnknown(),
  tried: object({
    asked: string().required().max(500),
    seasons: number().required().integer().min(1).max(10_000),
    said: string().required().max(200),
    measure: string().required().oneOf(['plant', 'area']),
    ways: array(
      object({
        name: string().required().max(200),
        low: number().required().min(0).max(10_000),
        middle: number().required().min(0).max(10_000),
        high: number().required().min(0).max(10_000),
      }).noUnknown(),
    )
      .required()
      .min(1)
      .max(4),
  }).noUnknown(),
  watered: object({ litres: number().required().min(0.01).max(1_000_000) }).noUnknown(),
  fed: object({
    name: string().required().max(80),
    grams: number().required().min(0.01).max(1_000_000),
    n: number().required().min(0).max(100),
    p2o5: number().required().min(0).max(100),
    k2o: number().required().min(0).max(100),
    release: string<Release>().required().oneOf(RELEASES),
    days: number().min(1).max(1000),
    nitrogen: string<NitrogenForm>().oneOf(NITROGEN_FORMS),
  })
    .noUnknown()
    .test(
      'at-most-all',
      '${path} must hold at most 100 % together',
      (fed) => fed.n + fed.p2o5 + fed.k2o <= 100,
    ),
  'moisture-read': object({
    method: string<MoistureMethod>().required().oneOf(MOISTURE_METHODS),
    feel: string<MoistureFeel>().oneOf(MOISTURE_FEELS),
    content: number().min(0).max(0.9),
  })
    .noUnknown()
    .test(
      'one-reading',
      '${path} must hold either a feel or a content',
      ({ feel, content }) => (feel === undefined) !== (content === undefined),
    ),
  'soil-tested': object({
    ph: number().required().min(3).max(11),
    organicMatter: number().required().min(0).max(100),
    p: number().required().min(0).max(100_000),
    k: number().required().min(0).max(100_000),
    ca: number().required().min(0).max(100_000),
    mg: number().required().min(0).max(100_000),
    ec: number().required().min(0).max(100),
  }).noUnknown(),
  tended: object({
    works: array(string<Work>().required().oneOf(WORKS)).required().min(1).max(WORKS.length),
    except: array(idField().required()).max(2000).default(undefined),
  }).noUnknown(),
  noticed: object({
    signs: signs().required().min(1),
    absent: signs(),
    since: isoDateField(),
    cause: causeField(),
  }).noUnknown(),
  followed: object({
    case: idField().required(),
    course: string<CaseCourse>().required().oneOf(COURSES),
    signs: signs(),
    absent: signs(),
    cause: causeField(),
  }).noUnknown(),
  closed: object({
    case: idField().required(),
    outcome: string<CaseOutcome>().required().oneOf(OUTCOMES),
    cause: causeField(),
  }).noUnknown(),
  timed: object({
    work: string<CallKind>().required().oneOf(CALL_KINDS),
    minutes: number().required().min(0.1).max(1440),
    usual: number().required().min(0.01).max(10_000),
  }).noUnknown(),
  topped: nothing(),
  cleared: nothing(),
  'put-off': object({ call: string().required().max(200), until: isoDateField().required() }).noUnknown(),
  declined: object({
    call: string().required().max(200),
    why: string().defined().max(LONGEST_NOTE),
  }).noUnknown(),
  note: nothing(),
  void: nothing(),
}

/** One log entry, whole; its data checked as its kind wants it. */
export const entrySchema = object({
  id: idField().required(),
  subject: object({
    type: string<LogEntry['subject']['type']>().required().oneOf(['garden', 'place', 'planting', 'plant']),
    id: idField().required(),
  }).required(),
  kind: string<EntryKind>().required().oneOf(ENTRY_KINDS),
  on: isoDateField().required(),
  at: string()
    .required()
    .matches(
      /^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(\.\d+)?Z$/,
      '${path} must be a moment such as 2026-06-18T07:05:00.000Z',
    ),
  data: mixed<EntryData[EntryKind]>()
    .required()
    .when('kind', ([kind]: EntryKind[], schema) =>
      kind !== undefined && Object.hasOwn(ENTRY_DATA, kind)
        ? (ENTRY_DATA[kind] as unknown as typeof schema)
        : schema,
    ),
  note: string()
    .defined()
    .max(LONGEST_NOTE)
    .matches(/^(?:[^\p{Cc}]|[\t\r\n])*$/u, '${path} must hold no control characters'),
  voids: idField().defined().nullable(),
  by: personField(),
})
  .noUnknown()
  .strict()
