import { SMALL_NUMBERS } from '../measure/spokenNumber'
import { ELEMENT_PHRASES } from './elementWords'

const PARTICIPLES =
  'shifted|drywalled|rocked|mudded|papered|pulled|stapled|swapped|foamed|ducted|vented|done|finished|complete|completed|gone(?! (?:for|with|to)\\b)|laid|set(?! at)|poured|dug|boarded|taped|painted|framed|hung|moved|fitted|installed|tiled|plastered|skimmed|roughed in|roughed|wired|insulated|built|stripped|demolished|demoed|gutted|grouted|sealed|connected|hooked up|fixed|replaced|repaired|patched|rebuilt|repointed|levelled|leveled|cut|blown in|sprayed|stained|sanded|cleared|backfilled|formed|stood|standing|delivered|swept|cleaned|mounted|clad|sided|wrapped|covered|closed up|capped|rendered|topped out|shored|propped|protected|sheathed|roofed|reframed|straightened|relocated|removed|rewired|replumbed|plumbed|screeded|carpeted|trimmed|caulked|glazed|terminated|buried|filled|nailed off|braced|strapped|blocked out|lined|hooked|soldered|welded|bolted|felted|slated|battened|flashed|tested|screwed|glued|clipped|tanked|waterproofed|compacted|tied|refinished|resurfaced|repainted|replastered|retiled|refitted|rehung|relaid|resealed|regrouted|reglazed'
const AT_END =
  '(?= *$| (?:now|already|and|but|though|too|as well|over|since|by|behind|except|apart|bar|but|both|today|yesterday|last|everywhere|throughout|for|round|around|here|in here|up there|down there|at last|finally|again|the walls?$|(?:on|in) (?:the|this|that|both)))'
const AT_END_STRICT =
  '(?= *$| (?:now|already|and|but|though|too|as well|except|apart|both|today|yesterday|last|everywhere|throughout|at last|finally|again|on (?:both|all|the(?: [a-z]+)?|one|each|this|that) (?:hand )?(?:sides?|walls?|floors?|faces?|ends?)))'
const STATE = new RegExp(
  `\\b(?<!\\bwall (?=(?:hung|mounted|fixed|fitted)\\b))(?<!first )(?:${PARTICIPLES})\\b(?! (?:shut|over)\\b)`,
)
const NOT_STANDING =
  '(?<!\\b(?:[a-z]+ing|torch|been|comes?|coming|goes?|going|moves?|straight|weeks?|days?|months?|put|take|run|turn|turned|here|this|these|those|look|looks|works?|depends?|waiting|live|lives|stays?|stay|keep|keeps|get|gets|getting|letting|let|lets|back|way|meets?|sits|hangs?|hanging|drop|drops|close|it|them|that|in|me|us|maxed|worn|sold|booked|burnt|burned|tired))'
const PARTICLE = new RegExp(
  `\\b[a-z]+${NOT_STANDING} (?:all |now |both |back |well |already |fully |mostly |finally )*(?:(?:in|on)${AT_END_STRICT}|(?:up|down|out|off)${AT_END})`,
)

/** Any other act that was done to a thing: 'the bedroom is papered'. What is done to people or in the mind is no progress. */
const PASSIVE = new RegExp(
  `^(?!(?:it is|he|she|we|i|you|they|nobody|everybody|who|client|owner)\\b).*\\b(?:is|are|has been|have been) (?:all |now |already |fully |both |just |well )*([a-z]{2,}ed)${AT_END_STRICT}`,
)
const NO_ACT =
  /^(?:need|shed|red|bed|speed|feed|seed|agreed|booked|scheduled|supposed|needed|wanted|expected|used|tired|worried|interested|locked|parked|allowed|called|named|shared|included|required|delayed|concerned|pleased|convinced|involved|related|limited|stored|stacked|ordered|quoted|priced|promised|owed|listed|planned|marked|measured|templated|confused|postponed|pushed|cancelled|canceled|scrapped|picked|chosen|kicked|warned|sorted|indeed|exposed|raised|crowded|finished|vaulted|pitched|sloped|sprung|arched|panelled|paneled|flagged|raised|occupied|rented|based|owned|aged|stored|dated|haunted|mixed|galvani[sz]ed|tapered|rated|reclaimed|salvaged|recycled|loaded|unloaded|stocked|dropped|tilted|matched|closed)$/
const isDoneTo = (norm: string): boolean => {
  const act = PASSIVE.exec(norm)?.[1]
  return act !== undefined && !NO_ACT.test(act)
}

