import { answersWords } from '../walk/answersWords'
import { kindOf } from '../entries/entry'
import { readEntry } from '../entries/entryWords'
import type { EntryKind } from '../entries/entryKind'
import { printValue, readValues, typedValue, type Field, type Values } from '../entries/field'
import { fieldsOf } from '../entries/sums'
import { SAID_DEAD, SERVICES } from '../entries/kinds/services'
import { shortDay } from '../calendar/day'
import { mm, printLength, type Units } from '../measure/length'
import { minor } from '../measure/money'
import type { Size } from '../measure/size'
import { effort } from '../scope/layTreatment'
import type { Line } from '../scope/line'
import { ELEMENTS, TRADES, type Action, type Element, type Stage, type Trade } from '../scope/vocabulary'
import type { Facts, NewFact } from '../walk/observation'
import type { Place, RegisterEntry, SiteState } from '../walk/siteState'
import type { Narration, SpokenLine } from './line'
import { plain } from './clauses'
import { candidatesIn, goodsToCome, leadIn, leadWords, neededFor, selectionLaid, selectionMeant } from './spokenGoods'
import type { SpokenSheet } from './sheets/sheetOf'
import { sheetsSaid, stretchesSaid, type SheetSaid, type Stretch } from './sheets/sheetsSaid'
import { isOpinion } from '../walk/noteWords'
import { stageOfDeed } from './deeds'
import { stageIn } from './mentions'
import { capital } from '../lists/capital'

/** What will be recorded of a spoken line, for the person to confirm, and in which words. */
export interface Proposal {
  readonly line: SpokenLine
  readonly placeId: string | null
  readonly says: string
  readonly facts: readonly NewFact[]
  /** What would open a gate or report an inspection as passed: asked, and kept only where somebody says yes to it. */
  readonly toConfirm?: { readonly words: string; readonly facts: readonly NewFact[] }
  /** The sheet that it fills; while something of it is asked, no fact is made. */
  readonly sheet?: SheetAsked
}

/** A sheet as it was said, with what it still lacks. */
export interface SheetAsked {
  readonly register: EntryKind
  readonly entryId: string
  /** What was read of it, and what the record holds already. */
  readonly values: Values
  readonly lacks: readonly Field[]
  /** Whether every figure that was said found its field. */
  readonly sure: boolean
  /** What the lines of the same words told that the sheet takes the place of. */
  readonly instead: readonly Proposal[]
}

interface Setting {
  readonly state: SiteState
  readonly units: Units
  /** Makes a new id. */
  readonly newId: () => string
}

/** Turns spoken lines into the facts they tell about a site: sheets of a register where the words fill one, lines else.
 * What fits nothing on record stays a note with its words. Where parts of one line of work are said to stand differently,
 * none of them is taken for the whole.
 * @param narration what was said, of which the lines were read */
export function proposalsOf(lines: readonly SpokenLine[], narration: Narration, setting: Setting): Proposal[] {
  return withSheets(wholeAndParts(lines.map((line) => proposalOf(line, setting))), lines, narration, setting)
}

/** Puts each sheet where the first line of its words stood, and takes out the lines that it says better. */
function withSheets(
  lines: readonly Proposal[],
  allLines: readonly SpokenLine[],
  narration: Narration,
  setting: Setting,
): Proposal[] {
  const out = new Set<number>()
  const at = new Map<number, Proposal>()
  for (const said of sheetsSaid(allLines, narration)) {
    const replaced = said.lines.filter((one) => isSaidBy(said.sheet, lines[one]!.line))
    const proposal = sheetProposal(
      said,
      replaced.map((one) => lines[one]!),
      lines[said.lines[0]!]!,
      setting,
    )
    if (!proposal) continue
    for (const one of replaced) out.add(one)
    at.set(said.lines[0]!, proposal)
  }
  for (const said of stretchesSaid(allLines, narration)) {
    const proposal = said.lines.some((one) => out.has(one))
      ? null
      : candidatesProposal(said, lines[said.lines[0]!]!, setting)
    if (!proposal) continue
    for (const one of said.lines) out.add(one)
    at.set(said.lines[0]!, proposal)
  }
  return lines.flatMap((line, i) => [...(at.has(i) ? [at.get(i)!] : []), ...(out.has(i) ? [] : [line])])
}

