import type { Action, Element, Trade } from '../scope/vocabulary'
import { actionIn } from './actions'
import { readDate, readLead } from './dates'
import { percentIn } from './howFar'
import { joinedElements } from './joining'
import { MATERIAL } from './lexicon'
import type { Narration, SpokenLine } from './line'
import { elementsIn, mainThing, tradeIn, whereElement, type Mention } from './mentions'
import { ANAPHORA, namesAnother } from './pointing'
import type { Fields, Memory, Reading, Seen } from './reading'
import { RULES } from './rules'
import { readNumbers } from './sizes'

/** 'Four are loose by the stairs': of the things named before. */
const SOME_OF_THEM =
  /^(?:and |but )?(?:one|two|three|four|five|six|seven|eight|nine|ten|some|most|both|all|half|none|several|a few|a couple) (?:of them )?(?:is|are|has|have|needs?|came|were|was)\b/

/** Whether a material tells what is going in: not where it names people ('carpet people') or is the thing itself ('the
 * glass is here'). */
const tellsMaterial = (norm: string): boolean =>
  MATERIAL.test(
    norm
      .replace(/\b[a-z]+ (?:lads|crew|guys?|people|man|men|fitters?|company|supplier)\b/g, ' ')
      .replace(
        /\b[a-z]+(?= (?:is|are) (?:here|in|on|up|measured|ordered|coming|late|due|delivered|done|back|being|not)\b)/,
        ' ',
      ),
  )

const COUNTS_PEOPLE =
  /\b(?:one|two|three|four|five|six|seven|eight|nine|ten|\d+|both|all) of (?:us|them lads|the lads|the guys|the crew)\b/

/** What was done today is nothing to come: 'she agreed to it this morning'. */
const HAPPENED =
  /^(?!.*\b(?:is|are|will|gets?|being|due|to)\b).*\b(?:[a-z]+ed|came|went|did|said|told|got|had|found|took|left|brought|ran|cut|broke|saw)\b/

/** Who says or does something is he who was spoken of: 'says Thursday now', 'back Monday'. */
const HE_AGAIN =
  /^(?:now )?says?\b|^(?:he is |she is |they are )?back\b|^(?:he|she|they) (?:says?|is|are|will|can|reckons?|said|comes?|owes?|wants?|meets?)\b/

/** A day that was only told of, or that nobody can resolve, is none. */
const NO_DAY = /\bany day (?:but|except)\b|\bthe \w+day after\b|\b(?:i|we|he|she|they) (?:said|told)\b/

/** Reads one clause: its numbers, days and people, the thing it speaks of, and what kind of line that makes.
 * @returns also whether it speaks of another thing, so that what was spoken of before is forgotten */
export function readClause(
  norm: string,
  { units, today }: Narration,
  before: Memory,
  last: SpokenLine | null,
): { reading: Reading; forgets: boolean } {
  const tokens = norm.split(' ').filter(Boolean)
  const date = NO_DAY.test(norm) ? null : readDate(norm, today)
  const dateless = date ? norm.replace(date.words, ' ').replace(/\s+/g, ' ').trim() : norm
  const lead = readLead(dateless)
  const numbers = readNumbers(dateless.split(' ').filter(Boolean), units)
  const named = elementsIn(tokens)
  const trade = tradeIn(
    norm.replace(
      /(?<=\w )(?:(?:when|once|as soon as|except(?: for)?|apart from|other than)|or (?:the|he|she|they|we)) .*$/,
      '',
    ),
  )
  // 'The gas engineer fits the hob': of the two the hob is meant.
  const others = named.filter((one) => !trade || !isOf(trade, one, norm))
  const mentions = others.some((one) => !one.where && one.key) ? others : named
  const action = actionIn(norm)
  const { element, own } = thingOf(norm, tokens, mentions, action, before.element)
  const fields: Fields = {}
  if (element) fields.element = element
  if (numbers.dims.length > 0) fields.dims = [...numbers.dims]
  if (numbers.quantity !== null) fields.quantity = numbers.quantity
  if (numbers.amount !== null) fields.amount = numbers.amount
  if (date) fields.date = date.day
  if (trade) fields.trade = trade.trade
  else if (HE_AGAIN.test(norm) && before.trade) fields.trade = before.trade
  const reading: Reading = {
    kind: null,
    fields,
    own,
    elements: joinedElements(tokens, mentions),
    material: tellsMaterial(norm),
    statement: /\b(?:is|are|was|were|has|have|wants?|asked|said|says|owns?|would)\b/.test(norm),
    bare: numbers.bare,
  }
  const seen: Seen = {
    action,
    lead,
    percent: percentIn(norm, numbers.percent),
    hasDate: date !== null && date.day >= today && !(date.day === today && HAPPENED.test(norm)),
    tradeFirst: trade !== null && trade.at <= 12,
    where: whereElement(mentions),
  }
  const forgets = !element && !own && namesAnother(norm)
  const memory: Memory = forgets ? { ...before, element: null, stage: undefined, stageOf: undefined } : before
  for (const rule of RULES) {
    reading.kind = rule(norm, reading, seen, last, memory)
    if (reading.kind) break
  }
  const owes = owedBy(norm, reading, before.trade)
  if (owes) fields.trade = owes
  // 'Three carpenters are here Monday', 'the three of us hung it': people are counted, no things.
  if (COUNTS_PEOPLE.test(norm) || (reading.kind === 'expect' && fields.trade && !fields.element)) delete fields.quantity
  // 'Take five eighths off the bottom': it is made smaller, not taken away.
  if (fields.action === 'remove' && fields.dims && /\btake .+ off (?:the|its|that|each|both)\b/.test(norm))
    delete fields.action
  if (reading.kind === 'expect' && fields.trade === 'inspector') fields.action ??= 'inspect'
  // 'Ten days', said after what is to come.
  if (reading.kind === null && lead !== null) fields.leadDays ??= lead
  return { reading, forgets }
}

