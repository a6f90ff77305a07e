import type { Day } from '../calendar/day'
import type { Action } from '../scope/vocabulary'
import { percentIn } from './howFar'
import { testIn } from './kinds'
import type { SpokenLine, WalkKind } from './line'
import { named, stageIn } from './mentions'

/** All but a part: begun, and nobody said how far. */
const IN_PART =
  /\b(?:but for|except(?:ing)?(?: for)?|apart from|aside from|bar(?:ring)? (?:the|one|two|a|for)|save (?:for|the|one)|all but|other than|minus (?:the|one|a)|excluding|short of (?:a|one|two)|not counting|only the .* (?:left|to go|missing)|(?:another|more|rest|others?) (?:\w+ ){0,2}to (?:go|come|do)|still (?:missing|wants|needs|lacks)|waiting (?:on|for)|in part|partly|mostly|some of|most (?:of|boards|walls)|(?:nearly|almost) (?:all|every\w*)|a few of|several of|the bulk of|half of (?!the\b)|as good as|all but (?:done|finished|complete)|(?:on|to|over) (?:the |its )?(?:upper|lower|top|bottom|left|right|north|south|east|west|first|last|other) (?:half|third|quarter|part|side|end|two thirds)|up to (?!date\b|code\b|scratch\b|standard\b)(?:the )?[a-z]+|no (?:only |just )*(?:on )?(?:one|half|part|some)|only (?:in|on|behind|at|under|over|around|above|below|along|beside)|(?:in|on|behind|at|under|over|around|above|below|along|beside) (?:the )?(?:[a-z]+ ){1,3}only)\b/

/** What was done but for something that the same sentence tells: 'roughed in, but two boxes are still missing'. */
const BUT_PART =
  /\bbut (?:\w+ ){0,4}(?:(?:is|are) )?(?:still )?(?:missing|to come|to go|left to do|not (?:connected|hooked up|tested|grouted|sealed|screwed|fixed down|painted yet|trimmed))\b/

/** The same thing lacks something yet: 'the fan is in but not ducted'. */
const BUT_NOT =
  /\bbut (?:it |they )?(?:is |are )?(?:still )?not (?:yet |even )?(?:[a-z]{3,}ed|hung|cut|run|put|set|laid|built|hooked up)\b/

/** What will be, should be, or is promised. */
const TO_COME =
  /\b(?:to be|will|shall|going to|gets?|getting|goes|go|about to|supposed to|meant to|due to|is to|are to|has to|have to|needs?|must|should|would|could|(?<!\byou )can|might|may|want(?:s|ed)?|promis(?:e|es|ed)|swears?|guarantees?|planned|plan is|hopefully|hope|by (?:the |this |next )?(?:end|\w+day|tomorrow|tonight|noon|lunch|week|month|then|easter|christmas|january|february|march|april|june|july|august|september|october|november|december|(?:the )?\d+(?:st|nd|rd|th)\b)|(?:from )?tomorrow|tonight|next (?:week|month|year|\w+day|time|visit)|later (?:today|this|on|in)|this afternoon|in (?:a|two|three|four|five|six|\d+) (?:days?|weeks?|months?)|soon)\b/

/** What hangs on something else. */
const CONDITION =
  /\b(?:if|when|whenever|once|until|till|unless|as soon as|provided|providing|assuming|as long as|in case|so that(?! is\b)|or else|otherwise|before (?:we|they|he|she|it|the|anybody|anyone|any)|after (?:we|they|he|she|it|the|that))\b/

/** What was so before this job, or was done by those before us. */
const LONG_AGO =
  /\b(?:last (?:autumn|fall|spring|summer|winter|year|month|century|decade|time)|(?:years?|months?|decades?|ages|long|while) (?:ago|back)|back in|in (?:the )?(?:18|19|20)\d\d|in the (?:twent|thirt|fort|fift|sixt|sevent|eight|ninet)ies|in the \d0s|used to|originally|at some (?:point|time)|before (?:our|my|their) time|when (?:it|the house|this) was built|(?:last|previous|old|earlier|former) (?:owner|mason|man|guy|lot|crew|builder|firm|people|contractor|plumber|electrician|painter)|by the (?:last|previous|old|earlier|former)|had been|once was|was once|already there when|found (?:it|them) (?:like|so))\b/

/** What somebody only says, guesses, or does not know. */
const NOT_SEEN =
  /\b(?:whether|no idea|not sure|do not know|does not know|nobody knows|who knows|never know|claims?|reckons?|wish(?:es)?|pretends?|insists?|swears|according to|(?:he|she|they|\w+(?:er|or|an|ist)) (?:says?|said|tells? me|told me|thinks?|texted|wrote|called)(?! to\b)|apparently|supposedly|allegedly|i think|i guess|i suppose|i hope|i believe|maybe|perhaps|probably|possibly|might|looks? like|seems?|should have been|would have been|ever (?:been |was |were )?[a-z]+ed)\b/

