import { STAGES, type Action, type Element, type Stage, type Trade } from '../scope/vocabulary'
import { ELEMENT_PHRASES } from './elementWords'
import { STAGE_PATTERNS, TRADE_PATTERNS } from './lexicon'

export interface Mention {
  readonly from: number
  readonly to: number
  /** Empty for a thing without a key. */
  readonly key: Element | ''
  /** It only tells where: it stands after 'in the', 'above', 'behind'. */
  readonly where: boolean
}

const PREPOSITION =
  /^(?:in|on|at|under|over|above|below|behind|beside|by|to|from|through|against|near|along|with|for|around|between|beneath|inside|outside|off|up|down|out|into|onto|across|past|alongside|underneath|where|until|before|as|like|bar|except|apart|towards?|opposite)$/
const STOPS = /^(?:is|are|was|were|has|have|not|need|needs|put|run|add|and|or|but|that|which|we|they|it)$/
const PARTICLE_VERB =
  /^(?:board|brick|wall|seal|touch|tear|take|rip|strip|hack|clean|close|put|pull|block|cut|knock|wash|sheet|fill|open|swap|change|screw|bring|lift)$/
/** Words that are a thing or an act: not a thing before 'it', 'them', or 'the'. */
const ACTS =
  /^(?:wrap|board|paint|tile|plaster|stain|light|rail|step|block|render|skim|floor|screed|pad|hook|lock|pull|guard|range|base|trim|deck|drain|vent|fan|pipe|wire|switch|plate|post|sink|window|shell|gloss|grounds|upper|lever|valley|latch|stack|jack|counter|island|mortar|splice)$/

/** Finds the things named in a clause; of a run of names the last counts: 'window opening' is an opening. */
export function elementsIn(tokens: readonly string[]): Mention[] {
  const found: Mention[] = []
  for (let i = 0; i < tokens.length;) {
    const hit = matchAt(tokens, i)
    if (!hit || isAct(tokens, i, hit.length) || isShade(tokens, i, hit.length)) {
      i++
      continue
    }
    // 'The washer one' is one of those spoken of.
    if (/^ones?$/.test(tokens[i + hit.length] ?? '')) {
      i += hit.length
      continue
    }
    // Boards that are down are the floor's; those of a wall go up.
    if (
      hit.key === 'drywall' &&
      /^boards (?:is|are) (?:all |now )?(?:down|laid|lifted)\b/.test(tokens.slice(i, i + 4).join(' '))
    ) {
      found.push({ from: i, to: i + 1, key: 'floor', where: false })
      i++
      continue
    }
    const before = found.at(-1)
    // 'The deck's joists are up': the joists are.
    const owned =
      before &&
      tokens[i - 1] === 'is' &&
      before.to === i - 1 &&
      /^(?:is|are|has|have)$/.test(tokens[i + hit.length] ?? '')
    const joined = before && (before.to === i || owned)
    const mention = {
      from: joined ? before.from : i,
      to: i + hit.length,
      key: hit.key,
      where: joined ? before.where : tellsWhere(tokens, i),
    }
    if (joined) found.pop()
    found.push(mention)
    i += hit.length
  }
  return found
}

function matchAt(tokens: readonly string[], at: number): { key: Element | ''; length: number } | null {
  for (let length = 3; length >= 1; length--) {
    const words = tokens.slice(at, at + length)
    if (words.length < length) continue
    for (const last of singulars(words.at(-1)!)) {
      const key = ELEMENT_PHRASES.get([...words.slice(0, -1), last].join(' '))
      if (key !== undefined) return { key, length }
    }
  }
  return null
}

/** Whether a word names a thing, in the singular or the plural. */
export const isThing = (word: string): boolean => matchAt([word], 0) !== null

function singulars(word: string): string[] {
  const forms = [word]
  if (word.endsWith('ies')) forms.push(`${word.slice(0, -3)}y`)
  if (word.endsWith('ves')) forms.push(`${word.slice(0, -3)}f`)
  // 'Panes' are of a pane, not of a pan.
  if (word.endsWith('s') && !word.endsWith('ss')) forms.push(word.slice(0, -1))
  if (word.endsWith('es')) forms.push(word.slice(0, -2))
  return forms
}

/** Who may do an act that is named like a thing: 'we board', 'have the plumber pull it'. */
const DOERS = /^(?:and|to|then|we|will|can|just|please|i|you|not|or|he|she|they|\w+er|\w+ian|guys?|lads?|man|crew)$/

