import { describe, expect, test } from 'vitest'
import { ImpossibleRequest } from '../errors/impossibleRequest'
import { isOpen, kindOf } from './entry'
import { entryWords, readEntry } from './entryWords'
import { fieldsOf } from './sums'
import { ENTRY_GROUPS } from './entryKind'
import { ENTRY_KINDS } from './entryKinds'
import { readValues, typedValue, withoutMoney, type Field, type Values } from './field'
import { PROVED_DEAD, SAID_DEAD } from './kinds/services'
import { DECISION_FIELDS, KEEP_FIELDS, REASON_FIELDS } from './kinds/scope'
import { FINDING_FIELDS } from './kinds/conditions'

/** A figure by the kind of its input, or by its unit. */
const FIGURES: Readonly<Record<string, string>> = {
  area: '310 ft²',
  volume: '2 yd³',
  mass: '80 lb',
  lengths: '4 in, 6 in',
  sizes: '36 x 48 in',
  numbers: '10, 20',
  'kg/m': '22 lb/ft',
  'm/m2': '5 ft/ft²',
  'm/h': '16 ft an hour',
  'm2 a day': '80 sq ft a day',
  'm2 a litre': '375 ft² a gallon',
  'mm2/m': '9 in²/ft',
}

/** What somebody might type into a field. */
const TYPED: Record<Field['kind'], (one: Field) => string> = {
  words: (one) => `${one.key} in words`,
  choice: (one) => one.options!.at(-1)!,
  length: ({ input }) => (input?.most === undefined ? '63 ft' : '9 in'),
  figure: ({ input }) => FIGURES[input!.unit] ?? FIGURES[input!.kind] ?? '8',
  number: () => '12',
  money: () => '280.50',
  day: () => '2026-03-12',
  tick: () => 'on',
}
const filled =
  (fields: readonly Field[], but: Record<string, string> = {}) =>
  (key: string): string => {
    const one = fields.find((field) => field.key === key)!
    return but[key] ?? TYPED[one.kind](one)
  }
const words = (id: string, values: Record<string, string>) => {
  const kind = kindOf(id)
  return entryWords({ kind: id, values: readEntry(kind, (key) => values[key] ?? '', 'imperial') }, 'imperial', true)
}

test('a beam of 2 m by 10 m is refused by name, with what to write', () => {
  const beam = (width: string) => readEntry(kindOf('beam'), filled([...fieldsOf(kindOf('beam'))], { width }), 'metric')
  expect(() => beam('2')).toThrow('Width: 2 m is too much. Is it in mm or in inches? Write "2 mm" or "2 in".')
  expect(beam('45')).toMatchObject({ width: { tenths: 450 } })
})

describe.each(ENTRY_KINDS.map((kind) => [kind.id, kind] as const))('the register "%s"', (_id, kind) => {
  const but: Record<string, string> = kind.id === 'strip-element' ? { done: '3' } : {}
  test('reads a filled sheet and tells every field of it again', () => {
    const values = readEntry(kind, filled(fieldsOf(kind), but), 'imperial')
    expect(Object.keys(values)).toEqual(fieldsOf(kind).map((one) => one.key))
    const told = entryWords({ kind: kind.id, values }, 'imperial', true)
    expect(told.title).not.toBe('')
    expect(told.details).toHaveLength(fieldsOf(kind).filter((one) => one.key !== fieldsOf(kind)[0]!.key).length)
  })
  test('what is opened to be changed reads back as itself', () => {
    const values = readEntry(kind, filled(fieldsOf(kind), but), 'imperial')
    const again = readEntry(
      kind,
      (key) =>
        typedValue(
          fieldsOf(kind).find((one) => one.key === key)!,
          values[key],
        ),
      'imperial',
    )
    expect(again).toEqual(values)
  })
  test('names the first thing that is missing', () => {
    const needed = fieldsOf(kind).find((one) => one.needed)!
    expect(() => readEntry(kind, () => '', 'metric')).toThrow(needed.label)
  })
  test('has fields of its own, in a known group, each called differently', () => {
    expect(Object.keys(ENTRY_GROUPS)).toContain(kind.group)
    expect(new Set(fieldsOf(kind).map((one) => one.key)).size).toBe(fieldsOf(kind).length)
    expect(new Set(fieldsOf(kind).map((one) => one.label)).size).toBe(fieldsOf(kind).length)
  })
})

