/** Words that say that something is for nobody outside, wherever they stand in it and however they were put in: spoken
 * with or without points, typed into a field, written under a photo. They err on the side of keeping: a word too many
 * kept is put right by a person, a word too many told is not. */
const CLIENT =
  '(?:clients?|owners?|homeowners?|customers?|tenants?|neighbou?rs?|landlords?|family|wife|husband|missus|old (?:man|lady)|lady|designer|architect|engineer|inspector|crew|trades?|lads|guys|anybody|anyone|anybody else|anyone else|them|him|her|people|others|outside)'
const THIS = '(?:this|that|it|these|those|the (?:price|cost|sum|number|margin)|all of (?:this|that|it))'
const PAPER =
  '(?:updates?|reports?|copy|copies|page|sheets?|e-?mails?|mails?|letters?|paperwork|notes?|minutes|writing|books|summary)'
/** What a person is kept from by standing somewhere: 'keep the dust from the tenant's rooms'. */
const SPACE = '(?:rooms?|flat|side|bedroom|bed|things|furniture|garden|door|car)'
const NOT_TO = `(?:do not|don't|dont|never|not to|must not|mustn't|shouldn't|should not|let's not|lets not|rather not|better not)`

const PATTERNS: readonly RegExp[] = [
  // 'Private: ...', '(private)', 'private, ...', and the word with what follows as phones write it down
  /(?:^|[.!?;:,(["\n–—-]\s*)(?:strictly |this (?:bit |one |part )?(?:is|'s) |mark(?:ed)? |all |keep )?(?:private(?:ly)?|confidential(?:ly)?|secret|internal(?:ly)?)\s*(?:$|[\])}"]|[:;,.!?–—]|-\s)/,
  /^(?:ok(?:ay)? |right |so |and |just |er |um )*(?:private(?:ly)?|confidential(?:ly)?|internal)\s+(?:the|this|that|it|we|they|he|she|i|you|my|our|his|her|their|there|do|don't|dont|not|no|nobody|last|all|one|note|remark|comment|to)\b/,
  /\b(?:is|are|be|stays?|stay|keep|kept|remains?|strictly|this|that|it|it's|thats|that's|and|but|which's) (?:strictly |very |quite |to be kept |all |kept )?(?:private|confidential)\s*(?:$|[.!?;,)\]]|\b(?:please|ok|okay|and|but|so|for now|between)\b)/,
  /(?<!\b(?:a|an|the|more|less|very|quite|too|be|feel|feels|semi|totally|fully|not|as|and|or|to|in|of|for|is|are))(?<!\b(?:keeps?|makes?|leaves?|stays?)(?: \w+){1,5}) private\s*[.!)\]]*\s*$/,
  /\bprivate (?:note|remark|comment|matter|memo|word|aside|info|information)\b/,
  /\bin (?:strict(?:est)? )?(?:private|confidence|secret)\b/,
  /\b(?:top secret|hush[- ]hush|sensitive (?:one|matter|information|point)|under wraps|under (?:your|my|our|the) hats?|on the (?:quiet|hush|qt|sly)|mum'?s the word|sub rosa)\b/,
  /\bconfidential(?:ly)?\b/,
  /\b(?:just |strictly |only )?between (?:us(?! and (?:the|next|our|their))|ourselves|you and me|you and i|you me|me and you|the two of us|these (?:four )?walls|you an' me)\b/,
  /\b(?:off|not (?:for|on)) the record\b|\boff record\b/,
  /\b(?:for|only for|just for) (?:our|my|your|internal|office) (?:own )?(?:eyes|ears|use|files?|records?|information|notes?)(?: only)?\b/,
  /\b(?:just|only|strictly) for (?:us|ourselves|me|the office|in[- ]house)\b|\bfor (?:us|the office|internal use|in[- ]house use|ourselves) (?:only|alone)\b|\bin[- ]house only\b|\b(?:office|internal) only\b|\binternal note\b|\bnote to (?:self|myself)\b/,
  new RegExp(
    `\\bnot (?:meant |intended |one |really )?for (?:the |any |their |his |her |your )?(?:${CLIENT}|eyes|ears|sharing|publication|passing on|the (?:update|report|page|sheet|link))\\b`,
  ),
  // 'Don't show', 'never tell', 'not to be shown'
  new RegExp(
    `(?:^|[.!?;:,(]\\s*|\\b(?:and|but|so|please|just|also|then|we|you|to|i would|i'd) )${NOT_TO}(?: you)? (?:show|shown)(?! (?:any |up|through|the (?:joints?|screws?|seams?|nails?|fixings?|edges?|cut)\\b))`,
  ),
  new RegExp(
    `${NOT_TO}(?: ever| please| you)? (?:tell|mention|repeat|share|send|let on|pass|forward|publish|post|breathe|leak|discuss|bring up|talk about)(?: (?:about )?(?:${THIS}|a word|anything)| (?:to |with )?(?:the |my |his |her |their )?${CLIENT}\\b)`,
  ),
  /\b(?:do not|don't|dont|never) (?:tell|let on|say a word|mention|breathe a word)\b(?! (?:the |a )?(?:difference|time))/,
  new RegExp(
    `${NOT_TO} (?:put|write|type|note|say|leave|print|have|want|let) (?:${THIS}|anything|the [a-z]+)(?: to (?:be|go|stand))? (?:down\\b|(?:in|on|into|near|anywhere in|anywhere near) (?:the |my |our |his |her |their |any )?(?:[\\w']+ ){0,2}(?:${PAPER}|record|paper)\\b)`,
  ),
  new RegExp(
    `${NOT_TO} (?:put|write|say|note|use|mention) [^.!?,;]{1,40}? (?:in writing|down|anywhere|on paper)(?:\\b|$)`,
  ),
  new RegExp(`${NOT_TO} (?:write|let) (?:${THIS}|the ${CLIENT}|them)\\b`),
  /\b(?:not|never) to be (?:shown|told|shared|seen|passed on|published|repeated|mentioned)\b(?! (?:until|before|till))/,
  new RegExp(
    `\\bkeep(?:ing)? (?:${THIS}|him|them|everything|[a-z]+(?: [a-z]+){0,3}) (?:between|to (?:your|our|my)sel(?:f|ves)|private|quiet|confidential|secret|hidden from|under|in[- ]house|out of (?:the )?(?:${CLIENT}|update|report|copy|writing|their|his|her)|away from (?:the )?${CLIENT}\\b(?!')|from (?:the )?${CLIENT}\\b(?!'))`,
  ),
  /\bleave (?:this|that|it|those|these) (?:out of|off) (?:the |their |his |her |your )?(?:\w+ )?(?:update|report|copy|page|sheet|email|mail|letter|paperwork|notes?)\b/,
  new RegExp(
    `\\b${CLIENT} (?:does not|doesn't|doesnt|need not|needn't|should not|shouldn't|must not|mustn't|is not to|isn't to|are not to|cannot|can't|may not|must never|should never|don't|do not) (?:need to |have to |have |ever )?(?:know(?! (?:yet )?(?:if|whether|what|which|how|where|when|who)\\b)|see (?:this|that|it)|hear|find out|read (?:this|that|it)|learn of|get wind)\\b`,
  ),
  new RegExp(
    `\\b${CLIENT} (?:should not|shouldn't|must not|mustn't|is not to|isn't to|are not to|may not|must never|should never) know\\b`,
  ),
  /\b(?:tell|say (?:it |this |that )?to) (?:nobody|no one|no-one)\b|\b(?:nobody|no one|no-one)(?: else)? (?:must|should|needs to|has to|is to|may|can) (?:know|see this|hear|find out)\b|\bnot a word (?:to|about|of)\b|\bwithout (?:the |her |his )?\w+ (?:knowing|finding out)\b/,
  /\b(?:this|that|it) (?:goes|stays|remains|is to stay) (?:no further|between|with us\b|with you\b|in (?:the|this) (?:van|office|room|firm|truck)|here with)/,
  // 'Hush about the leak', 'say nothing to him about it', 'keep quiet about the crack'
  /(?:^|[.!?;:,(]\s*)(?:hush|shh+|ssh+)\b|\b(?:keep|stay|be|kept) (?:quiet|mum|silent|schtum) (?:about|on|for now|until)\b/,
  new RegExp(
    `\\b(?:say|breathe|mention|tell) nothing\\b|\\bnothing (?:of|about) (?:${THIS}|the [a-z]+(?: [a-z]+){0,2}) (?:to|in|on) (?:the |my |his |her |their )?(?:${CLIENT}|${PAPER})\\b`,
  ),
  // 'Among ourselves', 'you did not hear it from me', 'do not quote me', 'what I say stays here'
  /\b(?:among(?:st)?|within) (?:us|ourselves|the (?:office|firm|family|team))\b(?! and )|\bjust (?:you and me|us two|the two of us)\b|\byou (?:did not|didn't|never|have not|haven't) (?:hear|heard) (?:this|that|it)\b|\b(?:do not|don't|dont|never) quote me\b/,
  /\b(?:nobody|no one|no-one) (?:but|except) (?:us|me|you and me) (?:knows?|has seen)\b|\bno mention of (?:costs?|money|prices?|sums?|it|this|that)\b|\bno mention of\b.*\bto (?:the )?(?:client|owner|customer|anybody|anyone|them|him|her)|\b(?:this|that|it|what i said) (?:go|goes|went|gets?|got|is to go) no further\b(?! than| up| down)|\bkeep (?:this|that|it) in the family\b|^between (?:the (?:lads|guys|crew|team|office|three|four)(?: and (?:me|us|you))?|(?:these|us) (?:two|three|four))\b|(?:^|[.!?;]\s*)(?:for the office|office note|note for the office)\s*[:,]/,
  /\bnot (?:one|a single) word (?:to|about|of)\b|\b(?:mouths?|traps?) shut\b|\b(?:not|n't|never) (?:be )?(?:made?|go(?:es)?|be) public\b|\b(?:not|n't|never) (?:make|making) (?:this|that|it) public\b|(?:do not|don't|never|not to be) forward(?:ed)?\b|(?:^|[.!?;]\s*)(?:strictly )?personal\s*:|\bfor us to know\b/,
  new RegExp(
    `(?:not|n't|never) (?:let|allow) (?:the |my |his |her |their )?${CLIENT} (?:to )?(?:see|know|hear|read|find|get|learn|near)\\b`,
  ),
  new RegExp(
    `\\b${CLIENT}(?: is|are|'s|'re)?(?: not|n't) (?:allowed|permitted|to be allowed) to (?:see|know|read|hear)\\b`,
  ),
  /\bwhat (?:i|we) (?:tell|say|told|said)(?: you)?(?: now| here)? (?:stays|remains|goes no)\b/,
  /\b(?:hope|hoping|pray|as long as|so long as|before|until|if) (?:the )?(?:nobody|no one|they|he|she|the (?:client|owner|customer|homeowner)s?)(?: (?:do(?:es)? not|don't|doesn't|never))? (?:notices?|finds? out|gets? wind)\b/,
  // 'Kept from the owner so far', 'hide it from them', 'behind her back', 'without her hearing of it'
  new RegExp(
    `\\b(?:kept|keep|keeping|hidden|hide|hiding|held back|hold (?:this|that|it) back|conceal(?:ed)?|secret) (?:(?:${THIS}|the [a-z]+(?: [a-z]+){0,2}|everything|all this) )?from (?:the |my |his |her |their |our )?${CLIENT}\\b(?!'| (?:${SPACE})\\b)`,
  ),
  new RegExp(`\\bbehind (?:(?:the )?${CLIENT}(?:'s|s'|s)?|his|her|their) back\\b(?! [a-z])`),
  // 'Leave this off the client's page', 'not in the report', 'keep it off the update', 'strike that from the copy'
  new RegExp(
    `\\b(?:leave|keep|take|strike|cut|drop|hold|omit|left|kept) (?:${THIS}|him|them|everything|the [a-z]+(?: [a-z]+){0,2}) (?:well |right )?(?:out of|off|from|away from) (?:the |their |his |her |your |our |any )?(?:[\\w']+ ){0,2}(?:${PAPER})\\b`,
  ),
  new RegExp(
    `(?:\\b(?:omit|delete|erase|strike|wipe|keep) (?:(?:${THIS}) )?(?:from|off) (?:what (?:he|she|they) (?:reads?|sees?)|(?:the |his |her |their )?(?:${PAPER}))|(?:\\bnot|n't) (?:be|go|appear|stand|end up|belong) (?:in|on) (?:the |his |her |their )?(?:client's page|update|report|copy|minutes|e-?mail))\\b`,
  ),
  new RegExp(
    `\\b(?:not|never|nothing of (?:this|that|it)) (?:for|onto|into) (?:the |their |his |her |any )?(?:[\\w']+ ){0,2}(?:${PAPER})\\b`,
  ),
  // What is nobody's business, and other ways to say so
  /\b(?:none of|nobody's|no one's|no-one's|not|only|just) (?:the |of )?(?:\w+ )?(?:my |his |her |their |our |anybody's |anyone's |(?:owner|client|customer)s?'?s? )?business\b(?! of)|\b(?:that|this|it) (?:is|stays) (?:only )?our business\b/,
  /\b(?:our|a|my) (?:little |own )?secret\b(?! (?:door|panel|drawer|nail|fix|gutter|hatch|joint|stair))|\bjust us\b|\boff the books\b|\bunsaid\b|\b(?:sit|sitting) on (?:this|that|it)\b|\b(?:do not|don't|dont|never|not) (?:know|see)(?: it)? (?:won't|will not|can't|cannot) hurt\b|\bfor the (?:file|office|drawer) only\b|\b(?:purely|strictly|all) internal\b/,
  new RegExp(`${NOT_TO}(?: be)? (?:spread|spreading|go|goes) (?:(?:this|that|it) (?:around|about|on)|any further)\\b`),
  // the same in the other languages of the app
  /(?:^|[.!?;:,(]\s*)privad[oa]\b|\ben (?:privado|confianza)\b|\bentre nosotros\b|\bconfidencial\b|\bno (?:se )?(?:lo |la |les? )*(?:digas?|ense[nñ]es?|muestres?|cuentes?)\b/,
  /\bprywatn(?:ie|e|a|y)\b|\bpoufn(?:ie|e|a|y)\b|\bmi[eę]dzy nami\b|\bnie (?:pokazuj|m[oó]w|wspominaj)(?:cie)?\b/,
]

const CLAUSE = /[,.;:!?()–—\n]+|\s-+\s/
const DENIED =
  /\b(?:avoid|the last|but us|but me|not|never|no|nobody|no one|no-one|none|nothing|without|cannot|needn't|(?:do|does|did|has|have|had|is|are|was|were|wo|would|should|could|ca|must|need|ai)n't|dont|doesnt|wont|rather|instead of)\b/
/** Somebody who could hear of it, but whoever works here. */
const HEARER = `(?:the |any |my |his |her |their |our )?(?:${CLIENT}|he|she|they|(?:nobody|no one|no-one)(?: but (?:us|me|you))?|anyone|(?:no )?[a-z]+ (?:outside|else)(?: (?:the|this|our) \\w+)?|(?:his|her|their) (?:wife|husband|partner|mother|father|brother|sister|son|daughter|parents))`
const AUXILIARIES =
  "(?:(?:do|does|did|should|must|may|might|can|could|would|will|has|have|had|was|were|is|are|needs?|has|have|ought)(?:n't| not)?|cannot|can't|won't|not|never|to|be|been|being|yet|ever|even|also|supposed|meant|allowed|going|the last|(?:the )?only ones?|need|have|want|go|get|start)"
const TELLING =
  '(?:tell|tells|telling|shows|mentions|told|inform|informed|informing|warn|warning|let on to|admit|admitting|explain|explaining|show|showing|mention|mentioning|say|saying|speak|talk|talking|breathe|share|sharing|hint|hinting|confess)'
const LEARNING =
  '(?:know|knows|knew|known|knowing|hear|hears|heard|hearing|learn|learns|learnt|learned|learning|find out|finds out|found out|finding out|get wind|gets wind|notice|notices|noticing|realise|realize|aware|in the know|told|informed|see|sees|seen|seeing|read|reads|reading)'
/** What is learnt as a fact: 'hears that', 'knows of', 'finds out', and not 'sees the tile', 'knows which green'. */
const A_FACT =
  '(?= (?:that|of|about|the [a-z]+ (?:costs?|is|was|are|were|has|have|had|came)|this|it|anything|a thing|a word|we|our|how (?:much|bad)|what (?:we|it|they|the \\w+) (?:paid|cost|costs))\\b| yet$| too$| of it$|$)'
const ASKS =
  '(?! (?:the )?(?:what|which|whether|how|where|when|who|if)\\b(?! (?:we|it|they|the \\w+) (?:paid|cost|costs)))'
/** 'She must not hear of the crack', 'no need for them to find out'. */
const IS_LEARNT = new RegExp(`\\b${HEARER}(?: ${AUXILIARIES}| [a-z]+ly)* ${LEARNING}(?: yet)?${A_FACT}${ASKS}`)
/** 'We won't be telling the owner', 'no reason to mention it to her'; not 'the client has not told us'. */
const IS_TOLD = new RegExp(
  `(?<!\\b(?:the )?${CLIENT} (?:has|have|had|did|does|do|never|is|are|was|were)(?:n't| not)? )\\b${TELLING}(?: (?:about )?(?:this|that|it|anything|any of (?:this|that|it)|the [a-z]+(?: (?:in|on|of|at|under|behind) the [a-z]+)?))?(?: to| with)? (?:the |any |my |his |her |their |our )?${CLIENT}\\b${ASKS}`,
)
/** Whether a clause says that somebody does not hear of something, or is not to. */
function isKeptFrom(clause: string): boolean {
  const said = IS_LEARNT.exec(clause) ?? IS_TOLD.exec(clause)
  const before = said ? clause.slice(0, said.index + said[0].length) : ''
  return DENIED.test(before) && !/\b(?:until|till|before|unless)\b/.test(before)
}

const flat = (text: string): string =>
  text
    .toLowerCase()
    .replaceAll(/[’‘`]/g, "'")
    .replaceAll(/[ \t]+/g, ' ')
    .trim()

/** A word that stands alone, as most of what a record holds does, says so only by being one of these. */
const ALONE = /priv|confiden|secret|internal|hush|prywatn|poufn/i

/** Whether somebody said with these words that they are for nobody outside. */
export const inConfidence = (text: string): boolean => {
  if (!/\s/.test(text) && !ALONE.test(text)) return false
  const known = judged.get(text)
  if (known !== undefined) return known
  const words = flat(text)
  const is = words !== '' && (PATTERNS.some((pattern) => pattern.test(words)) || words.split(CLAUSE).some(isKeptFrom))
  if (judged.size >= MOST_JUDGED) judged.clear()
  judged.set(text, is)
  return is
}

/** What was judged of the same words before: a record is cut for each of its readers, and again with each revision. */
const judged = new Map<string, boolean>()
const MOST_JUDGED = 20_000

/** Whether any words in a value were told in confidence: those of a list, a sheet, a remark. */
export function holdsConfidence(value: unknown): boolean {
  if (typeof value === 'string') return inConfidence(value)
  if (typeof value !== 'object' || value === null) return false
  return Object.values(value).some(holdsConfidence)
}

/** Words that only say so and tell nothing themselves: 'Keep that to ourselves.', 'Off the record.' */
const NOTHING_ELSE =
  /^(?:(?:and|but|so|ok|okay|right|please|just|also|by the way|now|well|look|listen|again|strictly|all|really|obviously|this|that|it|these|those|is|one|bit|part|next|last|following|stays?|remains?|keep|kept|to|you|we|i|yourself|ourselves|myself|yet|for|now|us|alone|only|the|a|an|note|remark|comment|of|on|in|with|from|out|me|anybody|anyone|nobody|else|my|say|speaking|said|him|her|them|client|owner|homeowner|customer|not|do|don't|dont|never|show|tell|mention|write|put|writing|record|off|quiet|private|privately|confidential|confidentially|between|secret|was|what|thing|about|any|word|needs?|know|must|should|copy|update|report|let)(?:'s|s)?[\s,.:;!?–—-]*)+$/

/** How a sentence that is told in confidence and says nothing itself points at others: `before` at what was just said,
 * `after` at what comes; null where it tells something itself. */
export function pointsAt(sentence: string): 'before' | 'after' | null {
  const words = flat(sentence)
  if (!inConfidence(words) || !NOTHING_ELSE.test(words)) return null
  if (/\b(?:next|following)\b/.test(words)) return 'after'
  return /\b(?:this|that|it|these|those|them|last)\b|'s\b/.test(words.replace(/\b(?:tell|show|to|from) them\b/, '')) ||
    /\b(?:show|tell|keep|mention|let|not for|write|put|word|hush|mum)\b/.test(words)
    ? 'before'
    : 'after'
}
