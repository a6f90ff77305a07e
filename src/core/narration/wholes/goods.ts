import { addDays, shortDay } from '../../calendar/day'
import { capital, lower } from '../../lists/capital'
import { readNumber } from '../../measure/spokenNumber'
import type { LineLaid } from '../../scope/line'
import type { Element, Stage } from '../../scope/vocabulary'
import type { NewFact } from '../../walk/observation'
import { plain } from '../clauses'
import type { SpokenLine } from '../line'
import { named } from '../mentions'
import { wordsOf } from '../sheets/figures'
import {
  candidatesIn,
  IS_REPLACED,
  leadIn,
  leadWords,
  madeAfter,
  neededFor,
  selectionLaid,
  selectionMeant,
  wantedOn,
} from '../spokenGoods'
import { workLaid } from '../spokenFacts'
import { workOf } from '../spokenWork'
import { asNote, dayIn, laidDown, type Told, type Whole } from './whole'

/** The day on which goods are wanted, and goods whose maker waits for an answer. */
export const wantedOrAwaited: Whole = (sentence) => {
  const { words, first, place, state, newId } = sentence
  if (!place) return null
  const told = madeAfter(words, place, state, newId) ?? wantedOn({ ...first, words }, dayIn(sentence), place, state)
  return told && { kind: 'selection', ...told }
}

/** The selection that words speak of, or a new one with the facts that lay it down. */
function known(line: SpokenLine, what: string, { place, state, newId }: Told) {
  const meant = selectionMeant(line, place!, state)
  const id = meant?.id ?? newId()
  const name = meant?.what ?? what
  const laid: readonly NewFact[] = meant ? [] : [selectionLaid(id, place!, name, neededFor(line))]
  return { id, name, laid, on: { subject: 'selection' as const, subjectId: id, placeId: place!.id } }
}

const ORDERED = /^(?:the |our )?(.{3,60}?) (?:(?:was|were|is|are|has been|have been) )?ordered\b(?! by the)/i

/** 'Roof covering was ordered on Wednesday 15 April, 26 weeks': an order, its day, and how long it takes. */
export const ordered: Whole = (told) => {
  const { words, first, place, narration } = told
  const what = ORDERED.exec(words.trim())?.[1]
  const day = dayIn(told)
  const lead = leadIn(words)
  if (!what || !place || (!day && !lead) || /\b(?:not|never|to be)\b/i.test(words)) return null
  const { name, laid, on } = known({ ...first, words: what }, capital(what), told)
  const since = day && day <= narration.today ? day : null
  const fitted = fittedBy(told, what, neededFor({ ...first, words: what }))
  return {
    kind: 'selection',
    says: [
      `${name}: ordered${since ? ` ${shortDay(since)}` : ''}`,
      ...(lead ? [`${leadWords(lead)}`] : []),
      ...(lead && since ? [`so here by ${shortDay(addDays(since, lead[2]))}`] : []),
      ...(fitted ? [`and its work: ${lower(fitted.title)}`] : []),
    ].join(', '),
    facts: [
      ...laid,
      ...(fitted ? [laidDown(fitted, told.newId())] : []),
      { ...on, facet: 'state', value: 'ordered' },
      ...(lead ? [{ ...on, facet: 'lead' as const, value: lead }] : []),
      ...(since
        ? [{ ...on, facet: 'details' as const, value: { sort: 'other' as const, values: { ordered: since } } }]
        : []),
    ],
  }
}

