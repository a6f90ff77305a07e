import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { describe, expect, test } from 'vitest'
import { laid, planInput, seen, stateOf, TODAY } from '../../../tests/fixtures/site'
import { withoutMoney, printValue, readValues, type Field, type Values } from '../entries/field'
import { ENTRY_KINDS, entryKind } from '../entries/entryKinds'
import type { EntryKind } from '../entries/entryKind'
import { fieldsOf } from '../entries/sums'
import { LISTENERS, type Listener } from '../entries/telling'
import { workOf } from '../entries/work'
import { emptyPlan, type PlannedVisit } from '../schedule/plan'
import { planOf } from '../schedule/plan'
import { problemOf } from '../schedule/problem'
import type { Stage } from '../scope/vocabulary'
import { composeClientUpdate } from './clientUpdate'
import { composeHandOver } from './handOver'
import { composeNeighbourLetter } from './neighbourLetter'
import { composePaper, isPaperReader } from './paper'
import { composeRoomSheet } from './roomSheet'
import { composeTradeNotice } from './tradeNotice'

/** The table of who is told what: by register, by reader, the fields. */
const TABLE = new Map(
  readFileSync(join(process.cwd(), 'tests/fixtures/readers.txt'), 'utf8')
    .split('\n')
    .filter((line) => line !== '' && !line.startsWith('#'))
    .map((line) => {
      const [kind, cells = ''] = line.split(/:\s*/)
      const told = cells.split(';').flatMap((cell): [Listener, readonly string[]][] => {
        const [listener, ...fields] = cell.trim().split(/\s+/)
        return listener ? [[listener as Listener, fields]] : []
      })
      return [kind!, new Map(told)] as const
    }),
)

/** Something readable in every field, unlike what stands in any other. */
function filled(kind: EntryKind): Values {
  const fields = fieldsOf(kind)
  return readValues(
    fields,
    (key) =>
      typed(
        fields.find((one) => one.key === key)!,
        fields,
      ),
    'metric',
  )
}

function typed(field: Field, fields: readonly Field[]): string {
  const n = fields.indexOf(field) + 1
  const kind = field.input?.kind ?? field.kind
  if (kind === 'choice') return FIRST_THAT_TELLS[field.key] ?? field.options!.at(-1)!
  if (kind === 'tick') return 'on'
  if (kind === 'day') return `2026-04-${String(n + 9).padStart(2, '0')}`
  if (kind === 'words') return `zz ${field.key}`
  if (kind === 'money') return `${7000 + n}`
  if (kind === 'sizes') return `${1.1 + n / 100} x 1.2`
  if (kind === 'lengths') return `${2 + n / 100}`
  if (kind === 'percent') return `${n}`
  if (kind === 'length') return field.fine || field.input?.most ? `${10 + n} mm` : `${2000 + n} mm`
  return `${n + 1}`
}

/** Ways of a choice on which it hangs whether somebody is told. */
const FIRST_THAT_TELLS: Readonly<Record<string, string>> = { told: 'yes, as avoided' }
/** Sorts that are told to a reader of a register, where not every sort is. */
const SORT_FOR: Readonly<Record<string, string>> = {
  'permit authority': 'permit',
  'permit association': 'association',
  'permit engineer': 'engineer’s letter',
  'set-up street': 'skip',
  'set-up driver': 'store',
  'protection client': '',
}

const HOUSE = laid([
  { id: 'bath', name: 'Bathroom', treatments: ['bathroom-rebuilt'], size: '2.6 x 2.1 x 2.4' },
  { id: 'front', name: 'Front', kind: 'face', treatments: ['face-tear-off'], size: '9 x 3' },
])
const PLAN = planOf(problemOf(planInput(HOUSE)), { rounds: 2, seed: 1 })