const RUN = new RegExp(
  `\\b(?:is|are|been|all|both|has been) (?:all |now |already |both )*run\\b|\\brun${AT_END_STRICT}`,
)

/** A participle tells a state after its thing ('stair framed', 'boarded'), not before it ('fitted wardrobe'). */
function states(norm: string): boolean {
  // 'Pipes are run', not 'joists run the other way'.
  if (RUN.test(norm)) return true
  const match = STATE.exec(norm)
  if (!match) return false
  // 'The fitted wardrobe comes out'.
  const next = norm
    .slice(match.index + match[0].length)
    .trim()
    .split(' ')[0]!
  const before = norm.slice(0, match.index).trim().split(' ').at(-1)!
  if (ELEMENT_PHRASES.has(next) && !/^(?:is|are|was|were|been|has|have|all|half|not|and)$/.test(before)) return false
  return match.index > 0 || new RegExp(`^(?:${PARTICIPLES})${AT_END}`).test(norm)
}

const TENS = ['ten', 'twenty', 'thirty', 'forty', 'fifty', 'sixty', 'seventy', 'eighty', 'ninety']
/** 'Wiring is about sixty': a share, said without its word. */
const ABOUT_TENS = new RegExp(`\\b(?:is|are) (?:about|around|maybe|nearly|roughly) (${TENS.join('|')})$`)