function isAct(tokens: readonly string[], at: number, length: number): boolean {
  const [word, before, after = ''] = [tokens[at]!, tokens[at - 1], tokens[at + 1]]
  if (length > 1) return false
  if (word === 'backing' && after === 'up') return true
  if (/^(?:pull|rake)$/.test(word) && /^(?:up|out|off|down|an?|some|two|three|one)$/.test(after)) return true
  // 'Nobody tiles this wall'.
  if (
    /^(?:tiles|boards|paints|plasters|covers)$/.test(word) &&
    /^(?:this|the|that|it|over)$/.test(after) &&
    /^(?:nobody|he|she|who)$/.test(before ?? '')
  )
    return true
  // 'Rotten at the base'.
  if (word === 'base' && before === 'the' && /^(?:at|to|near|round|around|from|off|by)$/.test(tokens[at - 2] ?? ''))
    return true
  if (word === 'vents' && /^(?:to|into|out|outside|through|straight)$/.test(after)) return at > 0
  // 'The floor slopes an inch'.
  if (word === 'slopes' || word === 'rocks') return at > 0
  if (!ACTS.test(word)) return false
  if (after === '') return /^(?:we|they|i|you)$/.test(before ?? '')
  const done =
    /^(?:it|them|the|this|these|those|that|all|everything|anything)$/.test(after) ||
    (/^(?:board|block|wrap|splice)$/.test(word) && /^(?:over|in|up|out)$/.test(after))
  return done && (before === undefined || DOERS.test(before))
}

/** 'Light grey' is a colour, not a lamp. */
const isShade = (tokens: readonly string[], at: number, length: number): boolean =>
  // Lead is a flashing where something is said of it, not a time.
  (tokens[at] === 'lead' && !/^(?:is|has|needs|over|round|around|along|above)$/.test(tokens[at + 1] ?? '')) ||
  // 'Gloss', said alone, is a finish.
  (tokens.length === 1 && /^(?:gloss|stain|lacquer)$/.test(tokens[at]!)) ||
  // 'Black glass' is what a hob is made of.
  (tokens[at] === 'glass' &&
    /^(?:black|white|grey|clear|frosted|toughened|tempered|obscure|smoked|tinted|bronze|reeded|fluted|with|in|is|are|laminated)$/.test(
      tokens[at - 1] ?? '',
    )) ||
  (length === 1 &&
    tokens[at] === 'light' &&
    /^(?:gr[ae]y|blue|green|brown|oak|pine|walnut|cream|wood|stone|colou?r|tan|beige)$/.test(tokens[at + 1] ?? ''))

function tellsWhere(tokens: readonly string[], at: number): boolean {
  for (let look = at - 1; look >= Math.max(0, at - 5); look--) {
    const word = tokens[look]!
    // 'By the foot of the stairs' tells where; 'a stretch of the wall' does not.
    if (word === 'of') {
      if (
        !/^(?:foot|top|bottom|side|edge|end|back|front|middle|corner|base|head|left|right|rear)$/.test(
          tokens[look - 1] ?? '',
        )
      )
        return false
      continue
    }
    // 'touch up the ceiling', 'tear out the stair': the little word belongs to the verb.
    if (/^(?:up|off|out|down|over|in)$/.test(word) && PARTICLE_VERB.test(tokens[look - 1] ?? '')) return false
    // 'has to shift the outlet': before a verb 'to' tells no place.
    if (
      word === 'to' &&
      look + 1 < at &&
      !/^(?:the|a|an|this|that|both|your|our|their|his|her)$/.test(tokens[look + 1]!)
    )
      return false
    if (PREPOSITION.test(word)) return true
    if (STOPS.test(word)) return false
  }
  return false
}

/** The thing a clause speaks of: the first that does not merely tell where. */
export const mainElement = (mentions: readonly Mention[]): Element | null =>
  (mentions.find((one) => !one.where && one.key)?.key as Element | undefined) ?? null
export const whereElement = (mentions: readonly Mention[]): Element | null =>
  (mentions.find((one) => one.where && one.key)?.key as Element | undefined) ?? null

/** 'On a cracked pad': it is the pad that is cracked. */
const AS_FOUND =
  /^(?:cracked|rotten|rotted|broken|loose|rusty|rusted|leaking|leaky|damaged|bent|blocked|mou?ldy|sagging|bowed|spongy|burst)$/

