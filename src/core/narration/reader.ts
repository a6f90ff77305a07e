import type { Element } from '../scope/vocabulary'
import {
  addTo,
  correct,
  countDone,
  counted,
  countLeft,
  EITHER,
  isAllClear,
  isLeft,
  isShareOf,
  keepSecret,
  leaveOpen,
  ofCounted,
  someAreFound,
} from './amending'
import { clausesOf, plain, type Clause } from './clauses'
import { readDate, readLead } from './dates'
import { extend, joinedElements, joins, withoutCorrection } from './joining'
import { percentIn } from './howFar'
import { actionIn, isExtra, PRIVATE, PRIVATE_TAIL } from './kinds'
import { MATERIAL } from './lexicon'
import type { LineKind, Narration, SpokenLine } from './line'
import { elementsIn, mainThing, tradeIn, whereElement } from './mentions'
import { namesAnother } from './pointing'
import { isFiller, laterPlace, leadingPlace, placeNames, type PlaceNames } from './placeNames'
import type { Fields, Reading, Said } from './reading'
import { readNumber } from '../measure/spokenNumber'
import { ANAPHORA, RULES, type Seen } from './rules'
import { readNumbers } from './sizes'
import { FORBIDS } from './works'

/** The boards of a face are its siding, the decking of a roof is its sheathing. */
function asSeenAt(element: Element, place: string | null, norm: string): Element {
  const face = /\b(?:face|elevation|gable)\b/i.test(place ?? '')
  if (element === 'drywall' && face && /(?<!backer )\bboards?\b/.test(norm)) return 'siding'
  return element === 'deck' && /\broof\b/i.test(place ?? '') && /\bdecking\b/.test(norm) ? 'sheathing' : element
}

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

/** What was done today is nothing to come: 'she agreed to it this morning'. */
const HAPPENED =
  /^(?!.*\b(?:is|are|will|gets?|being|due|to)\b).*\b(?:[a-z]+ed|came|went|did|said|told|got|had|found|took|left|brought|ran|cut|broke|saw)\b/

/** Reads sentence after sentence and remembers what 'it' and 'they' mean. */
export class Reader {
  readonly lines: Said[] = []
  private readonly names: PlaceNames
  private places: readonly (string | null)[]
  private element: Element | null = null
  private stage: Fields['stage']
  private stageOf: Fields['element']
  private trade: Fields['trade']

  constructor(private readonly told: Narration) {
    this.names = placeNames(told.places)
    this.places = [told.current]
  }

  sentence(start: number, end: number): void {
    const from = this.lines.length
    const whole = this.told.text.slice(start, end)
    const stays = this.places
    const everywhere =
      /\b(?:whole house|whole place|all over the house|entire house|throughout the house)\b|^\W*(?:ok|right|so|and)?\W*(?:everywhere|throughout)\b/i.test(
        whole,
      )
    if (everywhere) this.places = [null]
    const clauses = clausesOf(this.told.text, start, end, (norm) => leadingPlace(norm, this.names) !== null)
    const secret = clauses.some((clause) => PRIVATE.test(clause.norm))
    let correcting = false
    let content = false
    for (const clause of clauses) {
      const said = withoutCorrection(clause.norm)
      if (clause.corrects && said === '') {
        correcting = true
        continue
      }
      const lead = leadingPlace(clause.norm, this.names)
      if (lead && !everywhere) this.places = lead.places
      if (lead?.alone || isFiller(clause.norm)) continue
      content = true
      let norm = lead ? lead.rest : clause.norm
      if (clause.corrects) norm = said
      if (secret) norm = norm.replace(PRIVATE, ' ').replace(/\s+/g, ' ').trim()
      // 'don't show the client this yet' only marks what follows.
      if (secret && /^(?:(?:this|that|it|them|yet|just|so|please|but)(?: |$))*$/.test(norm)) continue
      this.clause(clause, norm, from, correcting || clause.corrects, lead !== null)
      correcting = false
    }
    this.flush()
    this.settle(from, start, end, content, secret)
    if (everywhere) this.places = stays
  }

