import type { Element } from '../scope/vocabulary'
import {
  addPrice,
  addTo,
  asFinish,
  correct,
  countDone,
  counted,
  countLeft,
  countSome,
  EITHER,
  isAllClear,
  isAwaited,
  isFinish,
  isItsPrice,
  isLeft,
  isShareOf,
  isSomeOf,
  keepSecret,
  leaveOpen,
  ofCounted,
  someAreFound,
} from './amending'
import { readClause } from './clauseReading'
import { clausesOf, plain, type Clause } from './clauses'
import { extend, joins, withoutCorrection } from './joining'
import { asScope, onlyIfDone } from './completion'
import { inConfidence, pointsAt } from '../confidence/inConfidence'
import { withoutSaying } from './kinds'
import type { LineKind, Narration, SpokenLine } from './line'
import { namesAnother } from './pointing'
import { isFiller, laterPlace, leadingPlace, placeNames, type PlaceNames } from './placeNames'
import type { Fields, Memory, Reading, Said } from './reading'
import { FORBIDS } from './works'

/** The boards of a face are its siding, the decking of a roof is its sheathing. */
function asSeenAt(element: Element, place: string | null, norm: string): Element | undefined {
  const face = /\b(?:face|elevation|gable)\b/i.test(place ?? '')
  if (element === 'drywall' && face && /(?<!backer )\bboards?\b/.test(norm)) return 'siding'
  // A screen that is in no bathroom is no shower's.
  if (element === 'shower' && /\bscreens?\b/.test(norm) && !/\b(?:shower|bath)\b/.test(norm))
    return /bath|wash|shower|ensuite|wet|cloak|toilet/i.test(place ?? '') ? element : undefined
  return element === 'deck' && /\broof\b/i.test(place ?? '') && /\bdecking\b/.test(norm) ? 'sheathing' : element
}

/** Reads sentence after sentence and remembers what 'it' and 'they' mean. */
export class Reader {
  readonly lines: Said[] = []
  private readonly names: PlaceNames
  private places: readonly (string | null)[]
  /** Where the lines of the sentence before begin. */
  private sentenceFrom = 0
  private nextIsPrivate = false
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
    const clauses = clausesOf(this.told.text, start, end, (norm) => leadingPlace(norm, this.names)?.alone === false)
    const secret = inConfidence(this.betweenStops(start, end)) || this.nextIsPrivate
    this.nextIsPrivate = false
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
      if (secret) norm = withoutSaying(norm)
      // 'don't show the client this yet' only marks what follows.
      if (secret && /^(?:(?:this|that|it|them|yet|just|so|please|but)(?: |$))*$/.test(norm)) continue
      this.clause(clause, norm, from, correcting || clause.corrects, lead !== null)
      correcting = false
    }
    this.flush()
    const points = secret ? pointsAt(whole) : null
    if (points === 'after' && this.tellsMore(end)) {
      // 'Off the record.' and nothing more: what comes is meant.
      this.lines.length = from
      this.nextIsPrivate = true
    } else if (points === 'before' && from > this.sentenceFrom) {
      this.lines.length = from
      for (const { line } of this.lines.slice(this.sentenceFrom)) line.private = true
    } else {
      this.settle(from, start, end, content, secret)
      this.sentenceFrom = from
    }
    if (everywhere) this.places = stays
  }

  /** A sentence with what stands before and after its semicolons: what is said of one part in confidence is of all. */
  private betweenStops(start: number, end: number): string {
    const { text } = this.told
    const before = /[^.!?\n]*$/.exec(text.slice(0, start))![0]
    const after = text[end] === ';' || text[end - 1] === ';' ? /^[^.!?\n]*/.exec(text.slice(end))![0] : ''
    return (before.includes(';') ? before : '') + text.slice(start, end) + after
  }

  /** Whether anything is told from there on, not only where. */
  private tellsMore(from: number): boolean {
    const rest = plain(this.told.text.slice(from))
    return !isFiller(rest) && leadingPlace(rest, this.names)?.alone !== true
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
    if (last && isSomeOf(last, reading, norm)) return countSome(last, norm, clause)
    if (last && isShareOf(last, reading, norm)) {
      last.end = clause.end
      last.line.percent = reading.fields.percent!
      return
    }
    if (last && isItsPrice(last, reading, norm)) return addPrice(last, reading, norm, clause)
    // 'Two came wrong, being remade, five weeks': when what is wrong will be here again.
    if (reading.kind === null && last && isAwaited(last, norm) && reading.fields.leadDays !== undefined) {
      const { element } = last.line
      reading.kind = 'expect'
      if (element) reading.fields.element ??= element
    }
    if (last && isFinish(last, norm)) asFinish(reading)
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
    const seen = (element: Element | undefined): Element | undefined =>
      element && asSeenAt(element, places[0] ?? null, norm)
    const { element: thing, ...rest } = fields
    const things = (reading.elements.length > 1 ? reading.elements : [thing]).map(seen)
    for (const at of places) {
      for (const element of things) {
        const line: SpokenLine = {
          kind: kind!,
          words: '',
          ...rest,
          ...(element ? { element } : {}),
          ...(at ? { place: at } : {}),
        }
        this.lines.push({ line, start, end: clause.end, own: reading.own, norm })
      }
    }
    const element = seen(thing)
    if (!element && namesAnother(norm)) this.forget()
    this.remember({ ...rest, ...(element ? { element } : {}) })
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
    const whole = plain(text.slice(start, Math.min(end + 1, text.length)).replace('?', ' questionmark'))
    // Nothing falls between two lines: each reaches to where the next begins.
    fresh.forEach((said, i) => {
      const next = fresh[i + 1]
      const begin = i === 0 ? start : said.start
      const until = next && next.start > said.start ? Math.max(said.end, next.start) : next ? said.end : end
      said.line.words = trim(begin, until)
      // A 'no' that takes something back denies nothing.
      const parts = said.line.words
        .replace(/\bno\b(?=\s*[,;.])/gi, ' ')
        .split(/[,;]|\.\s/)
        .map(plain)
      said.line = onlyIfDone(
        asScope(said.line, parts.join(' '), this.told.walk),
        parts,
        whole.replace(' questionmark', '?'),
        this.told.today,
      )
    })
  }

  private read(norm: string): Reading {
    const last = this.lines.at(-1)
    const memory: Memory = {
      element: this.element,
      stage: this.stage,
      stageOf: this.stageOf,
      trade: this.trade,
      said: last?.norm ?? '',
    }
    const { reading, forgets } = readClause(norm, this.told, memory, last?.line ?? null)
    if (forgets) this.forget()
    return reading
  }
}