/** How far something is, from the words that tell it; null where nothing of the kind is said, 'some' for a first coat. */
export function percentIn(told: string, spoken: number | null): number | 'some' | null {
  // 'Wires up here are stapled': where they are is not how far.
  const norm = told.replace(/ (?:up|down|out) (?:here|there)(?= (?:is|are|was|were|has|have)\b)/, '')
  if (/\bnot (?:a single )?one of\b|\bnone of (?:the|them|those|these)\b/.test(norm)) return 0
  if (spoken !== null) return spoken
  if (/\b(?:is|are|has|have|still|needs?|got) to be\b/.test(norm)) return null
  // 'Three eighty all in' is a price.
  if (
    /\b(?:quid|dollars?|bucks|grand|hundred|thousand|eighty|fifty|sixty|seventy|ninety|twenty|thirty|forty|\d{2,}) all in$/.test(
      norm,
    )
  )
    return null
  if (/\bnot (?:yet )?(?:shown|turned) up\b|\bnot up to\b/.test(norm)) return null
  if (
    /\b(?:has|have|is|are|was|were) not (?:been )?(?:yet )?(?:started|begun|touched)|\bnot (?:yet )?(?:started|begun)\b|\bno [a-z ]+ yet\b|\b(?:nothing|none|neither)\b.* (?:yet$|(?:[a-z]+ed|done|laid|hung|run|cut|dug|set|up|in)(?: yet)?$)|\byet to (?:start|begin)\b|\bunstarted\b/.test(
      norm,
    )
  )
    return 0
  if (
    /\b(?:is|are|has|have|was|were) not\b/.test(norm) &&
    !/\bnot (?:on|in) (?:the|any|our|my|his) (?:drawings?|plans?|list|schedule|quote|spec|paper|contract|price)\b/.test(
      norm,
    ) &&
    (/\bnot (?:yet )?(?:been )?(?:all )?(?:in|up|on|down|out|off|here|there|done|finished|fitted|laid|set|poured|hung|run|fixed|installed|painted|tiled|boarded|taped|framed|connected|complete|built|cut|dug|plastered|insulated|wired|grouted|sealed|moved|gone)\b/.test(
      norm,
    ) ||
      /\bnot(?: yet| either)?$/.test(norm))
  )
    return 0
  if (new RegExp(`^not (?:yet )?(?:been )?(?:${PARTICIPLES})(?: yet)?$`).test(norm)) return 0
  if (new RegExp(`\\b(?:is|are|was|were|has|have) not (?:yet )?(?:been )?(?:${PARTICIPLES})\\b`).test(norm)) return 0
  // 'cut but not fixed': begun, and nobody said how far.
  if (
    new RegExp(
      `\\b(?:but|just|only) (?:it |they |that )?(?:is |are |has |have )?not (?:yet )?(?:been )?(?:${PARTICIPLES}|[a-z]+ed)\\b`,
    ).test(norm)
  )
    return 'some'
  if (
    /\b(?:(?:is|are|was|were) not (?:yet )?(?:been )?|(?:has|have) not (?:yet )?been )[a-z]+ed(?: (?:in|up|off|out|on|down|over))?(?: yet)?$/.test(
      norm,
    )
  )
    return 0
  if (new RegExp(`\\bnot (?:yet )?(?:been )?(?:${PARTICIPLES})(?: yet)?$`).test(norm)) return 0
  if (
    /(?<!\bgoes? \w+ )(?<!\b(?:in|up|on|out|down|off) )\bnot (?:in|up|on|down|out|done|finished|laid|fitted)(?: yet)?$|\bnowhere near\b/.test(
      norm,
    )
  )
    return 0
  // 'Old pipes down here': where it is, not how it is.
  if (
    /^[a-z ]*\b(?:up|down|out) (?:here|there)\b/.test(norm) &&
    !/\b(?:is|are|all|s) (?:\w+ )?(?:up|down|out) (?:here|there)\b|\b(?:here|there) (?:is|are|has|have|was|were)\b/.test(
      norm,
    )
  )
    return null
  if (/\bof three quarters?$/.test(norm)) return null
  if (/\b(?:agreed|pays?|paying|split|cost|price|money)\b.*\b(?:half|third|quarter)\b/.test(norm)) return null
  const tens = ABOUT_TENS.exec(norm)?.[1]
  if (tens) return TENS.indexOf(tens) * 10 + 10
  if (
    /(?<!\S and )\bthree quarters?\b(?! (?:(?:of an )?inch|line|pipe|copper|supply|feed|ply|plywood|hose|valve|pex))/.test(
      norm,
    )
  )
    return 75
  const share = /\b(one|two|three|four|five|six|seven|eight|nine) (fifth|tenth)s?\b/.exec(norm)
  if (share) return SMALL_NUMBERS[share[1]!]! * (share[2] === 'fifth' ? 20 : 10)
  if (/\btwo thirds?\b/.test(norm)) return 67
  if (/\b(?:a|one) third\b/.test(norm)) return 33
  if (/\b(?:a|one|first) quarter\b(?! inch)/.test(norm) && !/\b(?:and a quarter|quarter inch)\b/.test(norm)) return 25
  if (/\bhalf (?:of it )?is (?:tomorrow|today|next|\w+day)\b/.test(norm)) return null
  if (
    /\b(?:halfway|half way|about half(?! an?\b)|half done|half in|half up|half finished|half out|half way|is half(?! an?\b)|are half(?! an?\b)|half of (?:it|them|the)|half the|roughly half|half laid|half on|half painted|half tiled|half boarded|around half)\b/.test(
      norm,
    ) ||
    /(?<!and a )\bhalf$/.test(norm)
  )
    return 50
  if (
    /\b(?:nearly|almost|just about|pretty much|close to|virtually|near enough|as good as) (?:all )?(?:done|there|finished|complete|in|up|out|on)\b|\bthere or thereabouts\b/.test(
      norm,
    )
  )
    return 90
  if (
    /^(?:(?:one|two|three|both|all) )?coats? (?:of \w+ )?(?:is |are )?(?:on|done|in)\b|\b(?:first|second|one|prime|primer|undercoat|mist|base|scratch) coat\b|\bprimed\b(?! (?:mdf|pine|poplar|fir|oak|softwood|hardwood|wood|white|boards?|timber))|\bin progress\b|\bunder ?way\b|\b(?:has|have) (?:just )?(?:started|begun)\b|\bstarted on\b|\bon the go\b/.test(
      norm,
    )
  )
    return 'some'
  // 'One box to pull down': it is still to be done.
  if (
    /\b(?:has|have|got|still) (?:\w+ ){1,3}to (?!(?:be|the|an?|my|our|their)\b)[a-z]+\b/.test(norm) &&
    !/\b(?:is|are) (?:all )?(?:in|on|up|done|out)\b/.test(norm)
  )
    return null
  if (/\b(?:is|are) (?:all )?(?:up|down|done|laid|on) (?:as far as|to) the\b/.test(norm)) return 'some'
  if (/\b(?:is|are) on (?:one|two|three|four) (?:sides?|walls?|faces?)\b|\bone side(?: only)?$/.test(norm))
    return 'some'
  if (/\b(?:has|have|had) not [a-z]+ed (?:up|in|on|out|off|down)$/.test(norm)) return 0
  if (BINNED.test(norm)) return 100
  if (/\b(?:has|have) (?:all )?(?:first|second) fixed\b/.test(norm)) return 100
  if (/^(?:nobody|no one)\b/.test(norm)) return null
  if (
    /\btrench(?:es)?(?: for (?:\w+ ){1,3})?(?: (?:is|are)|(?<=for (?:\w+ ){1,3})(?:is|are)) (?:all )?open\b/.test(norm)
  )
    return 100
  // 'Out by half an inch' is wrong; 'it holds the wall up' is no progress.
  if (
    /\b(?:out|off) by\b|\b(?:inch|inches|mm|mil|foot|\d) (?:out|off)\b(?! (?:of|the)\b)|\bdown to (?:about )?\S+ percent\b|\b(?:hold|hold(?:s|ing)|keep(?:s|ing)|prop(?:s|ping)) (?:the|it|that|them|up)\b/.test(
      norm,
    )
  )
    return null
  if (/\bnever [a-z]+ed\b/.test(norm)) return null
  // What is switched off is not gone.
  if (
    /\b(?:light|power|water|gas|heat|heating|boiler|circuit|breaker|alarm|pump|supply|fuse)s? (?:is|are) (?:all )?off(?= *$| (?:until|from|for|at|today|tomorrow|[a-z]+day)\b)/.test(
      norm,
    )
  )
    return null
  // '9 foot 2 finished' is a size.
  if (/\b(?:inch|inches|foot|feet|mm|\d) finished$/.test(norm)) return null
  if (/\b(?:gets?|goes|go) .*\bwhen\b/.test(norm)) return null
  if (/\bhaving (?:it|them|that|those|the \w+) [a-z]+ed\b/.test(norm)) return null
  if (/\bgets? [a-z]+ed\b/.test(norm) && !/\b(?:is|are|was|were|has|have)\b/.test(norm)) return null
  if (isDelivered(norm)) return null
  if (
    /\b(?:is|are|all) (?:off|(?:up|on|in|down|done) on) (?:one|two|three|four|most|some) (?:of the )?(?:walls?|sides?|faces?|floors?|rooms?)\b/.test(
      norm,
    )
  )
    return 'some'
  if (
    states(norm) ||
    isDoneTo(norm) ||
    PARTICLE.test(norm) ||
    /\b(?:is|are) (?:all |now |already )?in place\b/.test(norm)
  )
    return 100
  return null
}