/** What was done badly is not done. */
const DEFECT =
  /\b(?:badly|poorly|wrong(?:ly)?|crooked(?:ly)?|upside down|backwards?|back to front|inside out|out of (?:level|plumb|square|true|line)|not (?:level|plumb|square|straight|true|right|flush|tight)|too (?:high|low|short|long|tight|loose|wide|narrow|deep|thin|thick|far|early)|sloppy|sloppily|botched|bodged|half hearted|(?:needs?|to be|must be) (?:re)?done again|coming (?:off|away|loose|apart)|falling (?:off|apart|down)|on the wrong|in the wrong)\b/

/** What was done otherwise than it should be, told behind it. */
const BUT_WRONG =
  /\b(?:except|only) (?:that )?(?:it|they|that|this|all of it|he used|they used) (?:is |are |was |were |has |have )?(?:all |just |the |an? )*(?:wrong|out of|too|upside|crooked|bad|no good|cracked|loose|not (?:right|level|plumb|square|straight|what|the))\b/

/** What is taken back in the same breath, or only said to be so. */
const TAKEN_BACK =
  /\b(?:scratch|strike) that\b|\b(?:never mind|forget (?:that|it|i said)|take that back|only joking|just kidding|no (?:it|they|that) (?:is|are|was|were) not|not really|or so they say)$|\b(?:sort of|kind of|so to speak|(?:done|finished|complete|up|in) for now|on paper|in theory|more or less)\b/

/** What is done in another house is nothing here. */
const ELSEWHERE =
  /\b(?:next door|across the (?:road|street|hall)|(?:at|in|on) (?:the|our|my|that) (?:other|last|next|neighbou?r'?s'?) (?:house|site|job|place|flat|unit|one))\b/

/** What is said not to be. What is left of it may be told as nothing done, never as done. */
const NEGATION =
  /\b(?:not|no|none|nothing|nobody|no one|never|neither|nor|without|hardly|barely|scarcely|few|little|nowhere)\b/

/** What is asked is not told. */
const ASKED =
  /\?\s*$|^(?:is|are|was|were|did|does|do|has|have) (?:the|it|they|that|this|he|she|we|you|his|her|any|anybody|anyone|somebody)\b|^(?:who|which|why|how)\b/

/** What is counted in cuts and holes is damage or work, not progress: 'top plate cut four times', 'seven holes to patch'. */
const CUT_UP =
  /\b(?:cut|notched|drilled|bored|chopped|hacked|nailed|hit|split|broken|patched) (?:(?:right |straight |clean |half way )?through|into|(?:\w+ ){0,2}(?:times|places|spots))\b|\b(?:holes?|gaps?|spots?|cracks?|joints?|patches|nicks|chases?) (?:[a-z]+ ){0,5}to [a-z]+\b/

/** A part of the house that went elsewhere is no share of anybody's work: 'wall moved 400 towards the bath'. */
const MOVED =
  /\b(?:walls?|openings?|doors?|windows?|partitions?)(?: [a-z]+){0,4}? (?:(?:is|are|was|were|has been|have been|got) )?(?:now )?moved\b.*\b(?:towards?|over|back|out|in|instead|bays?|foot|feet|inch|inches|mm|cm|metres?|\d+)\b/

/** What comes after what: 'they put the crown up, then we set our riser'. */
const IN_TURN = /\bthen (?:we|they|i|he|she) (?![a-z]+ed\b)[a-z]+/

const STATED = /\b(?:is|are|was|were|has|have|been)\b/

/** Told as it is, of a day that is still to come: 'roof is cut on Friday'. */
const IS_SO = /\b(?:is|are|gets?|being|comes?|goes?|start(?:s|ing)?|begins?)\b/
const isAhead = (line: SpokenLine, told: string, today: Day): boolean =>
  line.date !== undefined && line.date > today && IS_SO.test(told)

/** Whether the same sentence misses something of the same stage: 'all tiled, grout is missing'. */
function lacksOfIts({ stage, element }: SpokenLine, told: string, sentence: string): boolean {
  const thing = /\b([a-z]+) (?:is|are) (?:still )?missing\b/.exec(sentence)?.[1]
  const its = stage ?? stageIn('', element ?? null, false)
  return thing !== undefined && !STATED.test(told) && its !== null && stageIn('', named(thing), false) === its
}

/** Why words that sound like something done do not say so; null where they do.
 * @param words of the line
 * @param told the part of them that tells how far it is
 * @param sentence that they stand in */