  private clause(clause: Clause, norm: string, from: number, corrects: boolean, led: boolean): void {
    const reading = this.read(norm)
    if (led) reading.own = true
    if (reading.fields.until) reading.fields.until = this.triggerOf(clause) ?? reading.fields.until
    const last = this.lines.length > from ? this.lines.at(-1)! : null
    if (corrects && last) {
      if (correct(last, reading, clause)) this.remember(last.line)
      return
    }
    if (last && EITHER.test(norm)) return leaveOpen(last, clause)
    if (last && isLeft(last, reading, norm)) return countLeft(last, counted(reading)!, clause)
    if (last && ofCounted(last, reading, norm)) return countDone(last, reading, clause)
    // 'The lintels are rusted, four out of seven'.
    if (
      last?.line.kind === 'found' &&
      reading.kind === 'progress' &&
      /^[a-z\d]+ (?:out )?of (?:the )?[a-z\d]+$/.test(norm)
    ) {
      const some = readNumber([norm.split(' ')[0]!], 0)
      if (some) last.line.quantity ??= some.value
      last.end = clause.end
      return
    }
    if (last && isShareOf(last, reading, norm)) {
      last.end = clause.end
      last.line.percent = reading.fields.percent!
      return
    }
    // '140 quid supply and fit': what the work just told costs.
    if (
      last?.line.kind === 'work' &&
      last.line.amount === undefined &&
      reading.fields.amount !== undefined &&
      !reading.own &&
      /^(?:about |call it |say |for |around )*(?:an? )?[\w.]+(?: [\w.]+){0,3} (?:quid|dollars?|bucks|pounds?|euros?|grand)\b/.test(
        norm,
      )
    ) {
      last.line.amount = reading.fields.amount
      if (isExtra(norm)) last.line.extra = true
      last.end = clause.end
      return
    }
    // 'Two came wrong, being remade, five weeks': when what is wrong will be here again.
    const awaited =
      last?.line.kind === 'found' ||
      (last?.line.kind === 'selection' &&
        /^(?:about |around |at least |it is |lead time )*(?:\w+ (?:to|or) )?\w+ (?:working )?(?:weeks?|months?|days|fortnight)\b/.test(
          norm,
        )) ||
      (last?.topic && /\b(?:ordered|templated|measured|sent off)\b/.test(last.norm))
    if (reading.kind === null && last && awaited && reading.fields.leadDays !== undefined) {
      const { element } = last.line
      reading.kind = 'expect'
      if (element) reading.fields.element ??= element
    }
    // 'Five shelves, 14 deep, painted'.
    if (
      (last?.topic || last?.line.kind === 'selection') &&
      /^(?:sealed|painted|stained|oiled|lacquered|varnished|polished)(?: \w+| to match .*)?$/.test(norm)
    ) {
      reading.kind = null
      reading.material = true
      reading.own = false
      delete reading.fields.element
      delete reading.fields.percent
    }
    if (reading.kind === null) return this.attach(reading, clause, norm, last)
    // 'The quote is 640, that's an extra'.
    if (reading.fields.extra && reading.fields.amount === undefined && last?.topic && last.bare !== undefined)
      reading.fields.amount = Math.round(last.bare * 100)
    if (last?.topic) this.absorbTopic(last, reading)
    const before = this.lines.length > from ? this.lines.at(-1)! : null
    if (before && joins(before, reading, norm)) return extend(before, reading.fields, clause)
    this.push(reading, clause, norm, last?.topic && this.lines.at(-1) !== last ? last.start : clause.start)
  }

  /** The trigger that ends a temporary state, in the words it was told. */
  private triggerOf(clause: Clause): string | undefined {
    return /\b(?:until|till|til|before|once|as soon as)\s+(.+)$/i.exec(
      this.told.text.slice(clause.start, clause.end),
    )?.[1]
  }

  /** A thing named beforehand ('the old handrail, we are reusing that one') gives its fields to what is said of it. */
  private absorbTopic(topic: Said, reading: Reading): void {
    if (someAreFound(topic, reading)) {
      reading.fields.quantity = counted(reading)!
      return this.flush()
    }
    const apart = topic.norm.startsWith('statement ') || (reading.own && topic.line.element !== reading.fields.element)
    if (apart) return this.flush()
    this.lines.pop()
    const { kind: _kind, words: _words, place: _place, ...fields } = topic.line
    reading.fields = {
      ...fields,
      ...reading.fields,
      ...(fields.element && !reading.own ? { element: fields.element } : {}),
    }
    reading.own = true
  }

  private push(reading: Reading, clause: Clause, norm: string, start: number): void {
    const { kind, fields } = reading
    const place = laterPlace(norm, this.names)
    const places = place ?? this.places
    const named = (element: Element): Element => asSeenAt(element, places[0] ?? null, norm)
    const elements: readonly (Element | undefined)[] = reading.elements.length > 1 ? reading.elements : [fields.element]
    for (const at of places) {
      for (const element of elements) {
        const line: SpokenLine = {
          kind: kind!,
          words: '',
          ...fields,
          ...(element ? { element: named(element) } : {}),
          ...(at ? { place: at } : {}),
        }
        this.lines.push({ line, start, end: clause.end, own: reading.own, norm })
      }
    }
    if (fields.element) this.remember({ ...fields, element: named(fields.element) })
    else {
      if (namesAnother(norm)) this.forget()
      this.remember(fields)
    }
  }

  /** Another thing, that has no key, is spoken of now: 'it' is no longer the thing before. */
  private forget(): void {
    this.element = null
    this.stage = undefined
    this.stageOf = undefined
  }

