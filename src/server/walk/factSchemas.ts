import { array, boolean, lazy, mixed, number, object, string, type Schema } from 'yup'
import { longDay, type Day } from '../../core/calendar/day'
import { KIND_WORDS } from '../../core/walk/lineKinds'
import { LEADS } from '../../core/scope/leads'
import { RATES } from '../../core/scope/rates'
import { ACTIONS, ELEMENTS, STAGES, TRADES } from '../../core/scope/vocabulary'
import { CAUTION_IDS } from '../../core/cautions/cautionIds'
import { PLACE_KINDS } from '../../core/places/place'
import { COMINGS } from '../../core/walk/coming'
import { VISIT_KINDS, type Held, type SubjectKind } from '../../core/walk/observation'
import { DECISION_FIELDS, KEEP_FIELDS, REASON_FIELDS } from '../../core/entries/kinds/scope'
import { MARK_KINDS } from '../../core/walk/photoMarks'
import { SHEET_SORTS } from '../../core/walk/sheets'
import { FINDING_FIELDS, PHOTO_FIELDS } from '../../core/entries/kinds/conditions'
import { RESPONSIBLE } from '../../core/scope/responsible'
import { GROUNDS, SKIES } from '../../core/walk/siteConditions'
import { Refusal } from '../refusal'
import { selectionDetailsSchema, valuesSchema, writtenSchema } from './entrySchema'
import { day } from '../../schemas/day'
import { degrees } from '../../schemas/degrees'
import { LINE_SAID } from '../../schemas/lineSaid'
import { leadTime, SELECTION_SAID } from '../../schemas/selectionSaid'
import { flag, keysOf, measured, money, needed, oneOf, percent, text } from '../../schemas/values'

const size = object({
  sides: array(measured).min(2, 'Size: give two or three sides.').max(3, 'Size: give two or three sides.').required(),
  typed: needed('Size', 80),
})
const alike = array(needed('Known', 300)).max(5000, 'Known: at most 5000.').default(undefined)
const responsible = oneOf('Whose', keysOf(RESPONSIBLE))
const share = number()
  .min(0, 'Mark: put it on the photo.')
  .max(1, 'Mark: put it on the photo.')
  .required('Mark: put it on the photo.')
const point = object({ x: share, y: share })
const mark = lazy((value: { kind?: string } | undefined) =>
  object({
    kind: oneOf('Mark', keysOf(MARK_KINDS)),
    ...(value?.kind === 'arrow' || value?.kind === 'blur' ? { from: point, to: point } : { at: point }),
    ...(value?.kind === 'ring' ? { radius: share } : {}),
    ...(value?.kind === 'words' ? { text: needed('Words', 80) } : {}),
  }),
)
const hash = (name: string) =>
  string()
    .matches(/^[0-9a-f]{64}$/, `${name}: not a known ${name.toLowerCase()}.`)
    .required()
const waitDays = number()
  .typeError('Days between: write a number.')
  .integer('Days between: whole days.')
  .min(0, 'Days between: 0 or more.')
  .max(365, 'Days between: at most 365.')
const reason = object({ reason: needed('Reason') })

