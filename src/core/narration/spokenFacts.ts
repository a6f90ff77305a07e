import { answersWords } from '../walk/answersWords'
import type { EntryKind } from '../entries/entryKind'
import type { Field, Values } from '../entries/field'
import { SAID_DEAD, SERVICES } from '../entries/kinds/services'
import { shortDay } from '../calendar/day'
import { mm, printLength, type Units } from '../measure/length'
import { minor } from '../measure/money'
import type { Size } from '../measure/size'
import type { Standards } from '../takeoff/standards'
import type { RateOverrides } from '../scope/rates'
import { workWords } from '../scope/workAmount'
import type { Line } from '../scope/line'
import { ELEMENTS, STAGES, TRADES } from '../scope/vocabulary'
import type { NewFact, SubjectKind } from '../walk/observation'
import type { Place, SiteState } from '../walk/siteState'
import { stageOfDeed } from './deeds'
import { deedsInTurn } from './deedsInTurn'
import { boughtFor, withItsGoods } from './goodsOfWork'
import { linesLaid } from './linesLaid'
import { linesMeant } from './linesMeant'
import { doneByATap, inPart, noteOf, shareOf } from './saidOfLines'
import type { SpokenLine } from './line'
import { named } from './mentions'
import { goodsToCome, IS_REPLACED, leadIn, leadWords, neededFor, selectionLaid } from './spokenGoods'
import { isOpinion } from '../walk/noteWords'
import { lower } from '../lists/capital'
import { listed } from '../lists/listed'
import { doneBefore, saidBefore } from './spokenOrder'
import { stageTold, titleOf, toldBefore, workOf } from './spokenWork'

/** A guess that goes on from what was said before it: alone it would be about nothing. */
const GUESSED =
  /^(?:(?:it|that|they) )?(?:could|might|may) (?:well )?be\b|^(?:probably|possibly|perhaps|maybe|looks like)\b/i

/** How a sentence says that something stays; the thing itself is what stands before it. */
const STAYS =
  /[\s,]+(?:that |it |they )?(?:(?:has|have|needs?) to |must |can |will )?(?:stays?|remains?|is staying|are staying)(?: there| put)?$/i