/** Whether a sheet says what a line says: by its kind, or since its words are what stands in a field. */
const isSaidBy = ({ instead, typed }: SpokenSheet, { kind, words }: SpokenLine): boolean =>
  instead.includes(kind) ||
  Object.values(typed).some((told) => plain(words).includes(plain(told)) && told.length * 2 > words.length)

/** What a sheet records: a new entry, or what is new of the one that this place has already.
 * @returns null where nothing new is told of an entry on record */
function sheetProposal(
  { sheet, words, place }: SheetSaid,
  instead: readonly Proposal[],
  first: Proposal,
  { state, units, newId }: Setting,
): Proposal | null {
  const { kind, typed } = sheet
  const placeId = kind.at === 'site' ? null : first.placeId
  if (kind.at === 'place' && placeId === null) return null
  const name = kind.fields[0]!.key
  const old = state.entries.find((one) => isSame(one, kind.id, placeId, typed[name]))
  if (old && Object.keys(typed).every((key) => key === name)) return null
  const read = readValues(
    fieldsOf(kind).filter(({ key }) => typed[key] !== undefined),
    (key) => typed[key]!,
    units,
  )
  const values = old ? { ...old.values, ...read, [name]: old.values[name]! } : read
  const asked: SheetAsked = {
    register: kind,
    entryId: old?.id ?? newId(),
    values,
    lacks: sheet.lacks.filter(({ key }) => values[key] === undefined),
    sure: sheet.sure,
    instead,
  }
  const line: SpokenLine = { kind: 'note', words, ...(place ? { place } : {}) }
  const says = sheetWords(kind, values, units)
  return {
    line,
    placeId,
    says: old ? `Changed: ${says}` : says,
    ...(asked.lacks.length > 0
      ? { facts: [] }
      : sheetKept({ line, placeId, sheet: asked }, typedIn(asked), units, newId)),
    sheet: asked,
  }
}

/** What stands in the fields of a sheet before anybody changes it. */
const typedIn =
  ({ register, values }: Pick<SheetAsked, 'register' | 'values'>) =>
  (key: string): string =>
    typedValue(
      fieldsOf(register).find((one) => one.key === key)!,
      values[key],
    )

/** What a sheet records as it stands: the entry, and the words that it came from.
 * @param typed what stands in a field
 * @throws ImpossibleRequest whose `field` names what is missing or unreadable */
export function sheetKept(
  { line, placeId, sheet }: Pick<Proposal, 'line' | 'placeId'> & { readonly sheet: SheetAsked },
  typed: (key: string) => string,
  units: Units,
  newId: () => string,
): Pick<Proposal, 'facts' | 'toConfirm'> {
  const { register, entryId } = sheet
  const values = readEntry(register, typed, units)
  const confirm = TO_CONFIRM.find((one) => one.kind === register.id && values[one.field] === one.value)
  const written = (all: Values): NewFact => ({
    subject: 'entry',
    facet: 'written',
    subjectId: entryId,
    placeId,
    value: { kind: register.id, values: all },
  })
  const noted: NewFact = {
    subject: 'note',
    facet: 'noted',
    subjectId: newId(),
    placeId,
    value: { text: line.words, private: false, about: entryId },
  }
  return {
    facts: [written(confirm ? { ...values, ...confirm.until } : values), noted],
    ...(confirm ? { toConfirm: { words: confirm.words, facts: [written(values)] } } : {}),
  }
}

/** Two things that one selection may become, put side by side in it. */
function candidatesProposal(
  { words, place: at }: Stretch,
  first: Proposal,
  { state, newId }: Setting,
): Proposal | null {
  const candidates = candidatesIn(words)
  const place = state.places.find((one) => one.id === first.placeId)
  if (!candidates || !place) return null
  const known = selectionMeant({ ...first.line, words }, place, state)
  const id = known?.id ?? newId()
  const what = known?.what ?? candidates.map(({ name }, i) => (i === 0 ? name : name.toLowerCase())).join(' or ')
  return {
    line: { kind: 'selection', words, ...(at ? { place: at } : {}) },
    placeId: place.id,
    says: `To choose: ${candidates.map(({ name, leadDays }) => `${name}, ${leadWords(leadDays)}`).join(', or ')}`,
    facts: [
      ...(known ? [] : [selectionLaid(id, place, what, neededFor(first.line))]),
      { subject: 'selection', facet: 'candidates', subjectId: id, placeId: place.id, value: candidates },
    ],
  }
}