/** Goods that came are on site, not built in. */
const isDelivered = (norm: string): boolean =>
  /\b(?:came in|come in|have come|has come|arrived|were delivered|was delivered|(?:is|are|has been|have been|got|just) delivered|turned up|showed up|(?:is|are) (?:here|on site)(?: now| already| at last)?$)\b/.test(
    norm,
  ) && !/\bnot\b/.test(norm)

const FUTURE =
  /\b(?:goes|go|going|will|tomorrow|needs?|wants?|to be|has to|have to|should|must|can(?! lights?\b)|could|gets?|when|once|if|let us|lets)\b/
export const isFuture = (norm: string): boolean => FUTURE.test(norm)
const BINNED = /\b(?:gone|went|is|are|all) (?:to|in|into) the (?:skip|bin|dumpster)\b/
/** What is pulled up when it goes: 'the carpet's up'. */
const LIFTED =
  /\b(?:carpet|lino|vinyl|underlay|floorboards?|(?:old )?floor(?:ing)?|old (?:\w+ )?tile)s? (?:is|are) (?:all )?up\b/
export const isGone = (norm: string): boolean =>
  BINNED.test(norm) ||
  /\b(?:ceiling|wall|chimney|shed|fence|plaster)s? came (?:down|off|away)\b/.test(norm) ||
  /\b(?:ceiling|wall|partition|soffit|plaster|chimney|shed)s? (?:is|are) (?:all |now )?down\b/.test(norm) ||
  LIFTED.test(norm) ||
  (/\b(?:is|are|was|were|all|s|has been|have been|[a-z]+s?) (?:all |now |already )?(?:out|gone(?! (?:for|with|to)\b)|off(?: the walls?)?|stripped|removed|abated|torn out|ripped out|demolished)\b(?! (?:the|of|to))/.test(
    norm,
  ) &&
    !/\b(?:comes?|coming|weeks|days|months|pumped|bailed|swept|washed|cleaned|mucked|hosed|sorted|run|roughed|trimmed|laid|filled|boxed|marked|kitted|dried|fitted|built|framed|move[sd]?|straight|goes|ducted|vented|piped|plumbed|wired) out\b/.test(
      norm,
    ))