/** What will be recorded of a spoken line, for the person to confirm, and in which words. */
export interface Proposal {
  readonly line: SpokenLine
  readonly placeId: string | null
  readonly says: string
  readonly facts: readonly NewFact[]
  /** What would open a gate or report an inspection as passed: asked, and kept only where somebody says yes to it. */
  readonly toConfirm?: { readonly words: string; readonly facts: readonly NewFact[] }
  /** Nothing that was said tells whose work it is: asked, and its words kept where nobody answers. */
  readonly guessed?: true
  /** What is taken back with it: it was never so. */
  readonly takesBack?: { readonly subject: SubjectKind; readonly subjectId: string }
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

export interface Setting {
  readonly state: SiteState
  /** The site as it was known before this walk: what is newer can be changed by 'the last one'. */
  readonly before?: SiteState
  readonly units: Units
  /** The firm's own hours for a unit of work, where they differ. */
  readonly rates?: RateOverrides
  /** What the site sets instead of the trade's usual figures. */
  readonly standards?: Standards
  /** Whether the walk lays work out: what is told of is what will be done, unless it is there. */
  readonly laysOut?: boolean
  /** Makes a new id. */
  readonly newId: () => string
}

/** What one line tells, whatever else was said. */
export function proposalOf(line: SpokenLine, setting: Setting): Proposal {
  const place = setting.state.places.find((one) => one.name === line.place) ?? null
  const made = line.private ? null : (MAKERS[line.kind]?.(line, place, setting) ?? null)
  if (made) return { line, placeId: place?.id ?? null, ...made }
  const says = line.private
    ? 'Private note'
    : OTHER_SITE.test(line.words)
      ? 'Of another site: kept here as a note'
      : isOpinion(line.words)
        ? 'Opinion'
        : 'Note'
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

const OTHER_SITE = /\b(?:your|my|his|her|their|our|the) other (?:house|site|job|project)\b/i

type Made = Pick<Proposal, 'says' | 'facts' | 'toConfirm' | 'guessed'>
type Maker = (line: SpokenLine, place: Place | null, setting: Setting) => Made | null

/** Nearly done is not done: it counts when somebody says so. */
const AS_GOOD_AS = /\b(?:as good as|all but|pretty much|more or less) (?:done|finished|complete|ready|there)\b/i

/** 'They changed their mind on the tap, brass instead of black'. */
const MIND_ON = /\bminds? (?:on|about) (?:the |their |his |her )?([\w ]+?),/i

const LIES =
  /^(?:the |a |our )?(?:pile|stack|load)\b[^,]*:|\b(?:is|are|lies?|stands?) (?:stacked )?(?:in|on|under|behind) the (?:pile|yard|garage|truck|van|shed|store|skip|container|pallet|drive(?:way)?|lawn)\b/i

const PAPER =
  /\b(?:permits?|letters?|consent|permission|licen[cs]e|notice|drawings?|quotes?|invoice|contract|approval|paperwork)\b/i

const MAKERS: Partial<Record<SpokenLine['kind'], Maker>> = {
  progress(line, place, setting) {
    const { state, newId } = setting
    // 'The permit for the wall is granted' tells of paper, not of the wall.
    if (!place || PAPER.test(line.words)) return null
    const { whole, partOf } = linesMeant(line, place, state)
    const lines = line.percent === undefined || line.state ? [...whole, ...partOf] : whole
    if (line.state === 'unchanged')
      return {
        says: 'Nothing changed',
        facts: [
          { subject: 'place', facet: 'visited', subjectId: place.id, placeId: place.id, value: true },
          ...(line.element ? [noteOf(line, place.id, lines[0], newId)] : []),
        ],
      }
    if (lines.length === 0 && partOf.length > 0) return inPart(line, place.id, partOf, newId)
    // 'The wires are in but the boxes are not'.
    if (lines.length > 0 && line.percent === 0 && / but /i.test(line.words)) return inPart(line, place.id, lines, newId)
    if (lines.length === 0) return underWay(line, place, setting)
    const names = lines.map((one) => one.title).join(', ')
    const at = (one: Line) => ({ subject: 'line' as const, subjectId: one.id, placeId: place.id })
    if (line.state === 'held') {
      const value = {
        reason: line.until ? `until ${line.until}` : line.words,
        ...(line.date ? { until: line.date } : {}),
      }
      return { says: `Held: ${names}`, facts: lines.map((one) => ({ ...at(one), facet: 'held', value })) }
    }
    if (line.percent === undefined) {
      if (!AS_GOOD_AS.test(line.words)) return null
      return {
        says: `${names}: as good as done`,
        facts: [noteOf(line, place.id, lines[0], newId)],
        toConfirm: doneByATap(lines),
      }
    }
    const percent = line.percent
    const tests = lines.filter((one) => one.inspects)
    if (percent === 100 && tests.length > 0)
      return {
        says: `${names}: said to have passed`,
        facts: [noteOf(line, place.id, tests[0], newId)],
        toConfirm: {
          words: 'It passed',
          facts: shareOf(tests, 100),
        },
      }
    return {
      says: `${names}: ${percent} per cent`,
      facts: [...shareOf(lines, percent), noteOf(line, place.id, lines[0], newId)],
    }
  },
  work(line, place, setting) {
    if (!place) return null
    const deeds = deedsInTurn(line.words)
    const made = deeds.flatMap((words, i) => {
      const element = named(words.toLowerCase()) ?? line.element
      // What is done in turn is another deed, on the same thing or on what comes instead.
      const { stage: _stage, action: _action, ...rest } = line
      const next = { ...rest, ...(element ? { element } : {}), action: 'install' as const }
      const [deed, goods] = i === deeds.length - 1 ? withItsGoods(words) : [words, null]
      const first = i === 0 && deeds.length > 1 && stageOfDeed(deed) === 'strip-out'
      const said = first ? { ...line, action: 'remove' as const } : i === 0 ? line : next
      const laid = workLaid({ ...said, words: deed }, place, setting)
      if (!laid) return []
      const lines = setting.laysOut ? linesLaid(laid.facts) : []
      const bought = lines.flatMap((one) => boughtFor(one, goods, setting.state, setting.newId))
      return [{ ...laid, facts: [...laid.facts, ...bought] }]
    })
    return made.length === 0
      ? null
      : {
          says: made.map(({ says }, i) => (i > 0 ? lower(says) : says)).join('; then '),
          facts: made.flatMap(({ facts }) => facts),
          ...(made.some(({ guessed }) => guessed) ? { guessed: true as const } : {}),
        }
  },
  exclude(line, place, { state, newId }) {
    if (!place) return null
    const { whole: lines } = linesMeant(line, place, state)
    // What is out is said as plainly as what is in, whether or not a line was laid for it.
    if (lines.length === 0 || !line.element) {
      const part = titleOf(line.words.replace(/[\s,]+(?:is|are|stays?|isn't|aren't|is not|are not)\s.*$/is, ''))
      const value = { kind: 'part-treatment', values: { part, treatment: 'left as it is' } }
      return {
        says: `Not part of it: ${part}`,
        facts: [{ subject: 'entry', facet: 'written', subjectId: newId(), placeId: place.id, value }],
      }
    }
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
    const thing = line.until ? line.words.replace(/[\s,]+(?:un)?till?\s.*$/is, '') : line.words
    // 'Ceiling rose stays, protect it'.
    const text = thing.replace(STAYS, '').replace(/^(.+?) stays?, (?=\w)/i, '$1, ') || thing
    const value = { text: titleOf(text), ...(line.until ? { until: line.until } : {}) }
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
      text: GUESSED.test(line.words) && line.element ? titleOf(`${line.element}: ${line.words}`) : line.words,
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
  selection(line, place, setting) {
    const { newId, state } = setting
    // What lies in the yard is counted, not chosen.
    if (!place || LIES.test(line.words)) return null
    const stage = neededFor(line)
    const known = state.selections.find(
      (one) => one.placeId === place.id && one.neededFor === stage && one.state === 'undecided',
    )
    const subjectId = known?.id ?? newId()
    const at = { subject: 'selection' as const, subjectId, placeId: place.id }
    const lead = leadIn(line.words)
    // 'New tile on the floor' on a walk for the scope is chosen, and work.
    const isWork = setting.laysOut && ((!lead && /^(?:and )?new\b/i.test(line.words)) || IS_REPLACED.test(line.words))
    const fitted =
      isWork && !state.lines.some((one) => one.placeId === place.id && one.stage === stage && one.excluded === null)
        ? workLaid(line, place, setting)
        : null
    return {
      says: `Chosen: ${known?.what ?? line.element ?? 'something'}${lead ? `, ${leadWords(lead)} from the order` : ''}${fitted ? `; ${lower(fitted.says)}` : ''}`,
      facts: [
        ...(fitted?.facts ?? []),
        ...(known
          ? []
          : [
              selectionLaid(
                subjectId,
                place,
                titleOf(line.element ?? MIND_ON.exec(line.words)?.[1] ?? line.words),
                stage,
              ),
            ]),
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
    const value = { question: questionOf(line.words), owner, ...(line.date ? { by: line.date } : {}) } as const
    return {
      says: `To decide, ${answersWords(owner)}${line.date ? ` by ${shortDay(line.date)}` : ''}`,
      facts: [{ subject: 'decision', facet: 'asked', subjectId: newId(), placeId: place?.id ?? null, value }],
    }
  },
}

/** What is asked, for whoever is to answer it: 'the designer owes the dimensioned drawing by Tuesday' asks for the drawing. */
const questionOf = (words: string): string =>
  titleOf(
    words
      .replace(
        /^.*?\b(?:designer|engineer|architect|client|owner|association|supplier)s? (?:still )?(?:owes?|has to (?:send|give|draw)|have to (?:send|give|draw)|must (?:send|give|draw)|sends?) (?:us )?(?:the )?/i,
        '',
      )
      .replace(/[\s,]+(?:by|until|before) (?:next |the )?(?:\w+day|end of|\d).*$/i, ''),
  )

const SERVICE_SORTS: Partial<Record<string, (typeof SERVICES)[number]>> = {
  wire: 'electric cable',
  outlet: 'electric cable',
  switch: 'electric cable',
  light: 'electric cable',
  'gas-line': 'gas pipe',
  pipe: 'water pipe',
  drain: 'waste pipe',
}

/** One thing that is done, as a line; null where the scope has it already: told once more it stays one line of work. */
export function workLaid(line: SpokenLine, place: Place, { newId, units, rates, state }: Setting): Made | null {
  const at = { subject: 'line' as const, subjectId: newId(), placeId: place.id }
  const value = workOf(line, place, rates)
  if (toldBefore(value, place.id, state)) return null
  const before = doneBefore(line.words, place.id, state)
  const guessed = stageTold(line) === undefined && (line.trade === undefined || line.trade === 'client')
  // A scaffold is not struck while what it stands for is not even laid down.
  const reason = value.trade === 'scaffolder' && before.length === 0 ? saidBefore(line.words) : undefined
  return {
    says: `${line.extra ? 'Extra work' : 'Work'} for the ${TRADES[value.trade].toLowerCase()}, ${workWords(value, units)}${before.length > 0 ? `, after ${listed(before.map(({ title }) => lower(title)))}` : ''}`,
    facts: [
      { ...at, facet: 'laid', value },
      ...(line.amount === undefined ? [] : [{ ...at, facet: 'price' as const, value: minor(line.amount) }]),
      ...(before.length === 0
        ? []
        : [{ ...at, facet: 'waits' as const, value: before.map(({ id }) => ({ for: id })) }]),
      ...(reason ? [{ ...at, facet: 'held' as const, value: { reason: `${reason}, as was said` } }] : []),
    ],
    ...(guessed ? { guessed: true as const } : {}),
  }
}

const COUNTED =
  /\b(?:\d+|one|two|three|four|five|six|seven|eight|nine|ten|twelve|half) (?:out )?of (?:the )?(?:\d+|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve)\b/i

/** Work that is said to be under way and stands in no scope yet: a line of its own, so far done; what its place measures is
 * how much of it there is. What is all done leaves nothing to do. */
function underWay(line: SpokenLine, place: Place, { state, newId, units, rates }: Setting): Made | null {
  const { percent, stage } = line
  if (state.lines.some((one) => one.placeId === place.id && one.stage === stage && one.excluded === null)) return null
  // 'Six of the eight jacks are set' counts things, and tells of no walls.
  if (!stage || line.state || !percent || percent >= 100 || COUNTED.test(line.words)) return null
  const title = STAGES[stage]
  const element = line.element ?? 'wall'
  const value = { ...workOf({ words: `${title}, all walls`, stage, element, action: 'install' }, place, rates), title }
  const at = { subject: 'line' as const, subjectId: newId(), placeId: place.id }
  return {
    says: `Not in the scope yet: ${title}, ${workWords(value, units)}, ${percent} per cent`,
    facts: [
      { ...at, facet: 'laid', value },
      { ...at, facet: 'progress', value: percent },
    ],
  }
}
