import { describe, expect, test } from 'vitest'
import { v7 as uuid } from 'uuid'
import { kindOf } from '../../src/core/entries/entry'
import { readEntry } from '../../src/core/entries/entryWords'
import { fieldsOf } from '../../src/core/entries/sums'
import { ENTRY_KINDS } from '../../src/core/entries/entryKinds'
import type { Field } from '../../src/core/entries/field'
import type { InputKind } from '../../src/core/takeoff/calculation'
import { rebuildRegisters } from '../../src/data/observations'
import { readSite } from '../../src/data/sites'
import { placeIdOf, siteIdOf } from '../../src/demo/ids'
import type { FirmFolder } from '../../src/server/firmFolder'
import { planFirm } from '../../src/server/plan/planFirm'
import { readPlan } from '../../src/data/plans'
import { siteState } from '../../src/server/siteStates'
import { find } from '../../src/server/views/find'
import { recordView } from '../../src/server/views/record'
import { scopeView } from '../../src/server/views/scope'
import { selectionsView } from '../../src/server/views/selections'
import { receiveObservations } from '../../src/server/walk/receiveObservations'
import { recordFacts } from '../../src/server/walk/recordFacts'
import { walkSnapshot } from '../../src/server/walk/walkSnapshot'
import { eachWithDemoFirm } from '../fixtures/demoFirm'
import { as } from '../fixtures/folder'

const BAKEHOUSE = siteIdOf('bakehouse')
const BATH = placeIdOf('bakehouse', 'bath')
let firm: FirmFolder
/** What the demo has in its registers already. */
let known: ReadonlySet<string>
eachWithDemoFirm((opened) => {
  firm = opened
  known = new Set(state().entries.map((entry) => entry.id))
})

const state = () => siteState(firm.db, readSite(firm.db, BAKEHOUSE)!)
const fresh = () => state().entries.filter((entry) => !known.has(entry.id))
const written = (kind: string, values: object, subjectId: string = uuid()) => ({
  subject: 'entry',
  subjectId,
  facet: 'written',
  placeId: BATH,
  value: { kind, values },
})
const record = (...facts: object[]) => recordFacts(as(firm, 'owner'), BAKEHOUSE, { facts })
const register = (kind: string, role: 'owner' | 'crew' = 'owner') =>
  recordView(as(firm, role), BAKEHOUSE)
    .groups.flatMap((group) => group.registers)
    .find((one) => one.kind === kind)!
    .entries.filter((entry) => !known.has(entry.id))

describe('every register takes what its own sheet reads', () => {
  const FIGURES: Partial<Record<InputKind, string>> = {
    area: '310 to 320 ft²',
    volume: '2 m³',
    mass: '80 lb',
    lengths: '4 in, 6 to 7 in',
    sizes: '36 x 48 in',
    numbers: '10, 20',
  }
  const typed: Record<Field['kind'], (one: Field) => string> = {
    words: () => 'some words',
    choice: (one) => one.options![0]!,
    length: () => 'five to seven inches',
    figure: ({ input }) => FIGURES[input!.kind] ?? '3 to 4',
    number: () => '3',
    money: () => '120',
    day: () => '2026-03-12',
    tick: () => 'on',
  }
  test.each(ENTRY_KINDS.map((kind) => [kind.id]))('%s', (id) => {
    const kind = kindOf(id)
    const values = readEntry(
      kind,
      (key) =>
        typed[fieldsOf(kind).find((one) => one.key === key)!.kind](fieldsOf(kind).find((one) => one.key === key)!),
      'metric',
    )
    record(written(id, values))
    expect(fresh().find((entry) => entry.kind === id)!.values).toEqual(values)
    expect(register(id)[0]!.title).not.toBe('')
  })
})