  private remember(fields: Fields): void {
    if (fields.element) this.element = fields.element
    if (fields.stage) {
      this.stage = fields.stage
      this.stageOf = fields.element
    }
    if (fields.trade) this.trade = fields.trade
  }

  /** What says nothing by itself adds to the line before; where there is none it waits as a topic. */
  private attach(reading: Reading, clause: Clause, norm: string, last: Said | null): void {
    const names = reading.own && (reading.material || !last || last.topic === true)
    if (last && last.topic && names && last.line.element && reading.fields.element !== last.line.element) {
      this.flush()
      return this.topic(reading, clause, norm)
    }
    if (
      last &&
      reading.own &&
      reading.material &&
      last.line.kind === 'selection' &&
      reading.fields.element !== last.line.element
    )
      return this.topic(reading, clause, norm)
    if (last?.topic && reading.own && last.norm.startsWith('statement ')) {
      this.flush()
      return this.topic(reading, clause, norm)
    }
    if (
      !last ||
      (!last.topic &&
        (isAllClear(reading, norm) ||
          (reading.statement &&
            (reading.own || namesAnother(norm)) &&
            Object.keys(reading.fields).every((k) => k === 'element'))))
    )
      return this.topic(reading, clause, norm)
    // 'Room's 3.4 by 2.9, ceiling 2.5': a size of another thing.
    const apart =
      last.line.kind === 'measure' && reading.own && reading.fields.dims && reading.fields.element !== last.line.element
    if (apart) return this.topic(reading, clause, norm)
    addTo(last, reading, clause, norm)
    if (reading.fields.trade) this.trade = reading.fields.trade
  }

  private topic(reading: Reading, clause: Clause, norm: string): void {
    const place = laterPlace(norm, this.names)?.[0] ?? this.places[0]
    const kind: LineKind =
      reading.material && reading.own
        ? 'selection'
        : reading.fields.dims?.length && !FORBIDS.test(norm)
          ? 'measure'
          : 'note'
    const line: SpokenLine = { kind, words: '', ...reading.fields, ...(place ? { place } : {}) }
    this.lines.push({
      line,
      start: clause.start,
      end: clause.end,
      own: reading.own,
      topic: true,
      ...(reading.bare === null ? {} : { bare: reading.bare }),
      norm: reading.statement ? `statement ${norm}` : norm,
    })
    if (!reading.fields.element && namesAnother(norm)) this.forget()
    this.remember(reading.fields)
  }

  /** A topic of which nothing more was said stands as what it is: a selection, a measure, or a note. */
  private flush(): void {
    const last = this.lines.at(-1)
    if (!last?.topic) return
    last.topic = false
    if (last.line.kind !== 'note') return
    // A thing named with its size and nothing more: what is there, or what is going in.
    if (last.line.dims && last.line.element) {
      last.line.kind = /\b(?:fitted|new|custom|pair|made to measure|bespoke|built|prehung|pre hung)\b/.test(last.norm)
        ? 'selection'
        : 'measure'
      return
    }
    if ((last.line.dims?.length ?? 0) > 1 || (last.line.dims && /\bmeasured\b/.test(last.norm))) {
      last.line.kind = 'measure'
      return
    }
    if (last.own && last.line.quantity !== undefined && last.line.element) {
      last.line.kind = 'measure'
      return
    }
    const { place, words, private: secret } = last.line
    last.line = { kind: 'note', words, ...(place ? { place } : {}), ...(secret ? { private: secret } : {}) }
  }

  /** Gives each line its words, marks what is private, and keeps a sentence that told nothing as a note. */
  private settle(from: number, start: number, end: number, content: boolean, secret: boolean): void {
    const { text } = this.told
    const trim = (a: number, b: number): string => text.slice(a, b).replace(/^[\s,;:.!?]+|[\s,;:.!?]+$/g, '')
    if (secret && this.lines.length > from) keepSecret(this.lines.slice(from))
    else if (secret && from > 0 && PRIVATE_TAIL.test(plain(trim(start, end)))) {
      const before = this.lines[from - 1]!
      before.line.private = true
      before.line.words = trim(before.start, end)
      return
    }
    const fresh = this.lines.slice(from)
    if (fresh.length === 0) {
      if (!content) return
      const place = this.places[0]
      this.lines.push({
        line: {
          kind: 'note',
          words: trim(start, end),
          ...(place ? { place } : {}),
          ...(secret ? { private: true as const } : {}),
        },
        start,
        end,
        own: false,
        norm: '',
      })
      return
    }
    const allNotes = fresh.every(({ line }) => line.kind === 'note')
    if (allNotes) {
      this.lines.length = from + 1
      const [only] = fresh as [Said]
      only.start = start
      only.end = end
    }
    // Nothing falls between two lines: each reaches to where the next begins.
    fresh.forEach((said, i) => {
      const next = fresh[i + 1]
      const begin = i === 0 ? start : said.start
      const until = next && next.start > said.start ? Math.max(said.end, next.start) : next ? said.end : end
      said.line.words = trim(begin, until)
    })
  }