/** What lets work go on is kept only where somebody taps it. */
const TO_CONFIRM: readonly {
  readonly kind: string
  readonly field: string
  readonly value: string
  readonly until: Values
  readonly words: string
}[] = [{ kind: 'permit', field: 'state', value: 'granted', until: { state: 'asked for' }, words: 'It is granted' }]

/** Whether an entry on record is what a sheet speaks of: the same register, place and thing. */
function isSame(
  { kind, placeId, values, settled }: RegisterEntry,
  id: string,
  at: string | null,
  name: string | undefined,
): boolean {
  if (kind !== id || placeId !== at || settled !== null || !name) return false
  const [old, said] = [String(values[kindOf(kind).fields[0]!.key] ?? ''), name].map(
    (words) => new Set(words.toLowerCase().match(/[\p{L}\d]{2,}/gu) ?? []),
  )
  const shared = [...said!].filter((word) => old!.has(word))
  return shared.length > 0 && shared.length >= Math.min(said!.size, old!.size) / 2
}

/** A sheet in a few words: what it is and what it is called. */
function sheetWords({ one, fields }: EntryKind, values: Values, units: Units): string {
  const [name] = fields
  const said = values[name!.key]
  return said === undefined ? one : `${one}: ${printValue(name!, said, units)}`
}

function wholeAndParts(proposals: readonly Proposal[]): Proposal[] {
  const shares = new Map<string, Set<number>>()
  for (const fact of proposals.flatMap(({ facts }) => facts))
    if (fact.subject === 'line' && fact.facet === 'progress')
      shares.set(fact.subjectId, (shares.get(fact.subjectId) ?? new Set()).add(fact.value))
  const torn = ({ subject, facet, subjectId }: NewFact): boolean =>
    subject === 'line' && facet === 'progress' && shares.get(subjectId)!.size > 1
  return proposals.map((one) =>
    one.facts.some(torn)
      ? {
          ...one,
          says: `${one.says.replace(/: \d+ per cent$/, '')}, in part`,
          facts: one.facts.filter((fact) => !torn(fact)),
        }
      : one,
  )
}

/** What one line tells, whatever else was said. */
export function proposalOf(line: SpokenLine, setting: Setting): Proposal {
  const place = setting.state.places.find((one) => one.name === line.place) ?? null
  const made = line.private ? null : (MAKERS[line.kind]?.(line, place, setting) ?? null)
  if (made) return { line, placeId: place?.id ?? null, ...made }
  const says = line.private ? 'Private note' : isOpinion(line.words) ? 'Opinion' : 'Note'
  const value = {
    text: line.words,
    private: line.private === true,
    ...(isOpinion(line.words) ? { opinion: true } : {}),
  }
  return {
    line,
    placeId: place?.id ?? null,
    says,
    facts: [{ subject: 'note', facet: 'noted', subjectId: setting.newId(), placeId: place?.id ?? null, value }],
  }
}

type Made = Pick<Proposal, 'says' | 'facts' | 'toConfirm'>
type Maker = (line: SpokenLine, place: Place | null, setting: Setting) => Made | null

/** The words themselves, kept beside what is made of them. */
const told = ({ words }: SpokenLine, place: Place, about: Line | undefined, newId: () => string): NewFact => ({
  subject: 'note',
  facet: 'noted',
  subjectId: newId(),
  placeId: place.id,
  value: { text: words, private: false, ...(about ? { about: about.id } : {}) },
})

/** A line of work as it was said: its stage by what is done, or else by what it is done to; its trade with it. */
export function workOf(
  line: Pick<SpokenLine, 'words' | 'stage' | 'element' | 'action' | 'trade' | 'quantity' | 'extra'>,
  place: Pick<Place, 'id'>,
): Facts['line']['laid'] {
  const stage =
    stageOfDeed(line.words) ?? line.stage ?? stageIn('', line.element ?? null, line.action === 'remove') ?? 'framing'
  return {
    placeId: place.id,
    stage,
    trade: line.trade && line.trade !== 'client' ? line.trade : TRADE_OF_STAGE[stage],
    action: (line.action ?? 'install') as Action,
    element: (line.element ?? 'wall') as Element,
    title: titleOf(line.words),
    basis: 'once',
    rate: 'frame-opening',
    quantity: { value: line.quantity ?? 1, unit: 'each' },
    how: 'said on the walk',
    rough: true,
    hours: effort(1, 2),
    cautions: [],
    ...(line.extra ? { extra: true } : {}),
  }
}

