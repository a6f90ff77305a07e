import { ELEMENT_PHRASES } from './elementWords'
import { TRADE_PATTERNS, WORK_VERBS } from './lexicon'
import { isThing } from './mentions'

/** A stretch of what was said, with where it stands in the text and its words made plain. */
export interface Clause {
  readonly start: number
  readonly end: number
  readonly norm: string
  readonly tokens: readonly string[]
  /** It takes back what stands before: 'no', 'sorry', 'make that'. */
  readonly corrects: boolean
}

const CONTRACTED: readonly (readonly [RegExp, string])[] = [
  [/\bcannot\b/g, 'can not'],
  [/\b(?:can't|cant)\b/g, 'can not'],
  [/\b(?:won't|wont)\b/g, 'will not'],
  [/\b(is|are|was|were|has|have|had|do|does|did|would|could|should|need|must)n'?t\b/g, '$1 not'],
  [
    /(?<!\b(?:on|off|in|of|to|at|by|with|from|for|under|over|into|out|up|down|through|past|lost|has|had|needs|along|around|round|behind|beside|against|not|is|are|was) )\bits\b(?=[^'])/g,
    'it is',
  ],
  [/\b(there|that|here|what|he|she|who)s\b(?=[^'])/g, '$1 is'],
  [/(\d)\s*'\s*(?=\d|\s|$|by|x)/g, '$1 foot '],
  [/(\d)\s*"/g, '$1 inch '],
  [/'re\b/g, ' are'],
  [/'ll\b/g, ' will'],
  [/'ve\b/g, ' have'],
  [/'m\b/g, ' am'],
  [/'d\b/g, ' would'],
  [/'s (been|got)\b/g, ' has $1'],
  [/'s\b/g, ' is'],
  [/'til\b|\b(?:til|till)\b/g, 'until'],
  [/[$]\s*(\d[\d,.]*)/g, '$1 dollars'],
  [/[£€]\s*(\d[\d,.]*)/g, '$1 quid'],
  [/\b(?:linear|lineal|running) (?=(?:feet|foot|ft|met(?:re|er)s?|yards?)\b)/g, ''],
  [/\bgotta\b/g, 'got to'],
  [/\bgonna\b/g, 'going to'],
  [/\bwanna\b/g, 'want to'],
  [/%/g, ' percent'],
  [/\bper cent\b/g, 'percent'],
  [/(\d)(mm|cm|mil|ft|in|m)\b/g, '$1 $2'],
  [
    /(\d) in\b(?= (?:by|x|wide|deep|high|long|tall|thick|short|up|off|out|back|proud|below|above|behind|pipe|ducts?|bedding|apart|square|clear|fall|of fall|exposure|centres?|centers?)\b)/g,
    '$1 inch',
  ],
  [/(\b(?:by|x|foot|feet|ft) \d[\d./ ]*?) in\b/g, '$1 inch'],
  [/(\d \d+\/\d+) in\b/g, '$1 inch'],
  [/[-–—]/g, ' '],
  [/[^a-z0-9.,/ ]/g, ' '],
  [/([.,])(?!\d)/g, ' '],
  [/\s+/g, ' '],
]

/** The last words that were made plain: one text is read in many pieces that overlap. */
const MADE_PLAIN = new Map<string, string>()
const MOST_KEPT = 2000

/** Words in small letters without stops, what is drawn together written out. */
export function plain(text: string): string {
  const known = MADE_PLAIN.get(text)
  if (known !== undefined) return known
  const words = CONTRACTED.reduce(
    (told, [pattern, by]) => told.replace(pattern, by),
    text.toLowerCase().replaceAll('’', "'"),
  ).trim()
  if (MADE_PLAIN.size >= MOST_KEPT) MADE_PLAIN.clear()
  MADE_PLAIN.set(text, words)
  return words
}

const clauseOf = (text: string, start: number, end: number): Clause => {
  let from = start
  let to = end
  while (from < to && /[\s,;:.!?]/.test(text[from]!)) from++
  while (to > from && /[\s,;:.!?]/.test(text[to - 1]!)) to--
  const norm = plain(text.slice(from, to))
  return { start: from, end: to, norm, tokens: norm.split(' ').filter(Boolean), corrects: CORRECTION.test(norm) }
}

export const CORRECTION =
  /^(?:no|er no|uh no|sorry|no sorry|make that|make it(?= (?:\d|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve)\b)|no make that|no wait|wait no|wait|scratch that|actually|actually no|i mean|rather|correction|no actually|well no|nope|now says)(?:$| (?=(?:make|wait|sorry|scratch|it|its|actually|i mean|\d|next|last|the|this|that|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|one|a|replace|patch|stays|keep|leave|repair|monday|tuesday|wednesday|thursday|friday|saturday|sunday|tomorrow|we|they|he|she|those|them|all|half)(?![a-z])))/

/** Sentences of a text: ended by a full stop, a question, an exclamation, a semicolon or a new line; a point inside a
 * number ends nothing. */
export function sentencesOf(text: string): { start: number; end: number }[] {
  const found: { start: number; end: number }[] = []
  let start = 0
  for (let i = 0; i <= text.length; i++) {
    const ends =
      i === text.length ||
      text[i] === '\n' ||
      (/[.!?;]/.test(text[i]!) &&
        !(text[i] === '.' && (text[i + 1] === '.' || text[i - 1] === '.')) &&
        !(/\d/.test(text[i - 1] ?? '') && /\d/.test(text[i + 1] ?? '')))
    if (!ends) continue
    if (text.slice(start, i).trim() !== '') found.push({ start, end: i })
    start = i + 1
  }
  return found
}

/** What makes a stretch a statement of its own: a verb or a state. */
const PREDICATE =
  /\b(?:is|are|was|were|has|have|not|stays?|staying|comes?|coming|moves?|needs?|wants?|goes|owes?|starts?|lands|arrives?|back|done|finished|in|up|out|down|on|set|laid|poured|dug|rotten|damp|cracked|loose|missing|leaking|booked|says?|think|put|run|add|replace|patch|fix|repair|order|test|take|tear|strip|clean|close|keep|leave|protect|reusing|half|halfway|thirds?|quarters?|percent|sagging|soft|blown|leaks|drips|sticks|leaning|hanging|dripping|rusted|template|measures?|meets?|swap|cover|insulate|overlay|enlarge|sister|came|turned|passed|failed|painted|boarded|taped|framed|hung|to be|nobody|waiting|pick|choose|decide|reuse|reorder|high|wide|deep|long)\b/

/** 'It leaks at the corner': whatever the verb, a pronoun and a verb say something. */
const PRONOUN_SAYS = /^(?:it|they|he|she|we|i|there) [a-z]+/

/** Breaks a sentence into clauses at commas, and at 'and', 'but', 'so', 'then' where both sides say something. */
export function clausesOf(
  text: string,
  start: number,
  end: number,
  startsPlace: (norm: string) => boolean = () => false,
): Clause[] {
  const pieces: [number, number][] = []
  let from = start
  for (let i = start; i < end; i++) {
    if (
      (text[i] === ',' && !(/\d/.test(text[i - 1] ?? '') && /\d{3}/.test(text.slice(i + 1, i + 4)))) ||
      text[i] === ':' ||
      (text[i] === '.' && text[i - 1] === '.' && text[i + 1] !== '.')
    ) {
      pieces.push([from, i])
      from = i + 1
    }
  }
  pieces.push([from, end])
  return pieces
    .flatMap(([a, b]) => (pieces.length === 1 ? splitRunOn(text, a, b, startsPlace) : [[a, b] as [number, number]]))
    .flatMap(([a, b]) => splitAtJoints(text, a, b))
    .map(([a, b]) => clauseOf(text, a, b))
    .filter((clause) => clause.norm !== '')
}

const JOINT = /\s(?:and|but|so|then|plus|also|while|whereas|though|although|because|cos|since)\s/gi
/** What may follow 'and' as a statement of its own; a second noun or number after it belongs to the first. */
const FRESH =
  /^(?:don't|not our|the|that|those|these|this|there|it|they|we|he|she|i|you|a|an|his|their|our|no|nobody|all|mouse|two|three|four|five|six|seven|eight|ten|both|some|one|walls?|put|take|tear|patch|fix|repair|replace|order|test|clean|keep|leave|close|add|run|cover|protect|insulate|move|swap|taped?|painted|primed|boarded|tiled|plastered|skimmed|sanded|grouted|set|laid|fitted)\b/i

/** 'Plastered and primed': two things that were done. */
const DONE_TOO =
  /^(?:taped|painted|primed|boarded|tiled|plastered|skimmed|grouted|insulated|wired|plumbed|sheathed|papered|wrapped|rendered|trimmed)\b/i

const DATED = /\b(?:today|tomorrow|(?:mon|tues|wednes|thurs|fri|satur|sun)day|the \d{1,2}(?:st|nd|rd|th))\b/i

/** 'Kill the old one': an act and what it is done to. */
const TOLD = new RegExp(
  `^(?:${WORK_VERBS}|reorder|reuse|keep|leave|salvage|have a look at) (?:the|it|them|that|those|this|these|all|both|an?)\\b`,
  'i',
)

function splitAtJoints(text: string, start: number, end: number): [number, number][] {
  const part = text.slice(start, end)
  JOINT.lastIndex = 0
  for (let match = JOINT.exec(part); match; match = JOINT.exec(part)) {
    const left = part.slice(0, match.index)
    const right = part.slice(match.index + match[0].length)
    const joint = match[0].trim().toLowerCase()
    JOINT.lastIndex = match.index + match[0].length - 1
    if (
      joint === 'so' &&
      !/^(?:does|do|is|are|we|i|they|it|the|that|this|those|these|there|everything|nobody|his|her)\b/i.test(right) &&
      !TOLD.test(right)
    )
      continue
    const dayEnds = /\b(?:until|till|til|before) (?:\w+day|tomorrow)$/i.test(left) && !DATED.test(right.split(' ')[0]!)
    if (!dayEnds && /\b(?:between|until|till|til|before|if|hack off|strip|tear)\s*\S*$/i.test(left) && joint === 'and')
      continue
    if (
      joint === 'and' &&
      /^(?:a (?:half|quarter|third)|three quarters|\d|tested|passed|it passed|signed|wrap it|replace|dried|five eighths|seven eighths|three eighths)/i.test(
        right,
      )
    )
      continue
    if (joint === 'and' && /^an? \w+(?: (?:out|up|down|in|over) (?:here|there))?$/.test(plain(right))) continue
    if (joint === 'and' && /^(?:put|fit) (?:up |in |on |back )?(?:an? |some )?new(?: ones?)?$/i.test(right)) continue
    const fresh = FRESH.test(right) || TOLD.test(right) || PREDICATE.test(plain(right).split(' ').slice(1, 4).join(' '))
    // 'Insulation tomorrow and the screed on the 20th'.
    const dated = joint === 'and' && DATED.test(left) && DATED.test(right) && /^(?:the )?[a-z]+ .*[a-z]/i.test(right)
    const says = (part: string): boolean =>
      PREDICATE.test(plain(part)) || PRONOUN_SAYS.test(plain(part)) || TOLD.test(part) || DONE_TOO.test(part)
    if (!dated && !(PREDICATE.test(plain(left)) && says(right) && fresh)) continue
    const at = start + match.index + match[0].length
    return [[start, start + match.index], ...splitAtJoints(text, at, end)]
  }
  return [[start, end]]
}

/** What may begin a statement beside things, people and places. */
const SUBJECT =
  /^(?:the|that|this|those|these|we|they|he|she|concrete|bathroom|kitchen|hall|out|up|down|patch|replace|close|fix|pavings?|tape|fence)$/i
const NO_SPLIT_AFTER =
  /^(?:wrong|right|same|bad|good|other|loose|broken|think|thinks|reckon|reckons|guess|suspect|say|says|bet|don't|doesn't|can't|won't|didn't|never|must|should|will|would|in|on|at|under|over|above|below|behind|beside|by|to|from|through|with|for|of|off|around|near|and|or|the|a|an|that|this|those|these|new|old|back|front|until|till|til|before|after|between|along|against|first|second|is|are|was|needs?|wants?|put|run|add|patch|replace|fix|order|test|take|tear|strip|clean|close|keep|leave|protect|reusing|move|shift|cover|us|owes|no|any|all|both|into|like|as|than|if|when|where|while|because|not|hot|cold|water|main|rough|base|wall|kitchen|floor|ceiling|window|door|bay|rim|floor|gas|steel|temp|temporary|garden|yard|street|lane|gable|neighbour)$/i

const ACT =
  /^(?:shift|moves?|replace|patch|fix|hang|cut|paint|say|tell|pick|choose|decide|test|order|hook|cap|check|see|sister|close|swap|pull|need|get|got|found|find|make|build|lay|fit|install|clean|wrap|strip|call|sees?|use|using|reuse|reusing)$/i

/** 'Two purlins': a number belongs to what follows, unless it ends 'six of eight'. */
const COUNTS = /^(?:one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|some|more|several|few|old)$/i
const isTrade = (word: string): boolean => TRADE_PATTERNS.some(([, pattern]) => pattern.exec(word)?.[0] === word)

interface Word {
  readonly word: string
  readonly at: number
}

/** A sentence said without a pause: a new statement begins where a subject comes after a finished one. */
function splitRunOn(
  text: string,
  start: number,
  end: number,
  startsPlace: (norm: string) => boolean,
): [number, number][] {
  const words = [...text.slice(start, end).matchAll(/\S+/g)].map((m) => ({ word: m[0], at: start + m.index }))
  if (words.length < 6) return [[start, end]]
  const cuts: number[] = []
  let from = 0
  for (let i = 2; i < words.length - 1; i++) {
    const before = plain(text.slice(words[from]!.at, words[i]!.at))
    const rest = plain(text.slice(words[i]!.at, end))
    if (!beginsSubject(words, i, startsPlace(rest)) || belongsBefore(words, i, before)) continue
    if (!finished(before) || !PREDICATE.test(rest.split(' ').slice(1).join(' '))) continue
    cuts.push(words[i]!.at)
    from = i
  }
  const edges = [start, ...cuts, end]
  return edges.slice(1).map((edge, i) => [edges[i]!, edge] as [number, number])
}

/** Whether a word may begin a statement: a thing, people, a place, or an act. */
function beginsSubject(words: readonly Word[], at: number, startsPlace: boolean): boolean {
  const word = words[at]!.word.toLowerCase()
  const next = words[at + 1]?.word ?? ''
  // 'Out in the hall' goes somewhere; 'has to come out' does not.
  if (/^(?:out|up|down)$/.test(word) && !/^(?:in|on|at|to|the|front|back|here|there)$/.test(next)) return false
  const bare = word.replace(/'(?:s|re|ll|ve|d)$/, '')
  return (
    startsPlace ||
    isThing(bare) ||
    ELEMENT_PHRASES.has(plain(`${word} ${next}`).replace(/ is$/, '')) ||
    isTrade(bare) ||
    SUBJECT.test(bare) ||
    SUBJECT.test(bare.replace(/s$/, ''))
  )
}

/** Whether a word still belongs to what stands before it. */
function belongsBefore(words: readonly Word[], at: number, before: string): boolean {
  const word = words[at]!.word.toLowerCase()
  const last = words[at - 1]!.word.toLowerCase().replace(/'s$/, '')
  if (COUNTS.test(last) && !/\b(?:of|by|is|are|about) \S+$/.test(before)) return true
  const bare = word.replace(/'(?:s|re|ll|ve|d)$/, '')
  // 'The ridge tiles': one thing, named in two words.
  if (isThing(bare) && ELEMENT_PHRASES.has(last)) return true
  // 'Windows in sills not started'.
  const plural = / (\w+s) (?:in|on|up|down|out|off)$/.exec(before)?.[1]
  const said = word.endsWith("'s") || isTrade(bare) || /^(?:not|half|about|done|nearly)$/.test(words[at + 1]!.word)
  const stands =
    /\b(?:all|is|are) (?:in|on|up|down|out|off)$/.test(before) || (plural !== undefined && isThing(plural) && said)
  if (!stands && (NO_SPLIT_AFTER.test(last) || ACT.test(last) || last.endsWith('ing'))) return true
  return /\b(?:until|if|where|before|between)\b[^.]*$/.test(before)
}

/** Whether a stretch already says something about something. */
const finished = (norm: string): boolean => {
  const words = norm.split(' ')
  return (
    words.length >= 3 &&
    /\b(?:is|are|was|has|have|set|poured|dug|done|in|up|out|down|laid|started|half|halfway|percent|wide|deep|high|eight|nine|ten|with it|yet|it|body|anybody|leaks|drips|sticks|live|iron|damp(?! proof)|thursday|friday)\b/.test(
      words.slice(1).join(' '),
    )
  )
}
