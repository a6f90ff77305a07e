import type { Action } from '../scope/vocabulary'
import { ELEMENT_PHRASES } from './elementWords'
import { ACTION_PATTERNS } from './lexicon'

/** Nouns that are also verbs: an act only where they stand as a verb. */
const NOUN_TOO = new Set([
  'paint',
  'patch',
  'test',
  'order',
  'cover',
  'frame',
  'check',
  'stain',
  'sample',
  'run',
  'mount',
  'move',
  'clean',
  'lag',
  'insulate',
  'build',
  'pour',
  'put',
  'fit',
  'strip',
  'wash',
  'sweep',
  'shift',
  'swap',
  'hang',
  'fix',
  'going',
  'tarp',
  'prime',
  'tear off',
  'strip out',
  'touch up',
  'swap out',
  'patching',
  'sister',
  'repair',
  'lay',
  'moves',
  'adds',
  'runs',
])

const NEEDS_DOING: readonly (readonly [Action, RegExp])[] = [
  ['insulate', /insulating|lagging/],
  ['paint', /painting|repainting|decorating|touching up/],
  ['clean', /cleaning|washing|sweeping/],
  ['repair', /fixing|repairing|mending|tightening|adjusting|straightening|sistering|securing/],
  ['replace', /replacing|renewing|changing/],
  ['patch', /patching|filling|making good/],
  ['test', /testing/],
  ['inspect', /looking at|checking|inspecting/],
  ['relocate', /moving|shifting|relocating/],
  ['remove', /\bremoving|taking (?:out|off|down)|\bstripping/],
  ['install', /fitting|installing|adding|putting in/],
]

/** 'They want the hood ducted outside': somebody wants a thing to be done to a thing. */
const WANTED =
  /\b(?:wants?|would like|needs?|asked to have|asked for|get|gets) (?:it |them |that |the |that |this |those |these |all |both |two |three |an? |her |his |their |our )+(?:[a-z]+ ){0,4}?(swapped|moved|shifted|relocated|raised|lowered|painted|repainted|replaced|removed|taken out|taken down|fixed|repaired|mended|patched|ducted|vented|fitted|installed|added|hung|run|boxed in|boxed|insulated|cleaned|tested|checked|dropped|turned|swung)\b/
/** What was done to a thing, and the act that does it. */
const DONE_TO: readonly (readonly [Action, RegExp])[] = [
  ['relocate', /moved|shifted|relocated|raised|lowered|dropped|turned|swung/],
  ['paint', /painted|decorated/],
  ['replace', /replaced|swapped|renewed/],
  ['remove', /removed|taken|cut out/],
  ['repair', /fixed|repaired|mended/],
  ['patch', /patched/],
  ['insulate', /insulated/],
  ['clean', /cleaned|swept/],
  ['test', /tested/],
  ['inspect', /checked/],
  ['install', /fitted|installed|added|hung|run|ducted|vented|boxed/],
]

/** 'The coal door gets bricked up', 'the floor is to be painted': somebody is to do it. */
const GETS_DONE =
  /\b(?:gets?|(?:is|are|has|have|needs?|wants?) to be|to be) (?:all |both |just )?(?:re)?(swapped|moved|shifted|relocated|raised|lowered|painted|decorated|replaced|renewed|removed|taken (?:out|down|off)|fixed|repaired|mended|patched|ducted|vented|fitted|installed|added|hung|run|boxed in|insulated|cleaned|swept|tested|checked|skimmed|tiled|plastered|boarded|cut out)\b/

/** 'She wants them at 600': a thing is to stand elsewhere. */
const WANTED_AT =
  /\bwants? (?:it|them|that|those|this) (?:at|over|under|higher|lower|further|nearer|closer|by (?:an?|\d+|half|one|two|three|four|five|six|ten))\b|\b(?:wants?|needs?|has|have) to (?:come|go|move) (?:up|down|over|across|left|right|in|out|back)(?: by)?(?: about| around| roughly)? (?:an?|\d+|one|two|three|four|five|six|seven|eight|nine|ten|twelve|fifteen|twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety|another)\b/

/** 'Take it off and have a look': the act is the taking off. */
const OPEN_AND_LOOK = /^(?:take|pull|rip|strip|cut|tear) .* and (?:have a look|look|see|check)\b/

/** After what a word that is both noun and verb is an act: 'lads paint it', 'we just test the boards'. */
const ACTS_AFTER =
  /^(?:|to|and|but|so|just|we|will|please|then|i|should|let|lets|must|can|also|now|you|could|they|or|would|not|us|s|got|says|said|need|needs|wants?|it|guys?|lads?|crew|man|men|people|sparky|sparks|chippy|brickie|client|owner|hvac|(?!(?:her|other|another|over|under|after|never|either|their|timber|rubber|copper|your|our|for|or|paper|corner|upper|lower|outer|inner|poor|floor|door|exterior|interior|color|prior|bigger|better)$)[a-z]+(?:er|ian|or|ers|ians|ors|ly))$/