/** The thing that a clause is about, where its verb says which of those named it is. */
export function mainThing(
  norm: string,
  tokens: readonly string[],
  mentions: readonly Mention[],
  action: Action | null,
): Element | null {
  if (
    action === 'install' ||
    /\b(?:is|are) getting (?:an?|new|two|three)\b/.test(norm) ||
    /^(?:there (?:is|are) no|there (?:is|are) not)\b/.test(norm)
  ) {
    const verb = tokens.findIndex(
      (word, i) =>
        /^(?:needs?|wants?|gets?|getting|add|adds|adding|put|run|fit|install|no)$/.test(word) && i < tokens.length - 1,
    )
    const after = mentions.find((one) => one.from > verb && one.key && verb >= 0)
    if (after?.key && !(after.where && mentions.some((one) => one.from > verb && !one.where && one.key))) {
      const wheres =
        /^(?:out|in|on|over|through|under|up|down|behind|beside|by|near|at|from|before|until|after|when|once)$/.test(
          tokens[after.from - 2] ?? '',
        ) && after.where
      if (!wheres) return after.key
    }
    if (action === 'install' && /\ban? \w+ inch\b/.test(norm)) return null
  }
  // 'The lead time on the closet is a month'.
  if (/^(?:the |and |but )*lead time (?:on|for|of)\b/.test(norm))
    return (mentions.find((one) => one.key)?.key as Element | undefined) ?? null
  // 'It came with a door missing'.
  const lacking = /\bwith (?:an? |the |its |one )?(?:\w+ )?(?:missing|gone)$/.test(norm)
    ? mentions.find((one) => one.key && one.where)
    : undefined
  if (lacking?.key) return lacking.key
  const said = mentions.find((one) => one.key && one.where && AS_FOUND.test(tokens[one.from - 1] ?? ''))
  if (said?.key) return said.key
  if (/^with (?:an? )?/.test(norm)) return (mentions.find((one) => one.key)?.key as Element | undefined) ?? null
  return mainElement(mentions)
}

/** The trade whose people are named, the earliest in the clause. */
/** Every trade that words name, whatever it is called. */
export const tradesNamed = (norm: string): Trade[] =>
  TRADE_PATTERNS.flatMap(([trade, pattern]) => (new RegExp(pattern.source).test(norm) ? [trade] : []))

export function tradeIn(norm: string): { trade: Trade; at: number; length: number } | null {
  let first: { trade: Trade; at: number; length: number } | null = null
  for (const [trade, pattern] of TRADE_PATTERNS) {
    const match = pattern.exec(norm)
    if (match && (!first || match.index < first.at || (match.index === first.at && match[0].length > first.length)))
      first = { trade, at: match.index, length: match[0].length }
  }
  return first
}

