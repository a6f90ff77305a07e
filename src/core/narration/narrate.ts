import type { Action, Element } from '../scope/vocabulary'
import { CORRECTION, clausesOf, sentencesOf, type Clause } from './clauses'
import { readDate, readLead } from './dates'
import {
  actionIn,
  conditionIn,
  denies,
  isDecide,
  isExclude,
  isExtra,
  isFine,
  isFuture,
  isGone,
  isHedged,
  isHeld,
  isKeep,
  isMissing,
  isUnchanged,
  NEED,
  onReturnList,
  percentIn,
  PRIVATE,
  PRIVATE_TAIL,
  testIn,
} from './kinds'
import { MATERIAL } from './lexicon'
import type { LineKind, Narration, SpokenLine } from './line'
import { elementsIn, mainElement, stageIn, tradeIn, whereElement, type Mention } from './mentions'
import { isFiller, laterPlace, leadingPlace, placeNames, type PlaceNames } from './placeNames'
import { readNumbers } from './sizes'

/** Turns plain words into structured lines, in spoken order. Every sentence ends up in some line: what fits no kind is a
 * note with its words; only lead-ins without content and bare place headings are none. Never throws on any text. */
export function narrate(narration: Narration): SpokenLine[] {
  const reader = new Reader(narration)
  for (const { start, end } of sentencesOf(narration.text)) reader.sentence(start, end)
  return reader.lines.map(({ line }) => line)
}

interface Said {
  line: SpokenLine
  start: number
  end: number
  /** Whether it named its own thing; one that did not may be joined to the line before. */
  own: boolean
  /** Only a thing named, or a material: waiting for what is said of it. */
  topic?: boolean
  norm: string
}

type Fields = Omit<SpokenLine, 'kind' | 'words'>
interface Reading {
  kind: LineKind | null
  fields: Fields
  own: boolean
  elements: readonly Element[]
  material: boolean
  statement: boolean
  bare: number | null
}