const isNoun = (word: string, before: string): boolean =>
  /^(?:paint|stain|patch|test|order|cover|frame|check|sample|wash|strip|tarp|prime|sister|repair|clean|sweep|build|mount|lag)$/.test(
    word,
  ) &&
  (ELEMENT_PHRASES.has(before) || !ACTS_AFTER.test(before))

/** A word that may be an act, with what stands around it. */
interface MayBe {
  readonly action: Action
  /** The words that may be an act, and the first of them. */
  readonly said: string
  readonly word: string
  /** The word before it, all that stands before it, and all that comes after. */
  readonly before: string
  readonly lead: string
  readonly after: string
  readonly norm: string
}

const AFTER_A_NOUN =
  /^(?:the|a|an|of|by|change|back|floor|pressure|flood|drain|first|second|this|that|my|your|wall|new|old|in|is|was|for|on|top|dry|cheap|easy|quick|simple|temporary|permanent|proper)$/
const BEFORE_A_VERB =
  /^(?:(?:in|on|for)(?: in)? (?:here|there|this|that|them|it)(?: \w+)? )?(?:is|are|was|has|says?|shows?|came|comes|passed|failed|for it is|not|done|finished|started|have not|due|nearly|almost|half(?: (?:done|in|up|on))?$|might|may|could|looks?|turned|starts?|(?:about|maybe|around) (?:an?|half|one|two|three|[a-z]+ percent|\d+ percent))\b/
const SOMEWHERE = /^(?:on|in|over|by|under|around|at|behind|above|below) .* (?:is|are|was|has|looks)\b/
const STARTS_AN_ACT =
  /^(?:to|and|just|we|will|please|then|i|should|let|lets|must|can|also|now|you|could|they|or|would)$/
const THEN =
  /^(?:too|though|although|as well|out(?! (?:the|through|to|into|onto)\b)|then|today|tomorrow|first|last|next week|\w+day|completely|altogether|and|off|this week)\b/

/** Whether a word that could be an act is none, each for a reason of its own. */
const NO_ACTS: readonly ((at: MayBe) => boolean)[] = [
  // 'The window is cut out': a state.
  ({ before, word, norm }) =>
    /^(?:is|are|was|were|been|be|has|have|s)$/.test(before) &&
    /(?:ed|lt|en)$/.test(word) &&
    !/\b(?:to be|must be|gets?)\b/.test(norm),
  // 'Five to go': a count.
  ({ said, before, after }) =>
    said === 'to go' &&
    after === '' &&
    /^(?:one|two|three|four|five|six|seven|eight|nine|ten|twelve|\d+)$/.test(before),
  ({ said, lead }) => /^com/.test(said) && /\b(?:rain|water|dust|snow)(?: is)?$/.test(lead),
  // 'The ceiling has come down a bit': that happened, nobody is to do it.
  ({ said, before }) => /^come\b/.test(said) && /^(?:is|are|has|have|was|were)$/.test(before),
  ({ said, after }) => said === 'check' && /^(?:valve|list|mark)/.test(after),
  ({ said, after }) => /^strip (?:out |off )?(?:is|are|was|has)\b/.test(`${said} ${after}`),
  // 'We won't be replacing it'.
  ({ lead }) => /\bnot be$/.test(lead),
  // 'The strip out crew'.
  ({ after }) => /^(?:crew|lads|guys|people|gang|team)\b/.test(after),
  // 'The light fitting'.
  ({ said, before }) => said === 'fitting' && ELEMENT_PHRASES.has(before),
  // 'Patched and sanded': that was done.
  ({ word, before, norm }) =>
    word.endsWith('ed') && (before === '' || before === 'and') && !/\b(?:to be|gets?|needs?|wants?|must)\b/.test(norm),
  // 'The transition strip to the hall': a noun after a noun.
  ({ word, before }) => word === 'strip' && before !== '' && !STARTS_AN_ACT.test(before),
  (at) => NOUN_TOO.has(at.said) && !leaves(at) && standsAsNoun(at),
  ({ before, lead }) => /^(?:not|never|no)$/.test(before) || /\b(?:do|does|did|will|would|are|is) not$/.test(lead),
  // 'It goes over the joist' takes nothing away.
  ({ action, said, after }) =>
    action === 'remove' && /^(?:goes|going|(?:needs? )?to go)$/.test(said) && after !== '' && !THEN.test(after),
  ({ action, said, lead }) => action === 'remove' && said === 'goes' && /\bwhere the \w+$/.test(lead),
  // 'It runs along the wall', 'it runs fine'.
  ({ said, before, after }) =>
    /^runs?$/.test(said) &&
    /^(?:along|across|behind|under|through|past|beside|down|up|from|between|round|around|below|above)\b/.test(after) &&
    /^(?:it|that|this|they|those|which|main|line|one)$/.test(before),
  ({ said, before, after }) =>
    said === 'runs' &&
    (/^(?:it|that|this|which)$/.test(before) ||
      (before !== '' &&
        !/^(?:an?|the|new|two|three|four|his|her|another|some)\b(?! (?:feet|foot|inch|inches|metres?|meters?|mil|mm))/.test(
          after,
        )) ||
      /^(?:but|fine|ok|all|hot|cold|slow|rough|well|continuously|constantly)\b/.test(after)),
  // 'Foam board over the studs'.
  ({ action, said, before }) =>
    action === 'close-up' && /^(?:board|block|brick|wall)\b/.test(said) && ELEMENT_PHRASES.has(before),
  ({ action, said, before }) =>
    action === 'install' &&
    /^(?:run|put|fit|fits|hang|lay|build|frame|pour|extend|mount)$/.test(said) &&
    before !== '' &&
    !STARTS_AN_ACT.test(before),
]