describe('an entry from its making to its end', () => {
  const risk = { what: 'Joists under the tub', assumed: 'sound', test: 'lift the floor', price: 45000 }
  test('written, changed, given to somebody, settled, opened again, removed; rebuilt it is the same', () => {
    const id = uuid()
    const at = { subject: 'entry', subjectId: id, placeId: BATH }
    record(written('sleeping-risk', risk, id))
    record(written('sleeping-risk', { ...risk, assumed: 'sound at the wall' }, id))
    record({ ...at, facet: 'responsible', value: 'engineer' })
    expect(register('sleeping-risk')).toMatchObject([
      { id, standing: 'open', responsible: 'engineer', place: 'Bathroom', values: { assumed: 'sound at the wall' } },
    ])
    record({ ...at, facet: 'settled', value: { result: 'two joists soft' } })
    expect(register('sleeping-risk')).toMatchObject([{ standing: 'told', result: 'two joists soft' }])
    record({ ...at, facet: 'settled', value: null })
    expect(register('sleeping-risk')[0]!.standing).toBe('open')
    expect(rebuildRegisters(firm.db).differing).toBe(0)
    record({ ...at, facet: 'removed', value: true })
    expect(register('sleeping-risk')).toEqual([])
  })
  test('what must be looked at first holds the cover of its place, in the weave and in the plan, until it is settled', async () => {
    const id = uuid()
    const board = () =>
      scopeView(as(firm, 'owner'), BAKEHOUSE)
        .rows.find((row) => row.placeId === BATH)!
        .cells.find((cell) => cell.stage === 'insulation')!
    const insulation = () =>
      readPlan(firm.db)!.plan.visits.find(
        (visit) => visit.placeIds.includes(BATH) && visit.stages.includes('insulation') && visit.trade === 'insulator',
      )!
    await planFirm(as(firm, 'owner'), 'before')
    expect(insulation().why).not.toContain('the plate')
    record(written('open-up', { look: 'the plate behind the tub' }, id))
    expect(board().gate!.words).toContain('open up and look: the plate behind the tub')
    record({ subject: 'entry', subjectId: id, placeId: BATH, facet: 'settled', value: { result: 'sound' } })
    expect(board().gate!.words).not.toContain('the plate behind the tub')
  })
  test('it is found again by its words, and so is whatever was told', () => {
    record(written('promise', { what: 'Call two days before the first cut', to: 'the owner' }))
    expect(find(as(firm, 'owner'), 'first cut')[0]).toMatchObject({
      title: 'Call two days before the first cut',
      detail: 'Bathroom, Bakehouse Lane',
    })
  })
  test('it shows in its place, at the desk and on the phone', () => {
    record(written('promise', { what: 'Move the mirror', to: 'the owner' }))
    expect(scopeView(as(firm, 'crew'), BAKEHOUSE).open.entries.filter(({ id }) => !known.has(id))).toMatchObject([
      { placeId: BATH, text: 'Move the mirror', register: 'promises', says: ['To whom: the owner.'] },
    ])
    const sent = walkSnapshot(as(firm, 'crew'), BAKEHOUSE).registers.filter(
      (o) => o.subject === 'entry' && !known.has(o.subjectId),
    )
    expect(sent).toHaveLength(1)
  })
})

describe('bad input names the field and the mend', () => {
  test.each([
    [{ kind: 'dragons', values: {} }, 'Kind: not a register that we know.'],
    [{ kind: 'promise', values: {} }, 'What was promised: say it in a few words.'],
    [{ kind: 'promise', values: { what: 'x'.repeat(1001) } }, 'What was promised: use at most 1000 characters.'],
    [{ kind: 'promise', values: { what: 'x', by: 'soon' } }, 'By when: write a day as year-month-day'],
    [
      { kind: 'bin', values: { bin: 'a', limit: -1, amount: 1, debris: 'soil' } },
      'Its weight limit, kg (lb on a site in feet): 0 or more.',
    ],
    [
      { kind: 'service', values: { what: 'a wire', state: 'proved dead by instrument' } },
      'Who tested it: say it, or leave the state at "said to be dead".',
    ],
    [
      { kind: 'service', values: { what: 'a wire', state: 'live', sort: 'wormhole' } },
      'What it is: choose one of the list.',
    ],
    [
      { kind: 'open-up', values: { look: 'rot', strip: { tenths: 500, high: 400, precision: 'range', typed: 'x' } } },
      'Size: the upper end is the greater one.',
    ],
  ])('%j', (value, message) => {
    expect(() => record({ subject: 'entry', subjectId: uuid(), facet: 'written', placeId: BATH, value })).toThrow(
      message,
    )
    expect(fresh()).toEqual([])
  })
  test('what belongs to no field is dropped, not kept', () => {
    record(written('promise', { what: 'Call', shoe: 'size 9' }))
    expect(fresh()[0]!.values).toEqual({ what: 'Call' })
  })
})