test('no two registers are called alike', () => {
  expect(new Set(ENTRY_KINDS.map((kind) => kind.id)).size).toBe(ENTRY_KINDS.length)
  expect(new Set(ENTRY_KINDS.map((kind) => kind.register)).size).toBe(ENTRY_KINDS.length)
})

test.each([FINDING_FIELDS, KEEP_FIELDS, DECISION_FIELDS, REASON_FIELDS])(
  'details of older records read too',
  (...fields) => {
    expect(Object.keys(readValues(fields, filled(fields), 'metric'))).toHaveLength(fields.length)
  },
)

describe('a field that cannot be read is named with its mend', () => {
  const refused = (id: string, but: Record<string, string>): ImpossibleRequest => {
    try {
      readEntry(kindOf(id), filled(fieldsOf(kindOf(id)), but), 'metric')
    } catch (error) {
      return error as ImpossibleRequest
    }
    throw new Error('It was read.')
  }
  test.each([
    ['open-up', { wall: 'long' }, 'wall', 'Length of wall to cut up along: "long" is not a length. Write it like 4.1'],
    [
      'bin',
      { limit: 'heavy' },
      'limit',
      'Its weight limit, kg (lb on a site in feet): "heavy" is not a number. Write one like 12 or 2.5.',
    ],
    ['bin', { since: 'soon' }, 'since', 'Delivered on: "soon" is not a day. Write it as year-month-day'],
    ['sleeping-risk', { price: '-1' }, 'price', 'What worse may cost: "-1" is not a number.'],
    ['strip-element', { amount: '10', done: '12' }, 'done', 'How much is out: it cannot be more than there is.'],
  ])('%s %j', (id, but, field, message) => {
    const error = refused(id, but)
    expect(error).toBeInstanceOf(ImpossibleRequest)
    expect(error.field).toBe(field)
    expect(error.message).toContain(message)
  })
  test('an unknown register is refused', () => expect(() => kindOf('dragons')).toThrow('not a register'))
})

describe('a service is dead only when a licensed person proved it', () => {
  const cable = { what: 'Two cables from the ceiling', sort: 'electric cable' }
  const proof = { tester: 'Tamsin', licence: 'E-114', how: 'two-pole tester', on: '2026-03-09' }
  test('said to be dead: treated as live, with the caution', () => {
    const told = words('service', { ...cable, state: SAID_DEAD })
    expect(told.reckoned[0]).toContain('Only said to be dead: treat it as live')
    expect(told.cautions.map((caution) => caution.what)).toEqual(['Hanging wires are live until tested'])
  })
  test.each(Object.keys(proof))('proved, but without %s: refused, and the way out is said', (missing) => {
    const values = { ...cable, state: PROVED_DEAD, ...proof, [missing]: '' }
    expect(() =>
      readEntry(kindOf('service'), (key) => (values as Record<string, string>)[key] ?? '', 'metric'),
    ).toThrow(/say it, or leave the state at "said to be dead"/)
  })
  test('proved with name, licence, instrument and day', () => {
    const told = words('service', { ...cable, state: PROVED_DEAD, ...proof })
    expect(told.reckoned).toEqual(['Proved dead by Tamsin on 2026-03-09. Test again after others have worked on it.'])
    expect(told.cautions).toEqual([])
  })
  test('a gas pipe warns of gas; a data cable of nothing', () => {
    expect(words('service', { what: 'To the range', sort: 'gas pipe', state: 'live' }).cautions[0]!.what).toBe(
      'Gas work',
    )
    expect(words('service', { what: 'To the desk', sort: 'data cable', state: SAID_DEAD }).cautions).toEqual([])
  })
})

