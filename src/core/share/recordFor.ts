import { holdsConfidence, inConfidence } from '../confidence/inConfidence'
import { entryKind } from '../entries/entryKinds'
import { withoutMoney, type Field, type Values } from '../entries/field'
import { DECISION_FIELDS } from '../entries/kinds/scope'
import { fieldsOf } from '../entries/sums'
import { selectionFields } from '../selections/selectionKinds'
import { DEFINING, type Observation, type SubjectKind } from '../walk/observation'
import { registerKey, type Registers } from '../walk/registers'

/** Who reads a record. The office is owner and lead; `other` is whoever is neither client, trade nor crew: neighbours,
 * designer, engineer, authority, association, street office, driver. */
export const READERS = ['office', 'crew', 'client', 'trade', 'other'] as const
export type Reader = (typeof READERS)[number]

/** What a fact may be beside what it says. */
export const SECRETS = [
  'told in confidence',
  'money',
  'price of an extra',
  'an extra that is not agreed',
  'what others answered',
  'how to reach others',
] as const
export type Secret = (typeof SECRETS)[number]

/** Who may read what. The record is cut by this table, and the tests of every page, paper and file read it too. */
export const MAY_READ: Readonly<Record<Reader, readonly Secret[]>> = {
  office: SECRETS,
  crew: ['what others answered'],
  client: ['price of an extra', 'an extra that is not agreed'],
  trade: [],
  other: [],
}

/** Remarks are among us: what is to be told outside stands in lines, findings and entries. */
const AMONG_US: readonly SubjectKind[] = ['note', 'memo', 'walk', 'coming', 'phrase']

/** What stands instead of words that were told in confidence, where a fact cannot be without words. */
const ASK_US = 'ask the office'
const INSTEAD: Readonly<Record<string, (value: never) => unknown>> = {
  'line held': (value: object) => ({ ...value, reason: ASK_US }),
  'line excluded': () => ({ reason: ASK_US }),
  'gate failed': () => ({ reason: ASK_US }),
  'decision answered': () => ASK_US,
  'entry settled': () => ({ result: '' }),
}

/** The record of a site as one reader may know it: what was told in confidence is not there, nor money, nor an extra that
 * nobody approved, nor what others answered or where they are reached, but for what the table allows. Composers are given
 * this and nothing else. */
export function recordFor(reader: Reader, registers: Registers): Registers {
  if (reader === 'office') return registers
  const gone = goneSubjects(reader, registers)
  const cut = new Map<string, Observation>()
  for (const [key, observation] of registers) {
    if (gone.has(`${observation.subject}|${observation.subjectId}`)) continue
    const told = withoutSecrets(observation, registers, reader)
    if (told) cut.set(key, told)
  }
  return cut
}

/** Subjects that this reader does not know of at all. */
function goneSubjects(reader: Reader, registers: Registers): ReadonlySet<string> {
  const may = (secret: Secret): boolean => MAY_READ[reader].includes(secret)
  const gone = new Set<string>()
  for (const o of registers.values()) {
    const drops =
      (reader !== 'crew' && AMONG_US.includes(o.subject)) ||
      (isDefining(o) && isSecret(o)) ||
      (!may('an extra that is not agreed') && isUnagreedExtra(o, registers)) ||
      (!may('what others answered') && isQuestionOfOthers(o, reader))
    if (drops) gone.add(`${o.subject}|${o.subjectId}`)
  }
  return gone
}

const isDefining = (o: Observation): boolean => DEFINING[o.subject] === o.facet

/** Whether a subject was told in confidence as a whole: said to be private, or named with such words. */
function isSecret(o: Observation): boolean {
  if (o.subject === 'entry' && o.facet === 'written') {
    const kind = entryKind(o.value.kind)
    // Of a sheet the field that says so is left out; one that is named so is left out whole, unless it holds a cover.
    return !kind?.holdsCover && holdsConfidence(o.value.values[kind?.fields[0]?.key ?? ''])
  }
  const value: unknown = o.value
  return (
    (typeof value === 'object' && value !== null && 'private' in value && value.private === true) ||
    holdsConfidence(value)
  )
}