export function whyNotDone(words: string, told: string, sentence: string): string | null {
  const reasons: readonly (readonly [string, RegExp, string])[] = [
    ['asked', ASKED, sentence],
    ['in part', IN_PART, words],
    ['in part', BUT_PART, STATED.test(told) ? '' : sentence],
    ['in part', BUT_NOT, sentence],
    ['a condition', CONDITION, told],
    ['to come', TO_COME, told],
    ['to come', IN_TURN, STATED.test(told) ? '' : sentence],
    ['promised', /\b(?:promis(?:e|es|ed)|swears?|guarantees?)\b/, sentence],
    ['long ago', LONG_AGO, told],
    ['not seen', NOT_SEEN, told],
    ['a defect', DEFECT, told],
    ['a defect', BUT_WRONG, sentence],
    ['taken back', TAKEN_BACK, sentence],
    ['elsewhere', ELSEWHERE, words],
    ['cut up', CUT_UP, told],
    ['moved', MOVED, words],
    ['measured', /\bcut (?:at|to) (?!length|size|fit)/, told],
    ['denied', NEGATION, told],
  ]
  return reasons.find(([, pattern, text]) => pattern.test(text))?.[0] ?? null
}

/** What becomes of something said to be done where that was not clearly said: a part of it is progress that nobody put a
 * figure to, what is to come is expected or work, the rest is kept in its words.
 * @param parts of the line's words, between its commas, in plain letters
 * @param sentence that they stand in */
export function onlyIfDone(line: SpokenLine, parts: readonly string[], sentence: string, today: Day): SpokenLine {
  if (line.kind !== 'progress' || line.percent === undefined || line.percent < 90) return line
  const words = parts.join(' ')
  const telling = parts.filter((part) => percentIn(part, null) !== null || testIn(part)?.result === 'passed')
  const whys = (telling.length > 0 ? telling : [words]).map((told) =>
    isAhead(line, sentence, today)
      ? 'to come'
      : lacksOfIts(line, told, sentence)
        ? 'in part'
        : whyNotDone(words, told, sentence),
  )
  const [why] = whys
  // One part that says it plainly is enough: 'first fix is signed off, board can go up'.
  if (!why || whys.includes(null)) return line
  const { percent: _percent, action, ...rest } = line
  if (why === 'in part') return { ...rest, ...(action ? { action } : {}) }
  if ((why === 'to come' || why === 'promised') && line.date) return { ...rest, kind: 'expect' }
  if (why === 'to come' || why === 'cut up') {
    const { stage: _stage, state: _state, ...work } = rest
    return { ...work, kind: 'work' }
  }
  const { place, private: secret } = line
  return { kind: 'note', words: line.words, ...(place ? { place } : {}), ...(secret ? { private: secret } : {}) }
}

const LEFT_OUT = /\b(?:is|are|stays?) (?:all )?(?:out|not in)\b|\b(?:is not|are not)$/
const ACTS: readonly (readonly [RegExp, Action])[] = [
  [/\b(?:replaced|renewed|swapped)\b/, 'replace'],
  [/\b(?:painted|primed|stained|oiled)\b/, 'paint'],
  [/\b(?:removed|stripped|taken (?:out|off|down)|torn (?:out|off|down)|pulled|demolished|gutted)\b/, 'remove'],
  [/\b(?:repaired|mended|fixed|patched)\b/, 'repair'],
  [/\b(?:moved|relocated|shifted)\b/, 'relocate'],
  [/\b(?:cleaned|washed|swept)\b/, 'clean'],
  [/\b(?:covered|tarped|sheeted)\b/, 'cover'],
  [/\b(?:protected|wrapped up)\b/, 'protect'],
  [/\b(?:tested)\b/, 'test'],
  [/\b(?:installed|fitted|hung|laid|tiled|boarded|built|framed|run|set|put in|added)\b/, 'install'],
]

const NOT_YET = /\b(?:yet|complete(?:d)?|finished|begun|started|done|poured|ready|there)\b/

/** On a scope walk what 'is replaced' is to be replaced, and what 'is out' is not part of the work. */
export function asScope(line: SpokenLine, words: string, walk: WalkKind | undefined): SpokenLine {
  if (walk !== 'scope' || line.kind !== 'progress' || line.percent === undefined || line.state) return line
  const { percent, stage: _stage, ...rest } = line
  // 'Painted last autumn' tells what was, not what is to be.
  if (LONG_AGO.test(words)) return { ...rest, kind: 'note' }
  if (line.action === 'test' || line.action === 'inspect') return line
  // 'Not complete', 'not poured yet' tell how far it is, not that it stays out.
  if (percent === 0 && NOT_YET.test(words)) return { ...rest, kind: 'note' }
  if (percent === 0 || LEFT_OUT.test(words)) return { ...rest, kind: 'exclude' }
  const action = ACTS.find(([pattern]) => pattern.test(words))?.[1]
  return { ...rest, kind: 'work', ...(action ? { action } : {}) }
}