const PAPER =
  /\b(?:permits?|letters?|consent|permission|licen[cs]e|notice|drawings?|quotes?|invoice|contract|approval|paperwork)\b/i

const MAKERS: Partial<Record<SpokenLine['kind'], Maker>> = {
  progress(line, place, { state, newId }) {
    // 'The permit for the wall is granted' tells of paper, not of the wall.
    if (!place || PAPER.test(line.words)) return null
    const lines = matching(line, place, state)
    if (line.state === 'unchanged')
      return {
        says: 'Nothing changed',
        facts: [
          { subject: 'place', facet: 'visited', subjectId: place.id, placeId: place.id, value: true },
          ...(line.element ? [told(line, place, lines[0], newId)] : []),
        ],
      }
    if (lines.length === 0) return null
    const names = lines.map((one) => one.title).join(', ')
    const at = (one: Line) => ({ subject: 'line' as const, subjectId: one.id, placeId: place.id })
    if (line.state === 'held') {
      const value = {
        reason: line.until ? `until ${line.until}` : line.words,
        ...(line.date ? { until: line.date } : {}),
      }
      return { says: `Held: ${names}`, facts: lines.map((one) => ({ ...at(one), facet: 'held', value })) }
    }
    if (line.percent === undefined) return null
    const percent = line.percent
    const tests = lines.filter((one) => one.inspects)
    if (percent === 100 && tests.length > 0)
      return {
        says: `${names}: said to have passed`,
        facts: [told(line, place, tests[0], newId)],
        toConfirm: {
          words: 'It passed',
          facts: tests.map((one): NewFact => ({ ...at(one), facet: 'progress', value: 100 })),
        },
      }
    return {
      says: `${names}: ${percent} per cent`,
      facts: [
        ...lines.map((one): NewFact => ({ ...at(one), facet: 'progress', value: percent })),
        told(line, place, lines[0], newId),
      ],
    }
  },
  work(line, place, { newId }) {
    if (!place) return null
    const at = { subject: 'line' as const, subjectId: newId(), placeId: place.id }
    const value = workOf(line, place)
    const price: NewFact[] = line.amount === undefined ? [] : [{ ...at, facet: 'price', value: minor(line.amount) }]
    return {
      says: `${line.extra ? 'Extra work' : 'Work'} for the ${TRADES[value.trade].toLowerCase()}`,
      facts: [{ ...at, facet: 'laid', value }, ...price],
    }
  },
  exclude(line, place, { state }) {
    const lines = place ? matching(line, place, state) : []
    if (!place || lines.length === 0 || !line.element) return null
    const facts = lines.map((one) => ({
      subject: 'line' as const,
      subjectId: one.id,
      placeId: place.id,
      facet: 'excluded' as const,
      value: { reason: line.words },
    }))
    return { says: `Out of the scope: ${lines.map((one) => one.title).join(', ')}`, facts }
  },
  keep(line, place, { newId }) {
    const value = { text: titleOf(line.words), ...(line.until ? { until: line.until } : {}) }
    return {
      says: line.until ? `Stays until ${line.until}` : 'Stays',
      facts: [{ subject: 'keep', facet: 'kept', subjectId: newId(), placeId: place?.id ?? null, value }],
    }
  },
  found(line, place, { newId }) {
    const sort = SERVICE_SORTS[line.element ?? '']
    if (sort && (line.condition === 'dead' || line.condition === 'live')) {
      // Whoever says so, only an instrument in licensed hands proves it.
      const state = line.condition === 'live' ? 'live' : SAID_DEAD
      const value = { kind: 'service', values: { what: line.words, sort, state } }
      return {
        says: state === 'live' ? 'Live' : 'Said to be dead: live until it is tested',
        facts: [{ subject: 'entry', facet: 'written', subjectId: newId(), placeId: place?.id ?? null, value }],
      }
    }
    const known =
      line.element && (ELEMENTS as readonly string[]).includes(line.element) ? { element: line.element } : {}
    const value = {
      text: line.words,
      ...(line.condition ? { condition: line.condition } : {}),
      certain: line.certain !== false,
      ...known,
    }
    return {
      says: line.certain === false ? 'Suspected' : 'Found',
      facts: [{ subject: 'finding', facet: 'found', subjectId: newId(), placeId: place?.id ?? null, value }],
    }
  },
  measure(line, place, { units }) {
    const ofRoom = /^(?:(?:the|this) )?(?:room|place|space|it)(?:'s|’s| is| measures)?\b/i.test(line.words)
    if (!place || !ofRoom || !line.dims || line.dims.length < 2 || line.dims.length > 3) return null
    const sides = line.dims.map((length) => ({
      tenths: mm(length),
      precision: 'exact' as const,
      typed: printLength(mm(length), units),
    }))
    const size: Size = { sides, typed: sides.map((side) => side.typed).join(' x ') }
    return {
      says: `Size: ${size.typed}`,
      facts: [{ subject: 'place', facet: 'measured', subjectId: place.id, placeId: place.id, value: size }],
    }
  },
  selection(line, place, { newId, state }) {
    if (!place) return null
    const stage = neededFor(line)
    const known = state.selections.find(
      (one) => one.placeId === place.id && one.neededFor === stage && one.state === 'undecided',
    )
    const subjectId = known?.id ?? newId()
    const at = { subject: 'selection' as const, subjectId, placeId: place.id }
    const lead = leadIn(line.words)
    return {
      says: `Chosen: ${known?.what ?? line.element ?? 'something'}${lead ? `, ${leadWords(lead)} from the order` : ''}`,
      facts: [
        ...(known ? [] : [selectionLaid(subjectId, place, titleOf(line.element ?? line.words), stage)]),
        { ...at, facet: 'state', value: 'chosen' },
        { ...at, facet: 'choice', value: line.words },
        ...(lead ? [{ ...at, facet: 'lead' as const, value: lead }] : []),
      ],
    }
  },
  expect: (line, place, { state }) => (place ? goodsToCome(line, place, state) : null),
  decide(line, place, { newId }) {
    const owner =
      line.trade === 'designer' || line.trade === 'engineer' ? line.trade : line.trade === 'client' ? 'client' : 'us'
    const value = { question: line.words, owner, ...(line.date ? { by: line.date } : {}) } as const
    return {
      says: `To decide, ${answersWords(owner)}${line.date ? ` by ${shortDay(line.date)}` : ''}`,
      facts: [{ subject: 'decision', facet: 'asked', subjectId: newId(), placeId: place?.id ?? null, value }],
    }
  },
}

const SERVICE_SORTS: Partial<Record<string, (typeof SERVICES)[number]>> = {
  wire: 'electric cable',
  outlet: 'electric cable',
  switch: 'electric cable',
  light: 'electric cable',
  'gas-line': 'gas pipe',
  pipe: 'water pipe',
  drain: 'waste pipe',
}

const titleOf = (words: string): string => capital(words.length > 150 ? `${words.slice(0, 147)}...` : words)

/** The lines of a place that a spoken line means: those of its stage, narrowed to its thing where some have it. */
function matching(line: SpokenLine, place: Place, state: SiteState): Line[] {
  const here = state.lines.filter((one) => one.placeId === place.id && one.excluded === null)
  const staged = line.stage ? here.filter((one) => one.stage === line.stage) : []
  if (line.action === 'test' || line.action === 'inspect')
    return here.filter(
      (one) =>
        one.inspects &&
        (!line.stage || one.inspects.includes(line.stage)) &&
        (line.action === 'inspect') === (one.trade === 'inspector'),
    )
  const pool = (line.stage ? staged : here).filter((one) => one.trade !== 'inspector' && !one.inspects)
  const exact = pool.filter((one) => one.element === line.element)
  return exact.length > 0 ? exact : line.stage ? pool : []
}

const TRADE_OF_STAGE: Record<Stage, Trade> = {
  testing: 'tester',
  scaffold: 'scaffolder',
  protect: 'carpenter',
  'strip-out': 'demolition',
  excavation: 'excavator',
  underground: 'plumber',
  concrete: 'concrete',
  shoring: 'carpenter',
  structure: 'mason',
  framing: 'carpenter',
  roof: 'roofer',
  'windows-doors': 'window-door',
  'weather-barrier': 'sider',
  cladding: 'sider',
  ducts: 'hvac',
  pipes: 'plumber',
  gas: 'gas-fitter',
  wires: 'electrician',
  'low-voltage': 'low-voltage',
  insulation: 'insulator',
  board: 'drywaller',
  tape: 'drywaller',
  plaster: 'plasterer',
  paint: 'painter',
  tile: 'tiler',
  flooring: 'flooring',
  cabinets: 'cabinet-maker',
  countertops: 'countertop',
  trim: 'carpenter',
  fixtures: 'electrician',
  railing: 'railing',
  'site-works': 'excavator',
  'return-list': 'carpenter',
}