/** An extra of which the client has not said yes; one that was declined was never part of the work. */
function isUnagreedExtra(o: Observation, registers: Registers): boolean {
  if (o.subject !== 'line' || o.facet !== 'laid' || !o.value.extra) return false
  const approval = registers.get(registerKey({ ...o, facet: 'approval' }))
  return (approval?.value as { answer?: string } | undefined)?.answer !== 'approved'
}

const isQuestionOfOthers = (o: Observation, reader: Reader): boolean =>
  o.subject === 'entry' &&
  o.facet === 'written' &&
  (o.value.kind === 'trade-question' || (o.value.kind === 'client-question' && reader !== 'client'))

/** What a household decided, or we did: they read how, and why. */
function isTheirs(o: Observation, registers: Registers): boolean {
  const asked = registers.get(registerKey({ ...o, facet: 'asked' }))?.value as { owner?: string } | undefined
  return asked?.owner === 'client' || asked?.owner === 'us'
}

function withoutSecrets(o: Observation, registers: Registers, reader: Reader): Observation | null {
  const may = (secret: Secret): boolean => MAY_READ[reader].includes(secret)
  if (o.subject === 'line' && (o.facet === 'price' || o.facet === 'pricedFor')) {
    const laid = registers.get(registerKey({ ...o, facet: 'laid' }))?.value as { extra?: boolean } | undefined
    return may('money') || (may('price of an extra') && laid?.extra) ? o : null
  }
  const theirs = o.subject === 'decision' && reader === 'client' && isTheirs(o, registers)
  if (o.subject === 'decision' && o.facet === 'answered' && !may('what others answered') && !theirs && o.value !== null)
    return { ...o, value: inConfidence(o.value) ? ASK_US : 'answered' }
  if (o.subject === 'decision' && o.facet === 'reasons' && !may('what others answered') && !theirs) return null
  if (o.subject === 'entry' && o.facet === 'written') {
    const kind = entryKind(o.value.kind)
    if (!kind) return null
    const fields = fieldsOf(kind)
    const values = valuesFor(o.value.values, fields, may)
    const name = fields[0]!
    // What holds a cover holds it for everybody, also where they may not know why.
    const named = values[name.key] === undefined && name.needed ? { ...values, [name.key]: ASK_US } : values
    return { ...o, value: { ...o.value, values: o.value.kind === 'party' ? withoutReach(named, may) : named } }
  }
  if (o.subject === 'selection' && o.facet === 'details')
    return { ...o, value: { ...o.value, values: valuesFor(o.value.values, selectionFields(o.value.sort), may) } }
  if (o.subject === 'selection' && o.facet === 'candidates' && !may('price of an extra') && !may('money'))
    return { ...o, value: o.value.map(({ price: _price, ...one }) => one) }
  if (o.subject === 'decision' && o.facet === 'asked') {
    const { price, details, ...rest } = o.value
    return {
      ...o,
      value: {
        ...rest,
        ...(price !== undefined && may('money') ? { price } : {}),
        ...(details ? { details: valuesFor(details, DECISION_FIELDS, may) } : {}),
      },
    }
  }
  if (!holdsConfidence(o.value)) return o
  const instead = INSTEAD[`${o.subject} ${o.facet}`]
  return instead ? ({ ...o, value: instead(o.value as never) } as Observation) : null
}

function valuesFor(values: Values, fields: readonly Field[], may: (secret: Secret) => boolean): Values {
  const told = may('money') ? values : withoutMoney(fields, values)
  return Object.fromEntries(Object.entries(told).filter(([, value]) => !holdsConfidence(value)))
}

const withoutReach = ({ contact, ...rest }: Values, may: (secret: Secret) => boolean): Values =>
  may('how to reach others') && contact !== undefined ? { ...rest, contact } : rest