/** Whether a thing is only named in what people are called. */
const isOf = (trade: { at: number; length: number }, { from, to }: Mention, norm: string): boolean => {
  const first = norm.slice(0, trade.at).split(' ').filter(Boolean).length
  const last = norm.slice(0, trade.at + trade.length).split(' ').length
  return from >= first && to <= last && to - from < last - first
}

/** The thing that a clause speaks of: its own, the one pointed back at, or the one spoken of before. */
function thingOf(
  norm: string,
  tokens: readonly string[],
  mentions: readonly Mention[],
  action: Action | null,
  before: Element | null,
): { element: Element | null; own: boolean } {
  const main = mainThing(norm, tokens, mentions, action)
  const own = main !== null || mentions.some((one) => !one.where && one.key === '')
  // A thing without a key is spoken of: what tells where it is, is not meant.
  const keyless = mentions.some(
    (one) => !one.where && one.key === '' && !/^(?:drawing|sign off)/.test(tokens.slice(one.from, one.to).join(' ')),
  )
  const pointsBack = ANAPHORA.test(norm) || SOME_OF_THEM.test(norm) || /^that (?:is|has|needs|wants)\b/.test(norm)
  // 'Run it before the slab': whatever it is, it is not the slab.
  const unknown = keyless || /^[a-z]+ (?:it|them) (?:before|after|under|over|behind)\b/.test(norm)
  // What ends a temporary state is not what stays.
  const until = tokens.indexOf('until')
  const told =
    main ??
    (pointsBack ? before : null) ??
    (unknown ? null : whereElement(mentions.filter((one) => until < 0 || one.from < until)))
  return { element: told ?? (own || namesAnother(norm) ? null : before), own }
}

/** Who owes an answer, or does what is not ours, where the clause does not name him. */
function owedBy(norm: string, { kind, fields }: Reading, before: Trade | undefined): Trade | undefined {
  // 'The carpenter needs the colour from the designer': he who is asked owes it.
  // 'The plumber says the electrician owes a drawing': who owes stands before it.
  const owing =
    kind === 'decide'
      ? tradeIn(/\b(?:says?|said|thinks?|reckons?) (?:that )?(.+?) (?:still )?owes?\b/.exec(norm)?.[1] ?? '')
      : null
  if (owing) return owing.trade
  const asked = kind === 'decide' ? tradeIn(/\bfrom (.+)$/.exec(norm)?.[1] ?? '')?.trade : undefined
  if (asked || fields.trade) return asked
  const somebody = kind === 'decide' || (kind === 'exclude' && /\b(?:her|him)?self\b/.test(norm))
  // Who decides and is called 'she' is the client, where nobody else was spoken of.
  return somebody && /\b(?:she|he) (?:is|has|still|can|wants?|needs?)\b/.test(norm) ? (before ?? 'client') : undefined
}