class Reader {
  readonly lines: Said[] = []
  private readonly names: PlaceNames
  private places: readonly (string | null)[]
  private element: Element | null = null
  private stage: Fields['stage']
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
    if (corrects && last) return this.correct(last, reading, clause)
    if (reading.kind === null) return this.attach(reading, clause, norm, last)
    if (last?.topic) this.absorbTopic(last, reading)
    const before = this.lines.length > from ? this.lines.at(-1)! : null
    if (before && joins(before, reading)) return extend(before, reading.fields, clause)
    this.push(reading, clause, norm, last?.topic && this.lines.at(-1) !== last ? last.start : clause.start)
  }

  /** The trigger that ends a temporary state, in the words it was told. */
  private triggerOf(clause: Clause): string | undefined {
    return /\b(?:until|till|til|before)\s+(.+)$/i.exec(this.told.text.slice(clause.start, clause.end))?.[1]
  }

  /** A thing named beforehand ('the old handrail, we are reusing that one') gives its fields to what is said of it. */
  private absorbTopic(topic: Said, reading: Reading): void {
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
    const elements: readonly (Element | undefined)[] = reading.elements.length > 1 ? reading.elements : [fields.element]
    for (const at of places) {
      for (const element of elements) {
        const line: SpokenLine = {
          kind: kind!,
          words: '',
          ...fields,
          ...(element ? { element } : {}),
          ...(at ? { place: at } : {}),
        }
        this.lines.push({ line, start, end: clause.end, own: reading.own, norm })
      }
    }
    this.remember(fields)
  }

  private remember(fields: Fields): void {
    if (fields.element) this.element = fields.element
    if (fields.stage) this.stage = fields.stage
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
    if (!last) return this.topic(reading, clause, norm)
    const { line } = last
    last.end = clause.end
    const { fields } = reading
    if (fields.dims?.length)
      line.dims =
        line.dims && !/^(?:maybe|or|perhaps|call it|say|more like)\b/.test(norm)
          ? [...line.dims, ...fields.dims]
          : fields.dims
    else if (
      reading.bare !== null &&
      line.dims?.length === 1 &&
      /^(?:maybe|or|perhaps|could be|more like|call it|say)\b/.test(norm)
    )
      line.dims = [reading.bare * unitOf(last.norm)]
    else if (reading.bare !== null && line.extra) line.amount = Math.round(reading.bare * 100)
    if (
      fields.percent !== undefined &&
      /\b(?:percent|half|third|quarter|say|call it)\b/.test(norm) &&
      line.kind === 'progress'
    )
      line.percent = fields.percent
    for (const key of ['quantity', 'amount', 'date', 'leadDays', 'trade', 'stage', 'until'] as const) {
      if (fields[key] !== undefined && line[key] === undefined) Object.assign(line, { [key]: fields[key] })
    }
    if (reading.material && (line.kind === 'measure' || last.topic)) line.kind = 'selection'
    if (isExtra(norm)) this.makeExtra(line, reading)
    if (fields.trade) this.trade = fields.trade
  }

  private makeExtra(line: SpokenLine, reading: Reading): void {
    line.kind = 'work'
    line.extra = true
    delete line.certain
    if (line.amount === undefined && reading.bare !== null) line.amount = Math.round(reading.bare * 100)
  }

  private topic(reading: Reading, clause: Clause, norm: string): void {
    const place = laterPlace(norm, this.names)?.[0] ?? this.places[0]
    const kind: LineKind =
      reading.material && reading.own ? 'selection' : reading.fields.dims?.length ? 'measure' : 'note'
    const line: SpokenLine = { kind, words: '', ...reading.fields, ...(place ? { place } : {}) }
    this.lines.push({
      line,
      start: clause.start,
      end: clause.end,
      own: reading.own,
      topic: true,
      norm: reading.statement ? `statement ${norm}` : norm,
    })
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
    const { place, words, private: secret } = last.line
    last.line = { kind: 'note', words, ...(place ? { place } : {}), ...(secret ? { private: secret } : {}) }
  }

  /** After 'no', 'sorry', 'make that' the last value wins; a whole new statement takes the place of the old. */
  private correct(last: Said, reading: Reading, clause: Clause): void {
    last.end = clause.end
    const { fields, kind } = reading
    const replaces =
      kind !== null &&
      !(
        kind === 'measure' ||
        kind === 'expect' ||
        (kind === 'progress' && fields.percent === undefined) ||
        (kind === 'selection' && !reading.own)
      )
    if (replaces || last.topic) {
      const element = reading.own ? fields.element : (last.line.element ?? fields.element)
      const { place } = last.line
      last.line = {
        kind: kind ?? last.line.kind,
        words: '',
        ...fields,
        ...(element ? { element } : {}),
        ...(place ? { place } : {}),
      }
      last.topic = kind === null
      return this.remember(last.line)
    }
    for (const key of ['dims', 'date', 'quantity', 'percent', 'amount', 'leadDays', 'trade', 'until'] as const) {
      if (fields[key] !== undefined) Object.assign(last.line, { [key]: fields[key] })
    }
    if (reading.own && fields.element) last.line.element = fields.element
    else if (reading.bare !== null) {
      if (last.line.amount !== undefined) last.line.amount = Math.round(reading.bare * 100)
      else if (last.line.dims) last.line.dims = [reading.bare * unitOf(last.norm)]
      else if (last.line.quantity !== undefined) last.line.quantity = reading.bare
    }
  }

  /** Gives each line its words, marks what is private, and keeps a sentence that told nothing as a note. */
  private settle(from: number, start: number, end: number, content: boolean, secret: boolean): void {
    const { text } = this.told
    const trim = (a: number, b: number): string => text.slice(a, b).replace(/^[\s,;:.!?]+|[\s,;:.!?]+$/g, '')
    if (secret && this.lines.length > from) this.keepSecret(from)
    else if (secret && from > 0 && PRIVATE_TAIL.test(trim(start, end).toLowerCase()))
      this.lines[from - 1]!.line.private = true
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

  private keepSecret(from: number): void {
    for (const said of this.lines.slice(from)) {
      const fact =
        (said.line.kind === 'found' && said.line.condition !== undefined && said.line.element !== undefined) ||
        (said.line.kind === 'progress' && said.line.element !== undefined && said.line.percent !== undefined)
      if (!fact) {
        const { place, words } = said.line
        said.line = { kind: 'note', words, ...(place ? { place } : {}) }
      }
      said.line.private = true
    }
  }

  private read(norm: string): Reading {
    const tokens = norm.split(' ').filter(Boolean)
    const { units, today } = this.told
    const date = /\bany day (?:but|except)\b/.test(norm) ? null : readDate(norm, today)
    const dateless = date ? norm.replace(date.words, ' ').replace(/\s+/g, ' ').trim() : norm
    const lead = readLead(dateless)
    const numbers = readNumbers(dateless.split(' ').filter(Boolean), units)
    const mentions = elementsIn(tokens)
    const trade = tradeIn(norm)
    const action = actionIn(norm)
    const main = this.mainThing(norm, tokens, mentions, action)
    const own = main !== null || mentions.some((one) => !one.where && one.key === '')
    const element = main ?? (ANAPHORA.test(norm) ? this.element : null) ?? whereElement(mentions) ?? this.element
    const material = MATERIAL.test(norm) && !/\b(?:steel|glass|stone|iron) (?:lads|crew|guys?|people)\b/.test(norm)
    const fields: Fields = {}
    if (element) fields.element = element
    if (numbers.dims.length > 0) fields.dims = [...numbers.dims]
    if (numbers.quantity !== null) fields.quantity = numbers.quantity
    if (numbers.amount !== null) fields.amount = numbers.amount
    if (date) fields.date = date.day
    if (trade) fields.trade = trade.trade
    else if (
      /^(?:he|she|they) (?:says?|is|are|will|can|reckons?|said|comes?|owes?|wants?|meets?)\b/.test(norm) &&
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
    reading.kind = this.kindOf(norm, reading, {
      action,
      lead,
      percent: percentIn(norm, numbers.percent),
      hasDate: date !== null,
      tradeFirst: trade !== null && trade.at <= 12,
      where: whereElement(mentions),
    })
    return reading
  }

  private mainThing(
    norm: string,
    tokens: readonly string[],
    mentions: readonly Mention[],
    action: Action | null,
  ): Element | null {
    if (action === 'install' || /^(?:there (?:is|are) no|there (?:is|are) not)\b/.test(norm)) {
      const verb = tokens.findIndex(
        (word, i) => /^(?:needs?|wants?|add|adds|adding|put|run|fit|install|no)$/.test(word) && i < tokens.length - 1,
      )
      const after = mentions.find((one) => one.from > verb && one.key && verb >= 0)
      if (after?.key && !(after.where && mentions.some((one) => one.from > verb && !one.where && one.key))) {
        const wheres =
          /^(?:out|in|on|over|through|under|up|down|behind|beside)$/.test(tokens[after.from - 2] ?? '') && after.where
        if (!wheres) return after.key
      }
      if (action === 'install' && /\ban? \w+ inch\b/.test(norm)) return null
    }
    if (/^with (?:an? )?/.test(norm)) return (mentions.find((one) => one.key)?.key as Element | undefined) ?? null
    return mainElement(mentions)
  }

  private kindOf(norm: string, reading: Reading, seen: Seen): LineKind | null {
    for (const rule of RULES) {
      const kind = rule(norm, reading, seen, this.lines.at(-1)?.line ?? null, {
        element: this.element,
        stage: this.stage,
      })
      if (kind) return kind
    }
    return null
  }
}

/** What is left of a clause after 'no', 'no sorry', 'make that'. */
function withoutCorrection(norm: string): string {
  let rest = norm
  while (rest !== '' && CORRECTION.test(rest)) rest = rest.replace(CORRECTION, '').trim()
  return rest
}

interface Seen {
  readonly action: Action | null
  readonly lead: number | null
  readonly percent: number | 'some' | null
  readonly hasDate: boolean
  readonly tradeFirst: boolean
  readonly where: Element | null
}
interface Memory {
  readonly element: Element | null
  readonly stage: Fields['stage']
}
type Rule = (norm: string, reading: Reading, seen: Seen, last: SpokenLine | null, memory: Memory) => LineKind | null

const ANAPHORA =
  /\b(?:it|them|those|these|that one|this one|the other one|the top one|the bottom one|ones?|that side|this side|the lot|another|the same|the rest|an? \w+ inch)\b/
const ARRIVES =
  /\b(?:comes?|coming|arrives?|arriving|lands?|landing|due|delivered|delivery|deliver|ships?|turns? up|expected|on order|booked|scheduled|in transit|back|here|starts?|start|starting|measures?|templates?|meets?|says|goes in|on site|turning up|shows? up|pencilled in|lined up|first thing)\b/
const untilOf = (norm: string): string | undefined => /\buntil (.+)$/.exec(norm)?.[1]

/** The kinds, the surest first. Each rule may add fields to the reading. */
const RULES: readonly Rule[] = [
  (norm, { fields }) => {
    if (!isUnchanged(norm)) return null
    fields.state = 'unchanged'
    return 'progress'
  },
  (norm, { fields }, _seen, last) => {
    if (!isHeld(norm) || /\bstays?\b|\bkeep\b|\bleave\b/.test(norm)) return null
    fields.state = 'held'
    const until = untilOf(norm) ?? /\bbefore (.+)$/.exec(norm)?.[1]
    if (until && !(fields.date && /^(?:\w+day|tomorrow|next \w+|the \w+)$/.test(until))) fields.until = until
    else if (!fields.date) delete fields.until
    const thing = stageIn(norm.split(/\b(?:until|before)\b/)[0]!, null, false)
    if (thing) fields.stage = thing
    if (last?.element && !fields.element) fields.element = last.element
    return 'progress'
  },
  (norm, { fields }, _seen, last) => {
    if (
      isExclude(norm) ||
      (last?.kind === 'exclude' &&
        /\b(?:is|are) not(?: either)?$|^(?:nor|neither) (?:is|are)\b|^same (?:goes )?for\b/.test(norm))
    ) {
      if (/\bnot painting\b/.test(norm)) fields.action = 'paint'
      return 'exclude'
    }
    return null
  },
  (norm) => (isDecide(norm) && !/\b(?:to say|says) (?:it|that)\b.*\bstays\b/.test(norm) ? 'decide' : null),
  (norm, { fields }, seen) => {
    const test = testIn(norm)
    if (!test) return null
    if (test.result === null) {
      if (!seen.hasDate) return null
      fields.action = test.action
      const stage = stageIn(norm, null, false)
      if (stage) fields.stage = stage
      return 'expect'
    }
    fields.action = test.action
    const stage = stageIn(norm, fields.element ?? null, false)
    if (stage) fields.stage = stage
    if (test.result === 'failed') {
      fields.condition = 'failed'
      fields.certain = true
      return 'found'
    }
    fields.percent = test.result === 'passed' ? 100 : 0
    return 'progress'
  },
  (norm, { fields }) => {
    if (!isKeep(norm) || isUnwantedKeep(norm)) return null
    if (/\b(?:reus|re us|re use|salvag)/.test(norm)) fields.action = 'reuse'
    else if (/\b(?:protect\w*|keep (?:\w+ ){0,3}covered|kept covered)\b/.test(norm)) fields.action = 'protect'
    const until = untilOf(norm)
    if (until) fields.until = until
    const stage = stageIn(norm.split(/\buntil\b/)[0]!, null, false)
    if (stage === 'shoring' || stage === 'protect') fields.stage = stage
    return 'keep'
  },
  (norm, reading, seen) =>
    startsWithAct(norm, seen.action) && !(seen.tradeFirst && seen.hasDate) ? asWork(norm, reading, seen) : null,
  (norm, { fields, own }, seen, last) => {
    if (isMissing(norm) && !isHeld(norm)) {
      fields.condition = 'missing'
      fields.certain = !isHedged(norm)
      return 'found'
    }
    const condition = conditionIn(norm)
    const again = !condition && last?.kind === 'found' && own && isHedged(norm) && /\b(?:too|as well|also)\b/.test(norm)
    if (!condition && !again && !/^(?:i |we |he |she )?found\b/.test(norm)) return null
    if (seen.action && NEED.test(norm)) return null
    const told = condition ?? (again ? last!.condition : undefined)
    if (told) fields.condition = told
    fields.certain = !isHedged(beforeSize(norm))
    return 'found'
  },
  (norm, reading, seen) =>
    isExtra(norm) ||
    onReturnList(norm) ||
    (NEED.test(norm) && !/\b(?:has|have|is|are) to (?:be|go)\b(?! (?:out|off|replaced|moved|fixed))/.test(norm))
      ? asWork(norm, reading, seen)
      : null,
  (norm, { fields }, seen) => {
    if (
      seen.lead !== null &&
      !/\bin (?:about )?(?:a|an|one|two|three|four|five|six|\d+) (?:days?|weeks?|months?)$/.test(norm) &&
      (/\b(?:out|lead|from (?:order|template|measure|now|drawing|deposit)|quot\w+|says?|said|wait|waiting|to (?:make|get|come|arrive)|delivery|away|for (?:another|it|them|those|that|the)|reckons?|ships?|off|before|turnaround|minimum)\b/.test(
        norm,
      ) ||
        /\b(?:is|are|it is) (?:about |around |at least |maybe |roughly )?(?:a|an|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|\d+)/.test(
          norm,
        ))
    ) {
      fields.leadDays = seen.lead
      return 'expect'
    }
    if (seen.hasDate && seen.percent === 100 && /\b(?:was|were|yesterday|last)\b/.test(norm) && fields.element)
      return null
    if (seen.hasDate && (seen.tradeFirst || ARRIVES.test(norm)))
      return seen.action &&
        !seen.tradeFirst &&
        !/\b(?:comes? (?!out|off|down)|goes in|lands|arrives)\b/.test(norm) &&
        seen.action !== 'install' &&
        seen.action !== 'order'
        ? null
        : 'expect'
    if (
      /\b(?:comes?|coming|arrives?|lands?|ships?|(?:is|are) due|on order|on (?:its|their) way|in transit)\b/.test(
        norm,
      ) &&
      !seen.action &&
      !/\b(?:comes?|coming) (?:out|off|down|up|through|back and)\b/.test(norm) &&
      fields.element &&
      !seen.hasDate &&
      /\b(?:week|month|after|next|soon|later|then|delivery|order|way|transit|morning)\b/.test(norm)
    )
      return 'expect'
    return null
  },
  (norm, reading, seen, _last, memory) => {
    if (/^(?:i|we|he|she|they) (?:just |already )?[a-z]+(?:ed|t) (?:it|them)\b/.test(norm)) return null
    if (seen.percent === null || (seen.action !== null && seen.percent === 100 && isFuture(norm))) return null
    if (seen.percent === 100 && isFuture(norm) && !/\b(?:is|are|was|were|all|s) /.test(norm)) return null
    if (denies(norm)) return null
    const { fields } = reading
    if (seen.percent !== 'some') fields.percent = seen.percent
    const gone = seen.percent !== null && isGone(norm)
    const stage =
      stageIn(norm, reading.own ? (fields.element ?? null) : null, gone) ??
      (fields.element ? stageIn('', fields.element, false) : null)
    const inherited =
      reading.own && fields.element && ['wall', 'ceiling'].includes(fields.element) && !stageIn(norm, null, gone)
        ? memory.stage
        : undefined
    if (inherited) fields.stage = inherited
    else if (stage) fields.stage = stage
    else if (memory.stage) fields.stage = memory.stage
    if (
      fields.element === 'wire' &&
      memory.stage === 'low-voltage' &&
      fields.stage === 'wires' &&
      !/\bwiring\b/.test(norm)
    )
      fields.stage = 'low-voltage'
    if (!reading.own && !ANAPHORA.test(norm) && fields.stage && stageIn(norm, null, gone)) delete fields.element
    return 'progress'
  },
  (norm, reading, seen) => (seen.action !== null ? asWork(norm, reading, seen) : null),
  (norm, { fields }, seen) =>
    seen.hasDate && (fields.element || fields.trade || stageIn(norm, null, false)) && !isFine(norm)
      ? expectDated(norm, fields)
      : null,
  (norm, { fields, material, own }) => {
    const says = /\b(?:is|are|will be|going in|going with|goes|using|went with|s)\b/.test(norm) || /^with\b/.test(norm)
    if (material && own && says && !denies(norm)) return 'selection'
    if (
      fields.dims?.length &&
      (says || own) &&
      /\b(?:is|are|was|at|about|high|wide|deep|long|measures|comes to|only|s)\b/.test(norm)
    )
      return 'measure'
    return null
  },
]

function expectDated(norm: string, fields: Fields): LineKind {
  const stage = stageIn(norm, null, false) ?? stageIn('', fields.element ?? null, false)
  if (stage) fields.stage = stage
  return 'expect'
}

/** Work: what to do, by whom, as an extra or not. */
function asWork(norm: string, reading: Reading, seen: Seen): LineKind | null {
  const { fields } = reading
  if (/\b(?:myself|ourselves)\b/.test(norm) && !NEED.test(norm)) return null
  if (seen.action) fields.action = seen.action
  if (isExtra(norm)) {
    fields.extra = true
    if (fields.amount === undefined && reading.bare !== null) fields.amount = Math.round(reading.bare * 100)
  }
  if (onReturnList(norm)) {
    fields.stage = 'return-list'
    if (!reading.own && (!seen.action || seen.action === 'install')) return null
  }
  const until = untilOf(norm)
  if (until) fields.until = until
  return 'work'
}

const startsWithAct = (norm: string, action: Action | null): boolean => {
  if (!action) return false
  const head = norm.replace(
    /^(?:please |we |just |then |you |lads |we just |we will |i would |let us |can (?:you|we|he|they) |need to |we need to |you need to |got to |go and |also |first )+/,
    '',
  )
  const first = head.split(' ').slice(0, 5).join(' ')
  return (
    actionIn(first) !== null &&
    !/^(?:the|that|this|those|these|a|an|old|new|there|it|he|she|they|client|\w+s (?:is|are)|\w+ (?:is|are|was|has|goes|comes|come|moves)|no|not|could|might|maybe|mou?ld)\b/.test(
      head,
    )
  )
}

/** 'keep' and 'leave' that keep nothing. */
const isUnwantedKeep = (norm: string): boolean =>
  /\b(?:keep (?:going|on at|an eye|me posted|us posted|him|her|them (?:informed|posted)|getting|coming|saying)|leaves? (?:on|at|tomorrow|early|late|a (?:gap|mess|hole)|us|me)|keeps? (?:tripping|leaking|falling|sticking|asking|dripping)|nobody stays)\b/.test(
    norm,
  )

/** Two clauses of one kind are one line where the second names no thing of its own and contradicts nothing. */
function joins(before: Said, reading: Reading): boolean {
  const { line } = before
  if (line.kind === 'decide' && !reading.own && !before.topic && reading.fields.date && !reading.fields.trade)
    return true
  if (line.kind !== reading.kind || reading.own || before.topic) return false
  const { fields } = reading
  if (line.kind === 'found') return line.condition === undefined || fields.condition === undefined
  if (line.kind === 'progress')
    return (
      fields.action === line.action &&
      fields.state === line.state &&
      (fields.percent === line.percent || line.percent === undefined) &&
      (fields.stage === line.stage || !fields.stage)
    )
  if (line.kind === 'work')
    return (
      fields.action === undefined ||
      line.action === undefined ||
      (line.action === fields.action && !fields.extra) ||
      fields.action === 'protect'
    )
  if (line.kind === 'keep') return !(line.action && fields.action && line.action !== fields.action)
  if (line.kind === 'measure') return false
  if (line.kind === 'expect') return fields.trade === line.trade || fields.trade === undefined
  return true
}

function extend(before: Said, fields: Fields, clause: Clause): void {
  before.end = clause.end
  for (const [key, value] of Object.entries(fields)) {
    if (before.line[key as keyof Fields] === undefined && value !== undefined)
      Object.assign(before.line, { [key]: value })
  }
}

/** 'toilet and vanity come out': things that share one verb make a line each. */
function joinedElements(tokens: readonly string[], mentions: readonly Mention[]): Element[] {
  const found: Element[] = []
  const named = mentions.filter((one) => !one.where && one.key)
  named.forEach((one, i) => {
    const next = named[i + 1]
    if (
      !next ||
      !/^(?:and|or|and the|plus|plus the|and all the|and both)$/.test(tokens.slice(one.to, next.from).join(' '))
    )
      return
    found.push(...(found.length === 0 ? [one.key as Element] : []), next.key as Element)
  })
  return [...new Set(found)]
}

/** A hedge right before a number touches only the number. */
const beforeSize = (norm: string): string =>
  norm.replace(
    /\b(?:maybe|perhaps|probably|may be|i would say|could be|might be) (?=(?:about |around )?(?:\d|a |an |half|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|twenty|thirty|forty|fifty)\S* ?(?:\S+ )*(?:inch|inches|foot|feet|mm|mil|metres?|meters?|wide|deep|long|high|of (?:it|them)|eighths?))/g,
    '',
  )

const UNIT_FACTORS: readonly (readonly [RegExp, number])[] = [
  [/\b(?:foot|feet|ft)\b(?!.*\b(?:inch|inches|metres?|mm)\b)/, 304.8],
  [/\b(?:inch|inches)\b/, 25.4],
  [/\b(?:mm|mil|millimetres?)\b/, 1],
  [/\b(?:metres?|meters?|m)\b/, 1000],
]
const unitOf = (norm: string): number => UNIT_FACTORS.find(([pattern]) => pattern.test(norm))?.[1] ?? 1