/** What a fact of each subject and facet may hold. Every observation and every edit at the desk passes here, once. */
export const FACT_SCHEMAS: { readonly [K in SubjectKind]: Readonly<Record<string, Pick<Schema, 'validateSync'>>> } = {
  place: {
    laid: object({
      name: needed('Name', 60),
      kind: oneOf('Kind', keysOf(PLACE_KINDS)),
      level: needed('Level', 40),
      size: size.nullable().defined(),
      order: number().required(),
      futureName: text('Future name', 60),
      from: text('Place', 80),
      unit: text('Unit', 40),
      mirrored: boolean().oneOf([true]),
      alike,
      openings: number().integer().min(0).max(99),
    }),
    name: needed('Name', 60),
    measured: size.shape({ was: text('Size before', 80), why: text('Why', 200) }),
    visited: boolean().oneOf([true]).required(),
    removed: flag,
    order: number().required('Order: a number.'),
    futureName: text('Future name', 60).defined(),
    level: needed('Level', 40),
    mergedInto: text('Place', 80).nullable().defined(),
    unit: text('Unit', 40).defined(),
    alike: alike.required(),
  },
  line: {
    laid: object({
      placeId: needed('Place', 80),
      stage: oneOf('Stage', keysOf(STAGES)),
      trade: oneOf('Trade', keysOf(TRADES)),
      action: oneOf('Action', keysOf(ACTIONS)),
      element: oneOf('Element', ELEMENTS),
      title: needed('What', 160),
      basis: needed('Basis', 30),
      rate: oneOf('Rate', keysOf(RATES)),
      quantity: object({
        value: number().positive().max(1e6).required(),
        unit: oneOf('Unit', ['each', 'm', 'm2', 'm3']),
      })
        .nullable()
        .defined(),
      how: text('How', 200).defined(),
      rough: flag,
      hours: number()
        .positive('Hours: more than 0.')
        .max(10_000, 'Hours: at most 10 000.')
        .required('Hours: write a number.'),
      cautions: array(oneOf('Caution', CAUTION_IDS)).required(),
      inspects: array(oneOf('Stage', keysOf(STAGES))),
      beforeCover: boolean(),
      treatment: text('Treatment', 60),
      own: boolean().oneOf([true]),
      extra: boolean(),
      outage: text('Outage', 60),
    }),
    progress: percent,
    held: object({ reason: needed('Reason'), until: day('Until'), begins: boolean().oneOf([true]) })
      .nullable()
      .defined(),
    excluded: object({ reason: needed('Reason'), until: text('Until', 200) })
      .nullable()
      .defined(),
    removed: flag,
    ...LINE_SAID,
    coming: number()
      .integer('Coming: a whole number.')
      .min(1, 'Coming: 1 or more.')
      .max(20, 'Coming: at most 20.')
      .nullable()
      .defined(),
    quantity: number()
      .typeError('Quantity: write a number.')
      .positive('Quantity: more than 0.')
      .max(1e6, 'Quantity: at most 1 000 000.')
      .nullable()
      .defined(),
    price: money.nullable(),
    pricedFor: number().positive().max(1e6).nullable().defined(),
    approval: object({
      answer: string()
        .oneOf(['approved', 'declined'], 'Answer: approved or declined.')
        .required('Answer: approved or declined.'),
      by: needed('Who said so', 80),
      on: day('On').required('On: choose a day.'),
    }),
    responsible,
    place: needed('Place', 80),
    partOf: array(needed('Part of', 80)).max(40, 'Part of: at most 40.').required(),
    waits: array(
      object({
        for: needed('Waits for', 80),
        leastDays: waitDays,
        mostDays: waitDays.when('leastDays', ([least], days) =>
          days.min((least as number | undefined) ?? 0, 'Days at most: not fewer than at least.'),
        ),
        why: text('Why', 120),
      }),
    )
      .max(20, 'Waits for: at most 20.')
      .required(),
  },
  selection: {
    laid: object({
      placeId: needed('Place', 80),
      what: needed('What', 120),
      lead: oneOf('Lead', keysOf(LEADS)),
      neededFor: oneOf('Stage', keysOf(STAGES)),
      supplier: text('Supplier', 80),
      approvalDays: number().integer().min(0).max(365),
    }),
    ...SELECTION_SAID,
    details: selectionDetailsSchema,
    candidates: array(
      object({
        name: needed('Candidate', 120),
        leadDays: leadTime,
        supplier: text('Supplier', 80),
        price: money.optional(),
        days: number().typeError('Days: write a number.').min(0, 'Days: 0 or more.').max(365, 'Days: at most 365.'),
      }),
    )
      .max(6, 'Candidates: at most 6.')
      .required(),
    removed: flag,
    responsible,
    place: needed('Place', 80),
  },
  stage: { eye: percent },
  gate: { ticked: flag, failed: reason.nullable().defined() },
  finding: {
    found: object({
      text: needed('What was found'),
      element: string().oneOf([...ELEMENTS]),
      condition: text('Condition', 30),
      certain: flag,
      details: valuesSchema(FINDING_FIELDS).default(undefined),
    }),
    settled: flag,
  },
  keep: {
    kept: object({
      text: needed('What stays'),
      until: text('Until', 200),
      when: object({ day: day('Until'), placeId: text('Place', 80), stage: string().oneOf(keysOf(STAGES)) }).default(
        undefined,
      ),
      details: valuesSchema(KEEP_FIELDS).default(undefined),
    }),
    released: flag,
  },
  decision: {
    asked: object({
      question: needed('Question'),
      owner: oneOf('Owner', ['client', 'designer', 'engineer', 'us']),
      by: day('By'),
      blocks: string().oneOf(keysOf(STAGES)),
      stake: text('Stake', 200),
      price: money.optional(),
      details: valuesSchema(DECISION_FIELDS).default(undefined),
    }),
    answered: text('Answer', 400).nullable().defined(),
    reasons: valuesSchema(REASON_FIELDS),
  },
  entry: {
    written: writtenSchema,
    settled: object({ result: text('Result', 1000).defined() })
      .nullable()
      .defined(),
    removed: flag,
    responsible,
  },
  note: {
    noted: object({ text: needed('Note', 4000), private: flag, opinion: boolean(), about: text('About', 80) }),
  },
  memo: {
    spoken: object({
      hash: hash('Memo'),
      seconds: number().integer().min(0, 'Memo: 0 seconds or more.').max(3600, 'Memo: at most an hour.').required(),
      private: flag,
      film: boolean(),
    }),
  },
  photo: {
    taken: object({
      hash: hash('Photo'),
      caption: text('Caption', 200).defined(),
      about: text('About', 80),
      details: valuesSchema(PHOTO_FIELDS).default(undefined),
      sameSpotAs: text('Same spot', 64),
      sheet: string().oneOf(keysOf(SHEET_SORTS), 'Drawing: choose what it shows.'),
    }),
    marked: array(mark).max(40, 'Marks: at most 40 on a photo.').required(),
    shown: text('Words under it', 200).defined(),
  },
  pin: {
    put: object({
      sheet: hash('Drawing'),
      at: point,
      text: needed('What stands there', 400),
      about: text('About', 80),
    }),
    removed: flag,
  },
  walk: {
    started: object({
      kind: oneOf('Kind', keysOf(VISIT_KINDS)),
      day: day('Day').required(),
      by: needed('Who', 80),
      with: text('Who else', 200),
      phase: text('Phase', 200),
      conditions: object({
        sky: oneOf('Sky', SKIES),
        low: degrees('Coldest').required('Coldest: write it.'),
        high: degrees('Warmest').required('Warmest: write it.'),
        ground: oneOf('Ground', GROUNDS),
      }).default(undefined),
    }),
    ended: day('Day').required(),
  },
  coming: {
    told: object({
      visitKey: needed('Visit', 180),
      trade: oneOf('Trade', keysOf(TRADES)),
      crewId: text('Crew', 80),
      day: day('Day').required('Day: choose one.'),
      how: oneOf('How it went', keysOf(COMINGS)),
      hours: number()
        .typeError('Hours: write a number, like 8.')
        .positive('Hours: more than 0.')
        .max(1000, 'Hours: at most 1000.'),
    }),
  },
  phrase: {
    meant: object({ words: needed('Words', 400), kind: oneOf('What it is', keysOf(KIND_WORDS)) }),
    forgotten: flag,
  },
  fact: { withdrawn: flag },
}