  private read(norm: string): Reading {
    const tokens = norm.split(' ').filter(Boolean)
    const { units, today } = this.told
    const date = /\bany day (?:but|except)\b|\bthe \w+day after\b|\b(?:i|we|he|she|they) (?:said|told)\b/.test(norm)
      ? null
      : readDate(norm, today)
    const dateless = date ? norm.replace(date.words, ' ').replace(/\s+/g, ' ').trim() : norm
    const lead = readLead(dateless)
    const numbers = readNumbers(dateless.split(' ').filter(Boolean), units)
    const mentions = elementsIn(tokens)
    const trade = tradeIn(norm.replace(/(?<=\w )(?:(?:when|once|as soon as)|or (?:the|he|she|they|we)) .*$/, ''))
    const action = actionIn(norm)
    const main = mainThing(norm, tokens, mentions, action)
    const own = main !== null || mentions.some((one) => !one.where && one.key === '')
    // A thing without a key is spoken of: what tells where it is, is not meant.
    const keyless = mentions.some(
      (one) => !one.where && one.key === '' && !/^(?:drawing|sign off)/.test(tokens.slice(one.from, one.to).join(' ')),
    )
    // What ends a temporary state is not what stays.
    const until = tokens.indexOf('until')
    const told =
      main ??
      (ANAPHORA.test(norm) || SOME_OF_THEM.test(norm) || /^that (?:is|has|needs|wants)\b/.test(norm)
        ? this.element
        : null) ??
      // 'Run it before the slab': whatever it is, it is not the slab.
      (keyless || /^[a-z]+ (?:it|them) (?:before|after|under|over|behind)\b/.test(norm)
        ? null
        : whereElement(mentions.filter((one) => until < 0 || one.from < until)))
    const element = told ?? (own || namesAnother(norm) ? null : this.element)
    const material = tellsMaterial(norm)
    const fields: Fields = {}
    if (element) fields.element = element
    if (numbers.dims.length > 0) fields.dims = [...numbers.dims]
    if (numbers.quantity !== null) fields.quantity = numbers.quantity
    if (numbers.amount !== null) fields.amount = numbers.amount
    if (date) fields.date = date.day
    if (trade) fields.trade = trade.trade
    else if (
      /^(?:now )?says?\b|^(?:he is |she is |they are )?back\b|^(?:he|she|they) (?:says?|is|are|will|can|reckons?|said|comes?|owes?|wants?|meets?)\b/.test(
        norm,
      ) &&
      this.trade
    )
      fields.trade = this.trade
    const reading: Reading = {
      kind: null,
      fields,
      own,
      elements: joinedElements(tokens, mentions),
      material,
      statement: /\b(?:is|are|was|were|has|have|wants?|asked|said|says|owns?|would)\b/.test(norm),
      bare: numbers.bare,
    }
    const kind = this.kindOf(norm, reading, {
      action,
      lead,
      percent: percentIn(norm, numbers.percent),
      hasDate: date !== null && date.day >= today && !(date.day === today && HAPPENED.test(norm)),
      tradeFirst: trade !== null && trade.at <= 12,
      where: whereElement(mentions),
    })
    reading.kind = kind
    // Who decides and is called 'she' is the client, where nobody else was spoken of.
    if (
      (kind === 'decide' || (kind === 'exclude' && /\bself\b|(?:her|him)self\b/.test(norm))) &&
      !fields.trade &&
      /\b(?:she|he) (?:is|has|still|can|wants?|needs?)\b/.test(norm)
    )
      fields.trade = this.trade ?? 'client'
    // 'The carpenter needs the colour from the designer': he who is asked owes it.
    const asked = kind === 'decide' && tradeIn(/\bfrom (.+)$/.exec(norm)?.[1] ?? '')
    if (asked) fields.trade = asked.trade
    if (kind === 'expect' && fields.trade === 'inspector') fields.action ??= 'inspect'
    // 'Ten days', said after what is to come.
    if (kind === null && lead !== null && fields.leadDays === undefined) fields.leadDays = lead
    return reading
  }

  private kindOf(norm: string, reading: Reading, seen: Seen): LineKind | null {
    if (!reading.fields.element && !reading.own && namesAnother(norm)) this.forget()
    for (const rule of RULES) {
      const kind = rule(norm, reading, seen, this.lines.at(-1)?.line ?? null, {
        element: this.element,
        stage: this.stage,
        stageOf: this.stageOf,
        trade: this.trade,
        said: this.lines.at(-1)?.norm ?? '',
      })
      if (kind) return kind
    }
    return null
  }
}