const STAGE_OF_ELEMENT: Partial<Record<Element, Stage>> = {
  drywall: 'board',
  insulation: 'insulation',
  baseboard: 'trim',
  casing: 'trim',
  trim: 'trim',
  countertop: 'countertops',
  backsplash: 'tile',
  sink: 'fixtures',
  vanity: 'fixtures',
  toilet: 'fixtures',
  tub: 'fixtures',
  shower: 'fixtures',
  mirror: 'fixtures',
  outlet: 'fixtures',
  switch: 'fixtures',
  light: 'fixtures',
  wire: 'wires',
  pipe: 'pipes',
  'gas-line': 'gas',
  duct: 'ducts',
  vent: 'ducts',
  fan: 'ducts',
  radiator: 'fixtures',
  cabinet: 'cabinets',
  shelf: 'trim',
  closet: 'trim',
  window: 'windows-doors',
  door: 'windows-doors',
  opening: 'framing',
  header: 'framing',
  beam: 'structure',
  post: 'structure',
  joist: 'framing',
  stud: 'framing',
  plate: 'framing',
  blocking: 'framing',
  stair: 'framing',
  railing: 'railing',
  footing: 'concrete',
  slab: 'concrete',
  drain: 'underground',
  siding: 'cladding',
  sheathing: 'framing',
  'weather-barrier': 'weather-barrier',
  fascia: 'cladding',
  soffit: 'cladding',
  gutter: 'roof',
  roof: 'roof',
  flashing: 'roof',
  brick: 'structure',
  plaster: 'plaster',
  tile: 'tile',
  grout: 'tile',
  paint: 'paint',
  floor: 'flooring',
  'water-heater': 'pipes',
  appliance: 'fixtures',
  chimney: 'structure',
  deck: 'site-works',
}
/** A verb of the trade beats the thing it is done to: 'bathroom's boarded', 'stair's framed', 'ceiling is painted'. */
/** What is roughed in for a fixture: its pipes or its wires, long before it is set. */
const ROUGH_IN: Partial<Record<Element, Stage>> = {
  sink: 'pipes',
  vanity: 'pipes',
  toilet: 'pipes',
  tub: 'pipes',
  shower: 'pipes',
  outlet: 'wires',
  switch: 'wires',
  light: 'wires',
  fan: 'wires',
}
const VERB_STAGE: readonly (readonly [Stage, RegExp])[] = [
  ['plaster', /\b(?:scratch|float|floating|finish|skim|browning) coats?\b/],
  ['trim', /\bsecond fix (?:carpentry|joinery)\b/],
  ['fixtures', /\bsecond fix(?:ed)?\b/],
  [
    'strip-out',
    /\b(?:stripped|gutted|demoed|demolished|torn out|ripped out|torn off|demo|demolition|strip out|tear off)\b/,
  ],
  [
    'protect',
    /\b(?:floors? (?:is|are) (?:all )?covered|floor protection|protection|dust sheets?|dust walls?|zip wall|sheeted|protected|masked|bagged)\b/,
  ],
  ['shoring', /\b(?:props?|propped|temp walls?|temporary walls?|shoring|shored|acrows?)\b/],
  ['excavation', /\b(?:dug|excavated|backfilled|backfill|trench)\b/],
  [
    'low-voltage',
    /\b(?:data|speaker|thermostat|alarm|network|low voltage|ethernet|doorbell|(?:bell|router|phone|tv|intercom|camera|sensor) (?:wires?|cables?|cabling))\b/,
  ],
  ['framing', /\b(?:framed|framing|sheathed)\b/],
  ['concrete', /\b(?:poured|screeded)\b/],
  ['tape', /\b(?:taped|taping|tape|mud|mudded)\b/],
  ['board', /\b(?:boarded|boarding|drywalled)\b/],
  ['plaster', /\b(?:plastered|skimmed|skimming|plastering)\b/],
  [
    'paint',
    /\b(?:coats? of (?:mist|primer|undercoat|gloss|paint|emulsion)|mist coat|undercoat(?:ed)?|painted|primed|first coat|second coat|top coat|decorated)\b/,
  ],
  ['tile', /\b(?:tiled|tiling|grouted)\b/],
  ['insulation', /\b(?:lagged|insulated|foamed|spray foam)\b/],
  ['wires', /\b(?:rough electric|wired|rewired|electrical|electrics|wiring)\b/],
  ['pipes', /\b(?:plumbed|plumbing|first fix plumbing|plumber is first fix)\b/],
  ['structure', /\b(?:repointing|repointed|pointing)\b/],
  ['site-works', /\b(?:fence|fencing|paving|pavings|patio)\b/],
  ['framing', /\b(?:(?:half|knee|stud) walls?|bulkheads?)\b/],
]

/** The stage that a clause of progress speaks of, from its verb, its thing, or its words; null where none is told. */
export function stageIn(norm: string, element: Element | null, gone: boolean): Stage | null {
  const verb = VERB_STAGE.find(([, pattern]) => pattern.test(norm))?.[0]
  if (verb) return verb
  const roughIn = element && /\brough(?:ed)?(?: |-)?in\b/.test(norm) ? ROUGH_IN[element] : undefined
  if (roughIn) return roughIn
  if (gone) return 'strip-out'
  if (element && STAGE_OF_ELEMENT[element]) return STAGE_OF_ELEMENT[element]!
  return STAGE_PATTERNS.find(([, pattern]) => pattern.test(norm))?.[0] ?? null
}

/** Every stage that words name: 'framing, wires and pipes'. */
export function stagesNamed(words: string): Stage[] {
  const said = words.toLowerCase()
  return STAGE_PATTERNS.flatMap(([stage, pattern]) =>
    said.includes(STAGES[stage].toLowerCase()) || pattern.test(said) ? [stage] : [],
  )
}

/** The thing that words are about; null where they name none. */
export const named = (words: string): Element | null => mainElement(elementsIn(words.trim().split(' ')))