describe('money stays with those who see it', () => {
  const risk = { what: 'Joists', assumed: 'sound', price: 771829300 }
  test('crew are shown no price, in the register or on the phone', () => {
    record(written('sleeping-risk', risk))
    expect(JSON.stringify(register('sleeping-risk', 'owner'))).toContain('771829300')
    expect(JSON.stringify(register('sleeping-risk', 'crew'))).not.toContain('7718293')
    expect(JSON.stringify(walkSnapshot(as(firm, 'crew'), BAKEHOUSE))).not.toContain('7718293')
  })
  test('crew are told that one talks before it is covered, without what it costs', () => {
    const rot = { what: 'Sill rotten', allowance: 1, found: 4, unitPrice: 771829300 }
    record(written('hidden-damage', rot))
    const told = JSON.stringify(register('hidden-damage', 'crew'))
    expect(told).toContain('Talk before it is covered')
    expect(told).not.toContain('7718293')
  })
  test('crew neither write a price nor write over one', () => {
    const id = uuid()
    record(written('sleeping-risk', risk, id))
    const asCrew = (fact: object) => () => recordFacts(as(firm, 'crew'), BAKEHOUSE, { facts: [fact] })
    expect(asCrew(written('sleeping-risk', risk))).toThrow('Prices are for the lead and the owner.')
    expect(asCrew(written('sleeping-risk', { what: 'Joists', assumed: 'rotten' }, id))).toThrow('Prices are')
    expect(asCrew(written('sleeping-risk', { what: 'Studs', assumed: 'sound' }))).not.toThrow()
    const receipt = receiveObservations(as(firm, 'crew'), BAKEHOUSE, {
      observations: [
        { ...written('sleeping-risk', risk), id: uuid(), walkId: null, seenAt: '2026-03-10T08:00:00.000Z' },
      ],
    })
    expect(receipt.refused).toMatchObject([{ message: 'Prices are for the lead and the owner.' }])
  })
})

describe('whose it is', () => {
  test('work that is not ours is not planned for our crews, and is ours again when that is said', async () => {
    const line = state().lines.find((one) => one.placeId === BATH && one.stage === 'tile' && one.trade === 'tiler')!
    const mine = () => readPlan(firm.db)!.plan.visits.some((visit) => visit.lineIds.includes(line.id))
    const fact = { subject: 'line', subjectId: line.id, facet: 'responsible', placeId: BATH }
    record({ ...fact, value: 'clients-contractor' })
    await planFirm(as(firm, 'owner'), 'theirs')
    expect(mine()).toBe(false)
    record({ ...fact, value: 'us' })
    await planFirm(as(firm, 'owner'), 'ours')
    expect(mine()).toBe(true)
  })
  test('a selection that the client buys says so', () => {
    const { id } = state().selections.find((one) => one.placeId === BATH)!
    record({ subject: 'selection', subjectId: id, facet: 'responsible', placeId: BATH, value: 'client' })
    const row = selectionsView(as(firm, 'owner'), BAKEHOUSE).rows.find((one) => one.id === id)!
    expect(row.responsible).toBe('client')
  })
  test('an unknown owner is refused', () => {
    const line = state().lines[0]!
    expect(() =>
      record({ subject: 'line', subjectId: line.id, facet: 'responsible', placeId: line.placeId, value: 'nobody' }),
    ).toThrow('Whose: choose one of the list.')
  })
})

test('work that follows from an entry is offered until a line does it, and never to who sees no money', () => {
  const id = uuid()
  record(written('masonry', { what: 'Chimney breast' }, id))
  const follows = () => register('masonry').find((entry) => entry.id === id)!.follows
  expect(follows()!.words).toMatch(/^Repoint the chimney breast, /)
  expect(register('masonry', 'crew').find((entry) => entry.id === id)!.follows).toBeNull()
  record({ subject: 'line', subjectId: uuid(), facet: 'laid', placeId: BATH, value: follows()!.line })
  expect(follows()).toBeNull()
})