/** 'The old tub is going'. */
const leaves = ({ said, after, lead }: MayBe): boolean =>
  said === 'going' && after === '' && /(?<!\b(?:how|it|this|that|work|job|all|what)) (?:is|are)$/.test(lead)

const standsAsNoun = ({ said, before, after }: MayBe): boolean =>
  isNoun(said, before) ||
  SOMEWHERE.test(after) ||
  AFTER_A_NOUN.test(before) ||
  BEFORE_A_VERB.test(after) ||
  (said === 'paint' && /^(?:colou?r|work|finish|job|scheme|grade)\b/.test(after))

/** The work that a clause asks for, or null. */
export function actionIn(told: string): Action | null {
  // 'We have to ask before we put a ladder here': the asking comes first, the ladder is not the work.
  const norm = told.replace(
    /(?<=[a-z]+ [a-z]+ )(?:before|after|when|once|while|if|because) (?:(?:we|they|he|she|i|you|it|anybody|anyone|somebody)|(?:the|that|his|her|their|our) [a-z]+ (?:is|are|comes?|goes|gets?|starts?|has|have|leaves?|dries|sets)\b) .*$/,
    '',
  )
  if (/\b(?:drawing|spec) (?:wants?|needs?|asks)\b/.test(norm)) return null
  if (/\b(?:code|regs?|regulations|planning|planners|zoning) (?:wants?|needs?|says|asks)\b/.test(norm)) return null
  // 'Asking when the scaffold goes' asks for no work.
  if (/\b(?:asks|asking|asked|wondering|wonders|wondered) (?:when|if|whether|how|what|who|why)\b/.test(norm))
    return null
  if (WANTED_AT.test(norm)) return 'relocate'
  return askedFor(norm) ?? toldIn(norm)
}

/** What somebody asks to be done to a thing: 'needs easing', 'wants it moved', 'gets painted'. */
function askedFor(norm: string): Action | null {
  const of = (table: readonly (readonly [Action, RegExp])[], words: string | undefined): Action | undefined =>
    words === undefined ? undefined : table.find(([, pattern]) => pattern.test(words))?.[0]
  const gets = /\b(?:once|when|after|until|before|if|as soon as)\b/.test(norm) ? undefined : GETS_DONE.exec(norm)?.[1]
  return (
    of(DONE_TO, WANTED.exec(norm)?.[1]) ??
    of(DONE_TO, gets) ??
    of(NEEDS_DOING, /\b(?:needs?|wants?|could do with) ([a-z]+ing(?: \w+)?)/.exec(norm)?.[1]) ??
    null
  )
}

const EVERY_ACT = ACTION_PATTERNS.map(([action, pattern]) => [action, new RegExp(pattern.source, 'g')] as const)

/** What a verb of the clause tells somebody to do. */
function toldIn(norm: string): Action | null {
  for (const [action, pattern] of EVERY_ACT) {
    if (action === 'inspect' && OPEN_AND_LOOK.test(norm)) continue
    for (const match of norm.matchAll(pattern)) {
      const lead = norm.slice(0, match.index).trim()
      const at: MayBe = {
        action,
        said: match[0],
        word: match[0].split(' ')[0]!,
        before: lead.split(' ').at(-1) ?? '',
        lead,
        after: norm.slice(match.index + match[0].length).trim(),
        norm,
      }
      if (!NO_ACTS.some((isNone) => isNone(at))) return action
    }
  }
  return null
}