describe('what follows from the figures', () => {
  test('a strip is reckoned at both ends of its height', () => {
    // 63 ft: 8 sections; at 15 in 3 strips and 3 sheets, at 16 in 2 strips and 4 sheets; plate 63 − 5 ft
    expect(
      words('open-up', { look: 'rot', wall: '63 ft', strip: 'fifteen to sixteen inches', doors: '5 ft' }).reckoned,
    ).toEqual([
      "8 sections of 8 ft, 58' of plate to look at, 49 stud feet.",
      'At 1\' 3" high: 3 strips to a sheet, 3 sheets.',
      'At 1\' 4" high: 2 strips to a sheet, 4 sheets.',
    ])
    expect(words('open-up', { look: 'rot' }).reckoned).toEqual([])
  })
  test('a layout against the plan, and what the neighbour gets', () => {
    expect(words('layout', { what: 'Closet', laid: '4 ft 6', planned: '4 ft', neighbour: 'Hall' }).reckoned).toEqual([
      '6" wider than the plan.',
      'Hall gets 6" less: check its doors and clearances.',
    ])
    expect(words('layout', { what: 'Closet', laid: '4 ft', planned: '4 ft' }).reckoned).toEqual(['As planned.'])
    expect(words('layout', { what: 'Closet', laid: '4 ft' }).reckoned).toEqual([])
  })
  test('a count that does not tie out is a question', () => {
    expect(words('count', { what: 'Heavy hangers', said: '11', listed: '12' }).reckoned).toEqual([
      '11 said on the walk, 12 listed: which is right?',
    ])
  })
  test('a bin by its weight first', () => {
    expect(
      words('bin', { bin: 'No. 2', limit: '4000', debris: 'concrete', amount: '30', load: '16 in', height: '4 ft' })
        .reckoned,
    ).toEqual([
      '30 ft³ of concrete weigh 4500 lb, over the limit of 4000 lb, however much room is left.',
      'It stands 33 % full.',
    ])
  })
  test('strip-out by quantity, not by the eye', () => {
    expect(words('strip-element', { element: 'Lath and plaster', amount: '48', done: '12' }).reckoned).toEqual([
      '25 % out by quantity.',
    ])
  })
  test('layers in order', () => {
    expect(words('layers', { layers: 'sheathing, barrier, batten , siding' }).reckoned).toEqual([
      '4 layers: sheathing → barrier → batten → siding.',
    ])
  })
  test('a wall that may carry is never more than suspected', () => {
    const told = words('bearing-clue', { wall: 'To the hall', against: 'joists run along it' })
    expect(told.reckoned).toEqual(['Suspected. Only the engineer, or opening it up, can tell.'])
    expect(told.cautions.map((caution) => caution.deferTo).join()).toContain('structural engineer')
  })
})

describe('who may read what', () => {
  const values: Values = readEntry(kindOf('sleeping-risk'), filled(fieldsOf(kindOf('sleeping-risk'))), 'metric')
  test('money is left out for whoever sees none', () => {
    expect(entryWords({ kind: 'sleeping-risk', values }, 'metric', true).details.join()).toContain('280.50')
    expect(entryWords({ kind: 'sleeping-risk', values }, 'metric', false).details.join()).not.toContain('280.50')
    expect(withoutMoney(fieldsOf(kindOf('sleeping-risk')), values)).not.toHaveProperty('price')
  })
  test('an entry is open until it is settled; one that only stands never is', () => {
    expect(isOpen({ kind: 'sleeping-risk', settled: null })).toBe(true)
    expect(isOpen({ kind: 'sleeping-risk', settled: { result: 'dry' } })).toBe(false)
    expect(isOpen({ kind: 'party', settled: null })).toBe(false)
  })
})

test('salvaged pieces tell how many can be used and how many are short', () => {
  const bricks = words('salvaged-pieces', { what: 'bricks', taken: '1350', lost: '20', needed: '1900' })
  expect(bricks.reckoned).toEqual([
    '1350 less 20 %: 1080 can be used.',
    '820 short of 1900: a second source is needed.',
  ])
  expect(() => words('salvaged-pieces', { what: 'bricks', taken: '9', lost: '120' })).toThrow('no more than 100')
})

test('damage that was found is priced only for who may see money', () => {
  const kind = kindOf('hidden-damage')
  const typed: Record<string, string> = {
    what: 'plate',
    allowance: '12',
    found: '19',
    unitPrice: '28',
    structural: 'yes',
  }
  const values = readEntry(kind, (key) => typed[key] ?? '', 'imperial')
  const entry = { kind: kind.id, values }
  expect(entryWords(entry, 'imperial', true).reckoned).toEqual([
    '(19 − 12) × 28 = 196.',
    'Talk before it is covered: photo, consent, and whoever may judge it.',
  ])
  const withoutMoney = entryWords(entry, 'imperial', false)
  expect(JSON.stringify(withoutMoney)).not.toMatch(/28|196/)
})