const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/
export const uuidText = string().matches(UUID, 'Observation: its id is not one of ours.')

export const factHead = object({
  placeId: string().max(80).nullable().defined(),
  subject: string().oneOf(keysOf(FACT_SCHEMAS), 'Subject: not a known kind.').required(),
  subjectId: string().max(200).required(),
  facet: string().max(30).required(),
  value: mixed().defined().nullable(),
})

/** Checks a fact's value against its subject and facet, and its days against the site's start.
 * @returns the value without anything that does not belong */
export function checkedValue(subject: SubjectKind, facet: string, value: unknown, startsOn: Day): unknown {
  const schema = Object.hasOwn(FACT_SCHEMAS[subject], facet) ? FACT_SCHEMAS[subject][facet] : undefined
  if (!schema) throw new Refusal(422, `A ${subject} has no "${facet}".`)
  const checked = schema.validateSync(value, { stripUnknown: true, strict: false }) as unknown
  if (subject === 'line' && facet === 'held') requireAfterStart((checked as Held | null)?.until, startsOn)
  return checked
}

function requireAfterStart(until: Day | undefined, startsOn: Day): void {
  if (!until || until >= startsOn) return
  throw new Refusal(
    422,
    `Until: ${longDay(until)} is before the site starts on ${longDay(startsOn)}. Choose a later day.`,
    'until',
  )
}