/** All that a listener is given of a site in which one entry stands. */
function page(listener: Listener, kind: EntryKind, values: Values): string {
  const entry = seen({
    subject: 'entry',
    facet: 'written',
    subjectId: 'one',
    placeId: kind.at === 'site' ? null : 'bath',
    value: { kind: kind.id, values },
  } as never)
  const state = stateOf([...HOUSE, entry])
  const visitFor = (stage: Stage): PlannedVisit => ({ ...PLAN.visits[0]!, placeIds: ['bath'], stages: [stage] })
  const told = (shown: unknown): string => JSON.stringify(shown)
  if (listener === 'crew') return told(composeRoomSheet(state.places[0]!, state, PLAN, 'metric'))
  if (listener === 'trade' || listener === 'next') {
    const stage = listener === 'next' ? kind.next?.[0] : (workOf(kind, values)[0] ?? 'paint')
    return stage ? told(composeTradeNotice(visitFor(stage), PLAN.visits, state, 'House', 'metric')) : ''
  }
  if (listener === 'client') {
    const input = {
      siteId: 'site',
      today: TODAY,
      before: stateOf(HOUSE),
      now: state,
      plan: PLAN,
      units: 'metric' as const,
    }
    return told(composeClientUpdate({ ...input, orderBy: new Map() }))
  }
  if (listener === 'neighbours') return told(composeNeighbourLetter(state, PLAN.visits, TODAY, 21))
  if (listener === 'hand-over') return told(composeHandOver(state, 'metric'))
  if (!isPaperReader(listener)) throw new Error(`${listener} has no page`)
  return told(composePaper(listener, state, emptyPlan(TODAY), 'site', { units: 'metric', today: TODAY }))
}

/** Fields whose words stand on a page, of those that are told apart from all others. */
function shownOn(text: string, kind: EntryKind, values: Values): string[] {
  return Object.keys(withoutMoney(fieldsOf(kind), values)).filter((key) => {
    const field = fieldsOf(kind).find((one) => one.key === key)!
    return (
      telling(field, values[key]!) &&
      text.includes(JSON.stringify(printValue(field, values[key]!, 'metric')).slice(1, -1))
    )
  })
}
const telling = (field: Field, value: Values[string]): boolean =>
  field.kind === 'words' || field.kind === 'day' || (typeof value === 'object' && value.typed.length > 4)

const cells = [...TABLE].flatMap(([id, told]) => [...told].map(([listener, fields]) => [id, listener, fields] as const))

/** Of what is closed nobody is told: its choices are then the first that can be made. */
const stillOpen = (kind: EntryKind, values: Values): Values =>
  kind.closedBy?.(values)
    ? {
        ...values,
        ...Object.fromEntries(kind.fields.flatMap(({ key, options }) => (options ? [[key, options[0]!]] : []))),
      }
    : values

/** A filled entry as it is told to one reader. */
const filledFor = (kind: EntryKind, listener: Listener): Values => {
  const sort = SORT_FOR[`${kind.id} ${listener}`]
  const values = stillOpen(kind, filled(kind))
  if (kind.id === 'protection') return { ...values, level: 'cloth' }
  return sort ? { ...values, sort } : values
}

describe('the table of who is told what', () => {
  test('has every register and no other, and readers that there are', () => {
    expect([...TABLE.keys()].sort()).toEqual(ENTRY_KINDS.map(({ id }) => id).sort())
    for (const [, listener] of cells) expect(LISTENERS).toContain(listener)
  })
  test.each(cells)('%s tells %s: %s', (id, listener, wanted) => {
    const kind = entryKind(id)!
    const values = filledFor(kind, listener)
    const all = Object.keys(withoutMoney(fieldsOf(kind), values))
    const keys = wanted[0] === 'all' ? all : wanted
    for (const key of keys) expect(all, `${key} is a field of ${id}`).toContain(key)
    const shown = shownOn(page(listener, kind, values), kind, values)
    const [name] = fieldsOf(kind)
    const expected = keys.filter((key) =>
      telling(
        fieldsOf(kind).find((one) => one.key === key)!,
        values[key]!,
      ),
    )
    expect(shown.filter((key) => key !== name!.key).sort()).toEqual(expected.filter((key) => key !== name!.key).sort())
  })
  test.each(ENTRY_KINDS.map((kind) => [kind.id, kind] as const))('nobody else is told of %s', (id, kind) => {
    const told = TABLE.get(id)!
    const name = kind.fields[0]!
    for (const listener of LISTENERS.filter((one) => one !== 'next' && !told.has(one))) {
      const values = filledFor(kind, listener)
      // Who is asked reads the question.
      if (kind.asks?.(values, 'metric').some(({ of }) => of === listener)) continue
      if (name.kind === 'words') expect(page(listener, kind, values), listener).not.toContain(`zz ${name.key}`)
    }
  })
  test.each(ENTRY_KINDS.map((kind) => [kind.id, kind] as const))('%s tells nobody money', (_id, kind) => {
    for (const listener of LISTENERS) expect(page(listener, kind, filled(kind)), listener).not.toMatch(/70\d\d|7,0\d\d/)
  })
})