const THEIRS =
  /^(?:all )?(?:the |our )?([\w'’ -]{3,40}?) (?:is|are) (theirs|hers|his|(?:bought|supplied|provided) by (?:them|her|him|the (?:client|owner|household)s?))\b/i

/** 'The tiles are theirs, they come on the 19th': what the household buys itself is awaited, and not ours to order. */
export const theirGoods: Whole = (told) => {
  const { words, first, place, narration } = told
  const [, what, whose] = THEIRS.exec(words.trim()) ?? []
  const day = dayIn(told)
  if (!what || !whose || !place || !named(plain(what)) || (!day && !/ by /i.test(whose))) return null
  const { name, laid, on } = known({ ...first, words: what }, capital(what), told)
  const arrives = day && day >= narration.today ? day : null
  return {
    kind: 'selection',
    says: `${name}: bought by the household${arrives ? `, here ${shortDay(arrives)}` : ''}`,
    facts: [
      ...laid,
      { ...on, facet: 'responsible', value: 'client' },
      { ...on, facet: 'choice', value: 'Their own' },
      { ...on, facet: 'state', value: arrives ? 'ordered' : 'chosen' },
      ...(arrives ? [{ ...on, facet: 'arrives' as const, value: arrives }] : []),
    ],
  }
}

/** Stages whose goods are fitted by a trade that comes for them. */
const FITTED: readonly Stage[] = ['roof', 'windows-doors', 'tile', 'flooring', 'cabinets', 'countertops', 'railing']

/** What was ordered is fitted by somebody: where no line of its place does that yet, one is laid down. */
function fittedBy({ place, state, rates }: Told, what: string, stage: Stage): LineLaid | null {
  if (!place || !FITTED.includes(stage)) return null
  if (state.lines.some((line) => line.placeId === place.id && line.stage === stage && line.excluded === null))
    return null
  const title = `Fit the ${lower(what)}`
  const element = STAGE_THING[stage] ?? named(what.toLowerCase())
  const value = workOf({ words: title, stage, action: 'install', ...(element ? { element } : {}) }, place, rates)
  return { ...value, stage }
}
const STAGE_THING: Partial<Record<Stage, Element>> = { roof: 'roof', cabinets: 'cabinet', countertops: 'countertop' }

const TAKES =
  /^(?:the |our )?(.{3,40}?) (?:takes?|needs?|(?:is|are|comes?) in) (?:about |another |up to )?.+? (?:from (?:the )?(?:order|measuring|day)|after (?:measuring|the order)|to (?:make|get|arrive|come))\b/i

const WANT =
  /^(?:they|she|he|the (?:client|owner)s?) wants? (?:the |their |all the )?([a-z ]{3,40}?) (?:fitted|installed|hung|set|laid|delivered|in|here)? ?(?:on|by) /i

/** 'They want the windows fitted on Monday 20 July, custom ones take up to 84 days': goods with the day on which they are
 * wanted and the time that they take. */
export const wantedAndTaking: Whole = (told) => {
  const { words, first, place } = told
  const what = WANT.exec(words.trim())?.[1]
  const day = what ? dayIn(told) : null
  const lead = day ? leadIn(words.slice(words.indexOf(','))) : null
  if (!what || !day || !lead || !place) return null
  const { name, laid, on } = known({ ...first, words: what }, capital(what), told)
  return {
    kind: 'selection',
    says: `${name}: wanted on site ${shortDay(day)}, ${leadWords(lead)} from the order`,
    facts: [...laid, { ...on, facet: 'wanted', value: day }, { ...on, facet: 'lead', value: lead }],
  }
}

/** 'The front door is 95 wide and takes six weeks': goods, by their name. */
const GOODS_TAKE =
  /^(?:the |our )?((?:[a-z]+ )?(?:doors?|windows?|tops?|glass|stairs?|cabinets?|tiles?|vanity|vanities|railings?|skins?|panels?|slates?|stone|shutters?|handles?))\b.* ?takes? (?:(?:up to |about |another )?[\w ]{1,20} weeks|up to [\w ]{1,20} days)\b(?! to (?:lay|hang|fit|set|install|build|paint))/i

/** 'The shower glass takes three weeks from measuring': how long something takes that nobody chose yet. */
export const takesSoLong: Whole = (told) => {
  const { words, first, place } = told
  const what = (TAKES.exec(words.trim()) ?? GOODS_TAKE.exec(words.trim()))?.[1]
  const lead = what ? leadIn(words) : null
  if (!what || !lead || !place) return null
  const { name, laid, on } = known({ ...first, words: what }, capital(what), told)
  return {
    kind: 'selection',
    says: `${name}: ${leadWords(lead)} from the order`,
    facts: [...laid, { ...on, facet: 'lead', value: lead }],
  }
}

const MADE_TO_ORDER =
  /\b(?:(?:made|built|cut) to (?:order|measure|size)|custom(?: made)?|special order|bespoke|ordered in|factory order)\b/i

/** Something that is made for this place, with the time it takes: a selection that is chosen. */
export const madeToOrder: Whole = (told) => {
  const { words, first, place } = told
  const lead = MADE_TO_ORDER.test(words) ? leadIn(words) : null
  if (!lead || !place) return null
  const line: SpokenLine = { ...first, words }
  const { name, laid, on } = known(line, capital(line.element ?? 'to order'), told)
  const fitted =
    told.laysOut && IS_REPLACED.test(words)
      ? workLaid({ ...line, words: words.replace(AND_MADE, '') }, place, told)
      : null
  return {
    kind: 'selection',
    says: `Chosen: ${name}, ${leadWords(lead)} from the order${fitted ? `; ${lower(fitted.says)}` : ''}`,
    facts: [
      ...(fitted?.facts ?? []),
      ...laid,
      { ...on, facet: 'state', value: 'chosen' },
      { ...on, facet: 'choice', value: words },
      { ...on, facet: 'lead', value: lead },
    ],
  }
}

/** How they are made and how long that takes is no part of putting them in. */
const AND_MADE =
  /,? (?:all |each )?(?:(?:made|built|cut) to (?:order|measure|size)|custom(?: made)?|special order|bespoke)\b.*$/i

/** What a wall is faced with, which the household sees. */
const FACING = /\b(?:slate|brick|stone|veneer|slips|cladding|siding|render)\b/i

/** Two things that one selection may become, put side by side in it. */
export const candidates: Whole = ({ words, first, place, state, newId }) => {
  const ways = candidatesIn(words)
  if (!ways || !place) return null
  const meant = selectionMeant({ ...first, words }, place, state)
  const id = meant?.id ?? newId()
  const what = meant?.what ?? ways.map(({ name }, i) => (i === 0 ? name : name.toLowerCase())).join(' or ')
  const stage = FACING.test(words) || place.kind === 'face' ? 'cladding' : neededFor(first)
  return {
    kind: 'selection',
    says: `To choose: ${ways.map(({ name, leadDays }) => `${name}, ${leadWords(leadDays)}`).join(', or ')}`,
    facts: [
      ...(meant ? [] : [selectionLaid(id, place, what, stage)]),
      { subject: 'selection', facet: 'candidates', subjectId: id, placeId: place.id, value: ways },
    ],
  }
}

const LYING =
  /^(.+?) (?:is|are|lies?|lie|stands?) (?:stacked |ready )?(?:in|on|under|behind|beside) the (?:pile|yard|garage|truck|van|shed|store|skip|container|drive(?:way)?|lawn)\b[\s.]*$/i

/** 'Four laminated beams, 96 studs and 32 sheets are in the pile': what is there, counted thing by thing. */
export const lying: Whole = ({ words, place, newId }) => {
  const list = LYING.exec(words.trim())?.[1]?.split(/,\s*(?:and )?|\s+and\s+/i)
  const counted = list?.map((one) => {
    const tokens = wordsOf(one)
    const number = readNumber(tokens, 0)
    const what = number ? tokens.slice(number.next).join(' ') : ''
    return number && Number.isInteger(number.value) && what !== '' ? { count: number.value, what: capital(what) } : null
  })
  if (!counted || counted.length < 2) return null
  const all = counted.flatMap((one) => one ?? [])
  if (all.length < counted.length) return null
  return {
    kind: 'note',
    says: `There: ${all.map(({ count, what }) => `${count} ${lower(what)}`).join(', ')}`,
    facts: all.map(({ count, what }): NewFact => ({
      subject: 'entry',
      facet: 'written',
      subjectId: newId(),
      placeId: place?.id ?? null,
      value: { kind: 'count', values: { what, delivered: count } },
    })),
  }
}

const WRONG = [
  /\b(?:delivered|sent|brought|shipped|dropped off|left) (?:us )?(?:the )?wrong (.{3,50}?)$/i,
  /\bwrong (.{3,50}?) (?:(?:was|were|has been|have been|got) )?(?:came|delivered|sent|arrived|turned up|shipped)\b/i,
  /^(?:the |our )?(.{3,50}?) (?:has |have |was |were |just )*(?:came|come|arrived|turned up|delivered) (?:in )?(?:the )?(?:wrong|damaged|broken|cracked|chipped|smashed|scratched|dented)\b/i,
] as const

/** 'They delivered the wrong sink', 'the vanity came damaged': what is awaited came and is to be ordered again; the words stay. */
export const cameWrong: Whole = (told) => {
  const { first, place, state } = told
  const words = told.words.trim().replace(/[.!\s]+$/, '')
  const what = WRONG.map((one) => one.exec(words)?.[1]).find(Boolean)
  if (!what || !place || /\b(?:not|never|if|might|may|could|unless|\w+n['’]t)\b/i.test(words)) return null
  const meant = selectionMeant({ ...first, words: what }, place, state)
  if (!meant || meant.state === 'installed') return null
  return {
    kind: 'selection',
    says: `${meant.what}: came wrong, to be ordered again`,
    facts: [
      { subject: 'selection', subjectId: meant.id, placeId: place.id, facet: 'state', value: 'wrong' },
      ...asNote(told),
    ],
  }
}

const ARRIVED =
  /^(?:the |our |all (?:of )?the )?(.{3,50}?) (?:(?:has|have|was|were|is|are) )?(?:all |now |just |both )*(?:been )?(delivered|arrived|unloaded|here|on site)(?: (?:on|this|last|yesterday|today|now).*)?$/i

/** 'The siding has all been delivered': what was to come is there; that nothing is fitted with it is as plain. */
export const arrived: Whole = (told) => {
  const { first, place, state } = told
  const words = told.words.trim().replace(/[.!\s]+$/, '')
  const [, what, how] = ARRIVED.exec(words) ?? []
  if (
    !what ||
    !how ||
    !place ||
    /\b(?:not|never|if|when|once|until|will|might|may|could|half|some|\w+n['’]t)\b/i.test(words)
  )
    return null
  const meant = selectionMeant({ ...first, words: what }, place, state)
  if (meant && meant.state !== 'installed')
    return {
      kind: 'selection',
      says: `${meant.what}: arrived`,
      facts: [
        { subject: 'selection', subjectId: meant.id, placeId: place.id, facet: 'state', value: 'arrived' },
        ...asNote(told),
      ],
    }
  // What is 'here' may only lie there; what was delivered is no work that is done.
  return /^(?:here|on site)$/i.test(how) ? null : { kind: 'note', says: 'Note', facts: asNote(told) }
}
