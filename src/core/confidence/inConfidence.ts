/** Words that say that something is for nobody outside, wherever they stand in it and however they were put in: spoken
 * with or without points, typed into a field, written under a photo. They err on the side of keeping: a word too many
 * kept is put right by a person, a word too many told is not. */
const CLIENT =
  '(?:clients?|owners?|homeowners?|customers?|tenants?|neighbou?rs?|landlords?|family|designer|architect|engineer|inspector|crew|trades?|lads|guys|anybody|anyone|anybody else|anyone else|them|him|her|people|others|outside)'
const THIS = '(?:this|that|it|these|those|the (?:price|cost|sum|number|margin)|all of (?:this|that|it))'
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
    `${NOT_TO} (?:put|write|type|note|say|leave|print|have|want|let) (?:${THIS}|anything|the ${CLIENT}|${CLIENT})(?: to)?(?: \\w+){0,3}? (?:in|on|into|down|know|see|hear|find out|read|learn|get wind|near)\\b`,
  ),
  new RegExp(
    `${NOT_TO} (?:put|write|say|note|use|mention) [^.!?,;]{1,40}? (?:in writing|down|anywhere|on paper)(?:\\b|$)`,
  ),
  new RegExp(`${NOT_TO} (?:write|let) (?:${THIS}|the ${CLIENT}|them)\\b`),
  /\b(?:not|never) to be (?:shown|told|shared|seen|passed on|published|repeated|mentioned)\b(?! (?:until|before|till))/,
  new RegExp(
    `\\bkeep(?:ing)? (?:${THIS}|him|them|everything|[a-z]+(?: [a-z]+){0,3}) (?:between|to (?:your|our|my)sel(?:f|ves)|private|quiet|confidential|secret|hidden from|under|in[- ]house|out of (?:the )?(?:${CLIENT}|update|report|copy|writing|their|his|her)|away from (?:the )?${CLIENT}|from (?:the )?${CLIENT})`,
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
  // the same in the other languages of the app
  /(?:^|[.!?;:,(]\s*)privad[oa]\b|\ben (?:privado|confianza)\b|\bentre nosotros\b|\bconfidencial\b|\bno (?:se )?(?:lo |la |les? )*(?:digas?|ense[nñ]es?|muestres?|cuentes?)\b/,
  /\bprywatn(?:ie|e|a|y)\b|\bpoufn(?:ie|e|a|y)\b|\bmi[eę]dzy nami\b|\bnie (?:pokazuj|m[oó]w|wspominaj)(?:cie)?\b/,
]

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
  const is = words !== '' && PATTERNS.some((pattern) => pattern.test(words))
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
    /\b(?:show|tell|keep|mention|let|not for|write|put)\b/.test(words)
    ? 'before'
    : 'after'
}
